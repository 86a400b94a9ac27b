package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.io.File;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import wegweiser.app.actions.Action;
import wegweiser.app.bench.BenchStage;
import wegweiser.app.controls.Overlay;
import wegweiser.app.ends.EndsStage;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.Progress;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.stage.StageView;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Testing;
import wegweiser.files.job.JobFile;

/** The shell: signpost above, the stage in the middle, its dock below, and what pops up over them. */
public final class MainWindow {
    private final Session session;
    private final Choices choices;
    private final WindowForms forms;
    private final StackPane root = new StackPane();
    private final BorderPane frame = new BorderPane();
    private final SignpostBar bar;
    private final Stages stages;
    private final Background background = new Background();
    private final Overlay overlay = new Overlay(root);
    private final WindowKeys keys;
    private final WaitWatch waits;
    private final WorkView work;
    private final List<Action> everywhere;
    private final Outside outside;
    private final FirstSteps lessons;
    private final ReadOnlyStringWrapper title = new ReadOnlyStringWrapper("");
    private StageId here = StageId.BENCH;

    /** A window that shows the open job where it goes on, and the bench where none is open. */
    public MainWindow(Session session) {
        this(session, session.isOpen() ? start(session.job()) : StageId.BENCH, Outside.NONE);
    }

    /** A window that shows a stage first. */
    public MainWindow(Session session, StageId first, Outside outside) {
        this.session = session;
        this.outside = outside;
        this.choices = new Choices(session.workshop());
        this.forms = new WindowForms(this, session, overlay);
        everywhere = WindowActions.of(this);
        bar = new SignpostBar(this::go, this::find, () -> WindowMenu.groups(everywhere));
        stages = new Stages(session, choices, overlay, this);
        root.getStyleClass().add("wegweiser");
        root.getChildren().add(frame);
        frame.setMinSize(0, 0);
        frame.setTop(bar);
        lessons = new FirstSteps(session.workshop(), frame);
        work = new WorkView(session.notices());
        root.getChildren().addAll(lessons, work, new MessageView(session.notices()));
        session.jobProperty().addListener((_, before, now) -> {
            refresh();
            lessons.changed(before, now, session.file());
        });
        session.savedProperty().addListener(_ -> title());
        choices.nightProperty().addListener(_ -> night());
        choices.commaProperty().addListener(_ -> {
            session.sayAnew();
            refresh();
        });
        choices.fixtureProperty().addListener(_ -> refresh());
        choices.enoughProperty().addListener(_ -> refresh());
        waits = new WaitWatch(session, this::refresh, Instant::now);
        keys = new WindowKeys(this, overlay, everywhere);
        keys.hear(root);
        root.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        });
        root.setOnDragDropped(e -> {
            e.setDropCompleted(dropped(e.getDragboard().getFiles().stream().map(File::toPath).toList()));
            e.consume();
        });
        night();
        go(first);
    }

    /** The stage that a job is shown at where nothing else is said. */
    public static StageId start(Job job) {
        return job.ends().size() < 2
                ? StageId.ENDS
                : job.links().isEmpty() && !job.readings().isEmpty() ? StageId.TRACE : StageId.ENDS;
    }

    /** The window is gone: nothing is told any more. */
    public void closed() {
        waits.stop();
        work.end();
    }

    /** Gives up what is being worked out and takes long. */
    void stopWork() {
        work.stop();
    }

    public Parent root() {
        return root;
    }

    public Session session() {
        return session;
    }

    public Choices choices() {
        return choices;
    }

    /** What is asked before something is done. */
    WindowForms forms() {
        return forms;
    }

    Outside outside() {
        return outside;
    }

    /** What stands over the window: the open job, or the bench. */
    public ReadOnlyStringProperty titleProperty() {
        return title.getReadOnlyProperty();
    }

    /** Takes files that were dropped on the window: the first job among them is opened. */
    public boolean dropped(List<Path> files) {
        Optional<Path> job = files.stream().filter(f -> f.getFileName().toString().endsWith(JobFile.ENDING))
                .findFirst();
        if (job.isEmpty()) {
            session.notices().warn(t("notice.dropped", JobFile.ENDING));
            return false;
        }
        new BenchDoors(this, session, outside).open(job.get(), Optional.empty());
        return true;
    }

    /** Gives a scene of this window its stylesheet, in the size of text that the person chose. */
    public void dress(Scene scene) {
        scene.getStylesheets().setAll(Look.sheet(choices.textPercentProperty().get()));
        choices.textPercentProperty().addListener(
                (_, _, percent) -> scene.getStylesheets().setAll(Look.sheet(percent.intValue())));
    }

    private void night() {
        root.getStyleClass().remove("night");
        if (choices.nightProperty().get()) {
            root.getStyleClass().add("night");
        }
    }

    /** When the window comes to the front, what others did to the job is taken in; keys let go elsewhere are up. */
    public void focused(boolean front) {
        keys.forget();
        if (front) {
            session.lookAgain();
            if (here == StageId.BENCH) {
                refresh();
            }
        }
    }

    /** Teaches nothing any more. */
    public void knowsAll() {
        lessons.skip();
    }

    /** Goes to a stage; to the bench where it would show a job and none is open. */
    public void go(StageId wanted) {
        StageId id = wanted.needsJob() && !session.isOpen() ? StageId.BENCH : wanted;
        here = id;
        StageView stage = stages.get(id);
        frame.setCenter(stage.view());
        frame.setBottom(stage.dock().orElse(null));
        hear(stage, id);
        bar.showHere(id);
        refresh();
        lessons.show(id, session.job(), session.file());
        javafx.application.Platform.runLater(() -> {
            // whatever was put up over the stage meanwhile keeps the focus
            if (!overlay.isUp()) {
                stage.view().requestFocus();
            }
        });
    }

    /** Whoever listens hears what a stage asks for, since the stage itself has the focus. */
    private static void hear(StageView stage, StageId id) {
        Node view = stage.view();
        view.setAccessibleRole(AccessibleRole.TEXT);
        if (view.accessibleTextProperty().isBound()) {
            return;
        }
        stage.dock().ifPresentOrElse(
                dock -> view.accessibleTextProperty().bind(dock.accessibleTextProperty()),
                () -> view.setAccessibleText(t(id.key())));
    }

    /** Changes the job as a stage would. */
    public void edit(java.util.function.UnaryOperator<Job> edit) {
        session.edit(edit);
    }

    public void chooseFixture(wegweiser.core.advice.Fixture fixture) {
        choices.fixtureProperty().set(fixture);
    }

    public void chooseNight(boolean night) {
        choices.nightProperty().set(night);
    }

    /** Records the unit that is being proved. */
    public void record() {
        stages.prove().record();
    }

    public void clearNotice() {
        session.notices().clear();
    }

    public StageId here() {
        return here;
    }

    void refresh() {
        title();
        stages.get(here).show(session.job());
        Job job = session.job();
        if (!here.needsJob()) {
            background.stop();
            return;
        }
        var testing = choices.testing();
        Derived derived = session.derived(job);
        background.run(() -> {
            Progress progress = Progress.of(derived, testing);
            return session.recorded(job).map(progress::recorded).orElse(progress);
        }, bar::show, bar::showNothing);
    }

    void title() {
        TitleWords words = TitleWords.of(session, here, () -> bench().summary());
        bar.showJob(words.name(), words.about());
        title.set(words.window());
    }

    /** The bench. */
    BenchStage bench() {
        return stages.bench();
    }

    /** Whether the bench is up, where undo is about whole jobs. */
    boolean isOnBench() {
        return here == StageId.BENCH;
    }

    /** Shows the keys of this stage. */
    public void help() {
        overlay.help(t("help.title", t(here.key())), stages.get(here).actions(), everywhere);
    }

    /** What can be done at a stage, which is put up for it. */
    public List<Action> actions(StageId id) {
        return stages.get(id).actions();
    }

    /** What can be done everywhere. */
    public List<Action> everywhere() {
        return everywhere;
    }

    /** Opens the list of everything that can be done or opened. */
    public void find() {
        overlay.find(Finder.entries(this));
        Background.errand(() -> Finder.units(this), overlay::found);
    }

    /** Opens the list of jobs. */
    void openOther() {
        overlay.find(Finder.jobs(this));
    }

    /** Where words are typed to find something: in the list of this stage, else in the list of everything. */
    void search() {
        stages.get(here).search().ifPresentOrElse(Node::requestFocus, this::find);
    }

    /** Shows a unit of the log, by the number on its label. */
    void unit(String label) {
        go(StageId.LOG);
        stages.get(StageId.LOG).search().filter(TextField.class::isInstance).map(TextField.class::cast)
                .ifPresent(f -> f.setText(label));
    }

    void contact(String end, String contact) {
        EndsStage ends = ends();
        javafx.application.Platform.runLater(() -> ends.focus(end, contact));
    }

    /** Writes a copy of the open job. */
    public void exportTo(Path target) {
        Job job = session.job();
        Background.errand(() -> Jobs.export(job, target), session.notices()::show);
    }

    /** Goes to the ends. */
    public EndsStage ends() {
        go(StageId.ENDS);
        return stages.ends();
    }

    /** The file of the open job. */
    public Path file() {
        return session.file().orElseThrow();
    }

    /** Opens the ladder plug of the second end. */
    public void ladder() {
        go(StageId.TRACE);
        stages.trace().ladder();
    }

    /** Goes to Trace and puts up the dock for loose leads, or takes it away. */
    public void loose(boolean on) {
        go(StageId.TRACE);
        stages.trace().loose(on);
    }

    /** Begins an empty job, at its ends. */
    public void begin() {
        new BenchDoors(this, session, outside).begin(Jobs.blank(), StageId.ENDS);
    }

    /** Opens another job. */
    public boolean open(Path file) {
        return session.open(file);
    }

    /** Takes away what lies over the window. */
    public void closeOverlay() {
        overlay.down();
    }

    /** Writes the sheet of the open job beside its workshop. */
    public void sheet() {
        Path written = Jobs.sheetFile(session);
        Job job = session.job();
        Testing testing = choices.testing();
        Background.errand(() -> Jobs.writeSheet(job, written, testing), session.notices()::show);
    }
}
