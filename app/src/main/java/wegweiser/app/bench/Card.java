package wegweiser.app.bench;

import java.util.Optional;
import wegweiser.app.stage.Next;
import wegweiser.app.stage.Progress;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Testing;
import wegweiser.files.workshop.BenchJob;

/** What a card shows of a job: how far each stage is and what comes next, once that was worked out. */
record Card(BenchJob job, Optional<Progress> progress, Optional<Next> next) {
    /** A card on which nothing is worked out yet. */
    static Card plain(BenchJob job) {
        return new Card(job, Optional.empty(), Optional.empty());
    }

    /** The whole card; takes as long as a proposal of the advisor. */
    static Card of(BenchJob bench, Testing testing, boolean rightHanded) {
        Optional<Job> job = bench.job();
        if (job.isEmpty()) {
            return plain(bench);
        }
        Derived derived = Derived.of(job.get());
        return new Card(bench, Optional.of(Progress.of(derived, testing)),
                Optional.of(Next.of(derived, testing, rightHanded)));
    }
}
