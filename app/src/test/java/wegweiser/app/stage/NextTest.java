package wegweiser.app.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.Reading;
import wegweiser.core.prove.Prover;
import wegweiser.core.prove.Testing;
import wegweiser.core.prove.Verdict;
import wegweiser.core.usual.UsualCable;
import wegweiser.instruments.MeterTraits;
import wegweiser.instruments.SimulatedCable;
import wegweiser.instruments.SimulatedMeter;

/** What a card says comes next. */
class NextTest {
    private static Next next(Job job) {
        return Next.of(Derived.of(job), Testing.with(Fixture.PROBES), true);
    }

    private static Job phono() {
        return UsualCable.all().stream().filter(c -> c.id().equals("phono")).findFirst().orElseThrow().job();
    }

    private static Job built(Job job) {
        return job.withDone(BenchSteps.of(job, true).stream().map(Step::key).toList());
    }

    private static Job tested(Job job) {
        SimulatedMeter meter = new SimulatedMeter(new SimulatedCable(job, Terminals.of(job)),
                MeterTraits.USUAL, 2);
        return Prover.run(job, Fixture.PROBES, meter::measure, 2);
    }

    @Test
    void theWayOfACableFromItsPlanToItsPass() {
        Job plan = phono();
        assertThat(next(plan.withLinks(List.of())).stage()).isEqualTo(StageId.ROUTE);
        assertThat(next(plan).stage()).isEqualTo(StageId.MAKE);
        assertThat(next(built(plan)).stage()).isEqualTo(StageId.PROVE);
        assertThat(next(built(plan)).words()).startsWith("Test ");
        assertThat(next(tested(built(plan))).words()).startsWith("Passed");
    }

    @Test
    void passedIsSaidOnlyOfWhatPassed() {
        Job good = tested(built(phono()));
        for (int k = 0; k < good.readings().size(); k++) {
            List<Reading> readings = new ArrayList<>(good.readings());
            Reading one = readings.get(k);
            readings.add(Reading.beep("A.centre", "A.outer"));
            readings.add(one);
            Job doubtful = good.withReadings(readings);
            assertThat(Verdict.of(Derived.of(doubtful), Fixture.PROBES).isPassed()).isFalse();
            assertThat(next(doubtful).words()).doesNotStartWith("Passed");
            Job lacking = good.withReadings(good.readings().subList(0, k));
            assertThat(next(lacking).words()).doesNotStartWith("Passed");
        }
    }

    @Test
    void aFewContactsInDisputeAreNamedAndManyAreCounted() {
        Job plan = UsualCable.all().stream().filter(c -> c.job().ends().get(1).pinout().size() > 5)
                .findFirst().orElseThrow().job();
        List<String> contacts = plan.ends().get(1).pinout().stream().map(PinRow::contact).toList();
        assertThat(next(disputed(plan, contacts.subList(0, 1))).words())
                .isEqualTo("The sources for end B differ about contact " + contacts.getFirst() + ".");
        assertThat(next(disputed(plan, contacts.subList(0, 3))).words()).contains("contacts ")
                .contains(contacts.subList(0, 3));
        assertThat(next(disputed(plan, contacts.subList(0, 5))).words())
                .isEqualTo("The sources for end B differ about 5 contacts.");
        assertThat(next(disputed(plan, contacts.subList(0, 5))).trouble()).isTrue();
    }

    private static Job disputed(Job job, List<String> contacts) {
        List<PinSource> two = List.of(PinSource.of("manual", "RXD", Optional.of("RXD")),
                PinSource.of("label", "CTS", Optional.of("CTS")));
        End end = job.ends().get(1);
        for (String contact : contacts) {
            end = end.withRow(end.row(contact).orElseThrow().withSources(two));
        }
        return job.withEnd(end);
    }
}
