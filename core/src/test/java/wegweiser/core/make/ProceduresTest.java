package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;
import static wegweiser.core.make.StepsRead.inOrder;
import static wegweiser.core.make.StepsRead.says;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.Job;
import wegweiser.core.model.Schools;
import wegweiser.core.rules.Rules;

/**
 * Fourteen ways in which people make cables, each from a plan alone: the steps follow from connectors, cable, plan and
 * schools. What has to be said at the bench, and in which order.
 */
class ProceduresTest {
    private static Job joined(Job job, String end, Termination way) {
        return job.withEnd(end, e -> e.withTermination(Optional.of(way.id())));
    }

    @Test
    void aRoundConnectorWithSlotsByHand() {
        Job job = TextJob.of("A m12-a-4-plug", "B leads", "cable sensor-4 2",
                "links 1-BN:BN 2-WH:WH 3-BU:BU 4-BK:BK");
        inOrder(job, "ring for 4.8 mm cable.*other rings away", "\\[A\\] .*nut", "numbers on the M12",
                "sheath 18 mm", "ring over the wires.*stops on the sheath",
                "BK into hole 4.*Not stripped.*colours printed", "WH into hole 2",
                "ring and insert together.*marks", "insert into the M12.*by its key.*until the nut draws it",
                "nut of the M12.*down to its seal.*water",
                "at its face: each contact with its far end.*Before the nut nothing beeps");
        assertThat(says(job, "Bare|tin")).isFalse();
    }

    @Test
    void aPottedRoundConnectorRenewed() {
        Job job = joined(TextJob.of(
                "A circular-8; 1 V+ supply-in 48V; 2 GND ground; 3 D+ both; 4 D- both", "B dsub-9-socket",
                "kept B", "cable mast-8-fibres 30",
                "links 1-1:WH 2-2:BN 3-3:GN 4-4:YE 5-5:GY 6-6:PK 7-7:BU 8-8:RD A.3-A.4=R120"), "A",
                Termination.POTTED);
        inOrder(job, "count them", "end A back.*last nick", "tail, back shell, locking ring and cup",
                "sheath 45 mm.*Score", "fibres.*6 mm.*pull", "inner sheath",
                "separator: 8 RD, 7 BU, 6 PK, 5 GY, 4 YE, 3 GN, 2 BN, 1 WH.*twelve",
                "each with its far end, none with another",
                "Half the cup over the sheath.*brim", "can be touched", "can be worked on",
                "YE into cup 4", "WH into cup 1", "resistor of 120",
                "each contact with its own wire", "twist behind the insert.*dummy", "full load",
                "again",
                "go on to Prove.*supply that reaches any other line.*do not power.*resistor.*no fault");
        assertThat(BenchSteps.of(job, true).stream().filter(s -> s.waitSeconds() >= 300)
                .mapToInt(Step::waitSeconds).boxed())
                .as("three times: to touch, to work, in full").hasSize(3).isSorted();
        assertThat(BenchSteps.of(job, true).stream().filter(s -> s.waitSeconds() >= 300)
                .mapToInt(Step::waitSeconds).sum()).isEqualTo(24 * 3600);
        Job slow = job.withSchools(Schools.NONE.withResin(Schools.Resin.SLOW));
        assertThat(BenchSteps.of(slow, true).stream().filter(s -> s.waitSeconds() >= 300)
                .mapToInt(Step::waitSeconds).sum()).as("another resin").isEqualTo(72 * 3600);
    }

    @Test
    void aHeadWithSplicesInACupCast() {
        Job job = joined(TextJob.of("A usb-a-plug", "B circular-4", "cable sensor-4-screened 5",
                "links 1-1:BN 2-2:WH 3-3:BU 4-4:BK A.4-B.4:screen"), "A", Termination.SPLICE)
                .withSchools(Schools.NONE.withSplices(Schools.Splices.CAST));
        inOrder(job, "count them", "Slide on.*cup", "wire behind each contact.*Trace.*one colour.*coaxial",
                "screen to the side of BK", "shrink sleeve on 4 wires", "in steps.*thin",
                "BN to the wire of contact 1", "\\[A\\] Beep end A", "Sleeves over the joints",
                "cast it slowly through one hole.*shell first.*turn", "until the resin bears its full load",
                "again");
        assertThat(says(job.withSchools(Schools.NONE), "until the resin bears its full load")).isFalse();
        inOrder(job.withSchools(Schools.NONE), "for all joints", "Narrow sleeves.*then the wide one");
    }

    @Test
    void aRibbonWithATurnedOverSegment() {
        Job job = TextJob.of("A box-header-10-socket", "B box-header-10-socket", "cable ribbon-10 0.5",
                "links 1-1:1 2-2:2 3-3:3 4-7:4 5-6:5 6-5:6 7-4:7 8-8:8 9-9:9 10-10:10");
        inOrder(job, "\\[A\\] Cut the ribbon square",
                "\\[B\\] Split.*both sides of wires 4 to 7.*20 mm longer",
                "red edge", "Press.*Slowly.*another at hand", "cut the ribbon square behind",
                "Contact 1 at both ends first.*4 and 7.*old cable", "strain relief");
    }

    @Test
    void aRibbonThatIsWiderThanNeeded() {
        Job job = TextJob.of("A box-header-10-socket", "B dsub-9-socket", "cable ribbon-16 0.5",
                "links 1-1:1 2-2:2 9-5:9");
        inOrder(job, "Peel 6 wires.*11 to 16.*marked edge", "10 wires are left",
                "\\[A\\] Cut the ribbon square");
        assertThat(says(job, "Fold back and cover.*1[1-6]")).isFalse();
        assertThat(says(TextJob.of("A box-header-10-socket", "B box-header-10-socket", "cable ribbon-10 0.5",
                "links 1-1:1"), "Peel")).isFalse();
        assertThat(says(TextJob.of("A box-header-10-socket", "B box-header-10-socket", "kept A",
                "cable ribbon-16 0.5", "links 1-1:1"), "Peel")).as("an end that stays").isFalse();
    }

    @Test
    void aThickCableInASmallPlug() {
        Job job = TextJob.of("A modular-6p6c-plug", "B modular-6p6c-plug", "cable utp-4x2-23-cross 5",
                "links 2-5:WH/BU 3-4:BU 4-3:WH/OG 5-2:OG");
        inOrder(job, "\\[A\\] .*boot", "\\[B\\] .*boot",
                "dead square.*plastic cross out at an angle.*slanted.*deep inside",
                "2 WH/BU, 3 BU, 4 WH/OG, 5 OG.*1 and 6 stay empty: count from the edge.*right to left",
                " 6 mm from the sheath.*trimmed once", "every tip.*Keep pushing.*both sides", "Crimp the");
    }

    @Test
    void aFlatBusCableOfSixWires() {
        Job straight = TextJob.of("A modular-6p6c-plug", "B modular-6p6c-plug", "cable flat-6 5",
                "links 1-1:WH 2-2:BK 3-3:RD 4-4:GN 5-5:YE 6-6:BU");
        inOrder(straight,
                "1 WH, 2 BK.*one latch looks up and the other, at end B, down; by numbers 1 goes to 1",
                "\\[B\\] Order.*1 WH, 2 BK.*at end A, down");
        Job turned = TextJob.of("A modular-6p6c-plug", "B modular-6p6c-plug", "cable flat-6 5",
                "links 1-6:WH 2-5:BK 3-4:RD 4-3:GN 5-2:YE 6-1:BU");
        inOrder(turned, "both latches.*same way", "\\[B\\] Order.*1 BU, 2 YE");
    }

    @Test
    void smallOpenBarrelContacts() {
        Job job = TextJob.of("A row-254-3-socket", "B terminal-3", "cable moulded-audio-3 1",
                "links 1-1:RD 2-2:WH 3-3:BK");
        inOrder(job, "Bare 3 wires", "Fold the bare ends back once.*28 AWG",
                "3 contacts from the strip.*wriggle",
                "RD into position 1.*outer wings in a little.*until it clicks.*does not slide.*crimp anew");
        Job thicker = TextJob.of("A row-254-3-socket", "B terminal-3", "cable control-3 1", "links 1-1:BK");
        assertThat(says(thicker, "Fold the bare ends")).isFalse();
        inOrder(job.withSchools(Schools.NONE.withCrimp(Schools.Crimp.ONE_WING)),
                "one after the other.*plain");
        inOrder(job.withSchools(Schools.NONE.withCrimp(Schools.Crimp.SOLDERED)),
                "repair.*wings off.*no solder has run to the spring");
    }

    @Test
    void aControlCableOnCrimpedContacts() {
        Job job = joined(joined(TextJob.of("A dsub-9-socket", "B dsub-9-plug", "cable serial-4x2-screened 3",
                "links 2-3:BK 3-2:RD 5-5:WH shell-shell:screen"), "A", Termination.CRIMP), "B",
                Termination.CRIMP);
        inOrder(job, "hood with its clamp and .* sleeve for the sheath", "sheath 25 mm",
                "Fold back and cover GN",
                "screen, twist it, sleeve it", "sleeve over the end of the sheath.*alike",
                "BK into position 2.*cannot be pulled out", "drain of the screen to the shell",
                "far end is not made yet: loose contacts",
                "clamp on the sheath, never on the wires",
                "\\[A\\] Beep end A again", "\\[B\\]");
        assertThat(BenchSteps.of(job, true)).filteredOn(s -> s.end().equals("B"))
                .noneMatch(s -> says(s, "loose contacts"));
        assertThat(says(joined(job, "B", Termination.SOLDER_CUP), "bare the tips of its wires")).isTrue();
    }

    @Test
    void oneWireOfACableThatIsThere() {
        Job job = TextJob.of("A jack-3.5-trrs-plug", "B jack-3.5-trrs-plug", "kept A B",
                "cable moulded-audio-4 1",
                "links tip-tip:RD ring1-ring1:GN ring2-ring2:BU sleeve-sleeve:BK=X");
        inOrder(job, "lengthwise.*without cutting",
                "Find the wire from A.sleeve to B.sleeve by meter.*pin.*Colours",
                "Lift BK out and cut it.*both sides.*One strand left still joins", "Sleeve each stump",
                "only what was meant", "Close the sheath", "\\[B\\].*stays");
        assertThat(says(job, "end A, which stays")).as("the same touches").isFalse();
        assertThat(says(job, "Strip|Cut end|Cut [0-9]")).isFalse();
    }

    @Test
    void mouldedCablesWhoseWiresNobodyKnows() {
        Job job = TextJob.of("A jack-3.5-trs-plug", "B jack-2.5-trs-plug", "kept A",
                "cable moulded-audio-3 1",
                "links tip-tip:RD ring-ring:WH sleeve-sleeve:BK");
        inOrder(job, "\\[B\\] Cut end B back", "\\[B\\] Strip the sheath",
                "\\[A\\] Find which wire.*Trace.*two wires at a time: of 3 wires it takes 2 trials",
                "BK to lug sleeve");
        Job known = TextJob.of("A jack-3.5-trs-plug", "B leads; BK X; WH Y; RD Z", "kept A",
                "cable moulded-audio-3 1", "links tip-RD:RD ring-WH:WH sleeve-BK:BK", "beep A.tip B.RD",
                "beep A.ring B.WH", "beep A.sleeve B.BK");
        assertThat(says(known, "Find which wire")).as("all were measured").isFalse();
    }

    /** A wire that is live as soon as the plug is in is no reserve, and is not folded back among others. */
    @Test
    void aSpareWireOfTheBatteryIsCappedByItself() {
        Job job = TextJob.of("A vehicle-16-plug; 6 CAN-H both can; 14 CAN-L both can; 5 GND ground",
                "B leads; WH X; BN Y; GN Z; YE W", "kept A", "cable control-4 1",
                "links 6-WH:WH 14-BN:BN", "beep A.6 B.WH", "beep A.14 B.BN", "beep A.16 B.GN",
                "beep A.5 B.YE");
        inOrder(job, "\\[B\\] Cut GN back at end B and cap it by itself: it is A.16, live",
                "\\[B\\] Fold back and cover YE");
        assertThat(says(job, "Fold back and cover.*GN")).isFalse();
        assertThat(Rules.check(job))
                .anyMatch(f -> f.rule().equals("spare-conductor") && !f.message().contains("GN"))
                .anyMatch(f -> f.rule().equals("port-brings") && f.message().contains("A.16"));
    }

    @Test
    void aDataCableWithADiode() {
        Job job = TextJob.of("A row-254-3-socket", "B jack-2.5-trs-plug", "cable control-3 0.6",
                "links 1-sleeve:BK 2-ring:WH B.ring-A.3:RD=D");
        inOrder(job, "\\[A\\] RD into position 3.*it beeps with the far end of RD and is silent with 2",
                "\\[B\\] Find each lug", "sleeve on 3 wires",
                "BK to lug sleeve.*beeps with A.1.*silent with ring",
                "diode in line with RD to ring, its stripe away from ring.*red at contact ring"
                        + ".*before and after the sleeve",
                "WH \\+ RD to lug ring.*beeps with A.2.*A.3 answers through the component",
                "At ring a component lies in between");
        assertThat(BenchSteps.of(job, true)).filteredOn(s -> s.end().equals("A"))
                .as("the diode is not there yet").noneMatch(s -> says(s, "component"));
    }

    @Test
    void aScreenAtOneEnd() {
        Job job = TextJob.of("A phono-plug", "B phono-socket", "cable audio-2-screened 0.5",
                "links centre-centre:RD outer-outer:WH A.outer-:screen");
        inOrder(job, "\\[A\\] Gather the screen to the side of WH, twist it round, tin both.*no whisker",
                "\\[B\\] Cut the screen back flush.*lens", "WH to lug outer");
    }

    @Test
    void aFieldOfSmallDevicesOnOneBundle() {
        Job job = TextJob.of("A terminal-4; 1 V+ supply-out 12V; 2 GND ground",
                "B terminal-2; 1 V+ supply-in 12V",
                "C terminal-2; 1 V+ supply-in 12V", "cable control-4 3",
                "links A.1-B.1:BN=F A.2-B.2:WH A.1-C.1:BN=F A.2-C.2:WH");
        inOrder(job, "BN to B and C into terminal 1", "sleeve for the bundle.*before end C is made",
                "\\[C\\] .*terminal", "tie it every 100 mm", "supply that reaches any other line");
        assertThat(BenchSteps.of(job, true).stream().filter(s -> s.deed() instanceof Deed.InLine))
                .as("a fuse for each branch").hasSize(2);
    }
}
