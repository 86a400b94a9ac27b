package wegweiser.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
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
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Proposal;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;

/** The next touch, the evidence of many readings, and opening a large job. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class CoreBenchmark {
    private Case nine;
    private Case twentyFive;
    private Case fifty;
    private TerminalIndex index;
    private List<Reading> readings;
    private Path large;
    private Job full;

    @Setup
    public void prepare() throws IOException {
        nine = Case.of("dsub-9-socket", 12);
        twentyFive = Case.of("dsub-25-socket", 40);
        fifty = Case.of("dsub-50-socket", 100);
        Job big = Cables.random("dsub-25-socket", 4);
        index = new TerminalIndex(Terminals.of(big));
        readings = Cables.readings(big, 200, 7);
        Job largest = Cables.random("dsub-50-socket", 8);
        full = fullPorts();
        large = Files.createTempFile("large", ".wegweiser.json");
        JobFile.write(large, largest.withReadings(Cables.readings(largest, 300, 9)));
    }

    /** Two ports of fifty contacts, each with a signal, and a wire for each. */
    private static Job fullPorts() {
        String[] signals = {"TXD", "RXD", "A", "B", "CAN-H", "CAN-L", "V+", "GND", "IO", "TX+"};
        Direction[] ways = {Direction.OUT, Direction.IN, Direction.BOTH, Direction.BOTH, Direction.BOTH,
                Direction.BOTH,
                Direction.SUPPLY_OUT, Direction.GROUND, Direction.BOTH, Direction.OUT};
        String[] levels = {"rs232", "rs232", "rs485", "rs485", "can", "can", "supply", "", "cmos-3v3",
                "rs422"};
        List<PinRow> rows = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (int n = 1; n <= 50; n++) {
            rows.add(PinRow.of(String.valueOf(n), signals[n % 10], ways[n % 10], levels[n % 10]));
            links.add(Link.of("A." + n, "B." + n).withConductor(Optional.of(String.valueOf(n))));
        }
        return Job.of("full", List.of(End.of("A", "Mast logger", "dsub-50-plug", rows),
                End.of("B", "Dome computer", "dsub-50-plug", rows)), links, List.of())
                .withCable(CableUse.of("ribbon-50", 2000));
    }

    /** All rules over two ports of fifty contacts. */
    @Benchmark
    public List<Finding> rules50() {
        return Rules.check(full);
    }

    /** A cable half way through, with an advisor that looks two touches ahead and one that proves. */
    private record Case(Advisor identify, Advisor prove, Evidence evidence) {
        static Case of(String connector, int readings) {
            Job truth = Cables.random(connector, 3);
            Job open = truth.withLinks(List.of());
            TerminalIndex terminals = new TerminalIndex(Terminals.of(open));
            return new Case(advisor(open, terminals, Goal.IDENTIFY, Fixture.PROBES),
                    advisor(open, terminals, Goal.ONCE, Fixture.COMB),
                    new Evidence(terminals, Cables.readings(truth, readings, 5)));
        }

        private static Advisor advisor(Job open, TerminalIndex terminals, Goal goal, Fixture fixture) {
            return new Advisor(open, terminals, fixture, goal, CostModel.USUAL, 1);
        }
    }

    /** Belief and proposal on 9 x 9 after a dozen readings, two probes. */
    @Benchmark
    public Optional<Proposal> nextTouch9() {
        return nine.identify.next(nine.evidence);
    }

    /** Belief and proposal on 25 x 25 after forty readings, two probes. */
    @Benchmark
    public Optional<Proposal> nextTouch25() {
        return twentyFive.identify.next(twentyFive.evidence);
    }

    /** Belief and proposal on 50 x 50 after a hundred readings, two probes. */
    @Benchmark
    public Optional<Proposal> nextTouch50() {
        return fifty.identify.next(fifty.evidence);
    }

    /** The same with a comb. */
    @Benchmark
    public Optional<Proposal> nextGang9() {
        return nine.prove.next(nine.evidence);
    }

    @Benchmark
    public Optional<Proposal> nextGang25() {
        return twentyFive.prove.next(twentyFive.evidence);
    }

    @Benchmark
    public Optional<Proposal> nextGang50() {
        return fifty.prove.next(fifty.evidence);
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
