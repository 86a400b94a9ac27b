package wegweiser.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.trace.Advisor;
import wegweiser.core.trace.CostModel;
import wegweiser.core.trace.Evidence;
import wegweiser.core.trace.Fixture;
import wegweiser.core.trace.Goal;
import wegweiser.core.trace.Proposal;
import wegweiser.files.job.BadFile;
import wegweiser.files.job.JobFile;

/** The next touch, the evidence of many readings, and opening a large job. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class CoreBenchmark {
    private Advisor nine;
    private Evidence nineEvidence;
    private Advisor twentyFive;
    private Evidence twentyFiveEvidence;
    private TerminalIndex index;
    private List<Reading> readings;
    private Path large;

    @Setup
    public void prepare() throws IOException {
        Job small = Cables.random("dsub-9-socket", 3);
        nine = advisor(small);
        nineEvidence = new Evidence(nine.index(), Cables.readings(small, 12, 5));
        Job big = Cables.random("dsub-25-socket", 4);
        twentyFive = advisor(big);
        twentyFiveEvidence = new Evidence(twentyFive.index(), Cables.readings(big, 40, 6));
        index = new TerminalIndex(Terminals.of(big));
        readings = Cables.readings(big, 200, 7);
        Job fifty = Cables.random("dsub-50-socket", 8);
        large = Files.createTempFile("large", ".wegweiser.json");
        JobFile.write(large, fifty.withReadings(Cables.readings(fifty, 300, 9)));
    }

    private static Advisor advisor(Job truth) {
        Job open = truth.withLinks(List.of());
        return new Advisor(open, new TerminalIndex(Terminals.of(open)), Fixture.PROBES, Goal.PROVE,
                CostModel.USUAL, 1);
    }

    /** Belief and proposal on 9 x 9 after a dozen readings. */
    @Benchmark
    public Optional<Proposal> nextTouch9() {
        return nine.next(nineEvidence);
    }

    /** Belief and proposal on 25 x 25 after forty readings. */
    @Benchmark
    public Optional<Proposal> nextTouch25() {
        return twentyFive.next(twentyFiveEvidence);
    }

    /** Evidence of 200 readings on 25 x 25 from scratch. */
    @Benchmark
    public Evidence evidence200() {
        return new Evidence(index, readings);
    }

    /** Reading and checking a job of 2 x 50 contacts with 300 readings. */
    @Benchmark
    public Job openJob() throws BadFile {
        return JobFile.read(large);
    }
}
