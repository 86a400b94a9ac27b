package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.wiring.Wiring;

/** One wrong answer of the meter, of either kind, on cables with a name: it is asked for again and does no harm. */
class WornMeterTest {
    private static final int ROUNDS = 25;

    private static Outcome honest(Nets truth, Touch touch) {
        return truth.joined(touch.red().getFirst(), touch.black().getFirst()) ? Outcome.BEEP : Outcome.SILENT;
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket,dsub-9-plug,true", "dsub-9-socket,dsub-9-plug,false",
            "modular-8p8c-plug,modular-8p8c-plug,true", "modular-8p8c-plug,modular-8p8c-plug,false"})
    void oneWrongAnswerDoesNoHarm(String near, String far, boolean silence) {
        SplittableRandom random = new SplittableRandom(near.length() + (silence ? 1 : 2));
        Job blank = Samples.job(near, far, "");
        TerminalIndex index = Samples.index(blank);
        Advisor advisor = new Advisor(blank, index, Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1);
        var named = Recogniser.candidates(family(blank, 0), family(blank, 1));
        int lied = 0;
        int asked = 0;
        int wrong = 0;
        for (int round = 0; round < ROUNDS; round++) {
            Wiring wiring = named.get(random.nextInt(named.size())).wiring();
            Nets truth = Nets.of(index, wiring, "A", "B");
            int[] when = {random.nextInt(8)};
            Touch[] lie = new Touch[1];
            boolean[] again = new boolean[1];
            Tracer.Run run = Tracer.run(blank, advisor, Fixture.PROBES, CostModel.USUAL, (touch, mode) -> {
                Outcome outcome = honest(truth, touch);
                assertThat(mode).isEqualTo(Mode.CONTINUITY);
                again[0] |= touch.equals(lie[0]);
                boolean kind = outcome.equals(silence ? Outcome.BEEP : Outcome.SILENT);
                if (lie[0] == null && kind && when[0]-- == 0) {
                    lie[0] = touch;
                    return silence ? Outcome.SILENT : Outcome.BEEP;
                }
                return outcome;
            }, 300);
            lied += lie[0] == null ? 0 : 1;
            asked += again[0] ? 1 : 0;
            wrong += advisor.identified(run.evidence(), run.belief()).said().equals(truth.partition())
                    ? 0
                    : 1;
        }
        assertThat(lied).isGreaterThan(ROUNDS / 2);
        assertThat(asked).as("asked for again, of %d wrong answers", lied).isGreaterThan(lied * 8 / 10);
        assertThat(wrong).as("wrong in the end, of %d", lied).isLessThanOrEqualTo(1);
    }

    private static String family(Job job, int end) {
        return Catalogue.of(job).of(job.ends().get(end)).orElseThrow().family();
    }
}
