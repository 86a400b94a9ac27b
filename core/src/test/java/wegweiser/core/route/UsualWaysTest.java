package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;

/** Ways that people know by name, offered beside the plain one. */
class UsualWaysTest {
    private static Optional<Scheme> way(Job job, String id) {
        return Router.schemes(job).stream().filter(s -> s.id().equals(id)).findFirst();
    }

    private static List<String> pairs(Scheme scheme) {
        return scheme.links().stream()
                .map(l -> l.from() + "-" + l.to().orElseThrow() + l.conductor().map(c -> ":" + c).orElse(""))
                .toList();
    }

    @Test
    void aTelephoneCordWithTwoLinesIsTurnedAsAWhole() {
        Job job = TextJob.of(
                "A modular-6p4c-plug; 2 L2A both telephone; 3 LA both telephone; 4 LB both telephone; 5 L2B both telephone",
                "B modular-6p4c-plug; 2 L2A both telephone; 3 LA both telephone; 4 LB both telephone; 5 L2B both telephone",
                "cable utp-4x2-24 2");
        assertThat(pairs(way(job, "direct").orElseThrow())).as("the first line on the blue pair")
                .contains("A.3-B.3:WH/BU", "A.4-B.4:BU", "A.2-B.2:WH/OG", "A.5-B.5:OG");
        assertThat(way(job, "direct").orElseThrow().why()).isEqualTo("Each line meets its namesake.");
        Scheme turned = way(job, "reversed").orElseThrow();
        assertThat(turned.links().stream().map(l -> l.from().contact() + l.to().orElseThrow().contact()))
                .containsExactlyInAnyOrder("25", "34", "43", "52");
    }

    @Test
    void twoLinesOnAnythingButModularPlugsAreNotTurned() {
        Job job = TextJob.of(
                "A terminal-4; 1 L2A both telephone; 2 LA both telephone; 3 LB both telephone; 4 L2B both telephone",
                "B terminal-4; 1 L2A both telephone; 2 LA both telephone; 3 LB both telephone; 4 L2B both telephone");
        assertThat(way(job, "reversed")).isEmpty();
    }

    @Test
    void aSwitchOnAStereoPlugHasItsRingOnTheSleeve() {
        Job job = TextJob.of("A jack-3.5-trs-plug; tip KEY in contact; sleeve GND ground",
                "B terminal-2; 1 KEY out contact; 2 GND ground");
        Scheme mono = way(job, "ring-to-sleeve").orElseThrow();
        assertThat(mono.links()).anyMatch(l -> l.joins(job.end("A").orElseThrow().terminal("ring"),
                job.end("A").orElseThrow().terminal("sleeve")) && l.is(PartKind.JUMPER));
        Scheme begun = way(job.withKept(List.of("A")), "ring-to-sleeve").orElseThrow();
        assertThat(begun.links()).as("what stays has a wire for it").extracting(Link::isWithinOneEnd)
                .containsOnly(false);
        assertThat(begun.links()).hasSize(3);
    }

    @Test
    void aRingWithASignalOfItsOwnStaysApart() {
        Job stereo = TextJob.of(
                "A jack-3.5-trs-plug; tip KEY in contact; ring SHIFT in contact; sleeve GND ground",
                "B terminal-2; 1 KEY out contact; 2 GND ground");
        assertThat(way(stereo, "ring-to-sleeve")).isEmpty();
        Job sound = TextJob.of("A jack-3.5-trs-plug; tip LEFT in audio-line; sleeve GND ground",
                "B jack-3.5-ts-plug; tip LEFT out audio-line; sleeve GND ground");
        assertThat(way(sound, "ring-to-sleeve")).isEmpty();
    }
}
