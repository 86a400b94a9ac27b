package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.readings.TypedReading;

/** A diode that nobody planned is looked for where something speaks for it, and nowhere else. */
class LikelyDiodesTest {
    private static final String PLAIN_A = "A row-254-4-socket; 1 V+ supply-out 12V; 2 GND ground; 3 TXD out cmos-5v";
    private static final String PLAIN_B = "B terminal-4; 1 V+ supply-in 12V; 2 GND ground; 3 RXD in cmos-5v";

    private static Touch touch(String red, String black) {
        return Touch.of(Terminal.parse(red), Terminal.parse(black));
    }

    private static Evidence after(Job job, String... readings) {
        Job read = job;
        for (String reading : readings) {
            String[] words = reading.split(" ");
            read = read.withReading(reading.endsWith("OL diode")
                    ? Reading.of(Mode.DIODE, touch(words[0], words[1]), Outcome.OPEN)
                    : TypedReading.parse(reading, job));
        }
        return new Evidence(new TerminalIndex(Terminals.of(job)), read.readings());
    }

    private static Optional<Proposal> next(Job job, Evidence evidence) {
        return new Advisor(job, evidence.index(), Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1)
                .next(evidence);
    }

    private static void asks(Job job, Touch touch, String... readings) {
        assertThat(next(job, after(job, readings))).hasValueSatisfying(p -> {
            assertThat(p.mode()).isEqualTo(Mode.DIODE);
            assertThat(p.touch()).isEqualTo(touch);
        });
    }

    @Test
    void aSupplyThatDoesNotGoThroughMayHaveADiodeInIt() {
        Job job = TextJob.of(PLAIN_A, PLAIN_B);
        asks(job, touch("A.1", "B.1"), "A.1 B.1 silent");
        asks(job, touch("A.1", "B.1"), "B.1 A.1 silent");
        assertThat(next(job, after(job, "A.3 B.3 silent")).orElseThrow().mode()).isEqualTo(Mode.CONTINUITY);
        assertThat(next(job, after(job, "A.1 B.2 silent")).orElseThrow().mode()).isEqualTo(Mode.CONTINUITY);
        assertThat(next(job, after(job, "A.1 B.1 beep")).orElseThrow().mode()).isEqualTo(Mode.CONTINUITY);
    }

    @Test
    void aFoundDiodeIsTurnedRoundAndThenLeftAlone() {
        Job job = TextJob.of(PLAIN_A, PLAIN_B);
        asks(job, touch("B.1", "A.1"), "A.1 B.1 silent", "A.1 B.1 0.58V");
        Evidence found = after(job, "A.1 B.1 silent", "A.1 B.1 0.58V", "B.1 A.1 OL diode");
        assertThat(found.parts()).anyMatch(p -> p.kind() == PartKind.DIODE);
        assertThat(next(job, found)).map(Proposal::mode).hasValue(Mode.CONTINUITY);
    }

    @Test
    void manyOhmsMayBeAJunction() {
        Job job = TextJob.of("A row-254-4-socket", "B terminal-4");
        asks(job, touch("A.2", "B.3"), "A.2 B.3 820k");
        assertThat(next(job, after(job, "A.2 B.3 4k7")).orElseThrow().mode()).isNotEqualTo(Mode.DIODE);
        Job planned = TextJob.of("A row-254-4-socket", "B terminal-4", "links 2-3=R820k");
        assertThat(next(planned, after(planned, "A.2 B.3 820k")).orElseThrow().mode())
                .isNotEqualTo(Mode.DIODE);
    }

    @Test
    void aLightIsAskedForByItsNamesWhenTheRestIsKnown() {
        assertThat(askedOfALead("LED+", "LED-")).contains("DIODE A.1 A.2");
        assertThat(askedOfALead("led +", "led -")).contains("DIODE A.1 A.2");
        assertThat(askedOfALead("Anode", "Cathode")).contains("DIODE A.1 A.2");
        assertThat(askedOfALead("LED-", "LED+")).contains("DIODE A.2 A.1");
        assertThat(askedOfALead("V+", "GND")).noneMatch(a -> a.startsWith("DIODE"));
    }

    /** All that is asked of a lead of two straight wires. */
    private static List<String> askedOfALead(String one, String other) {
        Job job = Job.of("light panel", List.of(
                End.of("A", "", "row-254-2-socket",
                        List.of(PinRow.named("1").withName(one), PinRow.named("2").withName(other))),
                End.of("B", "", "terminal-2", List.of())), List.of(), List.of());
        TerminalIndex index = new TerminalIndex(Terminals.of(job));
        Advisor advisor = new Advisor(job, index, Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1);
        List<String> asked = new ArrayList<>();
        Tracer.run(job, advisor, Fixture.PROBES, CostModel.USUAL, (touch, mode) -> {
            asked.add(mode + " " + touch.red().getFirst() + " " + touch.black().getFirst());
            boolean joined = touch.red().getFirst().contact().equals(touch.black().getFirst().contact());
            return mode == Mode.DIODE ? Outcome.OPEN : joined ? Outcome.BEEP : Outcome.SILENT;
        }, 60);
        return asked;
    }
}
