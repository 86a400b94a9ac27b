package wegweiser.core.derived;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.advice.Fixture;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.prove.TestPlan;
import wegweiser.core.prove.Verdict;
import wegweiser.core.rules.Rules;

/** Everything that follows from a job is computed once, and is what it would be by itself. */
class DerivedTest {
    private static final Job JOB = Samples.job("dsub-9-socket", "dsub-25-plug", "2-3 3-2 5-7")
            .withReading(Reading.beep("A.2", "B.3")).withReading(Reading.silent("A.2", "B.2"));

    @Test
    void eachPartIsTheSameObjectHoweverOftenItIsAskedFor() {
        Derived derived = Derived.of(JOB);
        Evidence evidence = derived.evidence();
        Rules.check(derived);
        Verdict verdict = Verdict.of(derived, Fixture.COMB);
        assertThat(derived.evidence()).isSameAs(evidence);
        assertThat(Verdict.of(derived, Fixture.COMB)).isSameAs(verdict);
        assertThat(Verdict.of(derived, Fixture.PROBES)).isNotEqualTo(verdict);
        assertThat(TestPlan.of(derived, Fixture.COMB)).isSameAs(verdict.plan());
        assertThat(Rules.check(derived)).isSameAs(Rules.check(derived));
        assertThat(BenchSteps.of(derived, true)).isSameAs(BenchSteps.of(derived, true));
        assertThat(derived.proof()).isSameAs(derived.proof());
    }

    @Test
    void itIsWhatItWouldBeByItself() {
        Derived derived = Derived.of(JOB);
        assertThat(derived.evidence().claims()).isEqualTo(Evidence.of(JOB).claims());
        assertThat(Rules.check(derived)).isEqualTo(Rules.check(JOB));
        assertThat(Verdict.of(derived, Fixture.CLIP)).isEqualTo(Verdict.of(JOB, Fixture.CLIP));
        assertThat(BenchSteps.of(derived, false)).isEqualTo(BenchSteps.of(JOB, false));
    }

    @Test
    void manyAskAtOnceAndOneComputes() throws Exception {
        Derived derived = Derived.of(JOB);
        AtomicInteger computed = new AtomicInteger();
        try (ExecutorService threads = Executors.newFixedThreadPool(8)) {
            List<Future<Integer>> asked = IntStream.range(0, 64)
                    .mapToObj(_ -> threads.submit(() -> derived.once("answer", computed::incrementAndGet)))
                    .toList();
            for (Future<Integer> answer : asked) {
                assertThat(answer.get()).isEqualTo(1);
            }
        }
    }

    @Test
    void whatFailedIsTriedAgain() {
        Derived derived = Derived.of(JOB);
        assertThatThrownBy(() -> derived.once("part", () -> {
            throw new IllegalStateException("overtaken");
        })).isInstanceOf(IllegalStateException.class);
        assertThat(derived.<Integer>once("part", () -> 7)).isEqualTo(7);
    }
}
