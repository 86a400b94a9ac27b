package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;
import static wegweiser.core.make.StepsRead.inOrder;
import static wegweiser.core.make.StepsRead.says;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.rules.Rules;
import wegweiser.core.rules.Severity;

/**
 * Twenty-one jobs as people bring them to the bench, from a plan alone: what hands need to be told, in which order, and what
 * must never be asked of them.
 */
class BenchJobsTest {
    private static long parts(Job job, String words) {
        return Materials.parts(job).stream().filter(i -> i.words().contains(words))
                .mapToInt(Materials.Item::count).sum();
    }

    private static List<String> complaints(Job job) {
        return Rules.check(job).stream().filter(f -> f.severity() != Severity.NOTE).map(f -> f.rule())
                .toList();
    }

    @Test
    void aSensorPlugRenewedWhoseOtherEndIsMoulded() {
        Job job = TextJob.of("A m12-a-4-socket; 1 V+ supply-out 24V; 3 GND ground; 4 OUT in",
                "B m12-a-4-plug; 1 V+ supply-in 24V; 3 GND ground; 4 OUT out", "kept A", "cable sensor-4 3",
                "links 1-1:BN 3-3:BU 4-4:BK");
        inOrder(job, "Cut end B back", "\\[B\\].*nut", "Strip the sheath", "Find which wire",
                "Cut WH off flush",
                "grip ring over the wires", "BK into hole 4", "down to its seal", "at its face");
        assertThat(BenchSteps.of(job, true)).as("what stays is not touched")
                .noneMatch(s -> s.end().equals("A") && !(s.deed() instanceof Deed.Look));
        assertThat(complaints(job)).containsExactly("assumed-only");
    }

    @Test
    void limbsOnOneSupplySplicedWhereTheyPart() {
        Job job = TextJob.of("A terminal-4; 1 V+ supply-out 6V 10A; 2 GND ground",
                "B row-254-12-socket; 1 GND ground; 2 P1 out cmos-5v; 3 P2 out cmos-5v",
                "C row-254-3-socket; 1 P1 in cmos-5v; 2 V+ supply-in 6V 1.5A; 3 GND ground",
                "D row-254-3-socket; 1 P2 in cmos-5v; 2 V+ supply-in 6V 1.5A; 3 GND ground",
                "loom A-hip:0.1 B-hip:0.15 hip-C:0.2 hip-D:0.3",
                "wires RD:16 BK:16 RD.2:22 RD.3:22 BK.2:22 BK.3:22 BK.5:24 YE:24 GN:24",
                "splice S1 hip A.1=RD C.2=RD.2 D.2=RD.3", "splice S2 hip A.2=BK C.3=BK.2 D.3=BK.3 B.1=BK.5",
                "links A.1-C.2 A.1-D.2 A.2-C.3 A.2-D.3 A.2-B.1 B.2-C.1:YE B.3-D.1:GN");
        inOrder(job, "Cut 9 wires to length",
                "At hip, lead .*RD.2 BK.2 YE to C.*0.10 m from A.*0.20 m to C",
                "Write on each branch where it goes: C Device C and D Device D", "splice S1",
                "Beep splice S1",
                "Beep splice S2", "Bare 2 wires", "RD into terminal 1", "Bare 3 wires", "YE into position 1",
                "sleeve for the bundle", "Bare 3 wires");
        assertThat(says(job, "Strip the sheath|Fold back")).as("single wires have no sheath and no spares")
                .isFalse();
        assertThat(complaints(job)).as("thick where the current is, thin where it is not").isEmpty();
        assertThat(parts(job, "crimp contact")).as("three, three and three").isEqualTo(9);
    }

    @Test
    void aTalkbackLead() {
        Job job = TextJob.of("A xlr-3-plug; 2 HOT in audio-mic; 3 COLD in audio-mic",
                "B xlr-3-socket; 2 HOT out audio-mic; 3 COLD out audio-mic", "cable audio-2-screened 6",
                "links 1-1:screen 2-2:WH 3-3:RD");
        inOrder(job, "\\[B\\] Gather the screen, twist it, sleeve it up to contact 1",
                "\\[B\\] Strip 2 wires.*tin the screen back to the sheath", "\\[B\\] Beep end B again",
                "\\[A\\] Plug the finished end B on to the plug of end A", "\\[A\\] Strip 2 wires");
        assertThat(says(job, "supply can destroy")).as("there is no supply").isFalse();
        assertThat(CutList.of(job).orElseThrow().totalMm()).isBetween(6040.0, 6150.0);
    }

    @Test
    void twentyFiveCupsOnARainbow() {
        Job job = TextJob.of("A dsub-25-plug", "B terminal-10", "cable rainbow-10 0.8",
                "termination A solder-cup",
                "links 1-1:BN 2-2:RD 3-3:OG 4-4:YE 5-5:GN 7-6:BU 14-7:VT 20-8:GY");
        inOrder(job, "hood", "Split the ribbon.*30 mm at end A", "Fold back and cover WH and BK",
                "2.4 mm shrink sleeve on 8 wires", "GY into cup 20", "VT into cup 14", "BU into cup 7",
                "BN into cup 1", "Beep end A", "Close the hood", "ferrules");
        assertThat(says(job, "Strip the sheath|clamp holds the sheath")).as("a ribbon has none").isFalse();
    }

    @Test
    void aHandsetBaseOnTheSerialPort() {
        Job job = TextJob.of(
                "A modular-8p8c-plug; 1 VCC supply-out 5V; 3 TXD out rs232; 6 RXD in rs232; 8 GND ground",
                "B dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground", "kept A",
                "cable utp-4x2-24 2",
                "links 3-2:WH/GN 6-3:GN 8-5:BN", "beep A.1 B.WH/OG");
        inOrder(job, "Cut WH/OG back at end B and cap it by itself: it is A.1, live",
                "Fold back and cover OG",
                "Strip 3 wires", "WH/GN into cup 2", "BN into cup 5");
        assertThat(BenchSteps.of(job, true)).noneMatch(s -> s.text().startsWith("Fold back")
                && s.text().contains("WH/OG"));
    }

    @Test
    void theInputOfAnAmplifierThatCanKill() {
        Job job = TextJob.of("A tag-2", "B jack-6.35-ts-socket", "cable audio-2-screened 0.22",
                "device A power stage", "dangerous A", "links 1-tip:RD 2-sleeve:WH B.sleeve-A.2:screen")
                .withEnd("B", e -> e.withPanel(true));
        inOrder(job, "Unplug power stage, discharge it, and measure", "twist it round, tin both",
                "WH \\+ screen to lug 2", "Fix the audio jack.*in its panel", "RD to lug tip",
                "Tie the cable");
        assertThat(says(job, "barrel|clamp round the sheath")).isFalse();
        assertThat(BenchSteps.of(job, true).getFirst().text()).as("before anything else")
                .startsWith("Unplug");
    }

    @Test
    void aRibbonWithThreeConnectorsTurnedAtTheFarOne() {
        Job job = TextJob.of("A box-header-10-socket", "M box-header-10-socket", "B box-header-10-socket",
                "cable ribbon-10 0.6",
                "links A.1-M.1 A.2-M.2 A.3-M.3 A.4-M.4 A.5-M.5 A.6-M.6 A.7-M.7 A.8-M.8 A.9-M.9"
                        + " A.10-M.10 M.1-B.1 M.2-B.2 M.3-B.3 M.4-B.6 M.5-B.5 M.6-B.4 M.7-B.7 M.8-B.8 M.9-B.9 M.10-B.10");
        inOrder(job, "Lay the ribbon whole through", "\\[M\\] Press",
                "\\[B\\] Split the ribbon.*wires 4 to 6.*turn",
                "\\[B\\] Press", "cut the ribbon square behind the connector");
        assertThat(BenchSteps.of(job, true)).as("the middle stays whole and has no relief")
                .noneMatch(s -> s.end().equals("M")
                        && (s.text().startsWith("Cut the ribbon") || s.text().contains("relief")));
        assertThat(says(job, "sleeve for the bundle|every 100 mm")).isFalse();
        assertThat(complaints(job)).isEmpty();
    }

    @Test
    void aGroundThatIsCut() {
        Job job = TextJob.of("A jack-3.5-trs-plug", "B jack-2.5-ts-plug", "kept A B",
                "cable moulded-audio-3 1",
                "links tip-tip:RD sleeve-sleeve:BK=X");
        inOrder(job, "Open the sheath lengthwise", "Find the wire from A.sleeve", "Lift BK out and cut it",
                "Sleeve each stump", "Beep what was worked on");
        assertThat(complaints(job)).as("a cut on purpose is no error").isEmpty();
    }

    @Test
    void aPottedCamera() {
        Job job = TextJob.of("A circular-6; 1 V+ supply-in 48V; 2 GND ground",
                "B terminal-6; 1 V+ supply-out 48V; 2 GND ground", "termination A potted",
                "cable mast-8-fibres 30",
                "links 1-1:WH 2-2:BN 3-3:GN 4-4:YE 5-5:GY 6-6:PK");
        inOrder(job, "tail, back shell, locking ring and cup", "6 mm of them", "inner sheath",
                "separator: 6 PK, 5 GY, 4 YE, 3 GN, 2 BN, 1 WH", "Beep the wires", "Half the cup",
                "can be touched",
                "can be worked on", "GN into cup 3", "twist behind the insert", "full load", "again");
        assertThat(parts(job, "casting resin")).isEqualTo(1);
    }

    @Test
    void aUsbLeadHasItsMarkerLine() {
        Job job = TextJob.of(
                "A usb-c-plug; A1 GND ground; A4 VBUS supply-out 5V; A5 CC1 both; A6 D+ both usb2; A7 D- both usb2",
                "B usb-c-plug; A1 GND ground; A4 VBUS supply-in 5V; A5 CC1 both; A6 D+ both usb2; A7 D- both usb2",
                "cable usb2 1", "links A1-A1:BK A4-A4:RD A6-A6:GN A7-A7:WH shell-shell:screen");
        assertThat(complaints(job)).containsExactly("marker-missing");
        inOrder(job, "Gather the screen", "BK into cup A1", "drain of the screen to the shell");
    }

    @Test
    void aTelephoneLeadOfNetworkCable() {
        Job job = TextJob.of("A modular-6p4c-plug; 3 LA both telephone; 4 LB both telephone",
                "B modular-6p4c-plug; 3 LA both telephone; 4 LB both telephone", "cable utp-4x2-24 4",
                "links 3-3:WH/BU 4-4:BU");
        inOrder(job, "boot", "boot", "dead square", "off flush", "3 WH/BU, 4 BU", "6 mm from the sheath",
                "every tip reaches the end", "Crimp", "at its face");
        assertThat(says(job, "12 mm from the sheath|supply can destroy")).isFalse();
    }

    @Test
    void aStereoLeadMadeMonoForAButton() {
        Job job = TextJob.of("A jack-3.5-trs-plug; tip KEY in contact; sleeve GND ground",
                "B jack-3.5-ts-plug; tip KEY out contact; sleeve GND ground", "kept A",
                "cable moulded-audio-3 1",
                "links A.tip-B.tip:RD A.sleeve-B.sleeve:BK A.ring-B.sleeve:WH");
        Job tried = job.withReading(trial("B.WH", "B.BK", Outcome.NOTHING))
                .withReading(trial("B.WH", "B.RD", Outcome.REACTS));
        inOrder(tried, "sleeve on 3 wires", "Strip 3 wires", "BK \\+ WH to lug sleeve", "RD to lug tip");
        assertThat(says(tried, "Find which wire")).as("the trials have told").isFalse();
        assertThat(says(job, "Find which wire")).as("nobody knows yet").isTrue();
        assertThat(complaints(tried)).isEmpty();
    }

    private static Reading trial(String a, String b, Outcome outcome) {
        return Reading.of(Mode.REACTION, Touch.of(Terminal.parse(a), Terminal.parse(b)), outcome);
    }

    @Test
    void aDiagnosticLeadWithTheBatteryOnASpareWire() {
        Job job = TextJob.of(
                "A vehicle-16-plug; 5 GND ground; 6 CAN+ both can; 14 CAN- both can; 16 BATTERY supply-out 12V",
                "B dsub-9-socket; 7 CAN+ both can; 2 CAN- both can; 3 GND ground", "kept A",
                "cable control-4 1",
                "links 6-7:WH 14-2:BN 5-3:GN", "beep A.16 B.YE");
        inOrder(job, "hood", "Cut YE back at end B and cap it by itself", "Strip 3 wires", "WH into cup 7");
        assertThat(complaints(job)).as("nothing is said of the moulded end")
                .doesNotContain("wire-does-not-fit", "entry-too-large");
    }

    @Test
    void aSmallSensorPlugFilledWithResin() {
        Job job = TextJob.of(
                "A row-125-4-socket; 1 VCC supply-in 3.3V; 2 GND ground; 3 SCL in i2c; 4 SDA both i2c",
                "B row-254-4-socket; 1 VCC supply-out 3.3V; 2 GND ground; 3 SCL out i2c; 4 SDA both i2c",
                "cable ribbon-4 0.3", "links 1-1:1 2-2:2 3-3:3 4-4:4").withEnd("A", e -> e.withResin(true));
        inOrder(job, "Cut 4 contacts", "4 into position 4", "Beep end A", "Fill the back.*latch", "worked on",
                "Beep end A again");
        assertThat(parts(job, "crimp contact")).isEqualTo(8);
    }

    @Test
    void aFlatBusLead() {
        Job job = TextJob.of("A modular-6p6c-plug", "B modular-6p6c-plug", "cable flat-6 2",
                "links 1-1:WH 2-2:BK 3-3:RD 4-4:GN 5-5:YE 6-6:BU");
        inOrder(job, "sheath 6 mm at end A", "1 WH, 2 BK, 3 RD, 4 GN, 5 YE, 6 BU", "Crimp", "at its face");
        assertThat(says(job, "boot|12 mm")).isFalse();
        assertThat(complaints(job)).isEmpty();
    }

    @Test
    void anAdapterForLightPanels() {
        Job job = TextJob.of("A row-254-3-socket; 1 GND ground; 2 V+ supply-out 5V; 3 DATA out cmos-5v",
                "B row-250-3-plug; 1 V+ supply-in 5V; 2 DATA in cmos-5v; 3 GND ground", "cable control-3 0.2",
                "links 1-3:BN 2-1:WH 3-2:GN");
        inOrder(job, "sleeve for the sheath", "sleeve for the sheath", "Shrink the sleeve over the end",
                "Cut 3 contacts", "BN into position 1", "Cut 3 contacts");
        assertThat(parts(job, "crimp contact")).isEqualTo(6);
        assertThat(says(job, "hood|into cup|Fill cups")).isFalse();
    }

    @Test
    void aCrossedNetworkLeadHasAllEightWires() {
        Job job = TextJob.of("A modular-8p8c-plug", "B modular-8p8c-plug", "cable utp-4x2-24 3",
                "links 1-3:WH/GN 2-6:GN 3-1:WH/OG 4-7:BU 5-8:WH/BU 6-2:OG 7-4:WH/BN 8-5:BN");
        inOrder(job, "1 WH/GN, 2 GN, 3 WH/OG, 4 BU, 5 WH/BU, 6 OG, 7 WH/BN, 8 BN", "12 mm from the sheath",
                "1 WH/OG, 2 OG, 3 WH/GN, 4 WH/BN, 5 BN, 6 GN, 7 BU, 8 WH/BU", "12 mm from the sheath");
        assertThat(says(job, "off flush")).as("no wire is cut away").isFalse();
    }

    @Test
    void aProgrammingLeadWithADiode() {
        Job job = TextJob.of("A jack-3.5-trs-plug; ring DATA both cmos-5v; sleeve GND ground",
                "B dsub-9-socket; 2 RXD in cmos-5v; 3 TXD out cmos-5v; 5 GND ground", "cable control-3 1.5",
                "links ring-2:WH ring-3:BN=D sleeve-5:GN");
        inOrder(job, "GN to lug sleeve", "A diode in line with BN to ring, its stripe away from ring",
                "WH \\+ BN to lug ring", "BN into cup 3");
        assertThat(parts(job, "diode")).isEqualTo(1);
    }

    @Test
    void aRibbonOnADsubOfFewerContacts() {
        Job job = TextJob.of("A box-header-10-socket", "B dsub-9-plug", "termination B ribbon",
                "cable ribbon-10 0.25",
                "links 1-1 2-6 3-2 4-7 5-3 6-8 7-4 8-9 9-5");
        inOrder(job, "\\[A\\] Press", "\\[B\\] Split wire 10 off", "\\[B\\] Lay the red edge",
                "\\[B\\] Press");
        assertThat(complaints(job)).isEmpty();
        Job ten = TextJob.of("A box-header-10-socket", "B box-header-10-socket", "cable ribbon-10 0.25",
                "links 1-1");
        assertThat(says(ten, "Split wire")).as("every wire has its groove").isFalse();
    }

    @Test
    void aCameraHeadCastToItsCable() {
        Job job = TextJob.of("A circular-4; 1 V+ supply-in 12V; 2 VIDEO out video; 3 GND ground",
                "B terminal-4; 1 V+ supply-out 12V; 2 VIDEO in video; 3 GND ground", "termination A splice",
                "cable control-4-screened 20", "links 1-1:WH 2-2:BN 3-3:GN B.3-A.3:screen")
                .withSchools(Schools.NONE.withSplices(Schools.Splices.CAST));
        inOrder(job, "cup", "Find the wire behind each contact", "side of GN, twist it round", "in steps",
                "GN \\+ screen to the wire of contact 3", "Beep end A", "through one hole", "upright",
                "again");
        assertThat(parts(job, "cup to cast")).isEqualTo(1);
    }

    @Test
    void aControlCableOfTheDomeDrive() {
        Job job = TextJob.of("A dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground",
                "B pluggable-350-3-plug; 1 TXD out rs232; 2 RXD in rs232; 3 GND ground",
                "termination A crimp",
                "cable control-3-screened 5", "links 2-1:WH 3-2:BN 5-3:GN A.shell-B.3:screen");
        inOrder(job, "hood", "screen", "Cut 3 contacts", "WH into position 2", "Close the D-sub 9",
                "\\[B\\] Slide a marker", "ferrules", "GN \\+ screen into terminal 3|screen into terminal 3");
        assertThat(BenchSteps.of(job, true)).as("the half on the cable has screws")
                .noneMatch(s -> s.end().equals("B") && s.text().contains("cup"));
        assertThat(job.end("B").map(e -> e.termination())).isEqualTo(Optional.of(Optional.empty()));
    }
}
