package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;

/** Where a fuse belongs, whatever the ends are made of and in whichever order they are written. */
class FuseAtSourceTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "ring-2; 1 BATTERY supply-out 12V; 2 GND ground | barrel-5.5-2.1-plug; centre V+ supply-in 12V 1A; outer GND ground | A.1-B.centre | A",
            "barrel-5.5-2.1-plug; centre V+ supply-in 12V 1A; outer GND ground | ring-2; 1 BATTERY supply-out 12V; 2 GND ground | A.centre-B.1 | B",
            "terminal-2; 1 V+ supply-in 12V 1A; 2 GND ground | ring-2; 1 BATTERY supply-out 12V; 2 GND ground | B.1-A.1 | B",
            "vehicle-16-plug; 16 BATTERY supply-out 9..16V; 5 GND ground | dsub-9-socket; 9 V+ supply-in 8..30V 0.5A; 1 GND ground | A.16-B.9 | A"})
    void isTheEndOfTheSource(String a, String b, String link, String source) {
        Job job = TextJob.of("A " + a, "B " + b, "cable silicone-pair-20 2", "links " + link + ":RD=F2");
        List<Step> steps = BenchSteps.of(job, true).stream()
                .filter(s -> s.deed() instanceof Deed.InLine).toList();
        assertThat(steps).hasSize(1);
        assertThat(steps.getFirst().end()).isEqualTo(source);
        assertThat(steps.getFirst().text()).contains("fuse of 2 A");
        assertThat(steps.getFirst().check()).contains("printed on the fuse");
        assertThat(Materials.parts(job)).anyMatch(p -> p.words().contains("fuse 2 A"));
    }

    @Test
    void whereTheEndOfTheSourceStaysItGoesIntoTheCable() {
        Job job = TextJob.of("A ring-2; 1 BATTERY supply-out 12V; 2 GND ground",
                "B terminal-2; 1 V+ supply-in 12V 1A; 2 GND ground", "cable silicone-pair-20 2", "kept A",
                "links 1-1:RD=F2 2-2:BK");
        List<Step> steps = BenchSteps.of(job, true).stream()
                .filter(s -> s.deed() instanceof Deed.InLine).toList();
        assertThat(steps).hasSize(1);
        assertThat(steps.getFirst().end()).isEmpty();
        assertThat(steps.getFirst().text()).contains("close to the source");
    }

    @Test
    void aDeviceThatCanKillIsMadeDeadFirst() {
        Job job = TextJob.of("A jack-3.5-ts-plug; tip TRIGGER both contact; sleeve COM both contact",
                "B terminal-2; 1 IN1 in cmos-3v3; 2 GND ground", "cable data-2x025 2",
                "links tip-1:WH sleeve-2:BN");
        assertThat(BenchSteps.of(job, true).getFirst().key()).isEqualTo(":cut");
        Step first = BenchSteps.of(job.withEnd("A", e -> e.withDangerous(java.util.Optional.of(true))), true)
                .getFirst();
        assertThat(first.text()).startsWith("Unplug Device A, discharge it");
        assertThat(first.caution()).contains("kills");
    }
}
