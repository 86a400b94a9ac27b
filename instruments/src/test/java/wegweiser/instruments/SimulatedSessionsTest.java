package wegweiser.instruments;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.prove.Prover;
import wegweiser.core.prove.TestPlan;
import wegweiser.core.prove.Verdict;
import wegweiser.core.wiring.Nets;

/** Whole sessions with a meter that has leads, noise and a buzzer limit, on cables with resistors in them. */
class SimulatedSessionsTest {
    private static Job blank(String... connectors) {
        List<End> ends = new ArrayList<>();
        for (String connector : connectors) {
            ends.add(End.of(String.valueOf((char) ('A' + ends.size())), "", connector, List.of()));
        }
        return Job.of("bench", ends, List.of(), List.of());
    }

    /** A random matching between the first two ends, a third end that taps it, and one resistor between two nets. */
    private static Job cable(Job blank, SplittableRandom random, boolean resistor) {
        List<Terminal> near = Terminals.of(blank, blank.ends().get(0));
        List<Terminal> far = new ArrayList<>(Terminals.of(blank, blank.ends().get(1)));
        List<Link> links = new ArrayList<>();
        for (Terminal a : near) {
            if (random.nextInt(5) > 0 && !far.isEmpty()) {
                links.add(Link.of(a, far.remove(random.nextInt(far.size()))));
            }
        }
        if (blank.ends().size() > 2) {
            for (Terminal c : Terminals.of(blank, blank.ends().get(2))) {
                links.add(Link.of(near.get(random.nextInt(near.size())), c));
            }
        }
        if (resistor) {
            int one = random.nextInt(near.size());
            int other = (one + 1 + random.nextInt(near.size() - 1)) % near.size();
            links.add(Link.of(near.get(one), near.get(other))
                    .withPart(Part.resistor(100 + random.nextInt(20_000))));
        }
        return blank.withLinks(links);
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket, dsub-9-plug, ''", "modular-8p8c-plug, dsub-9-plug, ''",
            "xlr-3-plug, xlr-3-socket, ''",
            "circular-5, terminal-3, terminal-3", "modular-6p6c-plug, terminal-4, terminal-2"})
    void aCombFindsTheWiringAndTheResistorWhateverTheNoise(String near, String far, String third) {
        SplittableRandom random = new SplittableRandom(near.hashCode() + far.hashCode());
        Job blank = third.isEmpty() ? blank(near, far) : blank(near, far, third);
        TerminalIndex index = new TerminalIndex(Terminals.of(blank));
        for (int round = 0; round < 12; round++) {
            Job truth = cable(blank, random, round % 2 == 0);
            SimulatedCable cable = new SimulatedCable(truth, index.terminals());
            SimulatedMeter meter = new SimulatedMeter(cable, MeterTraits.USUAL, round);
            Advisor advisor = new Advisor(blank, index, Fixture.COMB, Goal.PROVE, CostModel.USUAL, round);
            Tracer.Run run = Tracer.run(blank, advisor, Fixture.COMB, CostModel.USUAL, meter::measure, 400);
            assertThat(run.finished()).as("%s", truth.links()).isTrue();
            assertThat(run.evidence().contradictions()).isEmpty();
            Nets nets = cable.nets();
            for (int a = 0; a < index.size(); a++) {
                for (int b = a + 1; b < index.size(); b++) {
                    assertThat(run.evidence().isJoined(a, b))
                            .isEqualTo(nets.joined(index.get(a), index.get(b)));
                }
            }
            for (Link link : truth.links()) {
                if (link.is(PartKind.RESISTOR) && !nets.joined(link.from(), link.to().orElseThrow())) {
                    double ohms = link.part().orElseThrow().ohms().orElseThrow();
                    assertThat(run.evidence().parts()).as("%s", link).singleElement()
                            .satisfies(p -> assertThat(p.ohms()).isCloseTo(ohms, within(0.03 * ohms + 2)));
                }
            }
            if (round % 2 == 1) {
                assertThat(run.evidence().parts()).extracting(MeasuredPart::kind).isEmpty();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"PROBES, dsub-9-socket", "COMB, dsub-9-socket", "CLIP, modular-6p6c-plug",
            "COMB, m12-a-5-plug"})
    void aCablePassesWithItsResistorAndFailsWithoutIt(Fixture fixture, String connector) {
        SplittableRandom random = new SplittableRandom(fixture.ordinal());
        Job blank = blank(connector, connector);
        TerminalIndex index = new TerminalIndex(Terminals.of(blank));
        for (int round = 0; round < 6; round++) {
            Job plan = cable(blank, random, true);
            Link part = plan.links().stream().filter(l -> l.is(PartKind.RESISTOR)).findFirst().orElseThrow();
            if (Nets.planned(plan).joined(part.from(), part.to().orElseThrow())) {
                continue;
            }
            Job without = plan.withLinks(plan.links().stream().filter(l -> l != part).toList());
            assertThat(result(plan, plan, fixture, index, round)).as("%s", part)
                    .isEqualTo(Verdict.Result.PASS);
            assertThat(result(plan, without, fixture, index, round)).as("without %s", part)
                    .isEqualTo(Verdict.Result.FAIL);
        }
    }

    private static Verdict.Result result(Job plan, Job built, Fixture fixture, TerminalIndex index,
            long seed) {
        SimulatedMeter meter = new SimulatedMeter(new SimulatedCable(built, index.terminals()),
                MeterTraits.USUAL,
                seed);
        Job tested = Prover.run(plan, fixture, meter::measure, seed);
        return Verdict.of(tested, Evidence.of(tested), TestPlan.of(tested, fixture)).result();
    }
}
