package wegweiser.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import wegweiser.app.WindowTest;
import wegweiser.app.stage.StageId;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.model.Waiting;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Sureness;
import wegweiser.core.prove.Test.Kind;
import wegweiser.core.usual.UsualCable;
import wegweiser.instruments.MeterTraits;
import wegweiser.instruments.SimulatedCable;
import wegweiser.instruments.SimulatedMeter;

/**
 * What a new user does from the first screen to a cable that is proved and in the log, counted. The page in docs has the
 * same figures; {@code WRITE_PATHS=1} writes them there.
 */
class FirstPathsTest extends WindowTest {
    private static final Path PAGE = Path.of("").toAbsolutePath().getParent().resolve("docs/first-paths.md");
    private static final java.util.Map<String, String> COUNTED = new java.util.TreeMap<>();

    private int keys;
    private int letters;
    private int clicks;
    private int steps;
    private int touches;

    @BeforeAll
    static void begin() {
        COUNTED.clear();
    }

    /** All five were walked: what was counted is what the page says. */
    @AfterAll
    static void compare() throws IOException {
        String page = Files.readString(PAGE);
        int from = page.indexOf("| path |");
        int to = page.indexOf("\n\n", from);
        StringBuilder table = new StringBuilder(
                "| path | keys | letters typed | clicks | steps ticked | readings |\n| --- | --- | --- | --- | --- | --- |");
        COUNTED.values().forEach(line -> table.append('\n').append(line));
        if (System.getenv("WRITE_PATHS") != null) {
            Files.writeString(PAGE, page.substring(0, from) + table + page.substring(to));
            return;
        }
        assertThat(COUNTED).as("all paths were walked").hasSize(5);
        assertThat(page.substring(from, to)).isEqualTo(table.toString());
    }

    @Override
    protected Optional<Path> opened(Path workshop) {
        return Optional.empty();
    }

    private void go(KeyCode... codes) {
        keys++;
        keys(codes);
    }

    private void type(String text) {
        letters += text.length();
        write(text, 0);
    }

    private void click(String id) {
        clicks++;
        call(() -> {
            lookup(id).<Button>query().fire();
            return null;
        });
    }

    private void ended(int number, String path) {
        await("recorded", () -> shows("logged W-"));
        COUNTED.put(String.valueOf(number),
                "| " + path + " | " + keys + " | " + letters + " | " + clicks + " | " + steps + " | "
                        + touches + " |");
    }

    /** Ticks every step that is open. */
    private void build() {
        go(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("make", () -> window.here() == StageId.MAKE);
        while (!progress().isFinished()) {
            int before = progress().settled();
            Step next = progress().next().orElseThrow();
            if (progress().state(next) == BenchProgress.State.RUNNING) {
                // a minute goes by, and nobody presses a key
                edit(j -> j.withWaiting(j.waiting().stream()
                        .map(w -> Waiting.of(w.step(), Instant.now().minusSeconds(120), 60)).toList()));
            } else {
                steps++;
                keys(KeyCode.SPACE);
            }
            await("ticked", () -> progress().settled() > before && !session.busyProperty().get());
        }
    }

    private BenchProgress progress() {
        return new BenchProgress(BenchSteps.of(job(), true), job(), Instant.now());
    }

    /** Answers every test as a cable does that was built as planned, and records it. */
    private void prove() {
        go(KeyCode.CONTROL, KeyCode.DIGIT5);
        await("prove", () -> window.here() == StageId.PROVE);
        for (Optional<wegweiser.core.prove.Test> test = next(); test.isPresent(); test = next()) {
            boolean joined = test.get().kind() == Kind.JOINED;
            assertThat(test.get().kind()).as("the cables of these paths have no components")
                    .isNotEqualTo(Kind.PART);
            answer(joined, test.get().mode(), test.get().touch());
        }
        assertThat(Sure.of(Derived.of(job()), call(() -> window.choices().testing())).isTested()).isTrue();
        go(KeyCode.R);
    }

    private Optional<wegweiser.core.prove.Test> next() {
        return Sureness.next(Derived.of(job()), call(() -> window.choices().testing()));
    }

    /** Answers what the dock asks for, once it does. */
    private void answer(boolean joined, Mode mode, Touch touch) {
        List<String> asked = List.of(named(touch.red().getFirst()), named(touch.black().getFirst()));
        await("the dock asks for " + asked,
                () -> isAsked() && lookup(".probe-where").queryAllAs(Label.class).stream()
                        .map(Label::getText).toList().equals(asked));
        int before = job().readings().size();
        touches++;
        if (joined && mode == Mode.OHMS) {
            keys(KeyCode.DIGIT0);
            write(".4", 0);
            keys(KeyCode.ENTER);
        } else {
            keys(joined ? KeyCode.B : KeyCode.N);
        }
        await("taken", () -> session.job().readings().size() > before && !session.busyProperty().get());
    }

    private static String named(Terminal terminal) {
        return terminal.end() + "·" + terminal.contact();
    }

    @Test
    void twoDevicesToJoin() {
        go(KeyCode.DIGIT1);
        go(KeyCode.ENTER);
        type("pnp three");
        go(KeyCode.ENTER);
        go(KeyCode.ENTER);
        type("input card");
        go(KeyCode.ENTER);
        go(KeyCode.ENTER);
        await("ways", () -> window.here() == StageId.ROUTE && lookup(".card").tryQuery().isPresent());
        go(KeyCode.DIGIT1);
        await("planned", () -> !session.job().links().isEmpty());
        build();
        prove();
        ended(1, "a sensor and its input card to join, M12 to M12");
    }

    @Test
    void fromAUsualCable() {
        click("#usual-microphone");
        await("the panel", () -> lookup("#usual-start").tryQuery().isPresent());
        go(KeyCode.ENTER);
        await("planned", () -> window.here() == StageId.ROUTE && !session.job().links().isEmpty());
        build();
        prove();
        ended(2, "a balanced microphone cable, from the cables that others build");
    }

    @Test
    void aCableNobodyKnows() {
        go(KeyCode.DIGIT2);
        type("6p4c plug");
        go(KeyCode.ENTER);
        type("6p4c plug");
        go(KeyCode.ENTER);
        go(KeyCode.ENTER);
        await("touching", () -> window.here() == StageId.TRACE);
        Job truth = job()
                .withLinks(List.of(Link.of("A.2", "B.5"), Link.of("A.3", "B.4"), Link.of("A.4", "B.3"),
                        Link.of("A.5", "B.2")));
        SimulatedMeter meter = new SimulatedMeter(new SimulatedCable(truth, Terminals.of(truth)),
                MeterTraits.USUAL, 1);
        while (!call(() -> window.actions(StageId.TRACE).stream()
                .anyMatch(a -> a.id().equals("as-plan") && a.enabled().getAsBoolean()
                        && lookup("#as-plan").tryQuery().isPresent()))) {
            await("asked", () -> proposal().isPresent() || lookup("#as-plan").tryQuery().isPresent());
            Optional<Reading> asked = call(this::proposal);
            if (asked.isPresent()) {
                Outcome shown = meter.measure(asked.get().touch(), asked.get().mode());
                answer(shown.equals(Outcome.BEEP) || shown instanceof Outcome.Resistance, asked.get().mode(),
                        asked.get().touch());
            }
        }
        assertThat(call(this::proposal)).as("nothing is left to touch, after %s", job().readings()).isEmpty();
        clicks++;
        call(() -> {
            lookup("#as-plan").<javafx.scene.control.Hyperlink>query().fire();
            return null;
        });
        await("the plan", () -> window.here() == StageId.PROVE && !session.job().links().isEmpty());
        keys--;
        prove();
        ended(3, "a telephone cable nobody knows, traced and then tested as what it is");
    }

    /** What the dock asks for at Trace, as a reading without its answer; empty while it is being worked out. */
    private Optional<Reading> proposal() {
        Job job = session.job();
        return new wegweiser.core.advice.Advisor(job,
                new wegweiser.core.model.TerminalIndex(Terminals.of(job)), Fixture.PROBES,
                wegweiser.core.advice.Goal.PROVE, wegweiser.core.advice.CostModel.USUAL, 1)
                .next(wegweiser.core.evidence.Evidence.of(job))
                .map(p -> Reading.of(p.mode(), p.touch(), Outcome.OPEN));
    }

    @Test
    void oneMoreOfAPlan() {
        put("phono");
        go(KeyCode.DIGIT3);
        await("the list", () -> call(() -> lookup("#test-list").<ListView<?>>query().getItems().size()) == 1);
        go(KeyCode.ENTER);
        await("prove", () -> window.here() == StageId.PROVE);
        keys--;
        prove();
        ended(4, "a finished phono cable, tested against its plan");
    }

    @Test
    void aConnectorToRedo() {
        put("midi");
        go(KeyCode.DIGIT5);
        await("the list", () -> call(() -> lookup("#redo-list").<ListView<?>>query().getItems().size()) == 1);
        go(KeyCode.ENTER);
        await("which end", () -> lookup("#redo-form-go").tryQuery().isPresent());
        click("#redo-form-go");
        await("its steps", () -> window.here() == StageId.MAKE);
        keys--;
        build();
        prove();
        ended(5, "a MIDI cable of which one connector is put on anew");
    }

    /** A usual cable that lies on the bench already. */
    private void put(String id) {
        call(() -> {
            wegweiser.files.job.JobFile.write(folder.resolve("jobs").resolve(id + ".wegweiser.json"),
                    UsualCable.all().stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow().job());
            window.go(StageId.BENCH);
            return null;
        });
        await("it lies there",
                () -> call(() -> lookup("#job-list").<ListView<?>>query().getItems().size()) == 1);
    }
}
