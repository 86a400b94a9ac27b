package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.rules.Finding;

/** Two or more ports as they stand in manuals, joined as was written down beforehand in {@code by-hand.txt}. */
class ByHandTest {
    /** One entry of the list. */
    record Entry(String title, List<String> job, List<String> wanted) {
        @Override
        public String toString() {
            return title;
        }
    }

    static List<Entry> entries() throws IOException {
        List<Entry> found = new ArrayList<>();
        try (InputStream in = ByHandTest.class.getResourceAsStream("by-hand.txt")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            for (String block : text.replaceAll("(?m)^#.*\\n", "").strip().split("\\n\\s*\\n")) {
                List<String> lines = block.strip().lines().toList();
                List<String> rest = lines.subList(1, lines.size());
                found.add(new Entry(lines.getFirst(), rest.stream().filter(ByHandTest::isOfJob).toList(),
                        rest.stream().filter(l -> !isOfJob(l)).toList()));
            }
        }
        return found;
    }

    private static boolean isOfJob(String line) {
        return line.matches("(?:[A-Z]|cable|school|kept|beep) .*");
    }

    @ParameterizedTest
    @MethodSource("entries")
    void isJoinedAsWasWrittenDownBeforehand(Entry entry) {
        Job job = TextJob.of(entry.job().toArray(String[]::new));
        List<Scheme> schemes = Router.schemes(job);
        for (String line : entry.wanted()) {
            String[] word = line.split("\\s+", 2);
            Set<String> wanted = word.length < 2 ? Set.of() : new TreeSet<>(links(job, word[1]));
            Scheme best = schemes.getFirst();
            switch (word[0]) {
                case "best" ->
                    assertThat(across(best, line.contains(":"))).as(best.toString()).isEqualTo(wanted);
                case "within" -> assertThat(within(best)).as(best.toString()).isEqualTo(wanted);
                case "within-has" -> assertThat(within(best)).as(best.toString()).containsAll(wanted);
                case "within-none" -> assertThat(within(best)).as(best.toString()).isEmpty();
                case "offered" -> assertThat(schemes).as(line)
                        .anySatisfy(s -> assertThat(across(s, false)).isEqualTo(wanted));
                case "offered-within" -> assertThat(schemes).as(line)
                        .anySatisfy(s -> assertThat(within(s)).isEqualTo(wanted));
                case "never" -> assertThat(schemes).as(line)
                        .allSatisfy(s -> assertThat(across(s, false)).doesNotContainAnyElementsOf(wanted));
                case "refused" -> assertThat(best.spoken()).as(best.toString()).filteredOn(Finding::isError)
                        .extracting(Finding::rule).contains(word[1]);
                default -> throw new IllegalArgumentException(line);
            }
        }
    }

    private static Collection<String> links(Job job, String text) {
        return TextJob.of(Stream.concat(job.ends().stream().map(e -> e.name() + " " + e.connector()),
                Stream.of("links " + text)).toArray(String[]::new)).links().stream().map(ByHandTest::words)
                .toList();
    }

    private static Set<String> across(Scheme scheme, boolean conductors) {
        return words(scheme.links().stream().filter(l -> l.to().isPresent() && !l.isWithinOneEnd())
                .map(l -> conductors ? l : l.unpinned()));
    }

    private static Set<String> within(Scheme scheme) {
        return words(scheme.links().stream().filter(Link::isWithinOneEnd));
    }

    private static Set<String> words(Stream<Link> links) {
        return links.map(ByHandTest::words).collect(Collectors.toCollection(TreeSet::new));
    }

    /** A link in one way of writing, which end comes first being all the same but for a diode. */
    private static String words(Link link) {
        String from = link.from().toString();
        String to = link.to().orElseThrow().toString();
        boolean turned = !link.is(PartKind.DIODE) && from.compareTo(to) > 0;
        return (turned ? to + "-" + from : from + "-" + to)
                + link.conductor().map(c -> ":" + c).orElse("")
                + link.part().map(p -> "=" + p.kind() + p.ohms().orElse(0)).orElse("");
    }
}
