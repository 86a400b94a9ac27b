package wegweiser.core.faults;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/**
 * What a meter shows on cables of each of which one thing is not as planned. Which terminals copper joins is kept by
 * terminal, so that all cables are looked at in one go: O(faults) a touch, and more only where components lie.
 */
final class Foretold {
    private final Foreseen good;
    private final List<Foreseen> then;
    /** The net of a terminal on each of the cables. */
    private final int[][] root;
    private final boolean[] parts;

    Foretold(TerminalIndex index, List<PossibleFault> faults, Foreseen good) {
        this.good = good;
        this.then = faults.stream().map(f -> new Foreseen(Nets.of(index, f.links()), f.links())).toList();
        this.root = new int[index.size()][faults.size()];
        this.parts = new boolean[faults.size()];
        for (int k = 0; k < faults.size(); k++) {
            parts[k] = faults.get(k).links().stream().anyMatch(Foreseen::isPart);
            for (int i = 0; i < root.length; i++) {
                root[i][k] = nets(k).partition().root(i);
            }
        }
    }

    /** What copper joins on one of the cables. */
    Nets nets(int fault) {
        return then.get(fault).nets();
    }

    /** The cables on which a meter does not show what it shows on a good one. */
    int[] against(Reading reading) {
        Optional<Pair> pair = Pair.of(reading.touch(), good);
        return IntStream.range(0, parts.length)
                .filter(k -> pair.filter(p -> isAlike(k, p)).isEmpty() && !then.get(k).fits(reading))
                .toArray();
    }

    /** Whether a touch is the same to a meter on both cables, as far as that can be told at a glance. */
    private boolean isAlike(int fault, Pair pair) {
        boolean joined = root[pair.a()][fault] == root[pair.b()][fault];
        return joined == pair.joined() && (joined || !pair.near()
                && (!parts[fault] || !then.get(fault).isNear(pair.a(), pair.b())));
    }

    /**
     * What a good cable has between the two terminals of a touch, by their numbers.
     *
     * @param joined whether it is copper
     * @param near whether it is a way through components
     */
    private record Pair(int a, int b, boolean joined, boolean near) {
        /** Empty where several contacts are bridged. */
        static Optional<Pair> of(Touch touch, Foreseen good) {
            if (!touch.isSingle()) {
                return Optional.empty();
            }
            int a = good.nets().index().of(touch.red().getFirst());
            int b = good.nets().index().of(touch.black().getFirst());
            return Optional.of(new Pair(a, b, good.nets().partition().isJoined(a, b), good.isNear(a, b)));
        }
    }
}
