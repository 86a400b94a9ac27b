package wegweiser.benchmarks;

import java.util.ArrayList;
import java.util.List;
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
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.route.Router;
import wegweiser.core.route.Scheme;

/** How long it takes to propose ways to join two ports, and to choose conductors for many lines. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class RouteBenchmark {
    private Job serial;
    private Job many;
    private Job planned;

    /** Two terminals on nine contacts, and 25 lines on a cable of 25, four pairs of halves among them. */
    @Setup
    public void prepare() {
        NamedPinout nine = NamedPinout.find("rs232-9-terminal").orElseThrow();
        serial = Job.of("serial", List.of(End.of("A", "one", "dsub-9-socket", nine.rows()),
                End.of("B", "other", "dsub-9-socket", nine.rows())), List.of(), List.of())
                .withCable(CableUse.of("utp-4x2-24", 2000));
        many = Job.of("many", List.of(end("A", Direction.OUT), end("B", Direction.IN)), List.of(), List.of())
                .withCable(CableUse.of("serial-25-screened", 2000));
        List<Link> links = new ArrayList<>();
        for (int k = 1; k <= 25; k++) {
            links.add(Link.of("A." + k, "B." + k));
        }
        planned = many.withLinks(links);
    }

    private static End end(String name, Direction signals) {
        List<PinRow> rows = new ArrayList<>();
        for (int k = 1; k <= 25; k++) {
            String contact = String.valueOf(k);
            rows.add(k <= 8
                    ? PinRow.of(contact, "P" + (k + 1) / 2 + (k % 2 == 0 ? "-" : "+"), signals, "rs422")
                    : k > 22
                            ? PinRow.of(contact, "GND", Direction.GROUND, "")
                            : PinRow.of(contact, "S" + k, signals, "ttl-5v"));
        }
        return End.of(name, "device " + name, "dsub-25-socket", rows);
    }

    @Benchmark
    public List<Scheme> schemes9() {
        return Router.schemes(serial);
    }

    @Benchmark
    public List<Scheme> schemes25() {
        return Router.schemes(many);
    }

    @Benchmark
    public List<Link> conductors25() {
        return Allocation.of(planned, planned.links());
    }
}
