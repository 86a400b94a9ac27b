package wegweiser.core.assembly;

import java.util.ArrayList;
import java.util.List;

/** Runs turned away from where a loom begins. */
final class Outward {
    private Outward() {}

    /**
     * The same runs, each begun at its side nearer to the first place of the piece that it hangs together with, the nearest first:
     * breadth first, piece by piece. O(runs squared).
     */
    static List<Run> of(List<Run> runs) {
        List<Run> left = new ArrayList<>(runs);
        List<Run> turned = new ArrayList<>();
        while (!left.isEmpty()) {
            List<String> reached = new ArrayList<>(List.of(left.getFirst().from()));
            for (int k = 0; k < reached.size(); k++) {
                String at = reached.get(k);
                for (Run run : List.copyOf(left)) {
                    if (run.touches(at)) {
                        left.remove(run);
                        turned.add(run.from().equals(at) ? run : run.turned());
                        reached.add(turned.getLast().to());
                    }
                }
            }
        }
        return turned;
    }
}
