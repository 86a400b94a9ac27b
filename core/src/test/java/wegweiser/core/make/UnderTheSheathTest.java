package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.Samples;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableStock.Inside;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** Fibres, a second sheath and a plastic cross are dealt with once at each end that is opened, and only where they are. */
class UnderTheSheathTest {
    static Stream<ConnectorType> all() {
        return Catalogue.standard().all().stream()
                .filter(c -> c.termination() != Termination.RIBBON && !c.pinIds().isEmpty());
    }

    private static List<Step> steps(ConnectorType type, List<Inside> inside) {
        CableStock cable = Cables.find("mast-4-fibres").orElseThrow().withInside(inside);
        Job job = Samples.job(type.id(), type.id(), "")
                .withCable(CableUse.of("own", 900).withStock("own", Optional.of(cable)))
                .withLinks(List.of(Link.of(new Terminal("A", type.pinIds().getFirst()),
                        new Terminal("B", type.pinIds().getFirst())).withConductor(Optional.of("WH"))));
        return BenchSteps.of(job, true);
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatLiesThereIsDealtWithAfterTheSheathIsOffAndBeforeAJoint(ConnectorType type) {
        List<Step> steps = steps(type, List.of(Inside.values()));
        List<String> keys = steps.stream().map(Step::key).toList();
        for (String end : List.of("A", "B")) {
            int open = keys.indexOf(end + ":strip");
            assertThat(open).as("%s is opened", type.id()).isNotNegative();
            int joint = keys.indexOf(keys.stream()
                    .filter(k -> k.startsWith(end + ":joint") || k.equals(end + ":crimp")
                            || k.equals(end + ":nut"))
                    .findFirst().orElseThrow());
            assertThat(keys.subList(open, joint)).as(type.id()).contains(end + ":fibres", end + ":inner")
                    .containsAnyOf(end + ":cross", end + ":filler");
        }
        assertThat(steps(type, List.of())).extracting(Step::key)
                .noneMatch(k -> k.endsWith(":fibres") || k.endsWith(":inner") || k.endsWith(":cross"));
    }

    @Test
    void fibresCarryThePullWhereverTheConnectorCanHoldThem() {
        assertThat(fibres("dsub-9-socket")).contains("back over the sheath")
                .doesNotContain("bar of the plug");
        assertThat(fibres("modular-8p8c-plug")).contains("bar of the plug");
        assertThat(fibres("row-254-4-socket")).contains("knot");
        assertThat(fibres("terminal-4")).contains("knot");
    }

    private static String fibres(String connector) {
        Job job = TextJob.of("A " + connector, "B leads", "cable mast-4-fibres 2", "links 1-WH:WH 2-BN:BN");
        Step step = BenchSteps.of(job, true).stream().filter(s -> s.key().equals("A:fibres")).findFirst()
                .orElseThrow();
        return step.text() + " " + step.detail();
    }

    @Test
    void aCupIsFilledOverWhatIsThere() {
        Job plain = TextJob.of("A circular-4", "B leads", "cable sensor-4 2", "links 1-BN:BN 2-WH:WH")
                .withEnd("A", e -> e.withTermination(Optional.of(Termination.POTTED.id())));
        assertThat(BenchSteps.of(plain, true)).extracting(Step::text)
                .anyMatch(t -> t.contains("half over the wires in front"))
                .noneMatch(t -> t.contains("fibres"));
    }
}
