package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;

/** The sweep that everything is compared with. */
class SweepTest {
    private static Sweep sweep(Job job, Fixture fixture) {
        return Sweep.of(job, Nets.planned(job), CostModel.USUAL, fixture);
    }

    @Test
    void aStraightCableTakesOneTouchAContactWithBothProbesMoving() {
        Job job = Samples.job("modular-6p6c-plug", "modular-6p6c-plug", "1-1 2-2 3-3 4-4 5-5 6-6");
        assertThat(sweep(job, Fixture.PROBES)).isEqualTo(new Sweep(6, 6 * 2 * CostModel.USUAL.moveProbe()));
    }

    @Test
    void anEmptyCableTakesEveryPair() {
        Job job = Samples.job("modular-6p6c-plug", "modular-8p8c-plug", "");
        Sweep all = sweep(job, Fixture.PROBES);
        assertThat(all.touches()).isEqualTo(48);
        // each touch moves the black probe, and one in eight the red one as well
        assertThat(all.seconds()).isCloseTo((48 + 6) * CostModel.USUAL.moveProbe(), within(1e-9));
        assertThat(sweep(job, Fixture.CLIP).seconds())
                .isCloseTo(48 * CostModel.USUAL.moveProbe() + 6 * CostModel.USUAL.reclip(), within(1e-9));
    }

    @Test
    void aCableWithOneEndIsNotSwept() {
        Job job = Samples.job("xlr-3-plug", "xlr-3-socket", "1-1");
        assertThat(sweep(job.withEnds(List.of(job.ends().getFirst())), Fixture.PROBES))
                .isEqualTo(new Sweep(0, 0));
    }

    @ParameterizedTest
    @CsvSource({"6,6", "6,8", "8,6"})
    void aContactIsLookedForAmongThoseNotFoundYet(int near, int far) {
        SplittableRandom random = new SplittableRandom(near * 10L + far);
        String[] connector = {"modular-6p6c-plug", "", "modular-8p8c-plug"};
        for (int round = 0; round < 100; round++) {
            StringBuilder links = new StringBuilder();
            boolean[] taken = new boolean[far + 1];
            int[] partner = new int[near + 1];
            for (int a = 1; a <= near; a++) {
                int b = 1 + random.nextInt(far);
                if (!taken[b] && random.nextInt(3) > 0) {
                    taken[b] = true;
                    partner[a] = b;
                    links.append(a).append('-').append(b).append(' ');
                }
            }
            int touches = 0;
            boolean[] found = new boolean[far + 1];
            for (int a = 1; a <= near; a++) {
                for (int b = 1; b <= (partner[a] > 0 ? partner[a] : far); b++) {
                    touches += found[b] ? 0 : 1;
                }
                found[partner[a]] = true;
            }
            Job job = Samples.job(connector[near - 6], connector[far - 6], links.toString());
            assertThat(sweep(job, Fixture.PROBES).touches()).as("%s", links).isEqualTo(touches);
        }
    }

    @Test
    void whatIsLeftShrinksToNothing() {
        Job job = Samples.job("xlr-3-plug", "xlr-3-socket", "1-1 2-2 3-3");
        TerminalIndex index = Samples.index(job);
        Advisor advisor = new Advisor(job.withLinks(List.of()), index, Fixture.COMB, Goal.PROVE,
                CostModel.USUAL, 1);
        assertThat(Sweep.left(new Evidence(index, List.of()), Goal.PROVE))
                .isEqualTo(index.size() * (index.size() - 1) / 2);
        Tracer.Run run = Tracer.run(job.withLinks(List.of()), advisor, Fixture.COMB, CostModel.USUAL,
                AdvisorTest.copper(Nets.planned(job)), 100);
        assertThat(Sweep.left(run.evidence(), Goal.PROVE)).isZero();
        assertThat(Sweep.left(run.evidence(), Goal.IDENTIFY)).isZero();
    }
}
