package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.Samples;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.electrical.Copper;
import wegweiser.core.electrical.SerialLine;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Job;
import wegweiser.core.route.Router;

class MakeTest {
    private static Job logger() {
        Job job = Samples
                .serial("rs232-9-terminal", "dsub-9-socket", "rs232-8p8c-terminal", "modular-8p8c-plug", "")
                .withCable(CableUse.of("utp-4x2-24", 1800));
        return Router.schemes(job).getFirst().applyTo(job);
    }

    private static int at(List<Step> steps, String key) {
        return steps.stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow().n();
    }

    @Test
    void everythingThatSlidesOnComesBeforeTheFirstJoint() {
        List<Step> steps = BenchSteps.of(logger(), true);
        int firstJoint = steps.stream().filter(s -> s.key().contains(":joint:")).findFirst().orElseThrow()
                .n();
        assertThat(steps).filteredOn(s -> s.key().endsWith(":slide")).hasSize(2)
                .allMatch(s -> s.n() < firstJoint);
        assertThat(at(steps, "A:strip")).isLessThan(at(steps, "A:tin"));
        assertThat(at(steps, "A:tin")).isLessThan(firstJoint);
        assertThat(at(steps, "A:test")).isLessThan(at(steps, "A:hood"));
        assertThat(at(steps, "B:order")).isLessThan(at(steps, "B:push"));
        assertThat(at(steps, "B:push")).isLessThan(at(steps, "B:crimp"));
        assertThat(steps).extracting(Step::key).doesNotHaveDuplicates();
        assertThat(steps).extracting(Step::n).containsExactlyElementsOf(
                java.util.stream.IntStream.rangeClosed(1, steps.size()).boxed().toList());
    }

    @Test
    void everyJointLightsItsContactAndNamesItsWire() {
        assertThat(BenchSteps.of(logger(), true)).filteredOn(s -> s.key().contains(":joint:")).isNotEmpty()
                .allSatisfy(s -> {
                    assertThat(s.lit()).hasSize(1);
                    assertThat(s.conductor()).isPresent();
                    assertThat(s.text()).contains(s.lit().getFirst().contact())
                            .contains(s.conductor().orElseThrow());
                });
    }

    @Test
    void theOtherHandGoesTheOtherWayAlongTheRow() {
        List<String> right = joints(BenchSteps.of(logger(), true));
        List<String> left = joints(BenchSteps.of(logger(), false));
        assertThat(right).containsExactlyInAnyOrderElementsOf(left).isNotEqualTo(left);
        assertThat(right.getFirst()).isEqualTo("A:joint:6");
    }

    private static List<String> joints(List<Step> steps) {
        return steps.stream().map(Step::key).filter(k -> k.contains(":joint:")).toList();
    }

    static Stream<ConnectorType> all() {
        return Catalogue.standard().all().stream();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyConnectorHasStepsWithWords(ConnectorType type) {
        String first = type.ids().getFirst();
        Job job = Samples.job(type.id(), type.id(), "A." + first + "-B." + first)
                .withCable(CableUse.of("control-4", 1000));
        List<Step> steps = BenchSteps.of(job, true);
        assertThat(steps).hasSizeGreaterThan(4)
                .allSatisfy(s -> assertThat(s.text()).isNotBlank().doesNotContain("{"));
        assertThat(steps).anyMatch(s -> s.end().equals("A")).anyMatch(s -> s.end().equals("B"));
    }

    @Test
    void nothingPlannedMeansNothingToBuild() {
        assertThat(BenchSteps.of(Samples.job("dsub-9-socket", "dsub-9-socket", ""), true)).isEmpty();
        assertThat(CutList.of(Samples.job("dsub-9-socket", "dsub-9-socket", "1-1"))).isEmpty();
    }

    @Test
    void theCutIsTheSumOfItsParts() {
        CutList cut = CutList.of(logger()).orElseThrow();
        assertThat(cut.totalMm()).isEqualTo(1800 + 24 + 30 + 60);
    }

    @Test
    void copperIsAsTheTablesSay() {
        assertThat(Copper.diameterMm(36)).isEqualTo(0.127);
        assertThat(Copper.squareMm(24)).isCloseTo(0.205, within(0.001));
        assertThat(1000 * Copper.ohmsPerMetre(24, false)).isCloseTo(84.2, within(0.2));
        assertThat(1000 * Copper.ohmsPerMetre(16, false)).isCloseTo(13.2, within(0.1));
        assertThat(1000 * Copper.ohmsPerMetre(28, false)).isCloseTo(213, within(1.0));
        assertThat(Copper.loopOhms(24, false, 1800)).isCloseTo(0.303, within(0.001));
    }

    @Test
    void aSerialLineStaysWithinItsCapacitance() {
        assertThat(SerialLine.picofarads(Cables.find("utp-4x2-24").orElseThrow(), 1800)).isCloseTo(193.6,
                within(0.1));
        assertThat(SerialLine.longestMetres(Cables.find("utp-4x2-24").orElseThrow())).isCloseTo(46.2,
                within(0.1));
    }
}
