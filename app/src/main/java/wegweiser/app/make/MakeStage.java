package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.FacePanel;
import wegweiser.app.controls.Faces;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.stage.StageView;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.SetAside;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;
import wegweiser.files.workshop.ShelfFile;

/** Builds the cable: numbered steps, the connector from the wiring side, what to lay out. */
public final class MakeStage implements StageView {
    private final Session session;
    private final Choices choices;
    private final Background background = new Background();
    private final StepList steps = new StepList(this::select);
    private final Label hand = Panels.quiet("");
    private final FacePanel face = new FacePanel();
    private final Label where = new Label();
    private final Label meaning = Panels.quiet("");
    private final Label check = new Label();
    private final Label caution = new Label();
    private final MaterialsPanel materials;
    private final StepDock dock = new StepDock(this::done, this::back);
    private final VBox hint;
    private final HBox view;
    private List<Step> shown = List.of();
    private int current;

    private record Shown(Job job, List<Step> steps, MaterialsPanel.Laid laid) {}

    public MakeStage(Session session, Choices choices, Overlay overlay, Consumer<StageId> go) {
        this.session = session;
        this.choices = choices;
        ScrollPane list = Panels.scroll(steps);
        VBox.setVgrow(list, Priority.ALWAYS);
        hand.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        VBox left = Panels.sheet(Panels.line(Panels.heading(t("make.steps")), hand), list);
        left.setMinWidth(280);
        left.setPrefWidth(350);
        hand.setOnMouseClicked(_ -> choices.rightHandedProperty().set(!choices.rightHandedProperty().get()));
        where.getStyleClass().add("make-where");
        Panels.whole(check);
        Panels.whole(caution);
        caution.getStyleClass().add("caution");
        caution.managedProperty().bind(caution.textProperty().isNotEmpty());
        check.managedProperty().bind(check.textProperty().isNotEmpty());
        meaning.setAlignment(javafx.geometry.Pos.CENTER);
        VBox words = new VBox(6, where, meaning, check, caution);
        words.setAlignment(javafx.geometry.Pos.CENTER);
        hint = Panels.hint(t("make.none", StageId.ROUTE.shown()), t("empty.go-route"),
                () -> go.accept(StageId.ROUTE));
        VBox middle = Panels.sheet(face, words, hint);
        VBox.setVgrow(face, Priority.ALWAYS);
        face.managedProperty().bind(face.visibleProperty());
        ScrollPane center = Panels.scroll(middle);
        center.setFitToHeight(true);
        center.getStyleClass().add("sheet-scroll");
        HBox.setHgrow(center, Priority.ALWAYS);
        materials = new MaterialsPanel(session, overlay, () -> show(session.job()));
        ScrollPane right = Panels.scroll(materials);
        right.getStyleClass().add("sheet-scroll");
        right.setMinWidth(250);
        right.setPrefWidth(330);
        view = new HBox(12, left, center, right);
        view.getStyleClass().add("stage");
        view.setFocusTraversable(true);
        choices.rightHandedProperty().addListener(_ -> show(session.job()));
    }

    @Override
    public Node view() {
        return view;
    }

    @Override
    public Optional<Node> dock() {
        return Optional.of(dock);
    }

    @Override
    public void show(Job job) {
        boolean right = choices.rightHandedProperty().get();
        Derived derived = session.derived(job);
        ShelfFile shelf = session.shelf();
        // where none is open there is an empty job, which takes nothing
        Path file = session.file().orElse(Path.of(""));
        background.run(
                () -> new Shown(job, BenchSteps.of(derived, right), MaterialsPanel.Laid.of(file, job, shelf)),
                this::show);
    }

    private void show(Shown s) {
        boolean sameSteps = shown.stream().map(Step::key).toList()
                .equals(s.steps().stream().map(Step::key).toList());
        shown = s.steps();
        hand.setText(t(choices.rightHandedProperty().get() ? "make.right" : "make.left"));
        int firstOpen = firstOpen(s.job());
        if (!sameSteps || current >= shown.size() || s.job().done().contains(shown.get(current).key())) {
            current = Math.min(firstOpen, Math.max(0, shown.size() - 1));
        }
        materials.show(s.laid());
        refresh(s.job());
    }

    private int firstOpen(Job job) {
        for (int k = 0; k < shown.size(); k++) {
            if (!job.done().contains(shown.get(k).key())) {
                return k;
            }
        }
        return Math.max(0, shown.size() - 1);
    }

    private void refresh(Job job) {
        hint.setVisible(shown.isEmpty());
        steps.show(job, shown, current);
        if (shown.isEmpty()) {
            face.setVisible(false);
            where.setText("");
            meaning.setText("");
            check.setText("");
            caution.setText("");
            dock.show(Optional.empty(), 0, false, "");
            return;
        }
        Step step = shown.get(current);
        Optional<End> end = job.end(step.end());
        face.setVisible(true);
        End seen = end.orElse(job.ends().getFirst());
        face.show(seen, Catalogue.of(job).of(seen), Faces.marks(seen, step.lit(), Faces.wires(job)));
        where.setText(step.lit().size() == 1
                ? step.lit().getFirst().end() + " · " + step.lit().getFirst().contact()
                : "");
        meaning.setText(meaning(job, step));
        check.setText(step.check().isEmpty() ? "" : t("make.right-when", step.check()));
        caution.setText(step.caution());
        boolean ticked = job.done().contains(step.key());
        boolean all = shown.stream().allMatch(s -> job.done().contains(s.key()));
        dock.show(Optional.of(step), shown.size(), ticked,
                all ? t("make.all-done", StageId.PROVE.shown()) : "");
    }

    private static String meaning(Job job, Step step) {
        if (step.lit().size() != 1) {
            return step.detail();
        }
        return job.links().stream().filter(l -> l.touches(step.lit().getFirst())).findFirst()
                .flatMap(l -> l.why()).orElse(step.detail());
    }

    private void select(int k) {
        current = k;
        refresh(session.job());
    }

    /** Ticks the current step. The first tick means a new cable: readings of the old one are set aside. */
    private void done() {
        if (shown.isEmpty()) {
            return;
        }
        String key = shown.get(current).key();
        session.edit(job -> {
            if (job.done().contains(key)) {
                return job;
            }
            Job fresh = job.done().isEmpty() ? job.withReadingsSetAside(SetAside.BEFORE_BUILDING) : job;
            List<String> done = new ArrayList<>(fresh.done());
            done.add(key);
            return fresh.withDone(done);
        });
        if (current < shown.size() - 1) {
            current++;
        }
        steps.reveal(current);
    }

    private void back() {
        if (current > 0) {
            select(current - 1);
            String key = shown.get(current).key();
            session.edit(job -> job.withDone(job.done().stream().filter(k -> !k.equals(key)).toList()));
        }
    }

    @Override
    public List<Action> actions() {
        return List.of(Action.of("done", Keys.plain(KeyCode.SPACE), this::done),
                Action.of("step-back", Keys.plain(KeyCode.BACK_SPACE), this::back).when(() -> current > 0),
                Action.byKey("step", Keys.plain(KeyCode.UP, KeyCode.DOWN), "↑ ↓",
                        e -> look(e.getCode() == KeyCode.UP ? -1 : 1)),
                Action.of("flip", Keys.plain(KeyCode.F), face::flip));
    }

    private boolean look(int by) {
        if (current + by < 0 || current + by >= shown.size()) {
            return false;
        }
        select(current + by);
        return true;
    }

    /** The default number format of lengths typed here. */
    static Optional<Double> metresTyped(String text) {
        try {
            double metres = Quantity.parse(text, Unit.METRE);
            return metres > 0 && metres < 1000 ? Optional.of(metres) : Optional.empty();
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
    }

    /** Length in words for the editor. */
    static String lengthWords(Job job) {
        return job.cable().lengthMm().isPresent()
                ? Words.number(job.cable().lengthMm().getAsDouble() / 1000)
                : "";
    }
}
