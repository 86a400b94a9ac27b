package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.usual.UsualCable;

/** Steps are done by hands that cannot pass a joint: whatever is planned has to come out as a cable. */
class HandsTest {
    private static final int A_LOT = 500;

    @ParameterizedTest
    @ValueSource(longs = {0, 1, 2, 3, 4, 5, 6, 7})
    void whateverIsPlannedCanBeBuiltInThisOrder(long block) {
        Set<Termination> seen = new TreeSet<>();
        LongStream.range(block * A_LOT, (block + 1) * A_LOT).forEach(seed -> {
            Job job = RandomDesigns.of(seed);
            List<Step> steps = BenchSteps.of(job, seed % 2 == 0);
            List<String> trouble = Hands.build(job, steps);
            assertThat(trouble).as(() -> "design " + seed + ": " + job.links()).isEmpty();
            assertThat(steps.stream().map(Step::key).distinct().count()).as("keys of design %d", seed)
                    .isEqualTo(steps.size());
            everyScreenEnds(job, steps, seed);
            job.ends().forEach(
                    e -> Catalogue.of(job).of(e).ifPresent(t -> seen.add(t.termination())));
        });
        assertThat(seen).as("ways of joining that came up")
                .contains(Termination.POTTED, Termination.SPLICE, Termination.CRIMP, Termination.RIBBON);
    }

    private static void everyScreenEnds(Job job, List<Step> steps, long seed) {
        Map<String, Long> ended = Hands.screensEnded(steps);
        boolean screened = Cables.of(job).map(CableStock::isScreened).orElse(false);
        for (End end : job.ends()) {
            boolean made = screened && !job.keeps(end.name())
                    && steps.stream()
                            .anyMatch(s -> s.end().equals(end.name()) && s.deed() instanceof Deed.Open);
            assertThat(ended.getOrDefault(end.name(), 0L)).as("screens at %s of design %d", end.name(), seed)
                    .isEqualTo(made ? 1 : 0);
        }
    }

    /** Whatever slides on is laid out first, and nothing is laid out that no step asks for. */
    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23})
    void whatIsLaidOutIsWhatIsUsed(long block) {
        LongStream.range(block * 200, (block + 1) * 200).forEach(seed -> {
            Job job = RandomDesigns.of(seed);
            List<Step> steps = BenchSteps.of(job, true);
            long sleeves = steps.stream().map(Step::deed).mapToLong(d -> d instanceof Deed.Sleeve sleeve
                    && sleeve.things().getFirst().kind() == Thing.Kind.SLEEVE ? sleeve.wires() : 0).sum();
            long hoods = steps.stream().map(Step::deed).filter(d -> d instanceof Deed.Slide slide
                    && slide.things().stream().anyMatch(t -> t.kind() == Thing.Kind.HOOD)).count();
            List<Materials.Item> parts = Materials.parts(job);
            assertThat(parts.stream().filter(
                    p -> p.article().kind() == Article.Kind.SLEEVE && !p.words().contains("40 mm long"))
                    .mapToLong(Materials.Item::count).sum()).as("sleeves of design %d", seed)
                    .isEqualTo(sleeves);
            assertThat(parts.stream().filter(p -> p.article().of().startsWith("hood/"))
                    .mapToLong(Materials.Item::count).sum())
                    .as("hoods of design %d", seed).isEqualTo(hoods);
            assertThat(parts.stream().filter(p -> p.article().kind() == Article.Kind.CONNECTOR).count())
                    .isEqualTo(job.ends().size() - job.kept().size());
            assertThat(parts).allMatch(p -> p.count() > 0);
        });
    }

    static Stream<UsualCable> usual() {
        return UsualCable.all().stream();
    }

    @ParameterizedTest
    @MethodSource("usual")
    void everyUsualCableCanBeBuilt(UsualCable cable) {
        Job job = cable.job();
        assertThat(Hands.build(job, BenchSteps.of(job, true))).isEmpty();
    }

    @Test
    void handsAreNotFooled() {
        Job job = UsualCable.all().getFirst().job();
        List<Step> steps = BenchSteps.of(job, true);
        assertThat(Hands.build(job, steps.reversed())).isNotEmpty();
        for (Step left : steps) {
            boolean counts = left.deed() instanceof Deed.Join || left.deed() instanceof Deed.Bridge;
            if (counts) {
                assertThat(Hands.build(job, steps.stream().filter(s -> s != left).toList()))
                        .as("without %s", left.key()).isNotEmpty();
            }
        }
    }

    /** A step that is left out takes with it what was built on it, and nothing else. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15})
    void whatDependsOnAStepComesAfterIt(long block) {
        LongStream.range(block * 40, (block + 1) * 40).forEach(seed -> {
            List<Step> steps = BenchSteps.of(RandomDesigns.of(seed), true);
            for (Step step : steps) {
                List<Step> lost = BenchSteps.dependents(steps, step.key());
                assertThat(lost).allMatch(s -> s.n() > step.n());
                // wires that are found behind an end that stays are joined at another
                boolean elsewhere = steps.stream().noneMatch(
                        s -> s.end().equals(step.end()) && s.deed() instanceof Deed.Join);
                assertThat(lost).allSatisfy(s -> assertThat(s.end().equals(step.end()) || s.end().isEmpty()
                        || step.end().isEmpty() || elsewhere).isTrue());
            }
        });
    }
}
