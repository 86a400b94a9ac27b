package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.Samples;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.rules.Finding;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.wiring.Wiring;

class RouterTest {
    private static boolean joins(Scheme scheme, Job job, String a, String b) {
        return Nets.planned(scheme.applyTo(job)).joined(Terminal.parse(a), Terminal.parse(b));
    }

    @Test
    void alikeDevicesGetACrossingAndSeveralWays() {
        Job job = Samples.twoTerminals("");
        List<Scheme> schemes = Router.schemes(job);
        assertThat(schemes).extracting(Scheme::id).containsExactly("full-handshake", "request-clear",
                "handshake-looped", "three-wires");
        assertThat(schemes).allSatisfy(s -> {
            assertThat(joins(s, job, "A.2", "B.3")).isTrue();
            assertThat(joins(s, job, "A.3", "B.2")).isTrue();
            assertThat(joins(s, job, "A.5", "B.5")).isTrue();
            assertThat(s.links()).allSatisfy(l -> assertThat(l.why()).isPresent());
            assertThat(s.errors()).isZero();
        });
    }

    @Test
    void theUsualWaysAreTheNamedOnes() {
        Job job = Samples.twoTerminals("");
        List<String> names = Router.schemes(job).stream()
                .map(s -> Wiring.between(Nets.planned(s.applyTo(job)), "A", "B"))
                .map(w -> Recogniser.recognise("dsub-9", "dsub-9", w).map(c -> c.named().id()).orElse("none"))
                .toList();
        assertThat(names).containsExactly("crossed-full", "crossed-partial", "crossed-loop", "crossed-3");
    }

    @Test
    void oneEndAloneHasNoSchemes() {
        assertThat(Router.schemes(Job.of("Mast cable", List.of(), List.of(), List.of()))).isEmpty();
        assertThat(Router.schemes(Job.of("Mast cable",
                List.of(End.of("A", "Mast logger", "dsub-9-socket", List.of())), List.of(), List.of())))
                .isEmpty();
    }

    @Test
    void unlikeDevicesGoStraightByFunctionAndNotByNumber() {
        Job job = Samples.serial("rs232-9-terminal", "dsub-9-socket", "rs232-25-modem", "dsub-25-plug", "");
        Scheme best = Router.schemes(job).getFirst();
        assertThat(joins(best, job, "A.3", "B.2")).isTrue();
        assertThat(joins(best, job, "A.2", "B.3")).isTrue();
        assertThat(joins(best, job, "A.5", "B.7")).isTrue();
        assertThat(Recogniser
                .recognise("dsub-9", "dsub-25", Wiring.between(Nets.planned(best.applyTo(job)), "A", "B"))
                .orElseThrow().named().id())
                .isEqualTo("straight-9-25");
    }

    @Test
    void aLevelClashIsRefusedWithItsReasonAndNotJoined() {
        Job job = Samples.job("row-254-3-socket", "dsub-9-socket", "");
        End sensor = job.ends().get(0)
                .withPinout(List.of(PinRow.of("1", "GND", Direction.GROUND, ""),
                        PinRow.of("2", "TXD", Direction.OUT, "cmos-3v3"),
                        PinRow.of("3", "RXD", Direction.IN, "cmos-3v3")));
        End computer = job.ends().get(1)
                .withPinout(NamedPinout.find("rs232-9-terminal").orElseThrow().rows());
        Job both = job.withEnds(List.of(sensor, computer));
        Scheme best = Router.schemes(both).getFirst();
        assertThat(best.errors()).isPositive();
        assertThat(best.findings()).extracting(Finding::rule).contains("level-clash");
        assertThat(joins(best, both, "A.2", "B.2")).isFalse();
        assertThat(joins(best, both, "A.1", "B.5")).isTrue();
    }

    @Test
    void supplyGoesOnlyToASinkOfItsVoltage() {
        Job job = Samples.job("row-254-3-socket", "row-254-3-socket", "");
        End source = job.ends().get(0).withPinout(List.of(Samples.supply("1", Direction.SUPPLY_OUT, 5, 1),
                PinRow.of("2", "GND", Direction.GROUND, "")));
        End three = job.ends().get(1).withPinout(List.of(Samples.supply("1", Direction.SUPPLY_IN, 3.3, 0.1),
                PinRow.of("2", "GND", Direction.GROUND, "")));
        End five = job.ends().get(1).withPinout(List.of(Samples.supply("1", Direction.SUPPLY_IN, 5, 0.1),
                PinRow.of("2", "GND", Direction.GROUND, "")));
        Job wrong = job.withEnds(List.of(source, three));
        Job right = job.withEnds(List.of(source, five));
        assertThat(joins(Router.schemes(wrong).getFirst(), wrong, "A.1", "B.1")).isFalse();
        assertThat(Router.schemes(wrong).getFirst().findings()).extracting(Finding::rule)
                .contains("supply-voltage");
        assertThat(joins(Router.schemes(right).getFirst(), right, "A.1", "B.1")).isTrue();
    }

    static Stream<Arguments> pairsOfPinouts() {
        // all serial ports with each other, and of the rest every fifth pair
        List<NamedPinout> all = NamedPinout.standard();
        return IntStream.range(0, all.size() * all.size())
                .filter(k -> k % 5 == 0 || all.get(k / all.size()).id().startsWith("rs232")
                        && all.get(k % all.size()).id().startsWith("rs232"))
                .mapToObj(k -> Arguments.of(all.get(k / all.size()).id(), all.get(k % all.size()).id()));
    }

    private static String plug(String pinout) {
        String family = NamedPinout.find(pinout).orElseThrow().family();
        return family.equals("leads") ? family : family + "-plug";
    }

    @ParameterizedTest
    @MethodSource("pairsOfPinouts")
    void noSchemeForAnyPairOfNamedPortsHasAnErrorButWhereTheyCannotMeet(String a, String b) {
        Job job = Samples.serial(a, plug(a), b, plug(b), "");
        for (Scheme scheme : Router.schemes(job)) {
            List<String> errors = scheme.findings().stream().filter(Finding::isError).map(Finding::rule)
                    .toList();
            if (a.startsWith("rs232") && b.startsWith("rs232")) {
                assertThat(errors).as("%s to %s, %s", a, b, scheme.id()).isEmpty();
            } else {
                assertThat(errors).as("%s to %s, %s", a, b, scheme.id())
                        .isSubsetOf("level-clash", "supply-voltage");
            }
        }
    }

    @Test
    void readingsOfSomeOtherCableDoNotDecideWhichWayIsBest() {
        Job job = Samples.readings(Samples.twoTerminals(""), "A.2 B.3 silent; A.3 B.2 silent");
        assertThat(Router.schemes(job)).extracting(Scheme::id)
                .isEqualTo(Router.schemes(Samples.twoTerminals("")).stream().map(Scheme::id).toList());
    }

    @Test
    void aScreenGoesToOneEndAlone() {
        Job job = Samples.twoTerminals("").withCable(CableUse.of("control-10-screened", 2000));
        Scheme best = Router.schemes(job).getFirst();
        assertThat(best.links())
                .anyMatch(l -> l.to().isEmpty() && l.conductor().equals(Optional.of("screen")));
    }

    @Test
    void eachConductorIsGivenOnce() {
        Job job = Samples.twoTerminals("").withCable(CableUse.of("utp-4x2-24", 1800));
        for (Scheme scheme : Router.schemes(job)) {
            List<String> given = scheme.links().stream().map(Link::conductor).flatMap(Optional::stream)
                    .toList();
            assertThat(given).doesNotHaveDuplicates();
            assertThat(scheme.links()).filteredOn(l -> !l.isWithinOneEnd())
                    .allMatch(l -> l.conductor().isPresent());
        }
    }

    @Test
    void thePortsAreSaidToBeWhatTheyAre() {
        assertThat(PortRelation.words(Samples.twoTerminals(""))).contains("are both terminals")
                .contains("crossed");
        assertThat(PortRelation.words(
                Samples.serial("rs232-9-terminal", "dsub-9-socket", "rs232-9-modem", "dsub-9-plug", "")))
                .contains("a terminal (DTE) and a modem (DCE)").contains("join like names");
        assertThat(PortRelation.words(Samples.job("dsub-9-socket", "dsub-9-socket", "")))
                .contains("Before you can go on to Route: the pinout of A and B");
        // of many ends some are named and the rest is counted
        Job loom = TextJob.of("A dsub-9-socket", "B dsub-9-socket", "C terminal-2", "D terminal-2",
                "E terminal-2",
                "F terminal-2", "G terminal-2", "H terminal-2");
        assertThat(Readiness.missing(loom)).containsExactly("the pinout of A, B, C, D and 4 more");
    }
}
