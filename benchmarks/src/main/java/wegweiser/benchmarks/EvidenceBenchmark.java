package wegweiser.benchmarks;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** What takes longest to be weighed: many resistances, gangs that contradict each other, a proof of many contacts. */
@State(Scope.Benchmark)
@BenchmarkMode(org.openjdk.jmh.annotations.Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 4)
@Measurement(iterations = 3, time = 4)
public class EvidenceBenchmark {
    private static final int RESISTANCES = 140;
    private static final int GANGS = 150;
    private static final int SIDE = 20;

    private Job truth;
    private Job open;
    private TerminalIndex index;
    private List<Reading> resistances;
    private List<Reading> gangs;

    @Setup
    public void prepare() {
        truth = Cables.random("dsub-50-socket", 3);
        open = truth.withLinks(List.of());
        index = new TerminalIndex(Terminals.of(open));
        Random random = new Random(4);
        resistances = new ArrayList<>();
        gangs = new ArrayList<>();
        for (int k = 0; k < RESISTANCES; k++) {
            resistances.add(Reading.of(Mode.OHMS, touch(random, 1),
                    new Outcome.Resistance(20 + random.nextInt(20_000))));
        }
        for (int k = 0; k < GANGS; k++) {
            gangs.add(Reading.of(Mode.CONTINUITY, touch(random, SIDE),
                    random.nextBoolean() ? Outcome.BEEP : Outcome.SILENT));
        }
    }

    private Touch touch(Random random, int side) {
        List<Terminal> some = new ArrayList<>(index.terminals());
        Collections.shuffle(some, random);
        return new Touch(some.subList(0, side), some.subList(side, 2 * side));
    }

    /** A lead with something plugged in still. */
    @Benchmark
    public Evidence resistances140() {
        return new Evidence(index, resistances);
    }

    /** Answers to gangs of twenty at random, which contradict each other in many ways. */
    @Benchmark
    public Evidence gangs150() {
        return new Evidence(index, gangs);
    }

    /** A cable of 2 x 50 contacts that nobody knows, with a comb, from the first touch to its proof. */
    @Benchmark
    public Proof trace50() {
        Nets nets = Nets.of(index, truth.links());
        Advisor advisor = new Advisor(open, index, Fixture.COMB, Goal.PROVE, CostModel.USUAL, 1);
        Tracer.Run run = Tracer.run(open, advisor, Fixture.COMB, CostModel.USUAL, (touch, mode) -> {
            boolean joined = touch.red().stream()
                    .anyMatch(r -> touch.black().stream().anyMatch(b -> nets.joined(r, b)));
            return !joined
                    ? Outcome.OPEN
                    : mode == Mode.DIODE ? new Outcome.Voltage(0) : new Outcome.Resistance(0.4);
        }, 5000);
        return advisor.proof(run.evidence());
    }
}
