package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.Samples;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** The bench steps of every connector, wired on all its contacts, for either hand. */
class EveryConnectorBuiltTest {
    static Stream<ConnectorType> all() {
        return Catalogue.standard().all().stream();
    }

    private static Job straight(ConnectorType type, String cable) {
        Job job = Samples.job(type.id(), type.id(), "").withCable(CableUse.of(cable, 900));
        List<Link> links = type.pinIds().stream()
                .map(id -> Link.of(new Terminal("A", id), new Terminal("B", id))).toList();
        return job.withLinks(Allocation.of(job.withLinks(links), links));
    }

    /** The narrowest cable that has a core for every contact, or the widest there is. */
    private static String cableFor(int contacts) {
        return Cables.all().stream().filter(c -> c.conductors().size() >= contacts)
                .min(java.util.Comparator.comparingInt(c -> c.conductors().size()))
                .map(CableStock::id).orElse("ribbon-64");
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatSlidesOnComesFirstAndEveryContactIsMade(ConnectorType type) {
        Job job = straight(type, cableFor(type.pinIds().size()));
        for (boolean rightHanded : new boolean[]{true, false}) {
            List<Step> steps = BenchSteps.of(job, rightHanded);
            assertThat(steps).extracting(Step::n)
                    .containsExactlyElementsOf(IntStream.rangeClosed(1, steps.size()).boxed().toList());
            assertThat(steps).extracting(Step::key).doesNotHaveDuplicates();
            for (String end : List.of("A", "B")) {
                List<Step> own = steps.stream().filter(s -> s.end().equals(end)).toList();
                int slide = last(own, ":slide");
                int joint = first(own, ":joint:");
                if (slide > 0 && joint > 0) {
                    assertThat(slide).as("%s at %s", type.id(), end).isLessThan(joint);
                }
                List<String> made = new ArrayList<>();
                own.stream().filter(s -> s.key().contains(":joint:"))
                        .forEach(s -> s.lit().forEach(t -> made.add(t.contact())));
                if (!made.isEmpty()) {
                    assertThat(made).as("%s at %s", type.id(), end).doesNotHaveDuplicates()
                            .containsAll(type.pinIds());
                }
                int test = first(own, ":test");
                int closed = first(own, ":hood");
                if (test > 0 && closed > 0) {
                    assertThat(test).as("tested before it is closed").isLessThan(closed);
                }
            }
            assertThat(steps).allSatisfy(s -> {
                assertThat(s.text()).isNotBlank().doesNotContain("{").doesNotContain("null");
                assertThat(s.spoken()).isNotBlank().doesNotContain("{");
                assertThat(s.detail()).doesNotContain("{");
                assertThat(s.caution()).doesNotContain("{").doesNotContain("!");
                assertThat(s.waitSeconds()).isNotNegative();
            });
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void aLongerCableIsCutLongerByAsMuch(ConnectorType type) {
        Job job = straight(type, cableFor(type.pinIds().size()));
        double one = CutList.of(job).orElseThrow().totalMm();
        double two = CutList.of(job.withCable(CableUse.of(job.cable().stock().orElseThrow(), 1900)))
                .orElseThrow()
                .totalMm();
        assertThat(one).isGreaterThan(900);
        // slack grows with the length, so it is a little more than the difference
        assertThat(two - one).isBetween(1000.0, 1150.0);
        assertThat(CutList.of(job).orElseThrow().items()).allSatisfy(i -> {
            assertThat(i.mm()).isNotNegative();
            assertThat(i.words()).isNotBlank();
        });
        assertThat(Materials.parts(job)).isNotEmpty().allSatisfy(p -> assertThat(p.count()).isPositive());
    }

    private static int first(List<Step> steps, String key) {
        return steps.stream().filter(s -> s.key().contains(key)).mapToInt(Step::n).min().orElse(-1);
    }

    private static int last(List<Step> steps, String key) {
        return steps.stream().filter(s -> s.key().contains(key)).mapToInt(Step::n).max().orElse(-1);
    }
}
