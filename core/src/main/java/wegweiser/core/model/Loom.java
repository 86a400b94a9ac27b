package wegweiser.core.model;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A cable that branches: its runs, which make a tree of places, what is spliced on the way, wires that are not of the
 * gauge of the others, and the colours by which devices are known. A plain cable between two ends has none of it.
 */
public record Loom(List<LoomRun> runs, List<Splice> splices, List<OwnWire> wires, List<BundleCode> codes,
        Map<String, Object> extra) {
    public Loom {
        runs = List.copyOf(Objects.requireNonNullElse(runs, List.of()));
        splices = List.copyOf(Objects.requireNonNullElse(splices, List.of()));
        wires = List.copyOf(Objects.requireNonNullElse(wires, List.of()));
        codes = List.copyOf(Objects.requireNonNullElse(codes, List.of()));
        extra = Extra.kept(extra);
    }

    /** A cable without branches and splices. */
    public static final Loom NONE = new Loom(List.of(), List.of(), List.of(), List.of(), Extra.NONE);

    public static Loom of(List<LoomRun> runs, List<Splice> splices, List<OwnWire> wires) {
        return new Loom(runs, splices, wires, List.of(), Extra.NONE);
    }

    public Loom withRuns(List<LoomRun> newRuns) {
        return new Loom(newRuns, splices, wires, codes, extra);
    }

    public Loom withSplices(List<Splice> newSplices) {
        return new Loom(runs, newSplices, wires, codes, extra);
    }

    public Loom withWires(List<OwnWire> newWires) {
        return new Loom(runs, splices, newWires, codes, extra);
    }

    public Loom withCodes(List<BundleCode> newCodes) {
        return new Loom(runs, splices, wires, newCodes, extra);
    }

    /** All places that runs lead to, ends and branch points, in the order of the runs. */
    public Set<String> places() {
        Set<String> places = new LinkedHashSet<>();
        for (LoomRun run : runs) {
            places.add(run.from());
            places.add(run.to());
        }
        return places;
    }

    /** The splice that a wire to a contact comes from. */
    public Optional<Splice> spliceOf(Terminal contact) {
        return splices.stream().filter(s -> s.wireTo(contact).isPresent()).findFirst();
    }

    /** The splice through which a link runs: both its contacts hang on it. */
    public Optional<Splice> spliceOf(Link link) {
        return splices.stream().filter(s -> s.joins(link)).findFirst();
    }

    /**
     * The first run that leads back to where others led already, so that there are two ways from one place to another.
     * O(runs).
     */
    public Optional<LoomRun> circle() {
        Map<String, String> leader = new LinkedHashMap<>();
        for (LoomRun run : runs) {
            String from = leader(leader, run.from());
            String to = leader(leader, run.to());
            if (from.equals(to)) {
                return Optional.of(run);
            }
            leader.put(to, from);
        }
        return Optional.empty();
    }

    private static String leader(Map<String, String> leader, String place) {
        String at = place;
        while (leader.containsKey(at)) {
            at = leader.get(at);
        }
        return at;
    }

    /** The runs from one place to another, in order; empty where no way leads there, or both are one. O(runs). */
    public List<LoomRun> way(String from, String to) {
        Map<String, List<LoomRun>> ways = new LinkedHashMap<>();
        ways.put(from, List.of());
        List<String> reached = new ArrayList<>(List.of(from));
        for (int k = 0; k < reached.size() && !ways.containsKey(to); k++) {
            String place = reached.get(k);
            for (LoomRun run : runs) {
                if (run.touches(place) && !ways.containsKey(run.other(place))) {
                    List<LoomRun> way = new ArrayList<>(ways.get(place));
                    way.add(run);
                    ways.put(run.other(place), way);
                    reached.add(run.other(place));
                }
            }
        }
        return ways.getOrDefault(to, List.of());
    }

    /** How far it is from one place to another, in mm; empty where no way leads there or a part of it is not measured. */
    public OptionalDouble lengthMm(String from, String to) {
        List<LoomRun> way = way(from, to);
        return way.isEmpty() || way.stream().anyMatch(r -> r.lengthMm().isEmpty())
                ? OptionalDouble.empty()
                : OptionalDouble.of(way.stream().mapToDouble(r -> r.lengthMm().getAsDouble()).sum());
    }

    /** The longest way between two places, of those that are measured. O(places² x runs). */
    public OptionalDouble longestMm() {
        OptionalDouble longest = OptionalDouble.empty();
        List<String> places = List.copyOf(places());
        for (int a = 0; a < places.size(); a++) {
            for (int b = a + 1; b < places.size(); b++) {
                OptionalDouble mm = lengthMm(places.get(a), places.get(b));
                if (mm.isPresent() && mm.getAsDouble() > longest.orElse(0)) {
                    longest = mm;
                }
            }
        }
        return longest;
    }

    /** The same with the run to an end shorter by so many mm. */
    public Loom shortened(String end, double mm) {
        return withRuns(runs.stream().map(r -> r.touches(end) && r.lengthMm().isPresent()
                ? r.withLengthMm(OptionalDouble.of(Math.max(0, r.lengthMm().getAsDouble() - mm)))
                : r).toList());
    }

    /** The same with every run so many times as long. */
    public Loom scaled(double times) {
        return withRuns(runs.stream().map(r -> r.withLengthMm(r.lengthMm().isPresent()
                ? OptionalDouble.of(r.lengthMm().getAsDouble() * times)
                : OptionalDouble.empty())).toList());
    }
}
