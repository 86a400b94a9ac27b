package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.Buzzer;
import wegweiser.app.controls.ProbeDock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.readings.TypedReading;
import wegweiser.instruments.Simulation;

/** What Trace and Prove do with the dock: take readings into the job, take the last one back, show the meter. */
public final class DockWork {
    private final Session session;
    private final Choices choices;
    private Optional<Touch> sounded = Optional.empty();
    /** What is shown was answered, and what to touch next is still being worked out: a key belongs to neither. */
    private boolean answered;
    /** The job as it was when that answer was given. */
    private Job asked;
    private final ProbeDock dock;

    /**
     * A touch to be asked for, with what is written over and under it.
     *
     * @param expected the answer that is made to be the easiest
     * @param question what is asked of the meter
     */
    public record Asked(Touch touch, Mode mode, String heading, String why, ProbeDock.Answer expected,
            String question) {
        /** One of which nothing is expected. */
        public static Asked of(Touch touch, Mode mode, String heading, String why) {
            return new Asked(touch, mode, heading, why, ProbeDock.Answer.BEEP, t(switch (mode) {
                case OHMS -> "dock.question.ohms";
                case DIODE -> "dock.question.diode";
                default -> "dock.question.beep";
            }));
        }
    }

    /** @param again what to do when the choice of meter changes */
    public DockWork(Session session, Choices choices, Runnable again) {
        this.session = session;
        this.choices = choices;
        this.dock = new ProbeDock(choices.wiggleSecondsProperty());
        dock.setOnReading(this::take);
        dock.setOnTyped(text -> TypedReading.parse(text, session.job()));
        dock.meter().setOnToggle(() -> choices.simulatedProperty().set(!choices.simulatedProperty().get()));
        session.busyProperty().addListener((_, _, busy) -> {
            heed();
            if (!busy) {
                // the job is changed in the same breath, unless the disk refused
                Platform.runLater(this::refused);
            }
        });
        choices.simulatedProperty().addListener(_ -> again.run());
    }

    public ProbeDock dock() {
        return dock;
    }

    /** What the simulated meter shows at a touch, when it is in use and the job brings one. */
    public static Optional<Outcome> simulated(Job job, boolean inUse, Optional<Asked> asked) {
        return inUse
                ? asked.flatMap(a -> Simulation.of(job).map(s -> s.measure(a.touch(), a.mode())))
                : Optional.empty();
    }

    /** Whether the simulated meter is chosen. */
    public boolean isSimulated() {
        return choices.simulatedProperty().get();
    }

    /** Answers are taken while nothing is being written and the touch that is shown has none yet. */
    private void heed() {
        dock.setBusy(session.busyProperty().get() || answered);
    }

    /** An answer that was not kept is asked for again. */
    private void refused() {
        if (answered && session.job() == asked) {
            answered = false;
            heed();
        }
    }

    /** Asks for a touch, or says why there is none to ask for. */
    public void show(Job job, Optional<Asked> asked, Optional<Outcome> simulated, String done) {
        answered = false;
        heed();
        dock.show(asked.map(a -> new ProbeDock.Ask(a.touch(), a.mode(), a.heading(),
                hint(job, a.touch().red()), hint(job, a.touch().black()), a.why(), a.expected(),
                a.question())), done);
        if (asked.isEmpty()) {
            dock.meter().showNone();
        } else if (simulated.isPresent()) {
            dock.meter().show(asked.get().mode(), simulated.get());
            if (choices.buzzerProperty().get() && simulated.get().equals(Outcome.BEEP)
                    && !asked.map(Asked::touch).equals(sounded)) {
                Buzzer.sound(
                        () -> Platform.runLater(() -> session.notices().say(t("notice.no-sound"))));
            }
            sounded = asked.map(Asked::touch);
        } else {
            dock.meter().showOwn();
        }
    }

    private static String hint(Job job, List<Terminal> terminals) {
        return terminals.size() == 1
                ? job.row(terminals.getFirst()).map(PinRow::label).orElse("")
                : t("dock.gang", terminals.size());
    }

    /** Takes readings into the job, with the time. */
    public void take(List<Reading> readings) {
        if (!session.busyProperty().get()) {
            asked = session.job();
            Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
            session.edit(j -> {
                List<Reading> all = new ArrayList<>(j.readings());
                readings.forEach(r -> all.add(r.at(now)));
                return j.withReadings(all);
            });
            // where nothing may be changed nothing is on its way
            answered = session.busyProperty().get();
            heed();
        }
    }

    /** Takes the last reading back. */
    public void back() {
        List<Reading> readings = session.job().readings();
        if (!readings.isEmpty()) {
            // that very reading: somebody else's may have come after it
            session.edit(j -> j.withoutReading(readings.getLast()));
        }
    }

    /** What can be done at the dock; taking back works without a question as well. */
    public List<Action> actions() {
        List<Action> all = new ArrayList<>(dock.actions());
        all.add(Action.of("back", Keys.plain(KeyCode.BACK_SPACE), this::back)
                .when(() -> !session.job().readings().isEmpty()));
        return all;
    }
}
