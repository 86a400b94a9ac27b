package wegweiser.core.make;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.assembly.Run;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Gender;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/**
 * A loom before its ends are made: its wires led out at every branch point, from the first end on, and what is spliced there.
 * Splices come first, while both sides of every wire are free.
 */
final class LoomSteps {
    /** The sleeve of a splice: over the joint and a finger's breadth on to both sides. */
    static final int SLEEVE_MM = 40;

    private static final int SPLICE_BARE_MM = 10;
    private static final int USUAL_AWG = 24;

    private LoomSteps() {}

    static void write(Derived derived, Worklist list) {
        Assembly assembly = Assembly.of(derived);
        if (assembly.runs().isEmpty() && assembly.splices().isEmpty() || assembly.isBegun()) {
            return;
        }
        boolean single = assembly.isOfSingleWires();
        String kind = single ? "branch" : "branch-sheath";
        List<Point> points = points(assembly);
        for (Point point : points) {
            List<Run> out = point.out();
            // how it is done is the same at each of them
            List<String> detail = new ArrayList<>(distances(point));
            if (point == points.getFirst()) {
                detail.addFirst(Words.say("step." + kind + ".how"));
            }
            list.detailed("branch:" + point.name(), new Deed.LeadOut(point.name(), 60 + 20 * out.size()),
                    kind,
                    single ? "" : "blade", detail, point.name(),
                    out.stream().map(LoomSteps::led).collect(Collectors.joining("; ")));
        }
        marks(assembly, list);
        for (Splice splice : assembly.splices()) {
            splice(derived.cable().orElse(null), splice, list);
        }
    }

    /** Plugs that go into each other's socket are told apart by what is written on their branches. */
    private static void marks(Assembly assembly, Worklist list) {
        Map<ConnectorType, List<Place>> alike = new LinkedHashMap<>();
        for (Place place : assembly.made()) {
            place.type().filter(t -> t.gender() != Gender.NONE && place.isWired())
                    .ifPresent(t -> alike.computeIfAbsent(t, _ -> new ArrayList<>()).add(place));
        }
        List<String> names = alike.values().stream().filter(some -> some.size() > 1).flatMap(List::stream)
                .map(p -> p.end().device().isBlank() ? p.name() : p.name() + " " + p.end().device()).toList();
        if (!names.isEmpty() && !assembly.runs().isEmpty()) {
            list.add("mark-branches", new Deed.Ready("", List.of(), 15 * names.size()), "mark-branches", "",
                    Words.list(names));
        }
    }

    /** How far it is to a branch point, and from there. */
    private static List<String> distances(Point point) {
        List<String> said = new ArrayList<>();
        if (point.mm().isPresent()) {
            said.add(Words.say("step.branch.where", point.name(),
                    Words.fixed(point.mm().getAsDouble() / 1000, 2), point.from()));
        }
        List<String> lengths = point.out().stream().filter(r -> r.mm().isPresent())
                .map(r -> Words.say("step.branch.length", r.to(),
                        Words.fixed(r.mm().getAsDouble() / 1000, 2)))
                .toList();
        if (!lengths.isEmpty()) {
            said.add(Words.say("step.branch.lengths", Words.list(lengths)));
        }
        return said;
    }

    /** A run as it leaves: its wires, and where to. */
    private static String led(Run run) {
        List<String> wires = new ArrayList<>(run.wires());
        if (run.screened()) {
            wires.add(Words.say("step.the-screen"));
        }
        String named = String.join(" ", wires);
        String said = wires.isEmpty()
                ? Words.say("step.branch.unnamed", run.unnamed())
                : run.unnamed() > 0 ? Words.say("step.branch.more", named, run.unnamed()) : named;
        return Words.say("step.branch.run", said, run.to());
    }

    /**
     * A branch point.
     *
     * @param from the end from which its distance is measured
     * @param mm that distance
     * @param out the runs that leave it, away from that end
     */
    private record Point(String name, String from, OptionalDouble mm, List<Run> out) {}

    /** The branch points, those nearest to where the loom begins first. */
    private static List<Point> points(Assembly assembly) {
        Map<String, List<Run>> out = new LinkedHashMap<>();
        Map<String, String> roots = new HashMap<>();
        for (Run run : assembly.outward()) {
            out.computeIfAbsent(run.from(), _ -> new ArrayList<>()).add(run);
            roots.put(run.to(), roots.getOrDefault(run.from(), run.from()));
        }
        List<String> branching = assembly.branchPoints();
        List<Point> points = new ArrayList<>();
        out.forEach((place, runs) -> {
            if (branching.contains(place)) {
                String root = roots.getOrDefault(place, place);
                points.add(new Point(place, root, assembly.alongMm(root, place), runs));
            }
        });
        return points;
    }

    private static void splice(CableStock cable, Splice splice, Worklist list) {
        List<String> wires = splice.wires().stream().map(Splice.Tail::wire).toList();
        List<Terminal> contacts = splice.wires().stream().map(Splice.Tail::to).toList();
        List<String> said = wires.stream()
                .map(w -> cable == null ? w : Words.say("step.splice.wire", w, cable.awgOf(w))).toList();
        String key = "splice:" + splice.name();
        list.add(key + ":bare", new Deed.Ready("", contacts, 20 * wires.size()), "splice-bare", "blade",
                splice.name(), splice.at(), Words.list(said), SPLICE_BARE_MM);
        double mm = sleeveMm(cable, wires);
        list.add(key + ":sleeve", new Deed.Sleeve("", List.of(new Thing(Thing.Kind.SLEEVE, mm)), 1),
                "splice-sleeve", "", splice.name(), wires.getFirst(), Words.number(mm));
        list.add(key + ":join", new Deed.Splice(splice.name(), contacts, wires), "splice-join", "heat",
                splice.name(),
                Words.list(said), wires.size(), wires.getFirst(),
                Words.list(wires.subList(1, wires.size())));
        list.add(key + ":test", new Deed.Test("", contacts), "splice-test", "", splice.name(),
                Words.list(wires));
        list.add(key + ":cover", new Deed.Cover("", 30), "splice-cover", "hot-air", splice.name());
    }

    /** The sleeve that passes over all wires of a splice side by side. */
    private static double sleeveMm(CableStock cable, List<String> wires) {
        double thickest = 0;
        double area = 0;
        for (String wire : wires) {
            double d = Sleeves.insulatedMm(cable == null ? USUAL_AWG : cable.awgOf(wire));
            thickest = Math.max(thickest, d);
            area += d * d;
        }
        return Sleeves.over(Math.max(thickest, Math.sqrt(area))).orElse(Sleeves.SIZES_MM.getLast());
    }
}
