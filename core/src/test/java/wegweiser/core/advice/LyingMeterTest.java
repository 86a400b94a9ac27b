package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.evidence.Claim;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;

/** Seeded sessions with a meter that lies now and then; {@code -Dlying.share=1} runs ten thousand of them in place of half. */
class LyingMeterTest {
    private static final int LIES_IN = 100;
    private static final int SHARE = Integer.getInteger("lying.share", 8);

    private static Outcome lie(Outcome honest) {
        return honest.equals(Outcome.OPEN)
                ? new Outcome.Resistance(0.3)
                : honest.equals(Outcome.SILENT)
                        ? Outcome.BEEP
                        : honest.equals(Outcome.BEEP) ? Outcome.SILENT : Outcome.OPEN;
    }

    @ParameterizedTest
    @CsvSource({"xlr-3-plug, xlr-3-socket, COMB, 2500", "jack-3.5-trs-plug, jack-3.5-ts-plug, PROBES, 2500",
            "row-254-3-socket, terminal-3, CLIP, 2500", "m12-a-4-plug, m8-4-plug, COMB, 2000",
            "modular-6p6c-plug, modular-6p6c-plug, COMB, 500"})
    void whatIsProvedFalselyRestsOnALieThatIsNamed(String near, String far, Fixture fixture, int all) {
        int sessions = all / SHARE;
        SplittableRandom random = new SplittableRandom(sessions + near.hashCode());
        Job blank = Samples.job(near, far, "");
        TerminalIndex index = Samples.index(blank);
        Advisor advisor = new Advisor(blank, index, fixture, Goal.ONCE, CostModel.USUAL, 7);
        int lied = 0;
        int noticed = 0;
        int fooled = 0;
        for (int session = 0; session < sessions; session++) {
            Nets nets = Nets.of(index, Samples.random(near, far, random).links());
            Tracer.Answers honest = AdvisorTest.copper(nets);
            List<Boolean> lies = new ArrayList<>();
            Tracer.Answers meter = (touch, mode) -> {
                boolean lie = random.nextInt(LIES_IN) == 0;
                lies.add(lie);
                Outcome outcome = honest.answer(touch, mode);
                return lie ? lie(outcome) : outcome;
            };
            Tracer.Run run = Tracer.run(blank, advisor, fixture, CostModel.USUAL, meter, 120);
            BitSet lying = new BitSet();
            for (int i = 0; i < lies.size(); i++) {
                lying.set(i + 1, lies.get(i));
            }
            boolean told = !run.evidence().contradictions().isEmpty()
                    || !run.evidence().intermittent().isEmpty();
            boolean wrong = false;
            for (Claim claim : run.evidence().claims()) {
                if (nets.joined(claim.a(), claim.b()) != claim.state().isJoined()) {
                    wrong = true;
                    assertThat(claim.because()).as("%s of session %d with lies in %s", claim, session, lying)
                            .anyMatch(lying::get);
                }
            }
            if (lying.isEmpty()) {
                assertThat(told).as("an honest meter never contradicts itself").isFalse();
                assertThat(run.finished()).isTrue();
                assertThat(advisor.proof(run.evidence()).isRead()).isEqualTo(fixture.canGang());
            } else {
                lied++;
                noticed += told ? 1 : 0;
                fooled += wrong && !told && run.finished() ? 1 : 0;
            }
        }
        // the figures are what a session with one bad reading comes to: told, harmless, or believed
        assertThat(lied).isGreaterThan(sessions / 40);
        assertThat(noticed + fooled).isBetween(1, lied);
    }
}
