package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.NameForm;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.stage.StageView;
import wegweiser.core.model.Job;
import wegweiser.files.workshop.BenchJob;
import wegweiser.files.workshop.JobFolder;
import wegweiser.files.workshop.JobIndex;

/** The first screen: what lies before a person, and the jobs on the bench. */
public final class BenchStage implements StageView {
    /** So many are read before the first picture; the rest while it is looked at. */
    private static final int FIRST = 8;

    private final Session session;
    private final Overlay overlay;
    private final Doors doors;
    private final Runnable listed;
    private final JobFolder folder;
    private final JobIndex index;
    private final Cards cards;
    private final Deeds deeds;
    private final Background listing = new Background();
    private final Background reading = new Background();
    private final TextField search = new TextField();
    private final Label count = Panels.quiet("");
    private final ToggleButton away = bar("bench-away", "");
    private final JobList list;
    private final VBox hint;
    private final WaysIn ways;
    private final ShelfPanel shelf;
    private final HBox view;
    private final WaitingList waiting;
    private List<Path> files = List.of();
    private Set<String> aside = Set.of();
    private boolean stale = true;

    private record Listed(List<Path> all, List<Path> shown, Set<String> away, String trouble) {}

    /** @param listed run whenever the jobs were listed anew */
    public BenchStage(Session session, Choices choices, Overlay overlay, Doors doors,
            Runnable listed) {
        this.session = session;
        this.listed = listed;
        this.overlay = overlay;
        this.doors = doors;
        folder = new JobFolder(session.workshop());
        index = new JobIndex(session.workshop());
        deeds = new Deeds(folder, session.notices(), () -> {
            // the job that is open may have another name now
            session.takeIn();
            again();
            shelfAgain();
        });
        cards = new Cards(index, job -> Card.of(job, choices.testing(),
                choices.rightHandedProperty().get()), this::ready);
        list = new JobList(cards, index::glance, this::open, ofAJob());
        choices.fixtureProperty().addListener((_, _, _) -> cards.forget());
        choices.enoughProperty().addListener((_, _, _) -> cards.forget());
        choices.commaProperty().addListener((_, _, _) -> cards.forget());
        search.setPromptText(t("bench.search"));
        search.setId("bench-search");
        search.textProperty().addListener(_ -> filter());
        search.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        HBox.setHgrow(search, Priority.ALWAYS);
        search.setMaxWidth(320);
        away.setOnAction(_ -> again());
        Region space = new Region();
        HBox.setHgrow(space, Priority.SOMETIMES);
        ToggleButton toShelf = bar("bench-to-shelf", t("shelf.title"));
        ToggleButton toJobs = bar("bench-to-jobs", t("bench.jobs"));
        Label heading = Panels.heading(t("bench.jobs"));
        heading.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = new HBox(14, heading, search, space, count, away, toShelf);
        head.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        hint = empty();
        StackPane place = new StackPane(list, hint);
        VBox.setVgrow(place, Priority.ALWAYS);
        waiting = new WaitingList(file -> doors.open(file, Optional.of(StageId.MAKE)));
        VBox middle = Panels.sheet(head, waiting, place);
        shelf = new ShelfPanel(session, overlay, deeds, toJobs);
        ways = new WaysIn(new Beginnings(session, overlay, doors, index));
        view = new Columns(ways, middle, shelf, toShelf, toJobs, choices.textPercentProperty());
        view.setFocusTraversable(true);
    }

    private static ToggleButton bar(String id, String words) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        button.getStyleClass().add("bar-toggle");
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    private void shelfAgain() {
        shelf.again();
    }

    private VBox empty() {
        Label words = new Label(t("bench.empty"));
        words.getStyleClass().add("empty-words");
        words.setWrapText(true);
        Button demo = new Button(t("bench.demo"));
        demo.setId("bench-demo");
        demo.setOnAction(_ -> doors.demo());
        VBox box = new VBox(12, words, demo);
        box.setAlignment(javafx.geometry.Pos.CENTER);
        box.setMaxSize(460, Region.USE_PREF_SIZE);
        box.setVisible(false);
        return box;
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
        again();
        shelf.again();
    }

    /** Lists the jobs anew: those in sight first, then all of them, so that they can be searched. */
    private void again() {
        stale = true;
        String typed = search.getText().strip();
        boolean all = away.isSelected();
        listing.run(() -> {
            Listed found = list(typed, all);
            found.shown().stream().limit(FIRST).forEach(index::read);
            return found;
        }, found -> {
            stale = false;
            show(found, typed);
        });
    }

    /** Shows those of the listed jobs that match; the folder is not looked at again for every letter. */
    private void filter() {
        if (stale) {
            // a letter must not put off what was to be listed anew
            again();
            return;
        }
        String typed = search.getText().strip();
        boolean all = away.isSelected();
        List<Path> listedFiles = files;
        Set<String> gone = aside;
        listing.run(() -> new Listed(listedFiles, chosen(listedFiles, gone, typed, all), gone, ""),
                found -> show(found, typed));
    }

    private List<Path> chosen(List<Path> all, Set<String> gone, String typed, boolean putAway) {
        return all.stream()
                .filter(f -> !typed.isEmpty()
                        ? index.known(f).matches(typed)
                        : gone.contains(f.getFileName().toString()) == putAway)
                .toList();
    }

    private Listed list(String typed, boolean putAway) {
        Set<String> gone = folder.away();
        try {
            List<Path> all = index.files();
            List<Path> shown = chosen(all, gone, typed, putAway);
            return new Listed(all, shown, gone, "");
        } catch (IOException e) {
            return new Listed(List.of(), List.of(), gone, t("notice.jobs", Session.reason(e)));
        }
    }

    private void show(Listed found, String typed) {
        files = found.all();
        aside = found.away();
        long asideNow = files.stream().filter(f -> found.away().contains(f.getFileName().toString())).count();
        away.setText(t("bench.away", asideNow));
        away.setVisible(asideNow > 0 || away.isSelected());
        away.setManaged(away.isVisible());
        count.setText(typed.isEmpty() ? t("bench.by-touch") : t("jobs", found.shown().size()));
        list.show(found.shown(), found.away(), session.file());
        boolean none = found.shown().isEmpty();
        hint.setVisible(none);
        ((Label) hint.getChildren().getFirst()).setText(!typed.isEmpty()
                ? t("bench.no-match", typed)
                : away.isSelected() ? t("bench.none-away") : t("bench.empty"));
        hint.getChildren().getLast().setVisible(files.isEmpty());
        list.setVisible(!none);
        listed.run();
        if (!found.trouble().isEmpty()) {
            session.notices().warn(found.trouble());
        }
        List<Path> rest = files;
        Set<String> gone = aside;
        reading.run(() -> {
            return WaitingList.of(rest.stream().filter(f -> !gone.contains(f.getFileName().toString()))
                    .map(index::read).toList(), Instant.now());
        }, waiting::show);
    }

    private void ready(Card card) {
        list.ready(card);
    }

    /** How many jobs lie on the bench and are put away, in words. */
    public String summary() {
        long gone = files.stream().filter(f -> aside.contains(f.getFileName().toString())).count();
        String here = t("bench.count", files.size() - gone);
        return gone == 0 ? here : here + " · " + t("bench.away", gone);
    }

    private Optional<BenchJob> chosen() {
        return Optional.ofNullable(list.getSelectionModel().getSelectedItem()).map(index::glance);
    }

    private void open() {
        chosen().ifPresent(job -> doors.open(job.file(), Optional.empty()));
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case DOWN -> list.move(1);
            case UP -> list.move(-1);
            case ENTER -> open();
            case ESCAPE -> {
                search.clear();
                view.requestFocus();
            }
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void rename() {
        chosen().ifPresent(job -> {
            NameForm form = new NameForm(t("rename.title"), t("rename.hint"), name -> {
                deeds.rename(job.file(), job.title(), name);
                return Optional.empty();
            }, overlay::down);
            overlay.up(form);
            form.begin(job.title());
        });
    }

    private void remove() {
        chosen().ifPresent(job -> {
            doors.leave(job.file());
            deeds.remove(job.file(), job.title());
        });
    }

    private boolean isAway() {
        return chosen().filter(j -> aside.contains(j.file().getFileName().toString())).isPresent();
    }

    /** What can be done to the chosen job. */
    private List<Action> ofAJob() {
        return List.of(Action.of("job-open", Keys.plain(KeyCode.ENTER), this::open),
                Action.of("job-beside", List.of(), () -> chosen().ifPresent(j -> doors.beside(j.file()))),
                Action.of("job-rename", Keys.plain(KeyCode.F2), this::rename),
                Action.of("job-duplicate", Keys.shifted(KeyCode.D),
                        () -> chosen().ifPresent(j -> deeds.duplicate(j.file(), j.title()))),
                Action.of("job-away", Keys.shifted(KeyCode.A),
                        () -> chosen().ifPresent(j -> deeds.putAway(j.file(), j.title(), !isAway())))
                        .named(() -> t(isAway() ? "do.job-out" : "do.job-away")),
                Action.of("job-remove", Keys.plain(KeyCode.DELETE), this::remove)).stream()
                .map(a -> a.when(() -> chosen().isPresent() && !session.busyProperty().get())).toList();
    }

    @Override
    public List<Action> actions() {
        List<Action> all = new ArrayList<>(ways.actions());
        all.addAll(ofAJob());
        all.addAll(shelf.actions());
        all.add(Action.byKey("job-choose", Keys.plain(KeyCode.UP, KeyCode.DOWN), "↑ ↓", e -> {
            list.move(e.getCode() == KeyCode.UP ? -1 : 1);
            return true;
        }));
        // the letter itself follows as a typed one, and lands in the field
        all.add(Action.byKey("bench-filter", Keys.ALPHABET, "a … z", _ -> {
            search.requestFocus();
            search.end();
            return true;
        }));
        return all;
    }

    @Override
    public Optional<Node> search() {
        return Optional.of(search);
    }

    /** What undoing would undo of what was done to whole jobs, in words. */
    public Optional<String> undoes() {
        return deeds.undoes();
    }

    public Optional<String> redoes() {
        return deeds.redoes();
    }

    public void undo() {
        deeds.undo();
    }

    public void redo() {
        deeds.redo();
    }
}
