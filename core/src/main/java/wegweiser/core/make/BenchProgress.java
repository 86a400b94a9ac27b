package wegweiser.core.make;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Job;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Skipped;
import wegweiser.core.model.Waiting;

/**
 * How far a job is built at a moment: what is done, what waits, what may be done meanwhile.
 *
 * @param now the moment
 */
public record BenchProgress(List<Step> steps, Job job, Instant now) {
    public BenchProgress {
        steps = List.copyOf(steps);
    }

    /** How a step stands. */
    public enum State {
        OPEN,
        /** It needs one that is running. */
        BLOCKED,
        RUNNING,
        DONE,
        SKIPPED
    }

    public State state(Step step) {
        if (job.skipped().stream().anyMatch(s -> s.step().equals(step.key()))) {
            return State.SKIPPED;
        }
        if (job.isSettled(step.key(), now)) {
            return State.DONE;
        }
        if (job.waitingFor(step.key()).isPresent()) {
            return State.RUNNING;
        }
        return isBlocked(step) ? State.BLOCKED : State.OPEN;
    }

    private boolean isBlocked(Step step) {
        return running().stream().anyMatch(w -> BenchSteps.dependents(steps, w.step()).contains(step));
    }

    private List<Step> waits() {
        return steps.stream().filter(s -> s.waitSeconds() > 0).toList();
    }

    /** The first step that can be done now; while everything waits, the wait that is over first. */
    public Optional<Step> next() {
        return steps.stream().filter(s -> state(s) == State.OPEN).findFirst()
                .or(() -> steps.stream().filter(s -> state(s) == State.RUNNING).min((a, b) -> job
                        .waitingFor(a.key()).orElseThrow().until()
                        .compareTo(job.waitingFor(b.key()).orElseThrow().until())));
    }

    /** How many steps need nobody any more. */
    public int settled() {
        return (int) steps.stream().filter(s -> job.isSettled(s.key(), now)).count();
    }

    public boolean isFinished() {
        return !steps.isEmpty() && settled() == steps.size();
    }

    /** The steps that wait and are not over, the first to be over first. */
    public List<Waiting> running() {
        return job.waiting().stream()
                .filter(w -> !w.isOver(now) && steps.stream().anyMatch(s -> s.key().equals(w.step())))
                .sorted((a, b) -> a.until().compareTo(b.until())).toList();
    }

    /**
     * The job with a step done; time begins to run for what only needs that. The first tick means a new cable: readings of
     * the old one are set aside.
     */
    public Job done(Step step) {
        if (job.isSettled(step.key(), now)) {
            return job;
        }
        Job fresh = job.done().isEmpty() ? job.withReadingsSetAside(SetAside.BEFORE_BUILDING) : job;
        if (step.waitSeconds() > 0) {
            return started(fresh, step, now);
        }
        List<String> done = new ArrayList<>(fresh.done());
        done.add(step.key());
        return running(fresh.withDone(done), now);
    }

    /** The job with a step left out for a reason. */
    public Job skipped(Step step, String reason) {
        List<Skipped> all = new ArrayList<>(job.skipped());
        all.removeIf(s -> s.step().equals(step.key()));
        all.add(Skipped.of(step.key(), reason));
        Job without = job.withSkipped(all)
                .withWaiting(job.waiting().stream().filter(w -> !w.step().equals(step.key())).toList());
        return running(without, now);
    }

    /** The job with a step to be done again, and with it every wait that began because of it. */
    public Job reopened(Step step) {
        List<String> lost = BenchSteps.dependents(steps, step.key()).stream().map(Step::key).toList();
        return job.withDone(job.done().stream().filter(k -> !k.equals(step.key())).toList())
                .withSkipped(job.skipped().stream().filter(s -> !s.step().equals(step.key())).toList())
                .withWaiting(job.waiting().stream()
                        .filter(w -> !w.step().equals(step.key()) && !lost.contains(w.step())).toList());
    }

    /** Starts every wait whose needs are met, one after the other where they follow each other. */
    private Job running(Job from, Instant at) {
        Job result = from;
        for (Step wait : waits()) {
            boolean begins = result.waitingFor(wait.key()).isEmpty() && !result.isSettled(wait.key(), at);
            Instant since = at;
            for (String need : wait.needs()) {
                Optional<Waiting> before = result.waitingFor(need);
                begins &= before.isPresent() || result.isSettled(need, at);
                if (before.isPresent() && before.get().until().isAfter(since)) {
                    since = before.get().until();
                }
            }
            if (begins && !wait.needs().isEmpty()) {
                result = started(result, wait, since);
            }
        }
        return result;
    }

    private static Job started(Job job, Step wait, Instant since) {
        if (job.waitingFor(wait.key()).isPresent()) {
            return job;
        }
        List<Waiting> all = new ArrayList<>(job.waiting());
        all.add(Waiting.of(wait.key(), since, wait.waitSeconds()));
        return job.withWaiting(all);
    }
}
