package wegweiser.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.AdvisorTest;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

class GoodCableTest {
    @Test
    void whatWasProvedIsThePlanOfAnyRandomCable() {
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 12; round++) {
            Job truth = Samples.random("dsub-9-socket", "box-header-10-socket", random);
            Job bare = truth.withLinks(List.of());
            TerminalIndex index = Samples.index(bare);
            Tracer.Run run = Tracer.run(bare,
                    new Advisor(bare, index, Fixture.COMB, Goal.PROVE, CostModel.USUAL, 1),
                    Fixture.COMB, CostModel.USUAL, AdvisorTest.copper(Nets.planned(truth)), 2000);
            Job traced = bare.withReadings(run.readings());
            Job plan = GoodCable.asPlan(Derived.of(traced));
            assertThat(Nets.planned(plan)).as("round %d", round).isEqualTo(Nets.planned(truth));
            assertThat(plan.readings()).isEqualTo(traced.readings());
            assertThat(Verdict.of(plan, Fixture.COMB).result()).as("it is itself good")
                    .isEqualTo(Verdict.Result.PASS);
        }
    }

    @Test
    void aResistorThatWasFoundIsPlanned() {
        Job job = Samples.job("xlr-3-plug", "xlr-3-plug", "");
        Job traced = job.withReadings(List.of(ohms("A.1", "B.1", 0.3), ohms("A.2", "A.3", 120)));
        Job plan = GoodCable.asPlan(Derived.of(traced));
        assertThat(plan.links())
                .anyMatch(l -> l.is(PartKind.RESISTOR) && l.part().orElseThrow().ohms().getAsDouble() > 110
                        && l.part().orElseThrow().ohms().getAsDouble() < 125);
    }

    @Test
    void nothingMeasuredIsNoPlan() {
        Job job = Samples.job("xlr-3-plug", "xlr-3-plug", "");
        assertThat(GoodCable.isMeasured(Derived.of(job).evidence())).isFalse();
        assertThat(GoodCable
                .isMeasured(Derived.of(job.withReadings(List.of(ohms("A.1", "B.1", 0.3)))).evidence()))
                .isTrue();
    }

    private static Reading ohms(String red, String black, double ohms) {
        return Reading.of(Mode.OHMS, Touch.of(Terminal.parse(red), Terminal.parse(black)),
                new Outcome.Resistance(ohms));
    }
}
