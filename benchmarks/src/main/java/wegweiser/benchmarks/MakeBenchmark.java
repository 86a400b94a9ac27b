package wegweiser.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import wegweiser.core.batch.CutPlan;
import wegweiser.core.batch.Schedule;
import wegweiser.core.catalog.Termination;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.HandTimes;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.sizing.Sizing;
import wegweiser.core.usual.UsualCable;

/** Everything at Make for one cable, and for 200 of them with resin that cures. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class MakeBenchmark {
    private Job job;
    private List<Step> steps;

    @Setup
    public void load() {
        job = UsualCable.all().getFirst().job();
        steps = BenchSteps.of(job.withEnd("A",
                e -> e.withConnector("circular-8").withTermination(Optional.of(Termination.POTTED.id()))),
                true);
    }

    @Benchmark
    public List<Step> stepsOfOne() {
        return BenchSteps.of(job, true);
    }

    @Benchmark
    public Object sizing() {
        return Sizing.of(job);
    }

    @Benchmark
    public Schedule scheduleOf200() {
        return Schedule.of(steps, 200, 4, HandTimes.USUAL);
    }

    @Benchmark
    public CutPlan cutsOf200() {
        return CutPlan.of(List.of(100_000.0, 250_000.0, 12_400.0, 7_300.0, 5_000.0, 3_200.0),
                List.of(new CutPlan.Wanted(1640, 200)));
    }
}
