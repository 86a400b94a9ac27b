package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** One lead of each family, and how a careful technician would join it, written down beforehand. */
class FamiliesRoutedTest {
    private static Set<String> best(Job job) {
        return Router.schemes(job).getFirst().links().stream().filter(l -> l.to().isPresent())
                .map(l -> l.from().contact() + "-" + l.to().orElseThrow().contact()
                        + l.conductor().map(c -> ":" + c).orElse(""))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static End end(String name, String pinout, String gender) {
        NamedPinout named = NamedPinout.find(pinout).orElseThrow();
        String id = named.family() + gender;
        return End
                .of(name, named.title(), Catalogue.standard().find(id).isPresent() ? id : named.family(),
                        named.rows())
                .withRole(named.role());
    }

    private static Job between(String a, String b, String cable) {
        Job job = Job.of("lead", List.of(end("A", a, "-plug"), end("B", b, "-plug")), List.of(), List.of());
        return cable.isEmpty() ? job : job.withCable(CableUse.of(cable, 2000));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "balanced-out-xlr|balanced-in-xlr|audio-2-screened|1-1:screen 2-2:RD 3-3:WH",
            "phono-out|phono-in|audio-1-screened|centre-centre:WH outer-outer:screen",
            "stereo-out-3.5|stereo-in-3.5|audio-2-screened|tip-tip:WH ring-ring:RD sleeve-sleeve:screen",
            "balanced-line-out-xlr|phono-in|audio-2-screened|1-outer:screen 2-centre:RD 3-outer:WH",
            "mono-out-6.35|balanced-line-in-xlr|audio-2-screened|sleeve-1:screen sleeve-3:WH tip-2:RD",
            "sensor-pnp-3|input-card-m12|sensor-3|1-1:BN 3-3:BU 4-4:BK",
            "dmx-xlr-5|dmx-xlr-3||1-1 2-2 3-3",
            "midi-out|midi-in||4-4 5-5",
            "console-8p8c|rs232-9-terminal||1-8 2-6 3-2 4-5 6-3 7-4 8-7",
            "ethernet-100-host|ethernet-100-switch|utp-4x2-24|1-1:WH/OG 2-2:OG 3-3:WH/GN 6-6:GN",
            "ethernet-1000|ethernet-1000|utp-4x2-24|1-1:WH/OG 2-2:OG 3-3:WH/GN 4-4:BU 5-5:WH/BU 6-6:GN 7-7:WH/BN 8-8:BN",
            "ethernet-100-host|ethernet-100-host|utp-4x2-24|1-3:WH/OG 2-6:OG 3-1:WH/GN 6-2:GN",
            "usb-a-host|usb-b-device|usb2|1-1:RD 2-2:WH 3-3:GN 4-4:BK",
            "usb3-a-host|usb3-b-device||1-1 2-2 3-3 4-4 5-5 6-6 8-8 9-9",
            "usb-c-host|usb-c-device||A1-A1 A4-A4 A5-A5 A6-A6 A7-A7"})
    void isJoinedAsItShouldBe(String a, String b, String cable, String links) {
        Set<String> found = best(between(a, b, cable == null ? "" : cable));
        assertThat(found).containsAll(Set.of(links.split(" ")));
    }

    @Test
    void sameNumbersAtBothEndsAreCalledStraight() {
        assertThat(Router.schemes(between("ethernet-100-host", "ethernet-100-switch", "")).getFirst().title())
                .contains("straight");
        assertThat(Router.schemes(between("ethernet-100-host", "ethernet-100-host", "")).getFirst().title())
                .contains("crossed");
    }

    @Test
    void aBusOfThreeIsAChain() {
        String rows = "dsub-9-socket; 2 CAN-L both; 3 GND ground; 7 CAN-H both";
        Job job = TextJob.of("A " + rows, "B " + rows, "C " + rows);
        List<Link> links = Router.schemes(job).getFirst().links();
        assertThat(links.stream().filter(l -> l.from().contact().equals("7") && !l.isWithinOneEnd()))
                .extracting(l -> l.from() + " " + l.to().orElseThrow()).containsExactly("A.7 B.7", "B.7 C.7");
    }

    @Test
    void aBusTakesOnePair() {
        String rows = "terminal-3; 1 A both rs485; 2 B both rs485; 3 GND ground";
        Job job = TextJob.of("A " + rows, "B " + rows, "cable rs485-2x2-screened 50");
        assertThat(best(job)).contains("1-1:WH/BU", "2-2:BU");
    }

    @Test
    void aSensorHasTheColoursOfItsTrade() {
        Job job = TextJob.of(
                "A m12-a-4-socket; 1 V+ supply-in 10..30V; 2 OUT2 out pnp-24v; 3 GND ground; 4 OUT1 out pnp-24v",
                "B terminal-4; 1 V+ supply-out 24V; 2 OUT1 in plc-24v; 3 OUT2 in plc-24v; 4 GND ground",
                "cable sensor-4 5");
        assertThat(best(job)).containsExactlyInAnyOrder("1-1:BN", "2-3:WH", "3-4:BU", "4-2:BK");
    }

    @Test
    void aBatteryAndAChassisAreNotTakenByDefault() {
        Job job = TextJob.of(
                "A vehicle-16-plug; 4 CHASSIS ground; 5 GND ground; 6 CAN-H both; 14 CAN-L both; 16 BATTERY supply-out 9..16V",
                "B dsub-9-socket; 2 CAN-L both; 3 GND ground; 7 CAN-H both; 9 V+ supply-in 7..13V");
        assertThat(best(job)).containsExactlyInAnyOrder("14-2", "5-3", "6-7");
        assertThat(Router.schemes(job).getFirst().errors()).isZero();
    }

    @Test
    void aRibbonLiesByItsPlaces() {
        Job job = TextJob.of("A box-header-10-socket; 3 RXD in rs232; 5 TXD out rs232; 9 GND ground",
                "B dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground", "cable ribbon-10 0.3");
        assertThat(best(job)).contains("3-3:3", "5-2:5", "9-5:9");
    }

    @Test
    void eachColourHasItsOwnReturn() {
        String rows = "dsub-15hd-plug; 1 RED %1$s video; 2 GREEN %1$s video; 3 BLUE %1$s video; 5 GND ground; "
                + "6 RED-RETURN ground; 7 GREEN-RETURN ground; 8 BLUE-RETURN ground";
        Job job = TextJob.of("A " + rows.formatted("out"), "B " + rows.formatted("in"),
                "cable video-5-coax 2");
        assertThat(best(job)).contains("1-1:RD", "2-2:GN", "3-3:BU")
                .anyMatch(l -> l.startsWith("6-6")).anyMatch(l -> l.startsWith("7-7"))
                .anyMatch(l -> l.startsWith("8-8"));
    }

    @Test
    void aReversiblePlugHasItsGroundsAndSuppliesBridged() {
        List<Link> links = Router.schemes(between("usb-c-host", "usb-c-device", "")).getFirst().links();
        for (String end : List.of("A", "B")) {
            assertThat(links.stream().filter(l -> l.isWithinOneEnd() && l.from().end().equals(end))
                    .map(l -> l.from().contact() + "-" + l.to().orElseThrow().contact()))
                    .containsExactly("A1-A12", "A12-B1", "B1-B12", "A4-A9", "A9-B4", "B4-B9");
        }
        assertThat(links).noneMatch(l -> l.from().contact().equals("B5") || l.from().contact().equals("B6"));
    }

    @Test
    void oneWireFeedsAReversiblePlug() {
        for (String host : List.of("usb-a-host", "usb-c-host")) {
            List<Link> across = Router.schemes(between(host, "usb-c-device", "")).getFirst().links().stream()
                    .filter(l -> l.to().isPresent() && !l.isWithinOneEnd()).toList();
            assertThat(across).extracting(l -> l.to().orElseThrow().contact()).as(host)
                    .contains("A1", "A4").doesNotContain("A9", "B4", "B9", "A12", "B1", "B12");
        }
    }

    @Test
    void aSensorSwitchesTheInputOfItsNumber() {
        assertThat(best(between("sensor-pnp-3", "input-card-m12", "sensor-3")))
                .contains("1-1:BN", "3-3:BU", "4-4:BK");
        assertThat(best(between("sensor-pnp-4", "input-card-m12", "sensor-4")))
                .contains("1-1:BN", "2-2:WH", "3-3:BU", "4-4:BK");
    }

    @Test
    void serialDataOfBoardsIsJoinedWhateverItsName() {
        Job job = TextJob.of(
                "A row-254-4-socket; 1 MOSI out cmos-3v3; 2 MISO in cmos-3v3; 3 SCK out cmos-3v3; 4 GND ground",
                "B row-254-4-socket; 1 SDI in cmos-3v3; 2 SDO out cmos-3v3; 3 SCK in cmos-3v3; 4 GND ground");
        assertThat(Router.schemes(job).getFirst().links())
                .anyMatch(l -> l.joins(new Terminal("A", "1"), new Terminal("B", "1")))
                .anyMatch(l -> l.joins(new Terminal("A", "2"), new Terminal("B", "2"))).hasSize(4);
    }
}
