package wegweiser.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;

/** Who is warned of what is right does not read warnings for long: good leads are left in peace. */
class EverydayTest {
    private static final int MOST_WARNINGS = 2;

    record Lead(String name, Job job) {
        @Override
        public String toString() {
            return name;
        }
    }

    static List<Lead> leads() throws IOException {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                EverydayTest.class.getResourceAsStream("everyday.txt"), StandardCharsets.UTF_8))) {
            String text = in.lines().filter(l -> !l.startsWith("#")).collect(Collectors.joining("\n"));
            return Arrays.stream(text.strip().split("\n\\s*\n")).map(block -> block.strip().lines().toList())
                    .map(l -> new Lead(l.getFirst(), TextJob.of(l.stream().skip(1).toArray(String[]::new))))
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("leads")
    void aLeadThatAnExpertSignsGetsNoErrorAndHardlyAWarning(Lead lead) {
        List<Finding> findings = Rules.check(lead.job());
        assertThat(findings).noneMatch(Finding::isError);
        assertThat(findings).filteredOn(f -> f.severity() == Severity.WARNING)
                .hasSizeLessThanOrEqualTo(MOST_WARNINGS);
    }

    @Test
    void thereAreManyAndMostAreLeftInPeaceAltogether() throws IOException {
        List<Lead> leads = leads();
        assertThat(leads).hasSizeGreaterThan(70);
        List<String> warned = leads.stream()
                .filter(l -> Rules.check(l.job()).stream().anyMatch(f -> f.severity() != Severity.NOTE))
                .map(Lead::name).toList();
        assertThat(warned).as("warned of").hasSizeLessThan(leads.size() / 10);
    }
}
