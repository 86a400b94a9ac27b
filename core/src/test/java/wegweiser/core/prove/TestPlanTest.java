package wegweiser.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.Samples;
import wegweiser.core.advice.Fixture;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.wiring.Nets;

/** What a test plan must do for any cable: its expected answers prove the plan, every pair of it. */
class TestPlanTest {
    private static Job withResistor(Job job, SplittableRandom random) {
        Nets nets = Nets.planned(job);
        List<List<Terminal>> all = nets.all();
        Terminal a = all.get(random.nextInt(all.size())).getFirst();
        Terminal b = all.get(random.nextInt(all.size())).getFirst();
        if (nets.joined(a, b)) {
            return job;
        }
        List<Link> links = new ArrayList<>(job.links());
        links.add(Link.of(a, b).withPart(Part.resistor(random.nextInt(50, 5000))));
        return job.withLinks(links);
    }

    private static Reading expected(Test test) {
        Outcome outcome = switch (test.kind()) {
            case JOINED -> Outcome.BEEP;
            case APART,
                    PART ->
                test.window().isGiven()
                        ? new Outcome.Resistance((test.window().from() + test.window().to()) / 2)
                        : test.mode() == Mode.CONTINUITY ? Outcome.SILENT : Outcome.OPEN;
        };
        return Reading.of(test.mode(), test.touch(), outcome);
    }

    @ParameterizedTest
    @EnumSource(value = Fixture.class)
    void theExpectedAnswersPassAndProveEveryPair(Fixture fixture) {
        SplittableRandom random = new SplittableRandom(fixture.ordinal());
        for (int round = 0; round < 30; round++) {
            Job job = withResistor(Samples.random("modular-6p6c-plug", "xlr-3-plug", random), random);
            List<Test> plan = TestPlan.of(job, fixture);
            Job tested = job.withReadings(plan.stream().map(TestPlanTest::expected).toList());
            Verdict verdict = Verdict.of(tested, fixture);
            assertThat(verdict.result()).as("%s", verdict.faults()).isEqualTo(Verdict.Result.PASS);
            Evidence evidence = Evidence.of(tested);
            assertThat(evidence.nets()).isEqualTo(Nets.planned(job));
            assertThat(evidence.countUnknown()).isZero();
            assertThat(evidence.contradictions()).isEmpty();
        }
    }

    @ParameterizedTest
    @EnumSource(value = Fixture.class)
    void anySingleWrongAnswerKeepsACableFromPassing(Fixture fixture) {
        SplittableRandom random = new SplittableRandom(100 + fixture.ordinal());
        for (int round = 0; round < 12; round++) {
            Job job = Samples.random("jack-3.5-trs-plug", "xlr-3-plug", random);
            List<Test> plan = TestPlan.of(job, fixture);
            for (int wrong = 0; wrong < plan.size(); wrong++) {
                List<Reading> readings = new ArrayList<>();
                for (int k = 0; k < plan.size(); k++) {
                    Reading right = expected(plan.get(k));
                    boolean joins = right.outcome() instanceof Outcome.Beep;
                    readings.add(k != wrong
                            ? right
                            : Reading.of(Mode.CONTINUITY, right.touch(),
                                    joins ? Outcome.SILENT : Outcome.BEEP));
                }
                assertThat(Verdict.of(job.withReadings(readings), fixture).result())
                        .as("test %d of %s", wrong, plan.get(wrong)).isNotEqualTo(Verdict.Result.PASS);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"dsub-9-socket", "dsub-25-socket", "modular-8p8c-plug", "usb-c-plug",
            "box-header-34-socket"})
    void aCombNeverNeedsMoreThanTheLogarithmOfTheNets(String connector) {
        SplittableRandom random = new SplittableRandom(7);
        for (int round = 0; round < 10; round++) {
            Job job = Samples.random(connector, connector, random);
            int nets = Nets.planned(job).all().size();
            long apart = TestPlan.of(job, Fixture.COMB).stream().filter(t -> t.kind() == Test.Kind.APART)
                    .count();
            assertThat(apart).isEqualTo(32 - Integer.numberOfLeadingZeros(nets - 1));
        }
    }

    @ParameterizedTest
    @EnumSource(value = Fixture.class)
    void noTestPutsOneTerminalOnBothProbes(Fixture fixture) {
        SplittableRandom random = new SplittableRandom(55);
        for (int round = 0; round < 20; round++) {
            Job job = withResistor(Samples.random("dsub-9-socket", "modular-8p8c-plug", random), random);
            for (Test test : TestPlan.of(job, fixture)) {
                assertThat(test.red()).doesNotContainAnyElementsOf(test.black());
                assertThat(test.expect()).isNotBlank();
                assertThat(fixture.canGang() || test.touch().isSingle()).isTrue();
            }
        }
    }
}
