package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.Job;
import wegweiser.core.model.Skipped;
import wegweiser.core.model.Waiting;

class BenchProgressTest {
    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");

    private static Job potted() {
        return TextJob.of("A circular-4", "B terminal-4", "cable sensor-4 2", "links 1-1:BN 2-2:WH")
                .withEnd("A", e -> e.withTermination(Optional.of(Termination.POTTED.id())));
    }

    private static BenchProgress at(Job job, long seconds) {
        return new BenchProgress(BenchSteps.of(job, true), job, NOON.plusSeconds(seconds));
    }

    private static Step step(Job job, String key) {
        return BenchSteps.of(job, true).stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow();
    }

    /** All steps up to and with one. */
    private static Job upTo(Job job, String key) {
        Job done = job;
        for (Step step : BenchSteps.of(job, true)) {
            done = at(done, 0).done(step);
            if (step.key().equals(key)) {
                return done;
            }
        }
        throw new AssertionError(key);
    }

    @Test
    void resinCuresByItselfAndTheOtherEndIsMadeMeanwhile() {
        Job poured = upTo(potted(), "A:pot");
        assertThat(poured.waiting()).extracting(Waiting::step).containsExactly("A:handle", "A:work",
                "A:full");
        assertThat(poured.waitingFor("A:work").orElseThrow().until()).isEqualTo(NOON.plusSeconds(3600));
        // whatever is done meanwhile, a day after it was poured
        assertThat(poured.waitingFor("A:full").orElseThrow().until()).isEqualTo(NOON.plusSeconds(24 * 3600));
        BenchProgress soon = at(poured, 60);
        assertThat(soon.next().orElseThrow().end()).isEqualTo("B");
        assertThat(soon.state(step(poured, "A:tin"))).isEqualTo(BenchProgress.State.BLOCKED);
        assertThat(soon.running()).hasSize(3);
        assertThat(at(poured, 299).state(step(poured, "A:handle"))).isEqualTo(BenchProgress.State.RUNNING);
        assertThat(at(poured, 300).state(step(poured, "A:handle"))).isEqualTo(BenchProgress.State.DONE);
        BenchProgress later = at(poured, 3600);
        assertThat(later.running()).extracting(Waiting::step).containsExactly("A:full");
        assertThat(later.next().orElseThrow().key()).isEqualTo("A:sleeve");
    }

    @Test
    void whileEverythingWaitsTheFirstToBeOverIsNext() {
        Job poured = upTo(potted(), "A:pot");
        for (Step step : BenchSteps.of(poured, true)) {
            BenchProgress now = at(poured, 10);
            if (now.state(step) == BenchProgress.State.OPEN) {
                poured = now.done(step);
            }
        }
        assertThat(at(poured, 20).next().orElseThrow().key()).isEqualTo("A:handle");
        assertThat(at(poured, 400).next().orElseThrow().key()).isEqualTo("A:work");
    }

    @Test
    void aStepIsLeftOutForAReasonAndCanComeBack() {
        Job job = potted();
        Step count = step(job, ":lay-out");
        Job without = at(job, 0).skipped(count, "parts are in the kit");
        assertThat(without.skipped()).containsExactly(Skipped.of(":lay-out", "parts are in the kit"));
        assertThat(at(without, 0).state(count)).isEqualTo(BenchProgress.State.SKIPPED);
        assertThat(at(without, 0).settled()).isEqualTo(1);
        assertThat(at(without, 0).reopened(count)).isEqualTo(job);
    }

    @Test
    void takingBackThePourStopsTheClock() {
        Job poured = upTo(potted(), "A:pot");
        Job back = at(poured, 5).reopened(step(poured, "A:pot"));
        assertThat(back.waiting()).isEmpty();
        assertThat(back.done()).doesNotContain("A:pot");
    }

    /** Whoever does what is next, and waits where there is nothing else, has a finished cable in the end. */
    @Test
    void everyRandomDesignComesToAnEnd() {
        LongStream.range(9000, 9150).forEach(seed -> {
            Job job = RandomDesigns.of(seed);
            List<Step> steps = BenchSteps.of(job, true);
            Instant now = NOON;
            for (int k = 0; k < 3 * steps.size() && !new BenchProgress(steps, job, now).isFinished(); k++) {
                BenchProgress progress = new BenchProgress(steps, job, now);
                Step next = progress.next().orElseThrow();
                if (progress.state(next) == BenchProgress.State.RUNNING) {
                    now = job.waitingFor(next.key()).orElseThrow().until();
                } else {
                    for (String need : next.needs()) {
                        assertThat(job.isSettled(need, now))
                                .as("design %d: %s before %s", seed, need, next.key())
                                .isTrue();
                    }
                    job = progress.done(next);
                }
            }
            assertThat(new BenchProgress(steps, job, now).isFinished()).as("design %d", seed)
                    .isEqualTo(!steps.isEmpty());
        });
    }
}
