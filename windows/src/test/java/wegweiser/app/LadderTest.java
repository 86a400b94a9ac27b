package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.controls.PegCell;
import wegweiser.app.controls.Pegboard;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.ladder.LadderPlug;
import wegweiser.core.ladder.LadderTrace;
import wegweiser.core.ladder.LadderWork;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;

/** The ladder plug through the interface: values that wait, the beeps that settle them, what is written in the end. */
class LadderTest extends WindowTest {
    private static final Job STRAIGHT = Job.of("Mast cable",
            List.of(End.of("A", "Mast", "modular-8p8c-plug", List.of()),
                    End.of("B", "Dome", "modular-8p8c-plug", List.of())),
            List.of(), List.of());
    private static final LadderPlug PLUG = LadderTrace.plug(STRAIGHT, STRAIGHT.ends().get(1), 1)
            .orElseThrow();

    private void ladder(Job job) {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a touch", this::isAsked);
        edit(_ -> job);
        up();
    }

    private void up() {
        clickOn("#trace-ladder");
        await("the plug is up", () -> !question().isEmpty());
    }

    private void enter(String text) {
        String asked = question();
        call(() -> {
            lookup("#ladder-value").<TextField>query().setText(text);
            return null;
        });
        clickOn("#ladder-value").type(KeyCode.ENTER);
        await("taken", () -> !question().equals(asked));
    }

    private void enter(double ohms) {
        enter(String.format(Locale.ROOT, "%.2f", ohms));
    }

    private String question() {
        return call(
                () -> lookup(".detective-question").tryQueryAs(Label.class).map(Label::getText).orElse(""));
    }

    private static double parallel(double one, double other) {
        return one * other / (one + other);
    }

    @Test
    void valuesWaitUntilAllAreReadAndAreThereTomorrow() {
        ladder(STRAIGHT);
        clickOn("#ladder-write");
        await("the list is written", () -> Files.exists(
                session.workshop().folder().resolve("sheets").resolve("ladder-modular-8p8c-plug.txt")));
        enter("OL");
        enter(PLUG.values().get(4) + 0.4);
        assertThat(question()).contains("A.3");
        clickOn("#ladder-value").write("rubbish").type(KeyCode.ENTER);
        await("told", () -> shows("is not a value"));
        assertThat(question()).contains("A.3");
        assertThat(job().readings()).isEmpty();
        restart();
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("what waits is said", () -> shows("wait to be written down: 2"));
        up();
        await("it goes on", () -> question().contains("A.3"));
        clickOn("#ladder-back");
        await("the last value is taken back", () -> question().contains("A.2"));
        for (int k = 0; k < 7; k++) {
            enter(PLUG.values().get(k) + 0.4);
        }
        await("nothing needs a beep", () -> shows("7 of 8 contacts are joined"));
        assertThat(job().readings()).isEmpty();
        clickOn("#ladder-take");
        await("written", () -> LadderWork.waiting(session.job()) == 0);
        assertThat(job().readings()).filteredOn(r -> r.outcome() == Outcome.BEEP)
                .extracting(Reading::touch)
                .isEqualTo(IntStream.rangeClosed(1, 7)
                        .mapToObj(k -> Reading.beep("A." + (k + 1), "B." + k).touch()).toList());
        assertThat(job().readings().getFirst().how())
                .isEqualTo(new Provenance.ByLadder(Double.POSITIVE_INFINITY, false));
        assertThat(job().readings()).filteredOn(r -> r.outcome() == Outcome.BEEP)
                .allMatch(Reading::isAssumed);
        await("what is assumed looks so", () -> shows("Assumed, by the ladder plug"));
        assertThat(call(() -> lookup(n -> n instanceof Pegboard p && p.getScene() != null).<Pegboard>query()
                .getModel().cell(1, 0)))
                .isEqualTo(PegCell.JOINED_ASSUMED);
        assertThat(Evidence.of(job()).nets().joinedNets()).isEmpty();
        keys(KeyCode.DOWN);
        await("the cell says why",
                () -> shows(
                        "A.2 and B.1: joined, unless there is a component in the cable. Shown by reading"));
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("the values wait again", () -> shows("wait to be written down: 8"));
    }

    /** A part between two wires whose one value looks like another contact, while the other fits nothing. */
    private record Bent(int one, int other, double[] values) {
        static Bent find() {
            for (double part = 47; part < 100_000; part *= 1.13) {
                for (int i = 0; i < 8; i++) {
                    for (int j = 0; j < i; j++) {
                        double a = PLUG.values().get(i);
                        double b = PLUG.values().get(j);
                        double[] read = {parallel(a, b + part) + 0.4, parallel(b, a + part) + 0.4};
                        List<List<Integer>> first = PLUG.decode(read[0]);
                        if (first.size() == 1 && first.getFirst().size() == 1
                                && first.getFirst().getFirst() != i
                                && PLUG.decode(read[1]).isEmpty()) {
                            return new Bent(i, j, read);
                        }
                    }
                }
            }
            throw new AssertionError("no part bends a value into that of another contact");
        }
    }

    @Test
    void aPartInTheCableMakesNoJoinProved() {
        Bent bent = Bent.find();
        ladder(STRAIGHT);
        for (int k = 0; k < 8; k++) {
            enter(k == bent.one()
                    ? bent.values()[0]
                    : k == bent.other() ? bent.values()[1] : PLUG.values().get(k) + 0.4);
        }
        int beeps = 0;
        while (question().startsWith("Plug off")) {
            String asked = question();
            String[] words = asked.replaceAll("[,:]", "").split(" ");
            Terminal red = Terminal.parse(words[4]);
            Terminal black = Terminal.parse(words[7]);
            keys(red.contact().equals(black.contact()) ? KeyCode.B : KeyCode.N);
            await("the next question", () -> !question().equals(asked));
            beeps++;
        }
        assertThat(beeps).isGreaterThanOrEqualTo(7);
        await("said", () -> shows("The plug tells nothing about"));
        clickOn("#ladder-take");
        await("written", () -> LadderWork.waiting(session.job()) == 0);
        Evidence evidence = Evidence.of(job());
        for (Terminal a : Terminals.of(STRAIGHT, STRAIGHT.ends().get(0))) {
            for (Terminal b : Terminals.of(STRAIGHT, STRAIGHT.ends().get(1))) {
                boolean joined = a.contact().equals(b.contact());
                assertThat(!joined && evidence.state(a, b).isJoined()).as("%s %s", a, b).isFalse();
                assertThat(joined && evidence.state(a, b).isApart()).as("%s %s", a, b).isFalse();
            }
        }
        assertThat(evidence.state(new Terminal("A", String.valueOf(bent.one() + 1)),
                new Terminal("B", String.valueOf(bent.one() + 1))).isProved()).isFalse();
    }

    @Test
    void twoContactsThatReadAlikeAreBeeped() {
        ladder(STRAIGHT);
        enter(PLUG.values().get(2) + 0.4);
        enter(PLUG.values().get(2) + 0.4);
        await("told", () -> shows("A.2 reads like B.3, and so does A.1"));
        for (int k = 0; k < 5; k++) {
            enter("OL");
        }
        enter(parallel(PLUG.values().get(0), PLUG.values().get(1)) + 0.4);
        assertThat(question()).startsWith("Plug off");
        keys(KeyCode.ENTER);
        keys(KeyCode.SPACE);
        assertThat(job().readings()).isEmpty();
        clickOn("#ladder-beep");
        await("the first beep is in the job", () -> session.job().readings().size() == 1);
        clickOn("#ladder-back");
        await("and is taken back", () -> session.job().readings().isEmpty());
        assertThat(LadderWork.waiting(job())).isEqualTo(8);
        edit(j -> j.withReading(Reading.silent("A.4", "B.4")));
        clickOn("#ladder-back");
        await("what was not made here stays", () -> LadderWork.waiting(session.job()) == 7);
        assertThat(job().readings()).hasSize(1);
        call(() -> {
            session.undo();
            session.undo();
            return null;
        });
        await("all values are back", () -> LadderWork.waiting(session.job()) == 8
                && session.job().readings().isEmpty() && question().startsWith("Plug off"));
        for (int k = 1; k <= 4; k++) {
            int readings = k;
            String asked = question();
            clickOn("#ladder-beep");
            await("beep " + k,
                    () -> session.job().readings().size() == readings && !question().equals(asked));
        }
        clickOn("#ladder-take");
        await("written", () -> LadderWork.waiting(session.job()) == 0);
        Evidence evidence = Evidence.of(job());
        for (String pair : List.of("A.1 A.2", "A.8 B.1", "A.8 B.2", "A.2 B.3")) {
            String[] two = pair.split(" ");
            assertThat(evidence.state(Terminal.parse(two[0]), Terminal.parse(two[1])).isJoined()).as(pair)
                    .isTrue();
        }
        assertThat(evidence.contradictions()).isEmpty();
    }

    @Test
    void aLadderPlugForNoContactsIsNotOffered() {
        ladder(STRAIGHT);
        clickOn("#ladder-close");
        edit(_ -> Job.of("Mast cable", List.of(End.of("A", "Mast", "dsub-9-socket", List.of()),
                End.of("B", "Panel", End.LEADS, List.of())), List.of(), List.of()));
        clickOn("#trace-ladder");
        await("told", () -> shows("End B has no contacts yet"));
        clickOn("#ladder-close");
        await("closed", () -> lookup("#ladder").tryQuery().isEmpty());
    }

    @Test
    void anotherConnectorEndsTheWorkWithItsPlug() {
        ladder(STRAIGHT);
        enter("OL");
        edit(j -> j.withEnd(End.of("B", "Dome", "dsub-9-plug", List.of())));
        await("closed", () -> lookup("#ladder").tryQuery().isEmpty());
        up();
        await("begun anew", () -> question().contains("A.1"));
        keys(KeyCode.ESCAPE);
        edit(_ -> STRAIGHT);
        assertThat(LadderWork.waiting(job())).isZero();
    }

    @Test
    void aReadingThatOnlyShortsExplainSaysSo() {
        Job wide = STRAIGHT.withEnds(List.of(STRAIGHT.ends().get(0),
                End.of("B", "Dome", "dsub-25-plug", List.of())));
        ladder(wide);
        LadderPlug plug = LadderTrace.plug(wide, wide.ends().get(1), 1).orElseThrow();
        double ohms = IntStream.range(0, 25 * 26)
                .mapToDouble(k -> parallel(plug.values().get(k % 26 % 25), plug.values().get(k / 26)))
                .filter(v -> plug.decode(v).size() > 1 && LadderTrace.isShort(plug.decode(v)))
                .findFirst().orElseThrow();
        enter(ohms);
        await("told", () -> shows("A.1 reads like two contacts that are joined: B."));
        assertThat(LadderWork.waiting(job())).isEqualTo(1);
    }
}
