package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.DangerLine;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.stage.StageView;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.rules.Mains;
import wegweiser.files.workshop.ShelfFile;

/** Builds the cable: numbered steps, the connector from the wiring side, what to lay out. */
public final class MakeStage implements StageView {
    private final Session session;
    private final Choices choices;
    private final Overlay overlay;
    private final Background background = new Background();
    private final StepList steps = new StepList(this::select);
    private final Label hand = Panels.quiet("");
    private final StepView middle;
    private final MaterialsPanel materials;
    private final StepDock dock = new StepDock(this::done, this::back, this::skip);
    private final VBox hint;
    private final DangerLine danger = new DangerLine();
    private final ScrollPane right;
    private final HBox view;
    private final Timeline clock = new Timeline(new KeyFrame(Duration.seconds(1), _ -> tick()));
    private final StepWatch watch;
    private BenchProgress shown;
    private int current;
    private int running;
    private List<?> drawn = List.of();

    private record Shown(Job job, List<Step> steps, MaterialsPanel.Laid laid, boolean refused) {}

    public MakeStage(Session session, Choices choices, Overlay overlay, Consumer<StageId> go) {
        this.session = session;
        this.choices = choices;
        this.overlay = overlay;
        this.watch = new StepWatch(choices::learn, InstantSource.system());
        this.shown = new BenchProgress(List.of(), session.job(), Instant.EPOCH);
        ScrollPane list = Panels.scroll(steps);
        VBox.setVgrow(list, Priority.ALWAYS);
        hand.setMinWidth(Region.USE_PREF_SIZE);
        VBox left = Panels.sheet(Panels.line(Panels.heading(t("make.steps")), hand), list);
        left.setMinWidth(280);
        left.setPrefWidth(350);
        hand.setOnMouseClicked(_ -> choices.rightHandedProperty().set(!choices.rightHandedProperty().get()));
        hint = Panels.hint(t("make.none", StageId.ROUTE.shown()), t("empty.go-route"),
                () -> go.accept(StageId.ROUTE));
        middle = new StepView(choices, this::fitScreen);
        VBox sheet = Panels.sheet(danger, middle, hint);
        ScrollPane center = Panels.scroll(sheet);
        center.setFitToHeight(true);
        center.getStyleClass().add("sheet-scroll");
        HBox.setHgrow(center, Priority.ALWAYS);
        materials = new MaterialsPanel(session, overlay, () -> show(session.job()));
        right = Panels.scroll(materials);
        right.getStyleClass().add("sheet-scroll");
        right.setMinWidth(250);
        right.setPrefWidth(330);
        view = new HBox(12, left, center, right);
        view.getStyleClass().add("stage");
        view.setFocusTraversable(true);
        clock.setCycleCount(Animation.INDEFINITE);
        session.busyProperty().addListener((_, _, busy) -> {
            if (!busy) {
                // the job is changed in the same breath, unless the disk refused
                Platform.runLater(this::agree);
            }
        });
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
        if (isOfTheJob()) {
            // how far it is built is seen at once; what follows from the rest takes a moment
            shown = new BenchProgress(shown.steps(), job, Instant.now());
            if (shown.state(shown.steps().get(current)) != BenchProgress.State.OPEN) {
                current = next();
            }
            refresh();
        }
        boolean right = choices.rightHandedProperty().get();
        Derived derived = session.derived(job);
        ShelfFile shelf = session.shelf();
        // where none is open there is an empty job, which takes nothing
        Path file = session.file().orElse(Path.of(""));
        background.run(
                () -> new Shown(job, BenchSteps.of(derived, right), MaterialsPanel.Laid.of(file, job, shelf),
                        Mains.isIn(derived)),
                this::show);
    }

    private void show(Shown s) {
        boolean sameSteps = keys(shown.steps()).equals(keys(s.steps()));
        shown = new BenchProgress(s.steps(), s.job(), Instant.now());
        danger.showRefused(s.job());
        right.setVisible(!s.refused());
        hand.setText(t(choices.rightHandedProperty().get() ? "make.right" : "make.left"));
        if (!sameSteps || current >= s.steps().size()
                || shown.state(s.steps().get(current)) != BenchProgress.State.OPEN) {
            current = next();
        }
        materials.show(s.laid());
        refresh();
    }

    private static List<String> keys(List<Step> steps) {
        return steps.stream().map(Step::key).toList();
    }

    private int next() {
        return shown.next().map(s -> s.n() - 1).orElse(Math.max(0, shown.steps().size() - 1));
    }

    /** Draws what changed anything that is seen; a step that is ticked is told three times and drawn once. */
    private void refresh() {
        Job job = shown.job();
        List<?> picture = List.of(shown.steps(), current, job.done(), job.skipped(), job.waiting(),
                shown.running().size(), job.ends(), job.links(), job.cable(), job.connectors());
        if (picture.equals(drawn)) {
            return;
        }
        drawn = picture;
        boolean empty = shown.steps().isEmpty();
        hint.setVisible(empty && right.isVisible());
        middle.setVisible(!empty);
        steps.show(shown, current);
        running = shown.running().size();
        if (running > 0) {
            clock.play();
        } else {
            clock.stop();
        }
        if (empty) {
            dock.clear();
            return;
        }
        Step step = shown.steps().get(current);
        middle.show(shown.job(), step);
        watch.shown(step);
        dock.show(shown, step, shown.isFinished() ? t("make.all-done", StageId.PROVE.shown()) : "");
    }

    /** Each second while something waits: the time that is left, and what may be done once it is over. */
    private void tick() {
        BenchProgress now = new BenchProgress(shown.steps(), shown.job(), Instant.now());
        if (now.running().size() == running) {
            dock.tick(now.now());
            return;
        }
        boolean waited = !shown.steps().isEmpty()
                && shown.state(shown.steps().get(current)) == BenchProgress.State.RUNNING;
        shown = now;
        current = waited ? next() : current;
        refresh();
    }

    private void select(int k) {
        current = k;
        shown = new BenchProgress(shown.steps(), session.job(), Instant.now());
        refresh();
    }

    private void done() {
        if (!isOfTheJob()) {
            return;
        }
        Step step = shown.steps().get(current);
        List<Step> all = shown.steps();
        BenchProgress now = new BenchProgress(all, shown.job(), Instant.now());
        if (now.state(step) == BenchProgress.State.OPEN) {
            session.edit(job -> {
                BenchProgress written = new BenchProgress(all, job, Instant.now());
                return written.state(step) == BenchProgress.State.OPEN ? written.done(step) : job;
            });
            watch.done(step);
            goOn(now.done(step));
        }
    }

    /** Whether there are steps, and of the job that is open: a key belongs to what is seen, not to what is worked out. */
    private boolean isOfTheJob() {
        return !shown.steps().isEmpty() && isSameCable(shown.job(), session.job());
    }

    /** Whether two jobs differ in nothing that steps come from. */
    private static boolean isSameCable(Job a, Job b) {
        return a.ends().equals(b.ends()) && a.links().equals(b.links()) && a.cable().equals(b.cable())
                && a.kept().equals(b.kept()) && a.schools().equals(b.schools())
                && a.connectors().equals(b.connectors());
    }

    /**
     * On to the step after this one or, where that must wait, to what can be done meanwhile. A key may follow before the disk
     * has what was done.
     */
    private void goOn(Job soon) {
        if (!session.busyProperty().get()) {
            // where nothing may be changed nothing is on its way
            return;
        }
        shown = new BenchProgress(shown.steps(), soon, Instant.now());
        current = Math.min(current + 1, shown.steps().size() - 1);
        if (shown.state(shown.steps().get(current)) != BenchProgress.State.OPEN) {
            current = next();
        }
        refresh();
    }

    /** What was ticked and not kept is shown open again. */
    private void agree() {
        Job kept = session.job();
        if (!session.busyProperty().get() && isOfTheJob() && !(kept.done().equals(shown.job().done())
                && kept.skipped().equals(shown.job().skipped()))) {
            shown = new BenchProgress(shown.steps(), kept, Instant.now());
            current = next();
            refresh();
        }
    }

    private void back() {
        if (current > 0) {
            select(current - 1);
            Step step = shown.steps().get(current);
            List<Step> all = shown.steps();
            session.edit(job -> new BenchProgress(all, job, Instant.now()).reopened(step));
        }
    }

    private void skip() {
        if (!isOfTheJob()) {
            return;
        }
        Step step = shown.steps().get(current);
        List<Step> all = shown.steps();
        if (shown.job().isSettled(step.key(), Instant.now())) {
            return;
        }
        SkipForm form = SkipForm.of(step, BenchSteps.dependents(all, step.key()),
                reason -> {
                    session.edit(job -> new BenchProgress(all, job, Instant.now()).skipped(step, reason));
                    goOn(new BenchProgress(all, shown.job(), Instant.now()).skipped(step, reason));
                }, overlay::down);
        overlay.up(form.form());
        form.reason().requestFocus();
    }

    private void fitScreen() {
        ScreenRuler ruler = new ScreenRuler(choices.pixelsPerMmProperty().get(), choices::fitScreen,
                overlay::down);
        overlay.up(ruler);
        ruler.begin();
    }

    private void size() {
        if (!shown.steps().isEmpty()) {
            SizingPanel panel = new SizingPanel(session, overlay::down);
            overlay.up(panel);
            panel.begin();
        }
    }

    private void batch() {
        BatchPanel panel = new BatchPanel(session, choices, overlay::down);
        overlay.up(panel);
        panel.begin();
    }

    @Override
    public List<Action> actions() {
        List<Action> all = new ArrayList<>(List.of(Action.of("done", Keys.plain(KeyCode.SPACE), this::done),
                Action.of("step-back", Keys.plain(KeyCode.BACK_SPACE), this::back).when(() -> current > 0),
                Action.of("step-skip", Keys.plain(KeyCode.S), this::skip)
                        .when(() -> !shown.steps().isEmpty()),
                Action.byKey("step", Keys.plain(KeyCode.UP, KeyCode.DOWN), "↑ ↓",
                        e -> look(e.getCode() == KeyCode.UP ? -1 : 1)),
                Action.of("flip", Keys.plain(KeyCode.F), middle::flip),
                Action.of("batch", Keys.plain(KeyCode.B), this::batch).when(() -> !shown.steps().isEmpty()),
                Action.of("sizing", Keys.plain(KeyCode.L), this::size).when(() -> !shown.steps().isEmpty())));
        choices.pedalProperty().get().ifPresent(
                k -> all.add(Action.byKey("pedal", Keys.plain(k), Keys.shown(k), _ -> {
                    done();
                    return true;
                })));
        return all;
    }

    private boolean look(int by) {
        if (current + by < 0 || current + by >= shown.steps().size()) {
            return false;
        }
        select(current + by);
        return true;
    }
}
