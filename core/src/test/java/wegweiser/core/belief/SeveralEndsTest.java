package wegweiser.core.belief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wegweiser.core.Samples;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.AdvisorTest;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.evidence.Claim;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;

/** Cables with more than two ends. */
class SeveralEndsTest {
    private static Job job(String... connectors) {
        List<End> ends = new ArrayList<>();
        for (int i = 0; i < connectors.length; i++) {
            ends.add(End.of(String.valueOf((char) ('A' + i)), "", connectors[i], List.of()));
        }
        return Job.of("light panels", ends, List.of(), List.of());
    }

    private static Nets nets(Job job, String links) {
        return Nets.of(Samples.index(job), Arrays.stream(links.split(" "))
                .map(l -> Link.of(l.split("-")[0], l.split("-")[1])).toList());
    }

    @ParameterizedTest
    @CsvSource({"A.1-B.1 A.2-B.2 A.3-B.3 A.1-C.1 A.4-C.2 A.5-C.3, all first contacts shared",
            "A.1-B.1 A.2-B.2 A.3-B.3 A.4-C.1 A.5-C.2, in turn",
            "A.1-B.1 A.2-B.2 A.3-B.3 A.1-C.1 A.2-C.2 A.3-C.3, at all ends"})
    void usualForksAreIdentifiedInFarFewerTouchesThanThereArePairs(String links, String words) {
        Job job = job("circular-5", "terminal-3", "terminal-3");
        Nets truth = nets(job, links);
        Advisor advisor = new Advisor(job, Samples.index(job), Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL,
                1);
        Tracer.Run run = Tracer.run(job, advisor, Fixture.PROBES, CostModel.USUAL, AdvisorTest.copper(truth),
                60);
        assertThat(run.finished()).isTrue();
        assertThat(run.belief().shares().getFirst().hypothesis().title()).contains(words);
        assertThat(run.touches()).isLessThan(30);
    }

    @ParameterizedTest
    @EnumSource(Fixture.class)
    void whateverJoinsThreeOrFourEndsWhatIsCalledProvedIsTrue(Fixture fixture) {
        SplittableRandom random = new SplittableRandom(8);
        for (int round = 0; round < 25; round++) {
            Job job = round % 2 == 0
                    ? job("xlr-3-plug", "terminal-3", "terminal-2")
                    : job("terminal-4", "terminal-2", "terminal-2", "terminal-2");
            TerminalIndex index = Samples.index(job);
            List<Link> links = new ArrayList<>();
            for (int k = random.nextInt(6); k > 0; k--) {
                Terminal one = index.get(random.nextInt(index.size()));
                Terminal other = index.get(random.nextInt(index.size()));
                if (!one.equals(other)) {
                    links.add(Link.of(one, other));
                }
            }
            Nets truth = Nets.of(index, links);
            Advisor advisor = new Advisor(job, index, fixture, Goal.PROVE, CostModel.USUAL, round);
            Tracer.Run run = Tracer.run(job, advisor, fixture, CostModel.USUAL, AdvisorTest.copper(truth),
                    300);
            assertThat(run.finished()).isTrue();
            assertThat(run.evidence().contradictions()).isEmpty();
            for (Claim claim : run.evidence().claims()) {
                assertThat(truth.joined(claim.a(), claim.b())).isEqualTo(claim.state().isJoined());
            }
            if (fixture.canGang()) {
                assertThat(run.evidence().nets()).isEqualTo(truth);
            }
        }
    }

    @Test
    void aHypothesisSaysBetweenWhichEndsItJoins() {
        Job job = job("dsub-9-plug", "dsub-9-plug", "terminal-2");
        assertThat(Hypotheses.of(job, Samples.index(job), wegweiser.core.wiring.NamedWiring.standard()))
                .extracting(Hypothesis::title)
                .anyMatch(t -> t.endsWith("A to B"))
                .anyMatch(t -> t.endsWith("A to C"));
    }
}
