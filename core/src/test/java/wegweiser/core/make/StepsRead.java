package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import wegweiser.core.model.Job;

/** Steps read as at the bench: what they say, in which order, and whether hands can do them. */
final class StepsRead {
    private StepsRead() {}

    /** Patterns that have to be found in steps one after the other; the same step may hold several. */
    static void inOrder(Job job, String... patterns) {
        List<Step> steps = BenchSteps.of(job, true);
        assertThat(Hands.build(job, steps)).isEmpty();
        int at = 0;
        for (String pattern : patterns) {
            int found = at;
            while (found < steps.size() && !says(steps.get(found), pattern)) {
                found++;
            }
            assertThat(found).as("“%s” after step %d of%n%s", pattern, at, String.join("\n",
                    steps.stream().map(s -> s.n() + " " + s.end() + " " + s.text()).toList()))
                    .isLessThan(steps.size());
            at = found;
        }
    }

    static boolean says(Step step, String pattern) {
        String all = "[" + step.end() + "] " + step.text() + " | " + step.detail() + " | " + step.check()
                + " | "
                + step.setting() + " | " + step.caution();
        return Pattern.compile(pattern).matcher(all).find();
    }

    /** Whether any step says so. */
    static boolean says(Job job, String pattern) {
        return BenchSteps.of(job, true).stream().anyMatch(s -> says(s, pattern));
    }
}
