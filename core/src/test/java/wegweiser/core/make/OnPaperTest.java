package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;

class OnPaperTest {
    @Test
    void everyStepStandsThereOnceAndNothingIsSaidTwice() {
        LongStream.range(9000, 9400).forEach(seed -> {
            List<Step> steps = BenchSteps.of(RandomDesigns.of(seed), true);
            List<OnPaper.Line> lines = OnPaper.lines(steps);
            assertThat(lines).as("design %d", seed).extracting(OnPaper.Line::text)
                    .isEqualTo(steps.stream().map(Step::text).toList());
            Set<String> said = new HashSet<>();
            for (int k = 0; k < steps.size(); k++) {
                Step step = steps.get(k);
                List<String> notes = lines.get(k).notes();
                notes.stream().filter(n -> !n.startsWith("Wait ")).forEach(
                        n -> assertThat(said.add(n)).as("“%s” once, design %d", n, seed).isTrue());
                assertThat(notes.stream().filter(n -> n.startsWith("Wait ")).count())
                        .isEqualTo(step.waitSeconds() > 0 ? 1 : 0);
            }
            String all = String.join(" ", said);
            steps.forEach(s -> assertThat(all).contains(s.detail()));
            steps.stream().flatMap(s -> List.of(s.check().split("; ")).stream())
                    .forEach(sign -> assertThat(all).contains(sign));
        });
    }

    @Test
    void whatMayHurtNamesItsStepsInRuns() {
        List<Step> steps = BenchSteps.of(TextJob.of("A dsub-9-socket", "B dsub-9-socket", "cable serial-9 2",
                "links 2-3:BN 3-2:RD 5-5:OG"), true);
        List<String> cautions = OnPaper.cautions(steps);
        assertThat(cautions).doesNotHaveDuplicates()
                .anyMatch(c -> c.matches("Steps \\d+ to \\d+, .*burn skin.*"));
        for (Step step : steps) {
            assertThat(cautions.stream().filter(c -> c.endsWith(step.caution())).count())
                    .isEqualTo(step.caution().isEmpty() ? cautions.size() : 1);
        }
    }
}
