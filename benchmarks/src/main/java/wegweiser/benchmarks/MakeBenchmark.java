package wegweiser.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.batch.CutPlan;
import wegweiser.core.batch.Schedule;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.HandTimes;
import wegweiser.core.make.Step;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.sizing.Sizing;
import wegweiser.core.usual.UsualCable;

/** Everything at Make for one cable, and for 200 of them with resin that cures. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class MakeBenchmark {
    private Job job;
    private List<Step> steps;
    private Job wide;
    private Job loom;
    private Job branched;

    @Setup
    public void load() {
        job = UsualCable.all().getFirst().job();
        steps = BenchSteps.of(job.withEnd("A",
                e -> e.withConnector("circular-8").withTermination(Optional.of(Termination.POTTED.id()))),
                true);
        List<String> wires = IntStream.rangeClosed(1, 66).mapToObj(k -> "W" + k).toList();
        CableStock bundle = new CableStock("bundle", "bundle", wires, 24, List.of(), 24, List.of(), "", 0, 0,
                true,
                false, false, OptionalDouble.empty(), "");
        CableUse use = CableUse.of(bundle.id(), 1000).withStock(bundle.id(), Optional.of(bundle));
        wide = Job.of("wide", List.of(End.of("A", "", "dsub-50-plug", List.of()),
                End.of("B", "", "dsub-50-socket", List.of())),
                IntStream.rangeClosed(1, 50)
                        .mapToObj(k -> Link.of("A." + k, "B." + k).withConductor(Optional.of("W" + k)))
                        .toList(),
                List.of()).withCable(use);
        // every two of twelve ends are joined by a wire of their own
        List<Link> links = new ArrayList<>();
        for (int a = 0; a < 12; a++) {
            for (int b = a + 1; b < 12; b++) {
                links.add(Link.of("E" + a + "." + (b + 1), "E" + b + "." + (a + 1))
                        .withConductor(Optional.of(wires.get(links.size()))));
            }
        }
        loom = Job.of("loom", IntStream.range(0, 12)
                .mapToObj(k -> End.of("E" + k, "", "terminal-12", List.of())).toList(), links, List.of())
                .withCable(use);
        // a trunk of ten branch points, two ends at the first and at the last, one at each between
        List<LoomRun> runs = new ArrayList<>();
        for (int k = 0; k < 12; k++) {
            runs.add(LoomRun.of("E" + k, "J" + Math.clamp(k, 1, 10), 200));
        }
        for (int k = 1; k < 10; k++) {
            runs.add(LoomRun.of("J" + k, "J" + (k + 1), 300));
        }
        branched = loom.withCable(use.withLoom(new Loom(runs, List.of(), List.of(), List.of(), Map.of())));
    }

    @Benchmark
    public Assembly builtBranchedLoomOfTwelveEnds() {
        return Assembly.of(Derived.of(branched));
    }

    @Benchmark
    public Assembly builtWith2x50() {
        return Assembly.of(Derived.of(wide));
    }

    @Benchmark
    public Assembly builtLoomOfTwelveEnds() {
        return Assembly.of(Derived.of(loom));
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
