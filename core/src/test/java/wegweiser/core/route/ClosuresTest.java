package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;

/** Contacts that close, to what looks at them. */
class ClosuresTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "1 COM both contact; 2 NO both contact | 1 V+ supply-out 24V; 2 GND ground; 3 IN1 in plc-24v | A.1-B.1 A.2-B.3",
            "1 SW1 both contact; 2 SW2 both contact | 1 GND ground; 2 IN1 in cmos-3v3 | A.1-B.1 A.2-B.2",
            "1 NO both contact; 2 COM both contact | 1 GND ground; 2 IN1 in ttl-5v | A.1-B.2 A.2-B.1",
            "1 ROW1 both contact; 2 COL1 both contact | 1 COL1 in cmos-3v3; 2 ROW1 out cmos-3v3 | A.1-B.2 A.2-B.1",
            // a 24 V input without a supply beside it has nothing to be switched to
            "1 COM both contact; 2 NO both contact | 1 GND ground; 2 IN1 in plc-24v | ''"})
    void areJoinedToWhatLooksAtThem(String contacts, String device, String expected) {
        Job job = TextJob.of("A terminal-2; " + contacts, "B terminal-4; " + device);
        Set<String> found = Router.schemes(job).stream().findFirst().map(s -> s.links().stream()
                .map(l -> l.from() + "-" + l.to().orElseThrow()).collect(Collectors.toSet()))
                .orElse(Set.of());
        assertThat(found).isEqualTo(expected.isEmpty() ? Set.of() : Set.of(expected.split(" ")));
    }
}
