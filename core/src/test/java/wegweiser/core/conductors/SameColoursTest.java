package wegweiser.core.conductors;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;

class SameColoursTest {
    private static final Job FIRST = TextJob.of("A terminal-3; 1 SDA both; 2 SCL both; 3 GND ground",
            "B terminal-3; 1 SDA both; 2 SCL both; 3 GND ground", "cable control-4 2",
            "links 1-1:YE 2-2:WH 3-3:GN");

    private static Map<String, String> colours(Job job) {
        return job.links().stream()
                .collect(Collectors.toMap(l -> l.from().contact(), l -> l.conductor().orElse("")));
    }

    @Test
    void aSignalHasTheColourItHasInTheOtherCable() {
        Job next = TextJob.of("A terminal-4; 1 GND ground; 2 SCL both; 3 SDA both; 4 V+ supply-out 5V",
                "B terminal-4; 1 GND ground; 2 SCL both; 3 SDA both; 4 V+ supply-in 5V",
                "cable control-10-screened 2",
                "links 1-1:WH 2-2:BN 3-3:GN 4-4:YE");
        assertThat(colours(SameColours.as(next, FIRST))).containsEntry("3", "YE").containsEntry("2", "WH")
                .containsEntry("1", "GN").containsEntry("4", "RD");
        assertThat(colours(SameColours.as(SameColours.as(next, FIRST), FIRST)))
                .isEqualTo(colours(SameColours.as(next, FIRST)));
    }

    @Test
    void whatAPersonChoseStaysAndWhatTheCableLacksIsChosen() {
        Job next = TextJob.of("A terminal-3; 1 SDA both; 2 SCL both; 3 GND ground",
                "B terminal-3; 1 SDA both; 2 SCL both; 3 GND ground", "cable alarm-6 2",
                "links 1-1:BU 2-2:RD 3-3:BK");
        Job pinned = next.withLinks(next.links().stream()
                .map(l -> l.from().contact().equals("2") ? l.withPinned("YE") : l).toList());
        Map<String, String> found = colours(SameColours.as(pinned, FIRST));
        assertThat(found).containsEntry("2", "YE").containsEntry("3", "GN");
        assertThat(found.get("1")).isNotEqualTo("YE").isNotBlank();
    }
}
