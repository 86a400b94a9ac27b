package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageView;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.route.PortRelation;

/** The ports of a cable, two at a time side by side, and in words what they are to each other. */
public final class EndsStage implements StageView {
    /** How many ends a cable may have. */
    static final int MOST_ENDS = 26;

    private final Session session;
    private final Overlay overlay;
    private final EndStrip strip;
    private final HBox columns = new HBox(12);
    private final Label relation = new Label();
    private final VBox view;
    private final Background background = new Background();
    private final Map<String, EndColumn> made = new LinkedHashMap<>();
    private final List<String> facing = new ArrayList<>();
    /** An end that is on its way to the disk and shall be on screen when it is there. */
    private Optional<String> awaited = Optional.empty();

    public EndsStage(Session session, Overlay overlay) {
        this.session = session;
        this.overlay = overlay;
        strip = new EndStrip(this::face, this::add);
        relation.getStyleClass().add("relation");
        relation.setWrapText(true);
        relation.setId("relation");
        VBox words = Panels.sheet(relation);
        words.getStyleClass().add("relation-strip");
        VBox.setVgrow(columns, Priority.ALWAYS);
        view = new VBox(8, strip, columns, words);
        view.getStyleClass().add("stage");
        view.setFocusTraversable(true);
    }

    @Override
    public Node view() {
        return view;
    }

    @Override
    public Optional<Node> dock() {
        return Optional.empty();
    }

    @Override
    public void show(Job job) {
        List<String> names = job.ends().stream().map(End::name).toList();
        made.keySet().retainAll(names);
        if (awaited.filter(names::contains).isPresent()) {
            String name = awaited.get();
            awaited = Optional.empty();
            facing.retainAll(names);
            if (facing.size() > 1 && !facing.contains(name)) {
                facing.removeFirst();
            }
            facing.add(name);
        }
        facing.retainAll(names);
        names.stream().filter(n -> !facing.contains(n)).limit(2L - facing.size()).toList()
                .forEach(facing::add);
        facing.sort(java.util.Comparator.comparingInt(names::indexOf));
        List<Node> wanted = new ArrayList<>();
        for (String name : facing) {
            wanted.add(made.computeIfAbsent(name, n -> new EndColumn(session, overlay, n)));
        }
        if (!wanted.equals(columns.getChildren())) {
            columns.getChildren().setAll(wanted);
            wanted.forEach(n -> HBox.setHgrow(n, Priority.ALWAYS));
        }
        strip.show(job, facing);
        facing.forEach(name -> made.get(name).show(job));
        background.run(() -> PortRelation.words(job), relation::setText);
    }

    /** Puts an end on screen; it takes the place of the one that it is not next to. */
    private void face(String name) {
        if (session.job().end(name).isEmpty()) {
            awaited = Optional.of(name);
            return;
        }
        if (!facing.contains(name)) {
            List<String> names = session.job().ends().stream().map(End::name).toList();
            boolean before = facing.size() > 1 && names.indexOf(name) < names.indexOf(facing.getFirst());
            if (facing.size() > 1) {
                facing.remove(before ? 1 : 0);
            }
            facing.add(name);
            show(session.job());
        }
    }

    private void add() {
        awaited = freeName(session.job());
        session.edit(j -> freeName(j).map(name -> {
            List<End> ends = new ArrayList<>(j.ends());
            ends.add(End.of(name, "", End.LEADS, List.of()));
            return j.withEnds(ends);
        }).orElse(j));
    }

    /** The first letter that no end has yet, while there may be more ends. */
    private static Optional<String> freeName(Job job) {
        return job.ends().size() >= MOST_ENDS
                ? Optional.empty()
                : IntStream.rangeClosed('A', 'Z').mapToObj(Character::toString)
                        .filter(name -> job.end(name).isEmpty()).findFirst();
    }

    /** Puts the cursor into the row of a contact. */
    public void focus(String end, String contact) {
        face(end);
        made.get(end).focus(contact);
    }

    /** Opens the gallery of connectors for an end, with some words typed into it. */
    public void gallery(String end, String words) {
        face(end);
        made.get(end).choose(words);
    }

    /** Opens the form for pasting a pinout, with some text in it. */
    public void paste(String end, String text, String source) {
        face(end);
        made.get(end).menu().paste(text, source);
    }

    /** Opens the comparison of an end's sources. */
    public void compare(String end) {
        face(end);
        made.get(end).menu().compare();
    }

    /** Opens the port detective for an end. */
    public void detective(String end) {
        face(end);
        made.get(end).menu().detective();
    }

    @Override
    public List<Action> actions() {
        return List.of(
                Action.of("flip", Keys.plain(KeyCode.F), () -> facing.forEach(name -> made.get(name).flip())),
                Action.byKey("tab", List.of(), Keys.shown(KeyCode.TAB), _ -> false),
                Action.byKey("zoom", List.of(), t("key.wheel"), _ -> false));
    }
}
