package wegweiser.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;

/** Small jobs with what must be said of them and what must not, in every order in which they can be written. */
class RuleJobsTest {
    /** One job with its expectations, each a rule and its severity. */
    record Case(String name, Job job, Set<String> expected, Set<String> silent) {
        @Override
        public String toString() {
            return name;
        }
    }

    static List<Case> cases() throws IOException {
        List<Case> found = new ArrayList<>();
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                RuleJobsTest.class.getResourceAsStream("jobs.txt"), StandardCharsets.UTF_8))) {
            String text = in.lines().filter(l -> !l.startsWith("#")).collect(Collectors.joining("\n"));
            for (String block : text.strip().split("\n\\s*\n")) {
                List<String> lines = block.strip().lines().toList();
                found.add(new Case(lines.getFirst(), TextJob.of(lines.stream().skip(1)
                        .filter(l -> !l.startsWith("expect ") && !l.startsWith("silent "))
                        .toArray(String[]::new)),
                        after(lines, "expect "), after(lines, "silent ")));
            }
        }
        return found;
    }

    private static Set<String> after(List<String> lines, String word) {
        return lines.stream().filter(l -> l.startsWith(word)).map(l -> l.substring(word.length()).strip())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> said(Job job) {
        return Rules.check(job).stream().map(f -> f.rule() + " " + f.severity().id())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @ParameterizedTest
    @MethodSource("cases")
    void whatATechnicianWouldSayIsSaidInAnyOrder(Case one) {
        SplittableRandom random = new SplittableRandom(one.name().hashCode());
        Set<String> said = said(one.job());
        assertThat(said).as("%s", Rules.check(one.job())).containsAll(one.expected());
        assertThat(said).as("%s", Rules.check(one.job()))
                .noneMatch(s -> one.silent().contains(s.substring(0, s.indexOf(' '))));
        for (int round = 0; round < 8; round++) {
            assertThat(said(Reordered.of(one.job(), random))).isEqualTo(said);
        }
        assertThat(Rules.check(one.job())).allSatisfy(f -> {
            assertThat(f.message()).isNotBlank().doesNotContain("{").doesNotContain("null")
                    .doesNotContain("Optional");
            assertThat(f.remedy()).isNotBlank().doesNotContain("{");
        });
    }

    @Test
    void everyRuleSpeaksOnOneJobAndIsSilentOnAnother() throws IOException {
        Set<String> speaks = new TreeSet<>();
        Set<String> silent = new TreeSet<>();
        for (Case one : cases()) {
            one.expected().forEach(e -> speaks.add(e.substring(0, e.indexOf(' '))));
            silent.addAll(one.silent());
        }
        // these need readings, sources or a port, and are tried beside
        Set<String> beside = Set.of("connector-replaced", "does-not-mate", "plan-contradicts-reading",
                "source-single",
                "sources-disagree");
        for (Rule rule : Rules.all()) {
            assertThat(speaks.contains(rule.id()) || beside.contains(rule.id())).as(rule.id() + " speaks")
                    .isTrue();
            assertThat(silent).as("silent").contains(rule.id());
        }
    }

    @Test
    void aFixOfAFindingCuresIt() throws IOException {
        int tried = 0;
        for (Case one : cases()) {
            for (Finding finding : Rules.check(one.job())) {
                if (finding.fix().isPresent()) {
                    tried++;
                    Job cured = finding.fix().get().edit().apply(one.job());
                    assertThat(Rules.check(cured)).as("%s: %s", one.name(), finding.message())
                            .noneMatch(f -> f.rule().equals(finding.rule())
                                    && f.terminals().equals(finding.terminals()));
                }
            }
        }
        assertThat(tried).isGreaterThan(10);
    }
}
