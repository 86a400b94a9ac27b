package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.PortValue;
import wegweiser.app.controls.ProbeDock;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.core.advice.Advisor;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.ladder.LadderPlug;
import wegweiser.core.ladder.LadderSettling;
import wegweiser.core.ladder.LadderTrace;
import wegweiser.core.ladder.LadderWork;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.port.PortMeasure;
import wegweiser.core.words.Words;

/**
 * A plug with a resistor on each contact of the second end: what to build, one value a contact, and then, with the plug off,
 * the beeps that the values leave open. The values wait in the job until all of that is done; only then they become readings.
 */
final class LadderPanel extends VBox {
    private final Session session;
    private final Runnable close;
    private final Background background = new Background();
    private final Label question = new Label();
    private final Label progress = new Label();
    private final Label answer = Panels.quiet("");
    private final TextField field = new TextField();
    private final HBox entry = new HBox(8, field, new Label("\u03A9"));
    private final Button beep = answer("dock.beep", KeyCode.B, "ladder-beep", Outcome.BEEP);
    private final Button silent = answer("dock.silent", KeyCode.N, "ladder-silent", Outcome.SILENT);
    private final HBox beeps = new HBox(8, beep, silent);
    private final Button take = button("ladder.take", "ladder-take", this::take);
    private final Button back = button("ladder.back", "ladder-back", this::back);
    private final Button done;
    private LadderPlug plug;
    private List<End> ends;
    private Advisor advisor;
    private Shown shown;
    private boolean isWaiting = true;
    private final List<Reading> made = new ArrayList<>();

    private record Bench(Optional<LadderPlug> plug, Advisor advisor) {}

    /** @param beep the touch to make with the plug off, once every contact was read */
    private record Shown(LadderWork work, LadderSettling settling, Optional<Terminal> unread,
            Optional<Touch> beep) {}

    LadderPanel(Session session, Function<Job, Advisor> advisors, Runnable close) {
        super(10);
        this.session = session;
        this.close = close;
        this.done = button("ladder.close", "ladder-close", close);
        Job job = session.job();
        setId("ladder");
        setPrefWidth(820);
        answer.setId("ladder-answer");
        progress.getStyleClass().add("quiet");
        getChildren().addAll(
                Panels.line(Panels.heading(t("ladder.title", job.ends().get(1).name())), progress), answer,
                done);
        for (End end : job.ends().subList(0, 2)) {
            if (Terminals.of(job, end).isEmpty()) {
                answer.setText(t("ladder.no-contacts", end.name()));
                return;
            }
        }
        answer.setText(t("ladder.choosing"));
        // choosing the resistors of a large plug takes seconds
        new Background().run(
                () -> new Bench(LadderTrace.plug(job, job.ends().get(1), 1), advisors.apply(job)),
                this::show);
    }

    private static Button button(String key, String id, Runnable action) {
        Button button = new Button(t(key));
        button.setId(id);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private Button answer(String key, KeyCode cap, String id, Outcome outcome) {
        Button button = ProbeDock.answer(key, cap);
        button.setId(id);
        button.setOnAction(_ -> touched(outcome));
        return button;
    }

    private void show(Bench bench) {
        if (getScene() == null) {
            // closed while the resistors were chosen
            return;
        }
        Job job = session.job();
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        if (bench.plug().isEmpty()) {
            answer.setText(t("ladder.impossible", far.size()));
            return;
        }
        plug = bench.plug().get();
        ends = job.ends();
        advisor = bench.advisor();
        question.getStyleClass().add("detective-question");
        question.setWrapText(true);
        field.setId("ladder-value");
        field.setPromptText(t("port.prompt.ohms"));
        field.setPrefColumnCount(9);
        field.setOnAction(_ -> enter());
        entry.setAlignment(Pos.CENTER_LEFT);
        for (var box : List.of(entry, beeps, take)) {
            box.managedProperty().bind(box.visibleProperty());
            box.setVisible(false);
        }
        answer.managedProperty().bind(answer.textProperty().isNotEmpty());
        take.getStyleClass().add("dark");
        take.setDefaultButton(true);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        long shared = plug.ambiguous();
        Label build = Panels.quiet(
                t("ladder.build") + (shared > 0 ? " " + t("ladder.shared", shared, far.size()) : ""));
        LadderBuilding building = new LadderBuilding(plug, far, job.ends().get(1).connector(),
                session.workshop().folder().resolve("sheets"));
        FlowPane ways = new FlowPane(8, 6, back, done);
        VBox right = new VBox(12, question, entry, beeps, take, answer, ways);
        HBox.setHgrow(right, Priority.ALWAYS);
        HBox both = new HBox(18, building, right);
        getChildren().removeAll(answer, done);
        getChildren().addAll(build, both);
        answer.setText("");
        ChangeListener<Object> again = (_, _, _) -> update();
        session.jobProperty().addListener(again);
        session.busyProperty().addListener(again);
        sceneProperty().addListener((_, _, scene) -> {
            if (scene == null) {
                session.jobProperty().removeListener(again);
                session.busyProperty().removeListener(again);
                background.stop();
            }
        });
        update();
    }

    void begin() {
        done.requestFocus();
    }

    private void update() {
        Job job = session.job();
        if (session.busyProperty().get()) {
            return;
        }
        if (!job.ends().equals(ends)) {
            // taken back beyond the ends that the plug was chosen for
            close.run();
            return;
        }
        background.run(() -> state(job), this::show);
    }

    private Shown state(Job job) {
        LadderWork work = LadderWork.of(job, plug);
        LadderSettling settling = work.settling();
        Optional<Terminal> unread = work.unread();
        Optional<Touch> next = unread.isPresent()
                ? Optional.empty()
                : settling.next(more -> advisor.isEnough(with(job, more)));
        return new Shown(work, settling, unread, next);
    }

    private static List<Reading> with(Job job, List<Reading> more) {
        return Stream.concat(job.readings().stream(), more.stream()).toList();
    }

    private void show(Shown now) {
        shown = now;
        isWaiting = false;
        LadderWords words = new LadderWords(now.work());
        boolean asksValue = now.unread().isPresent();
        entry.setVisible(asksValue);
        beeps.setVisible(now.beep().isPresent());
        take.setVisible(!asksValue && now.beep().isEmpty());
        progress.setText(t("ladder.progress", now.work().values().size(), now.work().near().size()));
        back.setDisable(now.work().values().isEmpty());
        if (asksValue) {
            question.setText(t("ladder.ask", now.unread().get()));
            answer.setText(
                    now.work().values().isEmpty() ? "" : words.of(now.work().values().lastEntry().getKey()));
            field.requestFocus();
        } else if (now.beep().isPresent()) {
            Touch touch = now.beep().get();
            question.setText(t("ladder.beep", Words.list(touch.red()), Words.list(touch.black())));
            answer.setText(words.why(touch.red().getFirst(), now.settling()));
            // not the button: Enter pressed twice after the last value must not answer
            requestFocus();
        } else {
            question.setText(t("ladder.settled"));
            answer.setText(words.result(
                    new Evidence(advisor.index(), with(now.work().job(), now.settling().said())),
                    now.settling()));
            take.requestFocus();
        }
    }

    private void key(KeyEvent e) {
        if (beeps.isVisible() && (e.getCode() == KeyCode.B || e.getCode() == KeyCode.N)) {
            touched(e.getCode() == KeyCode.B ? Outcome.BEEP : Outcome.SILENT);
            e.consume();
        }
    }

    /** Changes the job; what is shown then follows from the job. */
    private void edit(UnaryOperator<Job> edit) {
        if (!isWaiting) {
            session.edit(edit);
            isWaiting = session.busyProperty().get();
        }
    }

    private void enter() {
        OptionalDouble value = PortValue.parse(field.getText(), PortMeasure.OHMS);
        if (value.isEmpty()) {
            answer.setText(t("port.error", field.getText()));
        } else if (!isWaiting) {
            Terminal contact = shown.unread().orElseThrow();
            // at once, so that nothing is lost of what is typed while this is saved
            field.clear();
            edit(j -> LadderWork.of(j, plug).read(contact, value.getAsDouble()));
        }
    }

    private void touched(Outcome outcome) {
        Reading reading = Reading.of(Mode.CONTINUITY, shown.beep().orElseThrow(), outcome).at(now());
        made.add(reading);
        edit(j -> j.withReading(reading));
    }

    /** Takes back the last beep that was asked for here, or else the last value. */
    private void back() {
        List<Reading> all = session.job().readings();
        boolean touch = !all.isEmpty() && made.contains(all.getLast());
        field.clear();
        edit(j -> touch
                ? j.withReadings(j.readings().subList(0, j.readings().size() - 1))
                : LadderWork.of(j, plug).back());
    }

    private void take() {
        List<Reading> said = shown.settling().said();
        edit(j -> LadderWork.of(j, plug).written(said, now()));
        if (isWaiting) {
            close.run();
        }
    }

    private static Instant now() {
        return Instant.now().truncatedTo(ChronoUnit.SECONDS);
    }
}
