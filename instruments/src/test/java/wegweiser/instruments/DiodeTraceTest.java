package wegweiser.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Proposal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** A diode is found to be there, which way round it lies, or to be missing. */
class DiodeTraceTest {
    private static final Job PLAN = Job.of("flat-field panel", Stream.of("A", "B")
            .map(n -> End.of(n, "", "xlr-3-" + (n.equals("A") ? "plug" : "socket"), List.of())).toList(),
            List.of(Link.of("A.1", "B.1"), Link.of("A.2", "B.2").withPart(Part.of(PartKind.DIODE))),
            List.of());

    private static Link diode(String from, String to) {
        return Link.of(from, to).withPart(Part.of(PartKind.DIODE));
    }

    @ParameterizedTest
    @CsvSource({"A.2, B.2, A.2", "B.2, A.2, B.2", "'', '', ''"})
    void twoTouchesTellWhichWayRoundItLies(String from, String to, String anode) {
        Job truth = from.isEmpty()
                ? PLAN.withLinks(List.of(Link.of("A.1", "B.1")))
                : PLAN.withLinks(List.of(Link.of("A.1", "B.1"), diode(from, to)));
        SimulatedMeter meter = new SimulatedMeter(new SimulatedCable(truth), MeterTraits.USUAL, 4);
        Advisor advisor = new Advisor(PLAN, new TerminalIndex(Terminals.of(PLAN)), Fixture.PROBES, Goal.PROVE,
                CostModel.USUAL, 1);
        Tracer.Run run = Tracer.run(PLAN, advisor, Fixture.PROBES, CostModel.USUAL, meter::measure, 200);
        assertThat(run.finished()).isTrue();
        assertThat(run.readings().stream().filter(r -> r.mode() == Mode.DIODE)).hasSize(2);
        var diodes = run.evidence().parts().stream().filter(p -> p.kind() == PartKind.DIODE).toList();
        if (anode.isEmpty()) {
            assertThat(diodes).isEmpty();
        } else {
            assertThat(diodes).singleElement()
                    .satisfies(p -> assertThat(p.a()).isEqualTo(Terminal.parse(anode)));
        }
    }

    @Test
    void aJunctionThatNobodyPlannedIsTurnedRoundAsWell() {
        Job bare = PLAN.withLinks(List.of());
        TerminalIndex index = new TerminalIndex(Terminals.of(bare));
        Advisor advisor = new Advisor(bare, index, Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1);
        Touch there = Touch.of(Terminal.parse("A.2"), Terminal.parse("B.3"));
        Evidence seen = new Evidence(index,
                List.of(Reading.of(Mode.DIODE, there, new Outcome.Voltage(0.58))));
        Proposal next = advisor.next(seen).orElseThrow();
        assertThat(next.mode()).isEqualTo(Mode.DIODE);
        assertThat(next.touch()).isEqualTo(Touch.of(Terminal.parse("B.3"), Terminal.parse("A.2")));
        assertThat(next.why()).contains("which way");
    }
}
