package wegweiser.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.TextJob;
import wegweiser.core.electrical.BusLength;
import wegweiser.core.electrical.TwoWireBus;
import wegweiser.core.model.Job;
import wegweiser.core.model.Schools;
import wegweiser.core.signals.Level;

class SizingTest {
    /** Ohms of a kilometre of solid copper at 20 °C, as wire tables have them, beside the formula of the program. */
    private static final Map<Integer, Double> OHMS_PER_KM = Map.of(16, 13.17, 18, 20.95, 20, 33.31, 22, 52.96,
            24, 84.22, 26, 133.9, 28, 212.9, 30, 338.6);
    /** Stranded conductors have 3 % more. */
    private static final double STRANDED = 1.03;

    private static Job supply(double amps, double metres, String cable) {
        return TextJob.of("A terminal-2; 1 V+ supply-out 12V 20A; 2 GND ground",
                "B terminal-2; 1 V+ supply-in 12V " + amps + "A; 2 GND ground",
                "cable " + cable + " " + metres,
                "links 1-1:RD 2-2:BK");
    }

    private static SizingLine line(Job job, String id) {
        return Sizing.of(job).stream().filter(l -> l.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void aSupplyByHand() {
        // 2 x 10 m of 16 AWG at 13.17 mΩ/m, 3 % for strands, four contacts of 15 mΩ: 0.3313 Ω, so 1.988 V at 6 A
        SizingLine drop = line(supply(6, 10, "silicone-pair-16"), "drop");
        assertThat(drop.shown()).isEqualTo("1.99 V");
        // 12 V and a device that works from 10.8 V on
        assertThat(drop.limit()).isEqualTo("1.2 V");
        assertThat(drop.isKept()).isFalse();
        assertThat(drop.share().getAsDouble()).isCloseTo(1.988 / 1.2, within(0.002));
        // 0.2 Ω in all less 0.06 Ω of contacts over 27.13 mΩ/m: 5.16 m; factor 0.516, and 14 AWG has 0.629 of it
        assertThat(drop.remedy())
                .isEqualTo("Would do: 12 AWG, or 2 conductors in parallel, or at most 5.1 m.");
    }

    @Test
    void aResistorInALogicLineLeavesSoMuchOfTheRate() {
        String ports = "A row-254-3-socket; 1 TXD out ttl-5v; 2 RXD in ttl-5v; 3 GND ground | "
                + "B row-254-3-socket; 1 DATA both ttl-5v; 3 GND ground";
        Job job = TextJob.of(ports.split(" \\| ")[0], ports.split(" \\| ")[1], "cable control-3 2",
                "links 1-1:WH=R4700 3-3:BN");
        double pf = wegweiser.core.catalog.Cables.of(job).orElseThrow().pfPerMetre() * 2 + 10;
        // a tenth of a bit is 4.7 kΩ times the capacitance
        SizingLine line = line(job, "resistor");
        assertThat(line.words()).isEqualTo("behind 4.7 kΩ");
        assertThat(kilobits(line.shown())).isCloseTo(0.1 / (4700 * pf * 1e-12) / 1e3, within(1.0));
        // a divider: 10 kΩ over 20 kΩ are 6.67 kΩ to the cable
        Job divided = TextJob.of(ports.split(" \\| ")[0],
                "B row-254-3-socket; 1 RXD in cmos-3v3; 3 GND ground", "cable control-3 2",
                "links 1-1:WH=R10000 3-3:BN B.1-B.3=R20000");
        assertThat(kilobits(line(divided, "resistor").shown()))
                .isCloseTo(0.1 / (20e3 / 3 * pf * 1e-12) / 1e3, within(1.0));
    }

    private static double kilobits(String shown) {
        Matcher rate = Pattern.compile("up to ([\\d.]+) kbit/s").matcher(shown);
        assertThat(rate.matches()).as(shown).isTrue();
        return Double.parseDouble(rate.group(1));
    }

    @Test
    void fourPairsOfANetworkMayGetOutOfStep() {
        String port = " modular-8p8c-plug; 1 BI-DA+ both ethernet; 2 BI-DA- both ethernet; 3 BI-DB+ both ethernet;"
                + " 6 BI-DB- both ethernet";
        String all = port + "; 4 BI-DC+ both ethernet; 5 BI-DC- both ethernet; 7 BI-DD+ both ethernet;"
                + " 8 BI-DD- both ethernet";
        String four = "links 1-1:WH/OG 2-2:OG 3-3:WH/GN 6-6:GN";
        Job whole = TextJob.of("A" + all, "B" + all, "cable utp-4x2-24 90",
                four + " 4-4:BU 5-5:WH/BU 7-7:WH/BN 8-8:BN");
        assertThat(line(whole, "skew").figure()).isEqualTo("40.5 ns of 50 ns");
        Job slow = TextJob.of("A" + port, "B" + port, "cable utp-4x2-24 90", four);
        assertThat(Sizing.of(slow)).extracting(SizingLine::id).doesNotContain("skew");
    }

    @ParameterizedTest
    @CsvSource({"0.5, 3, silicone-pair-20, 20", "2, 12.5, silicone-pair-16, 16",
            "8, 0.7, silicone-pair-12, 12"})
    void dropByASecondFormula(double amps, double metres, String cable, int awg) {
        double ohms = awg == 12 ? 5.211 : OHMS_PER_KM.get(awg);
        double lost = amps * (2 * metres * STRANDED * ohms / 1000 + 0.06);
        double share = line(supply(amps, metres, cable), "drop").share().getAsDouble();
        assertThat(share).isCloseTo(lost / 1.2, within(0.002));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void whatIsAdvisedWouldDo(long seed) {
        java.util.SplittableRandom random = new java.util.SplittableRandom(seed);
        Pattern metres = Pattern.compile("at most ([0-9.]+) m");
        Pattern gauge = Pattern.compile("([0-9]+) AWG");
        int advised = 0;
        for (int k = 0; k < 200; k++) {
            Job job = supply(0.5 + random.nextInt(40) / 10.0, 5 + random.nextInt(60), "silicone-pair-20");
            SizingLine drop = line(job, "drop");
            Matcher shorter = metres.matcher(drop.remedy());
            Matcher thicker = gauge.matcher(drop.remedy());
            if (shorter.find()) {
                advised++;
                double m = Double.parseDouble(shorter.group(1));
                assertThat(line(Sizing.asIf(job, m, OptionalInt.empty()), "drop").isKept()).isTrue();
                assertThat(line(Sizing.asIf(job, m + 1.2, OptionalInt.empty()), "drop").isKept()).isFalse();
            }
            if (thicker.find()) {
                int awg = Integer.parseInt(thicker.group(1));
                double now = job.cable().lengthMm().getAsDouble() / 1000;
                assertThat(line(Sizing.asIf(job, now, OptionalInt.of(awg)), "drop").isKept()).isTrue();
                assertThat(line(Sizing.asIf(job, now, OptionalInt.of(awg + 2)), "drop").isKept()).isFalse();
            }
        }
        assertThat(advised).isGreaterThan(100);
    }

    @Test
    void currentByEitherSchool() {
        SizingLine pair = line(supply(6, 1, "silicone-pair-20"), "current");
        assertThat(pair.limit()).isEqualTo("5 A");
        assertThat(pair.remedy()).isEqualTo("Would do: 18 AWG, or 2 conductors in parallel.");
        Schools free = Schools.NONE.withCurrent(Schools.Current.FREE_AIR);
        assertThat(line(supply(6, 1, "silicone-pair-20").withSchools(free), "current").limit())
                .as("two cores of one sheath warm each other by any school").isEqualTo("5 A");
        SizingLine wire = line(supply(6, 1, "hook-up-20").withSchools(free), "current");
        assertThat(wire.limit()).isEqualTo("11 A");
        assertThat(wire.isKept()).isTrue();
    }

    @Test
    void whichBudgetBinds() {
        Job job = TextJob.of("A usb-a-plug; 1 VBUS supply-out 5V 0.5A; 4 GND ground",
                "B terminal-2; 1 VBUS supply-in 5V 0.6A; 2 GND ground", "cable usb2 1",
                "links 1-1:RD 4-2:BK");
        assertThat(line(job, "budget-port").isKept()).isFalse();
        assertThat(line(job, "budget-contact").isKept()).isTrue();
    }

    @Test
    void aTwoWireBusByHand() {
        // (3.3 - 0.4) V over 3 mA
        assertThat(TwoWireBus.smallestOhms(3.3)).isCloseTo(966.7, within(0.1));
        // 300 ns over 0.8473 x 200 pF
        assertThat(TwoWireBus.largestOhms(300, 200)).isCloseTo(1770, within(1.0));
        double least = TwoWireBus.smallestOhms(5);
        double metres = TwoWireBus.longestMetres(300, 5, 50);
        assertThat(TwoWireBus.largestOhms(300, 50 * metres)).isCloseTo(least, within(0.01));
    }

    @Test
    void aTwoWireBusOnACable() {
        Job job = TextJob.of(
                "A row-254-4-socket; 1 V+ supply-out 3.3V; 2 GND ground; 3 SDA both i2c; 4 SCL both i2c",
                "B row-254-4-socket; 1 V+ supply-in 3.3V 0.01A; 2 GND ground; 3 SDA both i2c; 4 SCL both i2c",
                "cable sensor-4 3", "links 1-1:BN 2-2:BU 3-3:WH 4-4:BK");
        // 100 pF/m, which leaves 4 m
        SizingLine capacitance = line(job, "capacitance");
        assertThat(capacitance.figure()).isEqualTo("300 pF of 400 pF");
        List<SizingLine> pullUps = Sizing.of(job).stream().filter(l -> l.id().equals("pull-up")).toList();
        assertThat(pullUps).extracting(SizingLine::isKept).containsExactly(true, true);
        assertThat(line(Sizing.asIf(job, 4.5, OptionalInt.empty()), "capacitance").remedy())
                .contains("at most 4 m");
    }

    @ParameterizedTest
    @CsvSource({"CAN, 40, 1000000", "CAN, 41, 500000", "CAN, 300, 125000", "CAN, 5000, 0",
            "RS485, 1000, 100000",
            "RS485, 5, 10000000", "RS485, 1201, 0"})
    void lengthAgainstRate(Level level, double metres, double bits) {
        assertThat(BusLength.fastestBits(level, metres)).isEqualTo(bits);
    }

    @Test
    void usbGoesByItsGauge() {
        assertThat(BusLength.longestMetres(Level.USB3, 26)).hasValue(3);
        assertThat(BusLength.longestMetres(Level.USB3, 30)).hasValue(2);
        assertThat(BusLength.longestMetres(Level.USB3, 22)).hasValue(3);
        assertThat(BusLength.longestMetres(Level.USB2, 28)).hasValue(5);
        assertThat(BusLength.longestMetres(Level.RS232, 24)).as("goes by its capacitance").isEmpty();
    }

    @Test
    void longerIsNeverBetter() {
        Job job = supply(1, 1, "silicone-pair-20");
        double before = 0;
        for (double metres = 0.5; metres < 50; metres += 0.5) {
            double share = line(Sizing.asIf(job, metres, OptionalInt.empty()), "drop").share().getAsDouble();
            assertThat(share).isGreaterThan(before);
            before = share;
        }
    }

    @Test
    void withoutLengthNothingIsSaid() {
        assertThat(Sizing
                .of(TextJob.of("A terminal-2", "B terminal-2", "cable silicone-pair-20", "links 1-1:RD")))
                .isEmpty();
    }

    @Test
    void everyLineHasItsWords() {
        for (wegweiser.core.usual.UsualCable cable : wegweiser.core.usual.UsualCable.all()) {
            assertThat(Sizing.of(cable.job())).allSatisfy(l -> {
                assertThat(l.words()).isNotBlank().doesNotContain("{");
                assertThat(l.formula()).isNotBlank().doesNotContain("{");
                assertThat(l.figure()).isNotBlank();
            });
        }
    }
}
