package wegweiser.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.advice.AdvisorTest;
import wegweiser.core.advice.Fixture;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.faults.FaultKind;
import wegweiser.core.faults.Faults;
import wegweiser.core.faults.PossibleFault;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Touch;
import wegweiser.core.usual.UsualCable;
import wegweiser.core.wiring.Nets;

/** Cables that others build, each with something wrong: what it is, is told, and once it is put right it tests well. */
class StoriesTest {
    private static final int PER_CABLE = Integer.getInteger("stories.cables", 1);
    private static final int MOST_CONTACTS = 24;
    private static final Testing TESTING = Testing.with(Fixture.PROBES);

    /** What a meter shows in ohms on a cable whose links are so. */
    private static Outcome shown(Foreseen cable, Touch touch) {
        if (cable.isJoined(touch)) {
            return new Outcome.Resistance(0.3);
        }
        double ohms = cable.ohms(touch);
        return Double.isFinite(ohms) && ohms > 0 ? new Outcome.Resistance(ohms) : Outcome.OPEN;
    }

    /** Faults of copper, which ohms alone tell. */
    private static List<PossibleFault> faults(Derived plan) {
        return Faults.of(plan).stream().filter(f -> plan.job().links().stream().noneMatch(Foreseen::isPart))
                .toList();
    }

    /** The job with the readings that somebody makes until it fails, and then those that tell stories apart. */
    private static Job told(Job job, Foreseen cable) {
        Prover.Touched touched = Prover.untilSure(job, Fixture.PROBES, (touch, mode) -> shown(cable, touch),
                0.0005);
        assertThat(touched.fits()).isFalse();
        return Prover.told(touched, Fixture.PROBES, (touch, mode) -> shown(cable, touch), 1).job();
    }

    private static List<Explanation> stories(Job failed) {
        Derived derived = Derived.of(failed);
        return Diagnosis.of(derived, Verdict.of(derived, Fixture.PROBES));
    }

    private static Foreseen foreseen(Derived plan, List<Link> links) {
        return new Foreseen(Nets.of(plan.index(), links), links);
    }

    @Test
    void oneThingWrongIsToldFirstAndPutRightItIsTested() {
        SplittableRandom random = new SplittableRandom(34);
        int told = 0;
        int right = 0;
        for (UsualCable usual : UsualCable.all()) {
            Derived plan = Derived.of(usual.job());
            List<PossibleFault> all = faults(plan);
            for (int k = 0; k < PER_CABLE && !all.isEmpty() && plan.index().size() <= MOST_CONTACTS; k++) {
                PossibleFault fault = picked(all, random);
                Foreseen cable = foreseen(plan, fault.links());
                Job failed = told(usual.job(), cable);
                Explanation first = stories(failed).getFirst();
                String what = usual.id() + " " + fault.kind() + " " + fault.at() + ": " + first.text();
                told++;
                assertThat(first.repair()).as(what).isNotEmpty()
                        .allSatisfy(line -> assertThat(line).isNotBlank().doesNotContain("{"));
                assertThat(first.end().isEmpty() || !Assembly.of(plan).stays(first.end())).as(what).isTrue();
                if (Nets.of(plan.index(), first.links()).equals(cable.nets())) {
                    right++;
                    putRight(plan, failed, first, what);
                }
            }
        }
        assertThat(told).isGreaterThan(15);
        assertThat(right).isGreaterThanOrEqualTo((int) Math.floor(0.97 * told));
    }

    private static void putRight(Derived plan, Job failed, Explanation story, String what) {
        Job right = Repaired.of(Derived.of(failed), story);
        assertThat(Verdict.of(right, Fixture.PROBES).result()).as(what).isNotEqualTo(Verdict.Result.FAIL);
        Foreseen good = plan.foreseen();
        Prover.Touched again = Prover.untilSure(right, Fixture.PROBES, (touch, mode) -> shown(good, touch),
                0.01);
        assertThat(Sure.of(Derived.of(again.job()), TESTING).isTested()).as(what).isTrue();
    }

    /** One of them, as often as it happens. */
    private static PossibleFault picked(List<PossibleFault> all, SplittableRandom random) {
        double left = random.nextDouble() * all.stream().mapToDouble(PossibleFault::chance).sum();
        for (PossibleFault fault : all) {
            left -= fault.chance();
            if (left < 0) {
                return fault;
            }
        }
        return all.getLast();
    }

    @Test
    void twoThingsWrongAreToldTogether() {
        Job job = UsualCable.all().stream().filter(c -> c.id().equals("serial-terminals")).findFirst()
                .orElseThrow()
                .job();
        Derived plan = Derived.of(job);
        List<PossibleFault> open = Faults.of(plan).stream().filter(f -> f.kind() == FaultKind.OPEN).toList();
        PossibleFault bridge = Faults.of(plan).stream().filter(f -> f.kind() == FaultKind.SHORT).findFirst()
                .orElseThrow();
        List<Link> both = bridge.on(Assembly.of(plan).links(), open.getLast().links());
        Foreseen cable = foreseen(plan, both);
        Job full = job;
        for (wegweiser.core.prove.Test test : TestPlan.of(job, Fixture.PROBES)) {
            full = full.withReading(Reading.of(Mode.OHMS, test.touch(), shown(cable, test.touch())));
        }
        Explanation first = stories(full).getFirst();
        assertThat(Nets.of(plan.index(), first.links())).isEqualTo(cable.nets());
        assertThat(first.text()).contains("And: ");
        assertThat(first.repair()).hasSizeGreaterThan(1);
    }

    @Test
    void aPressedConnectorIsReplacedAndNoWireOfItIsMoved() {
        for (UsualCable usual : UsualCable.all()) {
            Derived plan = Derived.of(usual.job());
            for (PossibleFault fault : Faults.of(plan)) {
                boolean pressed = !fault.end().isEmpty()
                        && !Assembly.of(plan).at(fault.end()).undoing().isWireByWire();
                if (pressed) {
                    Stories.Story story = new Stories.Story(List.of(List.of(fault)), fault.links(), 1);
                    Explanation told = new StoryWords(Assembly.of(plan), plan.evidence()).of(story);
                    assertThat(told.repair()).as("%s %s", usual.id(), fault.kind()).allSatisfy(
                            line -> assertThat(line.toLowerCase(java.util.Locale.ROOT)).contains("cut"));
                }
            }
        }
    }

    @Test
    void whatIsAskedToTellStoriesApartWasNotAskedBefore() {
        SplittableRandom random = new SplittableRandom(4);
        for (UsualCable usual : UsualCable.all().subList(0, 8)) {
            Derived plan = Derived.of(usual.job());
            List<PossibleFault> all = faults(plan);
            if (all.isEmpty()) {
                continue;
            }
            Foreseen cable = foreseen(plan, picked(all, random).links());
            Job now = Prover
                    .untilSure(usual.job(), Fixture.PROBES, (touch, mode) -> shown(cable, touch), 0.0005)
                    .job();
            List<Touch> asked = new ArrayList<>();
            for (Optional<Touch> next = next(now); next.isPresent(); next = next(now)) {
                assertThat(asked).doesNotContain(next.get()).hasSizeLessThan(20);
                asked.add(next.get());
                now = now.withReading(Reading.of(Mode.OHMS, next.get(), shown(cable, next.get())));
            }
        }
    }

    private static Optional<Touch> next(Job job) {
        return Telling.next(Derived.of(job), stories(job), TESTING);
    }

    @Test
    void aGoodCableHasNoStory() {
        Job job = UsualCable.all().getFirst().job();
        Job tested = Prover.run(job, Fixture.PROBES, AdvisorTest.copper(Derived.of(job).nets()), 1);
        assertThat(stories(tested)).isEmpty();
    }
}
