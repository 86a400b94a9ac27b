package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.Samples;
import wegweiser.core.evidence.Claim;
import wegweiser.core.model.Job;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;

/** Whole seeded sessions: whatever the cable, what is called proved is the truth. */
class SessionsTest {
    static Stream<Arguments> sessions() {
        return Stream
                .of("xlr-3-plug,xlr-3-socket", "jack-3.5-trs-plug,jack-3.5-ts-plug",
                        "modular-6p4c-plug,modular-6p6c-plug", "row-254-3-socket,terminal-3",
                        "m12-a-4-plug,m8-4-plug", "usb-a-plug,usb-b-plug", "circular-5,circular-5")
                .flatMap(pair -> Stream.of(Fixture.values())
                        .map(f -> Arguments.of(pair.split(",")[0], pair.split(",")[1], f)));
    }

    @ParameterizedTest
    @MethodSource("sessions")
    void endInTheTruth(String near, String far, Fixture fixture) {
        SplittableRandom random = new SplittableRandom(near.length() * 31L + far.length());
        for (int round = 0; round < 15; round++) {
            Job truth = Samples.random(near, far, random);
            Job blank = truth.withLinks(List.of());
            TerminalIndex index = Samples.index(blank);
            Nets nets = Nets.planned(truth);
            Goal goal = round % 2 == 0 ? Goal.ONCE : Goal.PROVE;
            Advisor advisor = new Advisor(blank, index, fixture, goal, CostModel.USUAL, round);
            Tracer.Run run = Tracer.run(blank, advisor, fixture, CostModel.USUAL, AdvisorTest.copper(nets),
                    400);
            assertThat(run.finished()).isTrue();
            assertThat(advisor.proof(run.evidence()).isRead()).isEqualTo(fixture.canGang());
            assertThat(advisor.proof(run.evidence()).isProved())
                    .isEqualTo(fixture.canGang() && goal == Goal.PROVE);
            for (Claim claim : run.evidence().claims()) {
                assertThat(nets.joined(claim.a(), claim.b())).as("%s", claim)
                        .isEqualTo(claim.state().isJoined());
            }
            // between ends nothing is missed: each contact has its partner, or was seen to have none
            for (int a = 0; a < index.size(); a++) {
                for (int b = a + 1; b < index.size(); b++) {
                    boolean across = !index.get(a).end().equals(index.get(b).end());
                    if (across && nets.joined(index.get(a), index.get(b)) && fixture.canGang()) {
                        assertThat(run.evidence().isJoined(a, b)).isTrue();
                    }
                }
            }
            int pairs = index.size() * (index.size() - 1) / 2;
            assertThat(run.touches())
                    .isLessThanOrEqualTo(goal == Goal.ONCE ? pairs + index.size() : 2 * pairs);
            assertThat(run.seconds()).isPositive();
        }
    }
}
