package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Verdict;
import wegweiser.core.readings.TypedReading;
import wegweiser.core.rules.Rules;

/** Nothing of a plan is left out at the bench: parts in line, the screen, the wires of a crimp or a screw. */
class PartsBuiltTest {
    private static List<String> texts(Job job) {
        return BenchSteps.of(job, true).stream().map(Step::text).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"dsub-9-socket dsub-9-socket", "row-254-4-socket dsub-9-socket",
            "row-254-4-socket terminal-4",
            "modular-8p8c-plug row-254-4-socket", "jack-3.5-trs-plug row-254-4-socket"})
    void aPartBetweenTwoEndsIsBuiltInOnce(String connectors) {
        String[] two = connectors.split(" ");
        String a = two[0].startsWith("jack") ? "tip" : "2";
        for (String part : List.of("R10k", "D", "C", "F")) {
            Job job = TextJob.of("A " + two[0], "B " + two[1], "links " + a + "-2=" + part);
            List<Step> inline = BenchSteps.of(job, true).stream().filter(s -> s.key().contains(":part:"))
                    .toList();
            assertThat(inline).as(part).hasSize(1);
            assertThat(inline.getFirst().text()).contains("in line");
            assertThat(Materials.parts(job)).as("bought")
                    .anyMatch(i -> i.words().matches("(resistor|diode|capacitor|fuse).*"));
        }
    }

    @Test
    void theStripeOfADiodeIsSaidFromTheContactAtHand() {
        Job anode = TextJob.of("A dsub-9-socket", "B terminal-4", "links A.2-B.2=D");
        assertThat(texts(anode)).anyMatch(t -> t.contains("stripe away from 2"));
        Job cathode = TextJob.of("A dsub-9-socket", "B terminal-4", "links B.2-A.2=D");
        assertThat(texts(cathode)).anyMatch(t -> t.contains("stripe towards 2"));
    }

    @Test
    void wiresForCrimpAndScrewAreBaredAndAModularPlugIsTrimmed() {
        Job job = TextJob.of("A row-254-2-socket", "B terminal-2", "cable control-2 1",
                "links 1-1:WH 2-2:BN");
        assertThat(texts(job)).filteredOn(t -> t.startsWith("Bare 2 wires")).hasSize(2);
        Job plug = TextJob.of("A modular-8p8c-plug", "B modular-8p8c-socket", "cable utp-4x2-24 1",
                "links 1-1:WH/OG 2-2:OG");
        assertThat(texts(plug)).anyMatch(t -> t.startsWith("Strip the sheath 30 mm"))
                .anyMatch(t -> t.contains("cut straight, 12 mm")).anyMatch(t -> t.contains("slot 1"))
                .noneMatch(t -> t.contains("Crimp the modular 8P8C, socket"));
    }

    @Test
    void aModularPlugIsHeldSoThatItsOrderCanBeSeen() {
        Job plug = TextJob.of("A modular-8p8c-plug", "B modular-8p8c-plug", "cable utp-4x2-24 1",
                "links 1-1:WH/OG 2-2:OG");
        assertThat(BenchSteps.of(plug, true)).extracting(Step::detail)
                .anyMatch(d -> d.contains("contacts up") && d.contains("latch underneath")
                        && d.contains("cable end towards you") && d.contains("1 is on the left"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"jack-3.5-trs-plug", "phono-plug", "coax-bnc-plug", "banana-2-plug"})
    void nobodyReadsNumbersWhereNoneArePrinted(String connector) {
        String first = Catalogue.standard().find(connector).orElseThrow().pinIds().getFirst();
        Job job = TextJob.of("A " + connector, "B terminal-4", "links " + first + "-1");
        assertThat(texts(job)).filteredOn(t -> t.startsWith("Read the printed numbers"))
                .noneMatch(t -> t.contains(Catalogue.standard().find(connector).orElseThrow().title()));
    }

    @Test
    void aSleeveIsAsWideAsItsWire() {
        Set<String> sleeves = new HashSet<>();
        for (String cable : List.of("utp-4x2-24", "bell-2")) {
            Materials
                    .parts(TextJob.of("A jack-6.35-ts-plug", "B jack-6.35-ts-plug",
                            "cable " + cable + " 1",
                            "links tip-tip"))
                    .stream().map(Materials.Item::words).filter(w -> w.contains("sleeve"))
                    .forEach(sleeves::add);
        }
        assertThat(sleeves).as("24 and 20 AWG").hasSize(2);
    }

    @Test
    void aRibbonHasNoSheath() {
        Job job = TextJob.of("A box-header-10-socket", "B dsub-9-socket", "cable ribbon-10 0.3",
                "links 1-1:1 2-6:2");
        assertThat(texts(job)).noneMatch(t -> t.contains("sheath"))
                .anyMatch(t -> t.startsWith("Split the ribbon"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"m12-a-4-plug", "terminal-4", "modular-8p8c-plug", "dsub-9-socket", "xlr-3-plug"})
    void theScreenIsTakenCareOfAtEveryEnd(String connector) {
        Job job = TextJob.of("A " + connector, "B " + connector, "cable serial-2x2-screened 1",
                "links 1-1:RD 2-2:BK");
        assertThat(BenchSteps.of(job, true).stream().filter(s -> s.key().endsWith(":screen"))).hasSize(2);
    }

    @Test
    void aLeadWithAResistorAtBothEndsPasses() {
        Job job = TextJob.of("A dsub-9-socket; 2 CAN-L both; 3 GND ground; 7 CAN-H both",
                "B dsub-9-socket; 2 CAN-L both; 3 GND ground; 7 CAN-H both",
                "links 2-2 3-3 7-7 A.2-A.7=R120 B.2-B.7=R120");
        Job measured = job.withReading(TypedReading.parse("A.2 A.7 60.4", job));
        assertThat(Verdict.of(measured, wegweiser.core.advice.Fixture.COMB).faults()).isEmpty();
        Job one = job.withReading(TypedReading.parse("A.2 A.7 120.3", job));
        assertThat(Verdict.of(one, wegweiser.core.advice.Fixture.COMB).faults()).isNotEmpty();
    }

    @Test
    void aLightEmittingDiodeShowsItsOwnVolts() {
        Job light = TextJob.of("A terminal-2", "B terminal-2", "links 1-1=D1.9 2-2");
        Job read = light.withReading(TypedReading.parse("A.1 B.1 1.82V", light));
        assertThat(Verdict.of(read, wegweiser.core.advice.Fixture.PROBES).faults()).isEmpty();
        Job plain = TextJob.of("A terminal-2", "B terminal-2", "links 1-1=D 2-2");
        Job wrong = plain.withReading(TypedReading.parse("A.1 B.1 1.82V", plain));
        assertThat(Verdict.of(wrong, wegweiser.core.advice.Fixture.PROBES).faults()).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"dsub-9-socket", "m12-a-4-plug", "coax-bnc-plug", "barrel-5.5-2.1-plug",
            "banana-2-plug"})
    void theWayOfJoiningIsChosenForAnEnd(String connector) {
        Job job = TextJob.of("A " + connector, "B terminal-2");
        String first = job.ends().getFirst().connector().startsWith("coax") || connector.startsWith("barrel")
                ? "centre"
                : "1";
        Job planned = TextJob.of("A " + connector, "B terminal-2", "links " + first + "-1");
        Set<List<String>> all = new HashSet<>();
        List<Termination> ways = Catalogue.standard().find(connector).orElseThrow().methods();
        for (Termination way : ways) {
            all.add(texts(planned.withEnd("A", e -> e.withTermination(Optional.of(way.id())))));
        }
        assertThat(all).as("each way has steps of its own").hasSize(ways.size()).hasSizeGreaterThan(1);
        assertThat(texts(planned.withEnd("A", e -> e.withTermination(Optional.of("moonlight")))))
                .isEqualTo(texts(planned));
    }

    @Test
    void aRibbonPressedOntoADsubKeepsItsOrder() {
        Job soldered = TextJob.of("A dsub-9-socket", "B dsub-9-socket", "cable ribbon-9 0.3",
                "links 1-1:1 2-2:2");
        assertThat(Rules.check(soldered)).noneMatch(f -> f.rule().equals("conductor-impossible"));
        Job pressed = soldered.withEnd("A", e -> e.withTermination(Optional.of("ribbon")));
        assertThat(Rules.check(pressed)).anyMatch(f -> f.rule().equals("conductor-impossible"));
    }
}
