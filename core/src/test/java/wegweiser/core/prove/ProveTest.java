package wegweiser.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.Samples;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Tracer;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.wiring.Nets;

class ProveTest {
    private static Tracer.Answers copper(Nets truth) {
        return (touch, mode) -> {
            boolean joined = touch.red().stream()
                    .anyMatch(r -> touch.black().stream().anyMatch(b -> truth.joined(r, b)));
            return switch (mode) {
                case CONTINUITY -> joined ? Outcome.BEEP : Outcome.SILENT;
                default -> joined ? new Outcome.Resistance(0.4) : Outcome.OPEN;
            };
        };
    }

    private static Job proved(Job plan, Job truth, Fixture fixture) {
        return Prover.run(plan, fixture, copper(Nets.planned(truth)), 1);
    }

    @ParameterizedTest
    @EnumSource(value = Fixture.class, names = {"PROBES", "COMB"})
    void aCablePassesExactlyWhenItIsAsPlanned(Fixture fixture) {
        SplittableRandom random = new SplittableRandom(31);
        int passed = 0;
        for (int k = 0; k < 40; k++) {
            Job plan = Samples.random("modular-6p6c-plug", "modular-6p6c-plug", random);
            Job truth = k % 2 == 0 ? plan : Samples.random("modular-6p6c-plug", "modular-6p6c-plug", random);
            boolean same = Nets.planned(plan).equals(Nets.planned(truth));
            Verdict verdict = Verdict.of(proved(plan, truth, fixture), fixture);
            assertThat(verdict.result()).isEqualTo(same ? Verdict.Result.PASS : Verdict.Result.FAIL);
            assertThat(verdict.faults().isEmpty()).isEqualTo(same);
            passed += same ? 1 : 0;
        }
        assertThat(passed).isGreaterThanOrEqualTo(20);
    }

    @org.junit.jupiter.api.Test
    void withoutReadingsNothingIsProved() {
        Verdict verdict = Verdict.of(Samples.job("dsub-9-socket", "dsub-9-socket", "2-3 3-2 5-5"),
                Fixture.PROBES);
        assertThat(verdict.result()).isEqualTo(Verdict.Result.INCOMPLETE);
        assertThat(verdict.open()).isEqualTo(verdict.plan().size());
    }

    @org.junit.jupiter.api.Test
    void oneMissingTestKeepsACableFromPassing() {
        Job plan = Samples.job("dsub-9-socket", "dsub-9-socket", "2-3 3-2 5-5");
        Job full = proved(plan, plan, Fixture.PROBES);
        assertThat(Verdict.of(full, Fixture.PROBES).isPassed()).isTrue();
        for (int k = 0; k < full.readings().size(); k += 17) {
            wegweiser.core.model.Reading gone = full.readings().get(k);
            List<wegweiser.core.model.Reading> once = new java.util.ArrayList<>(full.readings());
            once.remove(k);
            Verdict verdict = Verdict.of(full.withReadings(once), Fixture.PROBES);
            assertThat(verdict.result()).isEqualTo(Verdict.Result.PASS);
            assertThat(verdict.isPassed()).isFalse();
            assertThat(Sure.of(Derived.of(full.withReadings(once)), Testing.with(Fixture.PROBES)).words())
                    .doesNotContain("read twice");
            assertThat(verdict.once()).singleElement()
                    .satisfies(t -> assertThat(t.touch()).isEqualTo(gone.touch()));
            once.removeIf(r -> r.touch().equals(gone.touch()));
            assertThat(Verdict.of(full.withReadings(once), Fixture.PROBES).result())
                    .isEqualTo(Verdict.Result.INCOMPLETE);
        }
    }

    @org.junit.jupiter.api.Test
    void dangerComesFirst() {
        Job job = Samples.job("row-254-4-socket", "row-254-4-socket", "1-1 2-2 3-3");
        job = job.withEnd(job.ends().get(0)
                .withPinout(List.of(Samples.supply("1", Direction.SUPPLY_OUT, 5, 1),
                        PinRow.of("2", "DATA", Direction.OUT, "ttl-5v"),
                        PinRow.of("4", "GND", Direction.GROUND, ""))));
        List<Test.Danger> dangers = TestPlan.of(job, Fixture.PROBES).stream()
                .filter(t -> t.kind() == Test.Kind.APART)
                .map(Test::danger).toList();
        assertThat(dangers).isSorted();
        assertThat(dangers.getFirst()).isEqualTo(Test.Danger.SUPPLY_TO_GROUND);
        assertThat(Verdict.of(job, Fixture.PROBES).untestedDanger()).contains(Test.Danger.SUPPLY_TO_GROUND);
    }

    @org.junit.jupiter.api.Test
    void isolationWithACombTakesAsManyTouchesAsTheLogarithm() {
        Job job = Samples.job("dsub-25-socket", "dsub-25-plug",
                "1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8 9-9 10-10 11-11 12-12 13-13 14-14 15-15 16-16 17-17 18-18 19-19 20-20 21-21 22-22 23-23 24-24 25-25");
        assertThat(TestPlan.of(job, Fixture.COMB)).filteredOn(t -> t.kind() == Test.Kind.APART).hasSize(5);
    }

    static Stream<Arguments> mistakes() {
        String straight = "1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8 9-9";
        return Stream.of(
                Arguments.of("dsub-9-socket", straight, "1-5 2-4 3-3 4-2 5-1 6-9 7-8 8-7 9-6", "mirrored"),
                Arguments.of("dsub-9-socket", straight, "1-2 2-3 3-4 4-5 5-6 6-7 7-8 8-9", "shifted"),
                Arguments.of("dsub-9-socket", straight, "1-1 2-3 3-2 4-4 5-5 6-6 7-7 8-8 9-9", "swapped"),
                Arguments.of("dsub-9-socket", straight, "1-1 2-2 3-3 5-5 6-6 7-7 8-8 9-9", "open"),
                Arguments.of("dsub-9-socket", straight, straight + " A.2-A.3", "short"),
                Arguments.of("dsub-9-socket", straight, "1-1 2-2 3-7 4-6 5-5 6-4 7-3 8-8 9-9", "twist"),
                Arguments.of("dsub-9-socket", "2-3 3-2 5-5", "2-2 3-3 5-5", "straight-instead"),
                Arguments.of("dsub-9-socket", "2-2 3-3 5-5", "2-3 3-2 5-5", "crossed-instead"),
                Arguments.of("dsub-9-socket", straight, "2-3 3-2 4-6 5-5 6-4 7-8 8-7 A.1-A.6 B.1-B.6",
                        "crossed-instead"),
                Arguments.of("dsub-9-socket", "2-3 3-2 4-6 5-5 6-4 7-8 8-7 A.1-A.6 B.1-B.6", straight,
                        "straight-instead"),
                Arguments.of("modular-8p8c-plug", "1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8",
                        "1-3 2-6 3-1 4-4 5-5 6-2 7-7 8-8", "colour-standard"),
                Arguments.of("box-header-10-socket", "1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8 9-9 10-10",
                        "1-2 2-1 3-4 4-3 5-6 6-5 7-8 8-7 9-10 10-9", "rows-swapped"));
    }

    @ParameterizedTest
    @MethodSource("mistakes")
    void theLikeliestStoryIsToldFirst(String connector, String plan, String truth, String kind) {
        Job planned = Samples.job(connector, connector, plan);
        Job tested = proved(planned, Samples.job(connector, connector, truth), Fixture.COMB);
        Verdict verdict = Verdict.of(tested, Fixture.COMB);
        List<Explanation> stories = Diagnosis.of(tested, Evidence.of(tested), verdict.faults());
        assertThat(verdict.result()).isEqualTo(Verdict.Result.FAIL);
        assertThat(stories).isNotEmpty();
        assertThat(stories.getFirst().kind()).as("%s", stories).isEqualTo(kind);
        assertThat(stories.getFirst().explains()).isEqualTo(1.0);
        assertThat(stories.getFirst().text()).isNotBlank();
        assertThat(stories.getFirst().repair()).isNotEmpty();
    }

    @org.junit.jupiter.api.Test
    void ribbonForNumberIsRecognised() {
        Job plan = Samples.job("box-header-10-socket", "dsub-9-plug", "1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8 9-9");
        Job truth = Samples.job("box-header-10-socket", "dsub-9-plug", "1-1 2-6 3-2 4-7 5-3 6-8 7-4 8-9 9-5");
        Job tested = proved(plan, truth, Fixture.COMB);
        assertThat(Diagnosis.of(tested, Evidence.of(tested), Verdict.of(tested, Fixture.COMB).faults())
                .getFirst().kind()).isEqualTo("ribbon-for-number");
    }

    @org.junit.jupiter.api.Test
    void aCutConductorThatStillConductsIsAStrandLeft() {
        Job base = Samples.job("jack-2.5-trs-plug", "jack-3.5-trs-plug", "tip-tip ring-ring");
        List<Link> links = new java.util.ArrayList<>(base.links());
        links.add(Link.of("A.sleeve", "B.sleeve").withPart(Part.of(PartKind.CUT)));
        Job plan = base.withLinks(links);
        Job tested = proved(plan,
                Samples.job("jack-2.5-trs-plug", "jack-3.5-trs-plug", "tip-tip ring-ring sleeve-sleeve"),
                Fixture.PROBES);
        Verdict verdict = Verdict.of(tested, Fixture.PROBES);
        assertThat(verdict.faults()).extracting(Fault::kind).containsExactly(Fault.Kind.STRAND_LEFT);
        assertThat(Diagnosis.of(tested, Evidence.of(tested), verdict.faults()).getFirst().kind())
                .isEqualTo("strand-left");
    }

    @org.junit.jupiter.api.Test
    void aPartMustBeThereAndWithinItsWindow() {
        Job base = Samples.job("dsub-9-socket", "dsub-9-socket", "2-2 7-7");
        List<Link> links = new java.util.ArrayList<>(base.links());
        links.add(Link.of("A.2", "A.7").withPart(Part.resistor(120)));
        Job plan = base.withLinks(links);
        assertThat(Verdict.of(Samples.readings(plan, "A.2 A.7 118.9"), Fixture.PROBES).faults()).isEmpty();
        assertThat(Verdict.of(Samples.readings(plan, "A.2 A.7 60.2"), Fixture.PROBES).faults())
                .extracting(Fault::kind).containsExactly(Fault.Kind.PART_WRONG);
        assertThat(Verdict.of(Samples.readings(plan, "A.2 A.7 open"), Fixture.PROBES).faults())
                .extracting(Fault::kind).containsExactly(Fault.Kind.PART_MISSING);
        assertThat(Verdict.of(Samples.readings(plan, "A.2 A.5 119"), Fixture.PROBES).faults())
                .extracting(Fault::kind).contains(Fault.Kind.PART_UNPLANNED);
    }

    @ParameterizedTest
    @EnumSource(value = Fixture.class)
    void aLeakThatNoBuzzerHearsKeepsACableFromPassing(Fixture fixture) {
        Job plan = Samples.job("modular-6p6c-plug", "modular-6p6c-plug", "1-1 2-2 3-3 4-4");
        Nets nets = Nets.planned(plan);
        Tracer.Answers meter = (touch, mode) -> {
            Outcome copper = copper(nets).answer(touch, mode);
            boolean leak = on(nets, touch.red(), "A.2") && on(nets, touch.black(), "A.5")
                    || on(nets, touch.red(), "A.5") && on(nets, touch.black(), "A.2");
            return leak && copper.equals(Outcome.OPEN) ? new Outcome.Resistance(1000.5) : copper;
        };
        Verdict verdict = Verdict.of(Prover.run(plan, fixture, meter, 1), fixture);
        assertThat(verdict.result()).isEqualTo(Verdict.Result.FAIL);
        assertThat(verdict.faults()).extracting(Fault::kind).containsOnly(Fault.Kind.PART_UNPLANNED);
    }

    private static boolean on(Nets nets, List<wegweiser.core.model.Terminal> gang, String wanted) {
        return gang.stream().anyMatch(t -> nets.joined(t, wegweiser.core.model.Terminal.parse(wanted)));
    }

    @org.junit.jupiter.api.Test
    void aDiodeTheWrongWayRoundIsSaidToBe() {
        Job plan = Samples.job("dsub-9-socket", "dsub-9-socket", "")
                .withLinks(List.of(Link.of("A.1", "B.1").withPart(Part.of(PartKind.DIODE))));
        Job tested = Samples.readings(plan, "B.1 A.1 0.6 V");
        Verdict verdict = Verdict.of(tested, Fixture.PROBES);
        assertThat(verdict.faults()).extracting(Fault::kind).containsExactly(Fault.Kind.PART_REVERSED);
        assertThat(Diagnosis.of(tested, Evidence.of(tested), verdict.faults()).getFirst().kind())
                .isEqualTo("part-reversed");
        assertThat(Verdict.of(Samples.readings(plan, "A.1 B.1 0.6 V"), Fixture.PROBES).faults()).isEmpty();
    }
}
