package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;

/** Current and ground gather at their source, never in the plug of a load. */
class GatheredGroundsTest {
    private static final String SUPPLY = "terminal-4; 1 V+ supply-out 6V 10A; 2 GND ground";
    private static final String MOTOR = "row-254-3-socket; 1 %s in cmos-5v; 2 V+ supply-in 6V 1.5A; 3 GND ground";

    private static List<String> grounds(Job job) {
        List<Link> links = Router.schemes(job).getFirst().links();
        return links.stream()
                .filter(l -> job.row(l.from()).flatMap(r -> r.signal()).filter("GND"::equals).isPresent())
                .map(l -> l.from().end() + l.to().orElseThrow().end())
                .map(pair -> pair.charAt(0) < pair.charAt(1) ? pair : "" + pair.charAt(1) + pair.charAt(0))
                .sorted().toList();
    }

    @Test
    void motorsReturnToTheBatteryAndNotThroughTheController() {
        Job job = TextJob.of("A " + SUPPLY,
                "B row-254-12-socket; 1 GND ground; 2 P1 out cmos-5v; 3 P2 out cmos-5v; 4 P3 out cmos-5v",
                "C " + MOTOR.formatted("P1"), "D " + MOTOR.formatted("P2"), "E " + MOTOR.formatted("P3"));
        assertThat(grounds(job)).containsExactly("AB", "AC", "AD", "AE");
    }

    @Test
    void itDoesNotMatterWhichEndIsNamedFirst() {
        Job job = TextJob.of("A " + MOTOR.formatted("P1"),
                "B row-254-12-socket; 1 GND ground; 2 P1 out cmos-5v; 3 P2 out cmos-5v",
                "C " + MOTOR.formatted("P2"), "D " + SUPPLY);
        assertThat(grounds(job)).as("every ground has the supply at one of its ends")
                .allMatch(pair -> pair.contains("D")).hasSize(3);
    }

    @Test
    void aBusGoesOnFromDeviceToDevice() {
        Job job = TextJob.of(
                "A terminal-4; 1 V+ supply-out 12V 2A; 2 GND ground; 3 CAN+ both can; 4 CAN- both can",
                "B terminal-4; 1 V+ supply-in 12V 0.2A; 2 GND ground; 3 CAN+ both can; 4 CAN- both can",
                "C terminal-4; 1 V+ supply-in 12V 0.2A; 2 GND ground; 3 CAN+ both can; 4 CAN- both can");
        List<String> lines = Router.schemes(job).getFirst().links().stream()
                .filter(l -> job.row(l.from()).flatMap(r -> r.signal()).filter("CAN+"::equals).isPresent())
                .map(l -> l.from().end() + l.to().orElseThrow().end()).sorted().toList();
        assertThat(grounds(job)).as("grounds run along with the lines").isEqualTo(lines);
    }
}
