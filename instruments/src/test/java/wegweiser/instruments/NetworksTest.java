package wegweiser.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.prove.Prover;
import wegweiser.core.prove.Verdict;

/** Parts beside each other and in a row: what is traced of them, and that a cable built as planned passes. */
class NetworksTest {
    private static final Link THERE = Link.of("A.1", "A.3").withPart(Part.of(PartKind.DIODE));
    private static final Link BACK = Link.of("A.3", "A.1").withPart(Part.of(PartKind.DIODE));

    private static Job job(Link... links) {
        return Job.of("networks", List.of(End.of("A", "Here", "terminal-3", List.of()),
                End.of("B", "There", "terminal-3", List.of())), List.of(links), List.of());
    }

    private static Link resistor(String from, String to, double ohms) {
        return Link.of(from, to).withPart(Part.resistor(ohms));
    }

    private record Traced(Proof proof, List<MeasuredPart> parts) {
        long diodes() {
            return parts.stream().filter(p -> p.kind() == PartKind.DIODE).count();
        }
    }

    private static Traced traced(Job truth) {
        Job known = truth.withLinks(List.of());
        TerminalIndex index = new TerminalIndex(Terminals.of(known));
        Advisor advisor = new Advisor(known, index, Fixture.COMB, Goal.PROVE, CostModel.USUAL, 1);
        Tracer.Run run = new SimulatedTrace(known, truth, advisor, 1).touched(Fixture.COMB);
        return new Traced(advisor.proof(run.evidence()), run.evidence().parts());
    }

    @ParameterizedTest
    @ValueSource(doubles = {650, 700, 800, 1000, 1300, 1600, 2000, 3000, 4700, 10_000})
    void twoDiodesAgainstEachOtherAreSeenOrNothingIsProved(double ohms) {
        Traced found = traced(job(THERE, BACK, resistor("A.1", "A.3", ohms)));
        assertThat(found.diodes() == 2 || !found.proof().isProved() && found.proof().unproved() > 0)
                .as("%s", found).isTrue();
    }

    /** Where another resistance tells the current of the meter they are seen. */
    @ParameterizedTest
    @ValueSource(doubles = {750, 1000, 2000, 3000, 10_000})
    void besideAKnownResistanceTheyAreSeen(double ohms) {
        Traced found = traced(job(THERE, BACK, resistor("A.1", "A.3", ohms), resistor("B.1", "B.2", 100)));
        assertThat(found.diodes()).isEqualTo(2);
        assertThat(found.proof().isProved()).as(found.proof().words()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"700, true", "1000, true", "4700, true", "470, false"})
    void oneDiodeBesideAResistorIsSeen(double ohms, boolean seen) {
        Traced found = traced(job(THERE, resistor("A.1", "A.3", ohms)));
        assertThat(found.diodes()).isEqualTo(seen ? 1 : 0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {33, 100, 330, 470, 1000, 1500, 2200, 10_000})
    void aResistorAloneIsProved(double ohms) {
        Traced found = traced(job(Link.of("A.2", "B.2"), resistor("A.1", "B.1", ohms)));
        assertThat(found.proof().isProved()).as(found.proof().words()).isTrue();
        assertThat(found.parts()).hasSize(1);
    }

    @Test
    void aLightIsSeenAsOne() {
        Traced found = traced(job(Link.of("A.1", "B.1").withPart(Part.diode(1.9))));
        assertThat(found.proof().isProved()).isTrue();
        assertThat(found.parts().getFirst().volts()).isBetween(1.7, 2.1);
    }

    @Test
    void whatLiesInARowIsNotTakenForMore() {
        Traced found = traced(job(Link.of("A.1", "A.2").withPart(Part.of(PartKind.DIODE)),
                Link.of("A.2", "A.3").withPart(Part.of(PartKind.DIODE)), resistor("A.3", "B.1", 100)));
        assertThat(found.diodes()).isEqualTo(2);
        assertThat(found.parts()).hasSize(3);
        assertThat(found.proof().isProved()).as(found.proof().words()).isTrue();
    }

    private static List<Job> plans() {
        List<Job> plans = new ArrayList<>();
        Link wire = Link.of("A.2", "B.2");
        plans.add(job(wire, THERE, BACK));
        for (double ohms : new double[]{10, 100, 470, 700, 1000, 4700, 47_000}) {
            plans.add(job(wire, THERE, resistor("A.1", "A.3", ohms)));
            plans.add(job(wire, THERE, BACK, resistor("A.1", "A.3", ohms)));
        }
        for (double ohms : new double[]{0, 0.1, 0.5, 1, 1.5, 2, 2.2, 2.5, 3, 4.7}) {
            plans.add(job(wire, resistor("A.1", "B.1", ohms)));
        }
        for (double volts : new double[]{0.2, 0.3, 1.2, 1.9, 2.4, 2.9, 3.2}) {
            plans.add(job(wire, Link.of("A.1", "B.1").withPart(Part.diode(volts))));
        }
        plans.add(job(Link.of("A.1", "B.1").withPart(Part.of(PartKind.DIODE)),
                Link.of("B.1", "B.2").withPart(Part.of(PartKind.DIODE)), resistor("B.2", "A.2", 330)));
        return plans;
    }

    @ParameterizedTest
    @CsvSource({"PROBES", "CLIP", "COMB"})
    void aCableBuiltAsPlannedPasses(Fixture fixture) {
        for (Job plan : plans()) {
            for (int seed = 0; seed < 5; seed++) {
                SimulatedMeter meter = new SimulatedMeter(new SimulatedCable(plan), MeterTraits.USUAL, seed);
                Verdict verdict = Verdict.of(Prover.run(plan, fixture, meter::measure, seed), fixture);
                assertThat(verdict.result()).as("%s: %s %s", plan.links(), verdict.faults(), verdict.states())
                        .isEqualTo(Verdict.Result.PASS);
            }
        }
    }

    @Test
    void oneThatLacksItsDiodeFails() {
        for (double volts : new double[]{0.3, 0.6, 1.9, 2.4}) {
            Job plan = job(Link.of("A.1", "B.1").withPart(Part.diode(volts)));
            SimulatedMeter meter = new SimulatedMeter(new SimulatedCable(job()), MeterTraits.USUAL, 1);
            assertThat(Verdict.of(Prover.run(plan, Fixture.COMB, meter::measure, 1), Fixture.COMB).result())
                    .isEqualTo(Verdict.Result.FAIL);
        }
    }
}
