package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** What is said of touches that were not proposed is so. */
class WhyNotTest {
    private final Job blank = Samples.job("dsub-9-socket", "dsub-9-plug", "");
    private final TerminalIndex index = Samples.index(blank);
    private final Advisor advisor = new Advisor(blank, index, Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL,
            1);
    private int less;
    private int later;

    /** Bits a second of a touch by itself. */
    private static double rate(Evidence evidence, Belief belief, Touch touch, Optional<Touch> last) {
        double p = belief.joined(evidence.index().of(touch.red().getFirst()),
                evidence.index().of(touch.black().getFirst()));
        double bits = p <= 0 || p >= 1
                ? 0
                : -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
        return bits / Math.max(1, CostModel.USUAL.seconds(last, touch, Fixture.PROBES));
    }

    @Test
    void aTouchIsSaidToTellLessOnlyWhereItDoes() {
        SplittableRandom random = new SplittableRandom(8);
        for (String wiring : List.of("2-3 3-2 5-5", "1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8 9-9",
                "1-7 2-9 4-1 5-5 8-8")) {
            Nets truth = Nets.of(index, Samples.job("dsub-9-socket", "dsub-9-plug", wiring).links());
            List<Reading> readings = new ArrayList<>();
            while (true) {
                Evidence evidence = new Evidence(index, readings);
                Belief belief = advisor.belief(evidence);
                Optional<Proposal> next = advisor.next(evidence, belief);
                if (next.isEmpty()) {
                    break;
                }
                for (int k = 0; k < 12; k++) {
                    look(evidence, belief, next.get(), index.get(random.nextInt(9)),
                            index.get(10 + random.nextInt(9)));
                }
                Touch touch = next.get().touch();
                readings.add(Reading.of(next.get().mode(), touch,
                        truth.joined(touch.red().getFirst(), touch.black().getFirst())
                                ? Outcome.BEEP
                                : Outcome.SILENT));
            }
        }
        assertThat(less).as("said to tell less").isGreaterThan(50);
        assertThat(later).as("said to be asked for later, if at all").isGreaterThan(50);
    }

    private void look(Evidence evidence, Belief belief, Proposal proposal, Terminal a, Terminal b) {
        String words = WhyNot.words(evidence, belief, Optional.of(proposal), CostModel.USUAL, Fixture.PROBES,
                a, b);
        List<Reading> made = evidence.readings();
        Optional<Touch> last = made.isEmpty() ? Optional.empty() : Optional.of(made.getLast().touch());
        if (words.contains("tells less")) {
            less++;
            assertThat(rate(evidence, belief, Touch.of(a, b), last))
                    .as("%s after %d readings", words, made.size())
                    .isLessThan(rate(evidence, belief, proposal.touch(), last));
            assertThat(proposal.purpose()).isEqualTo(Proposal.Purpose.LEARN);
        } else if (words.contains("may still be asked for")) {
            later++;
        }
    }
}
