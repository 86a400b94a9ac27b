package wegweiser.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Partition;

class AloneTest {
    /** What is found without weighing everything again is what weighing everything again finds. */
    @Test
    void itIsTheSameByEitherWay() {
        Job job = Samples.job("terminal-4", "terminal-5", "");
        TerminalIndex index = new TerminalIndex(Terminals.of(job));
        SplittableRandom random = new SplittableRandom(12);
        int compared = 0;
        for (int round = 0; round < 40; round++) {
            int[] net = new int[index.size()];
            for (int i = 0; i < net.length; i++) {
                net[i] = random.nextInt(3) == 0 && i > 0 ? net[random.nextInt(i)] : i;
            }
            Partition truth = Partition.of(net);
            Advisor advisor = new Advisor(job, index, Fixture.COMB, Goal.PROVE, CostModel.USUAL, round);
            List<Reading> all = Tracer.run(job, advisor, Fixture.COMB, CostModel.USUAL, (touch, mode) -> {
                boolean joined = touch.red().stream().anyMatch(r -> touch.black().stream()
                        .anyMatch(b -> truth.isJoined(index.of(r), index.of(b))));
                return !joined
                        ? Outcome.OPEN
                        : mode == Mode.DIODE ? new Outcome.Voltage(0) : new Outcome.Resistance(0.4);
            }, 500).readings();
            for (int count = all.size(); count > 3; count--) {
                Evidence evidence = new Evidence(index, all.subList(0, count));
                if (!advisor.proof(evidence).isRead()) {
                    break;
                }
                Alone one = Alone.in(evidence, true);
                Alone other = Alone.in(evidence, false);
                assertThat(one.readings()).isEqualTo(other.readings());
                assertThat(names(one)).isEqualTo(names(other));
                compared++;
            }
            assertThat(advisor.proof(new Evidence(index, all)).isProved()).isTrue();
        }
        assertThat(compared).isGreaterThan(100);
    }

    private static Set<Set<Terminal>> names(Alone alone) {
        return alone.pairs().stream().map(p -> Set.of(p.a(), p.b())).collect(Collectors.toSet());
    }
}
