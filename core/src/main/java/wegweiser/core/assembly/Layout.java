package wegweiser.core.assembly;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Splice;

/**
 * Where the wires of a loom lie: each in every run of the tree that parts two places where it ends.
 * O(runs x (runs + wires)).
 */
final class Layout {
    private final Loom loom;
    private final List<Run> runs = new ArrayList<>();
    /** For each wire the places where it ends. */
    private final Map<String, Set<String>> ends = new LinkedHashMap<>();

    /** @param links the plan's, with the wires that they lie on */
    Layout(Job job, Optional<CableStock> cable, List<Link> links) {
        loom = job.cable().loom();
        cable.ifPresent(c -> c.conductors().forEach(w -> ends.put(w, new LinkedHashSet<>())));
        List<Set<String>> unnamed = new ArrayList<>();
        for (Link link : links) {
            if (link.to().isEmpty() || link.isWithinOneEnd() || link.is(PartKind.CUT)
                    || loom.spliceOf(link).isPresent()) {
                continue;
            }
            Set<String> both = Set.of(link.from().end(), link.to().get().end());
            link.conductor().ifPresentOrElse(
                    w -> ends.computeIfAbsent(w, _ -> new LinkedHashSet<>()).addAll(both),
                    () -> unnamed.add(both));
        }
        for (Splice splice : loom.splices()) {
            for (Splice.Tail tail : splice.wires()) {
                Set<String> there = ends.computeIfAbsent(tail.wire(), _ -> new LinkedHashSet<>());
                there.add(tail.to().end());
                there.add(splice.at());
            }
        }
        for (LoomRun run : loom.runs()) {
            Set<String> far = beyond(run);
            List<String> wires = new ArrayList<>(ends.entrySet().stream()
                    .filter(e -> !e.getKey().equals(Link.SCREEN) && isParted(e.getValue(), far))
                    .map(Map.Entry::getKey).toList());
            List<String> spare = run.spare().stream().filter(w -> !wires.contains(w)).toList();
            wires.addAll(spare);
            runs.add(new Run(run.from(), run.to(), run.lengthMm(), wires, spare,
                    isParted(ends.getOrDefault(Link.SCREEN, Set.of()), far),
                    (int) unnamed.stream().filter(both -> isParted(both, far)).count()));
        }
    }

    private static boolean isParted(Set<String> places, Set<String> far) {
        return places.stream().anyMatch(far::contains) && !far.containsAll(places);
    }

    /** The places on the far side of a run. */
    private Set<String> beyond(LoomRun run) {
        List<String> reached = new ArrayList<>(List.of(run.to()));
        Set<String> far = new HashSet<>(reached);
        for (int k = 0; k < reached.size(); k++) {
            String place = reached.get(k);
            loom.runs().stream().filter(r -> r != run && r.touches(place)).map(r -> r.other(place))
                    .filter(far::add).forEach(reached::add);
        }
        return far;
    }

    /** A wire that is joined to nothing ends where its runs do. */
    List<String> endsOf(String wire) {
        Set<String> joined = ends.getOrDefault(wire, Set.of());
        Set<String> open = new LinkedHashSet<>();
        if (joined.isEmpty()) {
            for (Run run : runs) {
                for (String place : run.wires().contains(wire)
                        ? List.of(run.from(), run.to())
                        : List.<String>of()) {
                    if (!open.add(place)) {
                        open.remove(place);
                    }
                }
            }
        }
        return List.copyOf(joined.isEmpty() ? open : joined);
    }

    List<Run> runs() {
        return List.copyOf(runs);
    }

    /** How long a wire is from end to end, its branches included; empty where it lies in no run or one is not measured. */
    OptionalDouble lengthMm(String wire) {
        List<Run> its = runs.stream().filter(r -> r.wires().contains(wire)).toList();
        return its.isEmpty() || its.stream().anyMatch(r -> r.mm().isEmpty())
                ? OptionalDouble.empty()
                : OptionalDouble.of(its.stream().mapToDouble(r -> r.mm().getAsDouble()).sum());
    }
}
