package wegweiser.core.route;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedMap;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;

/**
 * Along which cables the ends of a job hang together: each end by the one that it shares signals with, else by the one that
 * feeds it, beginning at the first. Grounds and supplies run the same way, so that a chain stays a chain. O(ends² x joints).
 */
final class GroundTree {
    private final SequencedMap<String, String> parents = new LinkedHashMap<>();

    GroundTree(Job job, List<Joint> signals, List<Joint> feeds) {
        List<String> left = new ArrayList<>(job.ends().stream().map(End::name).toList());
        List<String> in = new ArrayList<>(List.of(left.removeFirst()));
        while (!left.isEmpty()) {
            Map.Entry<String, String> next = next(in, left, signals)
                    .or(() -> next(in, left, feeds)).orElse(Map.entry(left.getFirst(), in.getFirst()));
            parents.put(next.getKey(), next.getValue());
            left.remove(next.getKey());
            in.add(next.getKey());
        }
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
