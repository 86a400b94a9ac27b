package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.TextJob;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.Job;
import wegweiser.core.route.Patterns.Pattern;
import wegweiser.core.rules.Rules;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Wiring;
import wegweiser.core.wiring.WiringWords;

class PatternsTest {
    private static Job ribbon() {
        return TextJob.of("A box-header-10-socket", "B box-header-10-socket", "cable ribbon-10 0.3");
    }

    private static Set<String> links(Job job) {
        return job.links().stream().map(l -> l.from().contact() + "-" + l.to().orElseThrow().contact())
                .collect(Collectors.toSet());
    }

    private static String words(Job job) {
        return WiringWords.of(Wiring.between(Nets.planned(job), "A", "B"));
    }

    /** What a plan is called is what it was told to be. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"STRAIGHT|1|10|straight", "REVERSED|1|10|reversed",
            "TURNED|4|8|contacts 4 to 8 turned over", "EXCHANGED|2|3|crossed 2-3, otherwise straight"})
    void isCalledWhatItIs(Pattern pattern, String from, String to, String words) {
        Job straight = Patterns.of(ribbon(), Pattern.STRAIGHT, "A", "B", "1", "10");
        Job job = Patterns.of(straight, pattern, "A", "B", from, to);
        assertThat(words(job)).contains(words);
        assertThat(job.links()).hasSize(10).allMatch(l -> l.conductor().isPresent());
    }

    @Test
    void turningTwiceIsTurningBack() {
        Job straight = Patterns.of(ribbon(), Pattern.STRAIGHT, "A", "B", "1", "10");
        for (Pattern pattern : List.of(Pattern.TURNED, Pattern.EXCHANGED)) {
            Job once = Patterns.of(straight, pattern, "A", "B", "3", "7");
            assertThat(links(once)).isNotEqualTo(links(straight));
            assertThat(links(Patterns.of(once, pattern, "A", "B", "7", "3"))).isEqualTo(links(straight));
        }
    }

    @Test
    void whatLiesElsewhereStays() {
        Job job = TextJob.of("A terminal-4", "B terminal-4", "C terminal-4",
                "links 1-1 4-4 A.2-C.2 A.1-A.3=J");
        Job laid = Patterns.of(job, Pattern.REVERSED, "A", "B", "1", "3");
        assertThat(laid.links()).extracting(l -> l.from() + " " + l.to().orElseThrow())
                .containsExactlyInAnyOrder(
                        "A.4 B.4", "A.2 C.2", "A.1 A.3", "A.1 B.3", "A.2 B.2", "A.3 B.1");
    }

    @Test
    void aTurnedSegmentIsOneThatHandsCanMake() {
        Job straight = Patterns.of(ribbon(), Pattern.STRAIGHT, "A", "B", "1", "10");
        Job turned = Patterns.of(straight, Pattern.TURNED, "A", "B", "4", "8");
        assertThat(Rules.check(turned))
                .noneMatch(f -> f.rule().equals("conductor-impossible"));
        Job crossed = Patterns.of(straight, Pattern.EXCHANGED, "A", "B", "2", "9");
        assertThat(Rules.check(crossed))
                .anyMatch(f -> f.rule().equals("conductor-impossible"));
    }

    /** Also where only some of the contacts are joined, so that the order of the wires says nothing. */
    @Test
    void aRibbonIsTurnedOverAtOneEndAndStraightAtTheOther() {
        Job job = TextJob.of("A box-header-34-socket", "B box-header-34-socket", "cable ribbon-34 0.6",
                "links 9-9 11-15 12-14 13-13 14-12 15-11 20-20");
        Job laid = Allocation.anew(job);
        assertThat(laid.links()).allSatisfy(
                l -> assertThat(l.conductor()).contains(l.from().contact()));
        Job turned = Allocation.anew(job.withEnds(job.ends().reversed()));
        assertThat(turned.links()).allSatisfy(
                l -> assertThat(l.conductor()).contains(l.to().orElseThrow().contact()));
        assertThat(Rules.check(laid)).noneMatch(f -> f.rule().equals("conductor-impossible"));
        assertThat(Rules.check(turned)).noneMatch(f -> f.rule().equals("conductor-impossible"));
    }

    @Test
    void aContactThatIsNotThereIsRefused() {
        assertThatThrownBy(() -> Patterns.of(ribbon(), Pattern.STRAIGHT, "A", "B", "1", "11"))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
