package wegweiser.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.signals.Signals;
import wegweiser.core.wiring.NamedWiring;

/** The catalogue with all its tables, once in a fresh virtual machine that has nothing warm. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(10)
@Warmup(iterations = 0)
@Measurement(iterations = 1)
public class CatalogueBenchmark {
    /** Every connector, cable, pinout, wiring and spelling. */
    @Benchmark
    public List<Object> fromNothing() {
        return List.of(Catalogue.standard().all(), Cables.all(), NamedPinout.standard(),
                NamedWiring.standard(),
                Signals.canonical("Sendedaten"));
    }
}
