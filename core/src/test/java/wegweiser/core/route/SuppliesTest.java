package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.TextJob;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

class SuppliesTest {
    private static Scheme best(Job job) {
        return Router.schemes(job).getFirst();
    }

    private static boolean joins(Job job, String from, String to) {
        return best(job).links().stream().anyMatch(l -> l.joins(Terminal.parse(from), Terminal.parse(to)));
    }

    private static String open(Job job, String terminal) {
        return LeftOpen.of(Derived.of(best(job).applyTo(job))).getOrDefault(Terminal.parse(terminal), "");
    }

    @Test
    void eachLampHasItsOwnOutput() {
        Job job = TextJob.of(
                "A trailer-7-plug; 1 LEFT-TURN supply-out 12V; 3 GND ground; 6 BRAKE supply-out 12V",
                "B trailer-7-socket; 6 LEFT-TURN supply-in 12V; 3 GND ground; 1 BRAKE supply-in 12V");
        assertThat(joins(job, "A.1", "B.6")).isTrue();
        assertThat(joins(job, "A.6", "B.1")).isTrue();
        assertThat(joins(job, "A.1", "B.1")).isFalse();
    }

    @Test
    void leftBesideRightIsNoSpareSourceAndOtherWordsForOneLoadAreKnown() {
        Job trailer = TextJob.of(
                "A terminal-4; 1 L supply-out 12V; 2 R supply-out 12V; 3 BRAKE supply-out 12V; 4 GND ground",
                "B terminal-4; 1 LEFT supply-in 12V; 2 RIGHT supply-in 12V; 3 STOP supply-in 12V; 4 31 ground");
        assertThat(joined(trailer)).containsExactlyInAnyOrder("A.1-B.1", "A.2-B.2", "A.3-B.3", "A.4-B.4");
        Job focuser = TextJob.of("A terminal-3; 1 VMOT supply-out 12V; 2 VLOGIC supply-out 5V; 3 GND ground",
                "B terminal-3; 1 VM supply-in 12V; 2 VDD supply-in 5V; 3 GND ground");
        assertThat(joined(focuser)).containsExactlyInAnyOrder("A.1-B.1", "A.2-B.2", "A.3-B.3");
        Job unlike = TextJob.of("A terminal-3; 1 L supply-out 12V; 2 R supply-out 12V; 3 GND ground",
                "B terminal-3; 1 LEFT supply-in 12V; 2 HORN supply-in 12V; 3 GND ground");
        assertThat(joined(unlike)).containsExactlyInAnyOrder("A.1-B.1", "A.3-B.3");
    }

    private static List<String> joined(Job job) {
        return best(job).links().stream().map(l -> l.from() + "-" + l.to().orElseThrow()).toList();
    }

    @Test
    void namesThatArePrintedCountWhereSignalsAreAlike() {
        Job job = TextJob.of(
                "A terminal-3; 1 V+ supply-out 12V name=FAN; 2 V+ supply-out 12V name=HEATER; 3 GND ground",
                "B terminal-3; 1 V+ supply-in 12V name=HEATER; 2 V+ supply-in 12V name=FAN; 3 GND ground");
        assertThat(joins(job, "A.2", "B.1")).isTrue();
        assertThat(joins(job, "A.1", "B.2")).isTrue();
    }

    @Test
    void aPlainLoadBesideTwoNamedOutputsIsAskedFor() {
        Job job = TextJob.of(
                "A terminal-3; 1 CAMERA supply-out 12V; 2 MOTOR supply-out 12V; 3 GND ground",
                "B terminal-2; 1 V+ supply-in 12V; 2 GND ground");
        assertThat(joins(job, "A.1", "B.1") || joins(job, "A.2", "B.1")).isFalse();
        assertThat(open(job, "B.1")).contains("any of").contains("CAMERA at A.1 and MOTOR at A.2");
        assertThat(open(job, "A.1")).contains("names do not say so");
    }

    @Test
    void anOutputOfAnotherNameIsAskedForAndNotTaken() {
        Job job = TextJob.of("A terminal-2; 1 CAMERA supply-out 12V; 2 GND ground",
                "B terminal-2; 1 HEATER supply-in 12V; 2 GND ground");
        assertThat(joins(job, "A.1", "B.1")).isFalse();
        assertThat(open(job, "B.1")).contains("named for something else");
    }

    @Test
    void theReasonWhyASupplyStaysOpenIsTrue() {
        Job job = TextJob.of(
                "A terminal-4; 1 V+ supply-out 12V; 2 V+ supply-out 5V; 3 GND ground",
                "B terminal-2; 1 V+ supply-in 5V; 2 GND ground");
        assertThat(joins(job, "A.2", "B.1")).isTrue();
        assertThat(open(job, "A.1")).contains("no other device has a supply contact of fitting volts");
    }

    @Test
    void aBatteryAloneIsLedOutWithAFuseOfTheRightSize() {
        Job job = TextJob.of("A ring-2; 1 BATTERY supply-out 12V; 2 GND ground",
                "B terminal-2; 1 V+ supply-in 12V 2A; 2 GND ground", "cable silicone-pair-20 2");
        Link led = best(job).links().stream().filter(l -> l.touches(Terminal.parse("A.1"))).findFirst()
                .orElseThrow();
        assertThat(led.is(PartKind.FUSE)).isTrue();
        assertThat(led.part().orElseThrow().amps()).hasValue(3);
    }

    @Test
    void theBatteryOfAVehiclePortIsLedOutByHandAlone() {
        Job job = TextJob.of(
                "A vehicle-16-plug; 5 GND ground; 6 CAN-H both can; 14 CAN-L both can; 16 BATTERY supply-out 9..16V",
                "B dsub-9-socket; 2 CAN-L both can; 3 GND ground; 7 CAN-H both can; 9 V+ supply-in 7..16V");
        assertThat(joins(job, "A.16", "B.9")).isFalse();
        assertThat(open(job, "A.16")).contains("on purpose");
        assertThat(open(job, "B.9")).contains("only BATTERY at A.16 could feed it");
    }

    @Test
    void aBatteryByWhatIsPrintedOnItIsOneHereToo() {
        Job job = TextJob.of(
                "A terminal-4; 1 V+ supply-out 12V name=12_V_7_Ah; 2 GND ground; 3 TXD out rs232; 4 RXD in rs232",
                "B terminal-4; 1 V+ supply-in 12V; 2 GND ground; 3 RXD in rs232; 4 TXD out rs232");
        assertThat(joins(job, "A.1", "B.1")).isFalse();
        assertThat(open(job, "A.1")).contains("battery");
        assertThat(open(job, "B.1")).contains("a battery is led out only on purpose");
    }

    @Test
    void anEarthThatStaysOpenIsNoScreen() {
        Job job = TextJob.of("A terminal-3; 1 V+ supply-out 24V; 2 GND ground; 3 PE shield",
                "B terminal-2; 1 V+ supply-in 24V; 2 GND ground");
        assertThat(open(job, "A.3")).contains("no other device has such an earth").doesNotContain("screen");
    }

    @Test
    void anEarthIsJoinedAllAlongOnItsOwnColour() {
        Job job = TextJob.of("A terminal-3; 1 V+ supply-out 24V; 2 GND ground; 3 PE shield",
                "B terminal-3; 1 V+ supply-in 24V; 2 GND ground; 3 PE ground", "cable flex-3x075 2");
        Link earth = best(job).links().stream().filter(l -> l.touches(Terminal.parse("A.3"))).findFirst()
                .orElseThrow();
        assertThat(earth.joins(Terminal.parse("A.3"), Terminal.parse("B.3"))).isTrue();
        assertThat(earth.conductor()).contains("GNYE");
        Job plain = TextJob.of("A terminal-3; 1 V+ supply-out 24V; 2 GND ground; 3 PE shield",
                "B terminal-3; 1 V+ supply-in 24V; 2 GND ground; 3 PE ground", "cable data-3x05 2");
        assertThat(best(plain).links()).filteredOn(l -> l.touches(Terminal.parse("A.3")))
                .allMatch(l -> l.conductor().isEmpty());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void aLoadWithANamesakeIsNeverFedByAnother(long seed) {
        Random random = new Random(seed);
        List<String> names = List.of("CAMERA", "HEATER", "MOTOR", "FAN", "LAMP", "SHUTTER", "PUMP");
        for (int round = 0; round < 40; round++) {
            List<String> given = new ArrayList<>(names.subList(0, 2 + random.nextInt(names.size() - 1)));
            List<String> taken = new ArrayList<>(given);
            Collections.shuffle(given, random);
            Collections.shuffle(taken, random);
            String a = "A circular-19; 19 GND ground; " + rows(given, "supply-out");
            String b = "B circular-19; 19 GND ground; " + rows(taken, "supply-in");
            Job job = TextJob.of(a, b);
            List<Link> links = best(job).links();
            for (int k = 0; k < taken.size(); k++) {
                String own = "A." + (given.indexOf(taken.get(k)) + 1);
                Terminal load = new Terminal("B", String.valueOf(k + 1));
                assertThat(links).as("%s, %s", a, b).filteredOn(l -> l.touches(load))
                        .hasSize(1).allMatch(l -> l.touches(Terminal.parse(own)));
            }
        }
    }

    private static String rows(List<String> names, String direction) {
        List<String> rows = new ArrayList<>();
        for (int k = 0; k < names.size(); k++) {
            rows.add((k + 1) + " " + names.get(k) + " " + direction + " 12V");
        }
        return rows.stream().collect(Collectors.joining("; "));
    }
}
