package wegweiser.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;

/** One cause is one finding, however many contacts it shows at. */
class OneCauseTest {
    private static Finding only(String rule, Severity severity, String... lines) {
        List<Finding> found = Rules.check(TextJob.of(lines)).stream().filter(f -> f.rule().equals(rule))
                .toList();
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().severity()).isEqualTo(severity);
        return found.getFirst();
    }

    @Test
    void plusAndMinusThatChangedPlaces() {
        Finding finding = only("supply-to-ground", Severity.ERROR,
                "A terminal-2; 1 V+ supply-out 12V; 2 GND ground",
                "B terminal-2; 1 V+ supply-in 12V; 2 GND ground", "links 1-2 2-1");
        assertThat(finding.terminals()).hasSize(4);
        assertThat(finding.remedy()).contains("Swap plus and minus");
    }

    @Test
    void halvesOfAPairThatChangedPlaces() {
        assertThat(only("pair-crossed", Severity.ERROR, "A terminal-2; 1 CAN-H both can; 2 CAN-L both can",
                "B terminal-2; 1 CAN-H both can; 2 CAN-L both can", "links 1-2 2-1").terminals()).hasSize(4);
    }

    @Test
    void twoPairsThatAreCrossedAreTwo() {
        assertThat(Rules.check(
                TextJob.of("A terminal-4; 1 X+ both rs485; 2 X- both rs485; 3 Y+ both rs485; 4 Y- both rs485",
                        "B terminal-4; 1 X+ both rs485; 2 X- both rs485; 3 Y+ both rs485; 4 Y- both rs485",
                        "links 1-2 2-1 3-4 4-3")))
                .filteredOn(f -> f.rule().equals("pair-crossed")).hasSize(2);
    }

    @Test
    void outputsOnOneGround() {
        assertThat(
                only("output-to-ground", Severity.ERROR, "A terminal-2; 1 OUT1 out ttl-5v; 2 OUT2 out ttl-5v",
                        "B terminal-2; 1 GND ground; 2 V+ supply-in 5V", "links 1-1 2-1").message())
                .contains("are outputs");
    }

    @Test
    void conductorsThatAreNotInTheCable() {
        Finding finding = only("conductor-unknown", Severity.ERROR, "A terminal-3", "B terminal-3",
                "cable data-3x025 1", "links 1-1:XX 2-2:YY 3-3:BN");
        assertThat(finding.message()).contains("XX and YY");
        assertThat(finding.remedy()).contains("A.1 and A.2");
    }

    @Test
    void wiresWithoutAConductor() {
        assertThat(only("conductor-unknown", Severity.WARNING, "A terminal-3", "B terminal-3",
                "cable data-3x025 1", "links 1-1 2-2 3-3:BN").message()).contains("A.1–B.1")
                .contains("A.2–B.2")
                .contains("have no conductor");
    }
}
