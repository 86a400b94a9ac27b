package wegweiser.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.prove.Prover;
import wegweiser.core.prove.Verdict;
import wegweiser.core.usual.UsualCable;

/** Every usual cable, built as planned, passes its test; with two wires swapped it does not. */
class UsualCablesProvedTest {
    private static final int MANY = 40;

    static Stream<UsualCable> cables() {
        return UsualCable.all().stream();
    }

    private static Verdict tested(Job plan, Job truth, Fixture fixture) {
        Meter meter = new SimulatedMeter(new SimulatedCable(truth, Terminals.of(plan)), MeterTraits.USUAL, 3);
        return Verdict.of(Prover.run(plan, fixture, meter::measure, 3), fixture);
    }

    @ParameterizedTest
    @MethodSource("cables")
    void passesAsPlannedAndFailsWithTwoWiresSwapped(UsualCable cable) {
        // built step by step, as a screen that is joined at one end is beeped while that end is open
        Job plan = cable.job().withDone(BenchSteps.of(cable.job(), true).stream().map(Step::key).toList());
        Job spoilt = plan.withLinks(swapped(plan));
        // with probes a ribbon takes as long as all others together
        boolean many = Terminals.of(plan).size() > MANY;
        for (Fixture fixture : many ? List.of(Fixture.COMB) : List.of(Fixture.PROBES, Fixture.COMB)) {
            Verdict good = tested(plan, plan, fixture);
            assertThat(good.isPassed()).as("%s with %s: %s", cable.id(), fixture, good.faults()).isTrue();
            assertThat(tested(plan, spoilt, fixture).result()).as("%s with %s, swapped", cable.id(), fixture)
                    .isEqualTo(Verdict.Result.FAIL);
        }
    }

    /** The first two wires along the cable change places at their far end. */
    private static List<Link> swapped(Job plan) {
        List<Link> links = new ArrayList<>(plan.links());
        List<Link> along = links.stream().filter(l -> l.to().isPresent() && !l.isWithinOneEnd()).limit(2)
                .toList();
        for (int k = 0; k < 2; k++) {
            Link link = along.get(k);
            links.set(links.indexOf(link),
                    new Link(link.from(), Optional.of(along.get(1 - k).to().orElseThrow()),
                            link.conductor(), link.part(), link.why(), Extra.NONE));
        }
        return links;
    }
}
