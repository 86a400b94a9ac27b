package wegweiser.core.readings;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.Splice;

/** What one line says of a loom. */
public sealed interface LoomLine {
    /** A run between two places. */
    record OfRun(LoomRun run) implements LoomLine {}

    /** Wires that are joined within the cable. */
    record OfSplice(Splice splice) implements LoomLine {}

    /** The gauge of some wires. */
    record OfWires(List<OwnWire> wires) implements LoomLine {
        public OfWires {
            wires = List.copyOf(wires);
        }
    }

    /** The loom that lines describe; what an earlier one said besides, and no line can say, stays. */
    static Loom together(List<LoomLine> lines, Loom before) {
        List<LoomRun> runs = new ArrayList<>();
        List<Splice> splices = new ArrayList<>();
        List<OwnWire> wires = new ArrayList<>();
        for (LoomLine line : lines) {
            switch (line) {
                case OfRun(LoomRun run) -> runs.add(before.runs().stream()
                        .filter(r -> r.from().equals(run.from()) && r.to().equals(run.to())).findFirst()
                        .map(r -> r.withLengthMm(run.lengthMm()).withSpare(run.spare())).orElse(run));
                case OfSplice(Splice splice) -> splices.add(splice);
                case OfWires(List<OwnWire> some) -> wires.addAll(some);
            }
        }
        return before.withRuns(runs).withSplices(splices).withWires(wires);
    }

    /** What a loom comes to in lines. */
    static List<LoomLine> of(Loom loom) {
        Stream<LoomLine> runs = loom.runs().stream().map(OfRun::new);
        Stream<LoomLine> splices = loom.splices().stream().map(OfSplice::new);
        List<OfWires> gauges = new ArrayList<>();
        for (OwnWire wire : loom.wires()) {
            if (!gauges.isEmpty() && gauges.getLast().wires().getLast().awg() == wire.awg()) {
                List<OwnWire> more = new ArrayList<>(gauges.removeLast().wires());
                more.add(wire);
                gauges.add(new OfWires(more));
            } else {
                gauges.add(new OfWires(List.of(wire)));
            }
        }
        return Stream.concat(Stream.concat(runs, splices), gauges.stream()).toList();
    }
}
