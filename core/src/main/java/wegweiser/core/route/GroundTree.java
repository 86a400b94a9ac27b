package wegweiser.core.route;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedMap;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.signals.Pin;

/**
 * Along which cables the ends of a job hang together: each end by the one that it shares signals with, else by the one that
 * feeds it, beginning at the one that feeds most. Grounds and supplies run the same way, so that a chain stays a chain. A load hangs on what
 * feeds it all the same, and nothing hangs on a load: its plug would carry the current of others. Only a bus, and devices that
 * hear a line and drive the next, go on from one to the other. O(ends² x joints).
 */
final class GroundTree {
    private final SequencedMap<String, String> parents = new LinkedHashMap<>();

    GroundTree(Job job, List<Joint> signals, List<Joint> feeds) {
        List<String> left = new ArrayList<>(job.ends().stream().map(End::name).toList());
        List<String> in = new ArrayList<>(List.of(root(left, feeds)));
        left.removeAll(in);
        while (!left.isEmpty()) {
            Map.Entry<String, String> next = next(in, left, signals)
                    .or(() -> next(in, left, feeds)).orElse(Map.entry(left.getFirst(), in.getFirst()));
            parents.put(next.getKey(), hung(next.getKey(), next.getValue(), in, signals, feeds));
            left.remove(next.getKey());
            in.add(next.getKey());
        }
    }

    /** The end that feeds most of the others; the first where none does. */
    private static String root(List<String> ends, List<Joint> feeds) {
        String root = ends.getFirst();
        long most = 0;
        for (String end : ends) {
            long fed = feeds.stream().filter(j -> feeds(j.from(), end) || feeds(j.to(), end)).count();
            if (fed > most) {
                most = fed;
                root = end;
            }
        }
        return root;
    }

    /** What an end hangs on that was found by one that is in: what feeds it, or what feeds that one. */
    private static String hung(String end, String by, List<String> in, List<Joint> signals,
            List<Joint> feeds) {
        boolean bus = signals.stream().filter(j -> j.isAt(end) && j.isAt(by))
                .anyMatch(j -> j.from().is(Direction.BOTH) || j.to().is(Direction.BOTH));
        if (bus || passesOn(by, end, signals) || feeder(by, List.of(end), feeds).isPresent()) {
            return by;
        }
        return feeder(end, in, feeds).or(() -> feeder(by, in, feeds)).orElse(by);
    }

    /** Whether an end hears a line and drives the next: lights and sensors in a row, whose cable goes from one to the other. */
    private static boolean passesOn(String by, String end, List<Joint> signals) {
        boolean hears = signals.stream().anyMatch(j -> !j.isAt(end) && hasAt(j, by, Direction.IN));
        return hears && signals.stream().anyMatch(j -> j.isAt(end) && hasAt(j, by, Direction.OUT));
    }

    private static boolean hasAt(Joint joint, String end, Direction direction) {
        return joint.from().isAt(end) && joint.from().is(direction)
                || joint.to().isAt(end) && joint.to().is(direction);
    }

    /** Of some ends the first that feeds one. */
    private static Optional<String> feeder(String end, List<String> of, List<Joint> feeds) {
        return of.stream().filter(source -> !source.equals(end) && feeds.stream()
                .anyMatch(j -> feeds(j.from(), source) && j.to().isAt(end)
                        || feeds(j.to(), source) && j.from().isAt(end)))
                .findFirst();
    }

    private static boolean feeds(Pin pin, String end) {
        return pin.isAt(end) && pin.is(Direction.SUPPLY_OUT);
    }

    /** An end that is not in yet and shares a line with one that is. */
    private static Optional<Map.Entry<String, String>> next(List<String> in, List<String> left,
            List<Joint> joints) {
        return in.stream().flatMap(i -> left.stream().filter(
                l -> joints.stream().anyMatch(j -> j.isAt(i) && j.isAt(l)))
                .map(l -> Map.entry(l, i))).findFirst();
    }

    /** Each end but the first, with the end it hangs on, nearest first. */
    SequencedMap<String, String> parents() {
        return parents;
    }
}
