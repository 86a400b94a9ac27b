package wegweiser.core;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import wegweiser.core.assembly.Splicing;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.Terminal;

/** Looms of two to twelve ends: a random tree of branch points, measured, with wires of several gauges, spliced or not. */
public final class RandomLooms {
    private RandomLooms() {}

    /** A loom by its seed; every second one is of single wires, every third has its splices. */
    public static Job of(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int count = 2 + random.nextInt(11);
        List<End> ends = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            ends.add(End.of("E" + k, "device " + k, k % 3 == 0 ? "terminal-12" : "row-254-6-socket",
                    List.of()));
        }
        List<LoomRun> runs = runs(count, random);
        List<Link> links = links(count, random);
        Loom loom = Loom.of(runs, List.of(), List.of());
        boolean single = seed % 2 == 0;
        Job job = Job.of("loom", ends, links, List.of())
                .withCable((single ? CableUse.NONE : CableUse.of("control-25", 100)).withLoom(loom));
        if (single) {
            List<OwnWire> wires = new ArrayList<>();
            List<Link> coloured = new ArrayList<>();
            for (int k = 0; k < links.size(); k++) {
                wires.add(OwnWire.of("W" + k, 16 + 2 * random.nextInt(5)));
                coloured.add(links.get(k).withPinned("W" + k));
            }
            job = job.withLinks(coloured).withCable(job.cable().withLoom(loom.withWires(wires)));
        }
        return seed % 3 == 0 ? Splicing.of(job) : job;
    }

    /** Each place hangs on one before it; ends are leaves, the first of them the root. */
    private static List<LoomRun> runs(int ends, SplittableRandom random) {
        int points = ends == 2 ? random.nextInt(2) : 1 + random.nextInt(ends);
        List<LoomRun> runs = new ArrayList<>();
        if (points == 0) {
            return List.of(LoomRun.of("E0", "E1", 500));
        }
        runs.add(LoomRun.of("E0", "P0", length(random)));
        for (int p = 1; p < points; p++) {
            runs.add(LoomRun.of("P" + random.nextInt(p), "P" + p, length(random)));
        }
        for (int e = 1; e < ends; e++) {
            LoomRun run = LoomRun.of("P" + random.nextInt(points), "E" + e, length(random));
            runs.add(random.nextBoolean() ? run : run.between(run.to(), run.from()));
        }
        return runs;
    }

    private static double length(SplittableRandom random) {
        return 50 + random.nextInt(2000);
    }

    private static List<Link> links(int ends, SplittableRandom random) {
        List<Link> links = new ArrayList<>();
        for (int e = 1; e < ends; e++) {
            for (int k = 1; k <= 1 + random.nextInt(2); k++) {
                links.add(Link.of(new Terminal("E0", String.valueOf(1 + random.nextInt(12))),
                        new Terminal("E" + e, String.valueOf(k))));
            }
        }
        return links.stream().distinct().toList();
    }
}
