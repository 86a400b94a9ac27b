package wegweiser.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.faults.Faults;
import wegweiser.core.faults.PossibleFault;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Prover;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Verdict;
import wegweiser.core.usual.UsualCable;

/** Touched until it is sure enough: few touches for a good cable, and nearly no fault that slips through. */
class SureEnoughTest {
    private static final double USUAL = 0.01;
    private static final int CABLES = Integer.getInteger("sure.cables", 160);

    static Stream<UsualCable> cables() {
        return UsualCable.all().stream();
    }

    private static Prover.Touched touched(Job plan, Job truth, double most, long seed) {
        Meter meter = new SimulatedMeter(new SimulatedCable(truth, Terminals.of(plan)), MeterTraits.USUAL,
                seed);
        return Prover.untilSure(plan, Fixture.PROBES, meter::measure, most);
    }

    private static Sure sure(Prover.Touched touched, double most) {
        Derived derived = Derived.of(touched.job());
        return Sure.of(derived, Verdict.of(derived, Fixture.PROBES), most);
    }

    @ParameterizedTest
    @MethodSource("cables")
    void aGoodUsualCableIsTestedAndMoreSureTakesNoFewerTouches(UsualCable cable) {
        int before = 0;
        for (double most : new double[]{0.05, USUAL, 0.001}) {
            Prover.Touched touched = touched(cable.job(), cable.job(), most, 7);
            Sure sure = sure(touched, most);
            // few nets are all touched by the way, and then it is more than tested
            assertThat(sure.id()).as("%s to %s", cable.id(), most).isIn("tested", "pass");
            assertThat(sure.words()).startsWith("Tested: 1 in ");
            assertThat(sure.chanceLeft()).isLessThanOrEqualTo(most);
            assertThat(sure.harmLeft()).isLessThanOrEqualTo(most / 10);
            assertThat(touched.touches()).isGreaterThanOrEqualTo(before).isPositive();
            before = touched.touches();
        }
    }

    @Test
    void handsPayForIt() {
        List<Integer> touches = new ArrayList<>();
        cables().forEach(c -> touches.add(touched(c.job(), c.job(), USUAL, 7).touches()));
        touches.sort(Integer::compare);
        assertThat(touches.get(touches.size() / 2)).isLessThanOrEqualTo(14);
    }

    /** One fault of the model, drawn by its chance: what is called tested has one no oftener than was said. */
    @Test
    void aFaultThatIsThereIsFound() {
        SplittableRandom random = new SplittableRandom(11);
        List<UsualCable> all = UsualCable.all();
        double said = 0;
        int missed = 0;
        for (int k = 0; k < CABLES; k++) {
            Job job = all.get(k % all.size()).job();
            List<PossibleFault> faults = Faults.of(Derived.of(job));
            double sum = faults.stream().mapToDouble(PossibleFault::chance).sum();
            double at = random.nextDouble() * sum;
            int chosen = 0;
            while (chosen < faults.size() - 1 && (at -= faults.get(chosen).chance()) > 0) {
                chosen++;
            }
            Sure good = sure(touched(job, job, USUAL, k), USUAL);
            Prover.Touched spoilt = touched(job, job.withLinks(faults.get(chosen).links()), USUAL, k);
            // of cables with a fault so many slip through as the chance left is of the chance there was
            said += good.chanceLeft() / sum;
            missed += spoilt.fits() ? 1 : 0;
        }
        assertThat(missed).as("said %.1f", said).isBetween((int) (said / 2), (int) (2 * said));
    }
}
