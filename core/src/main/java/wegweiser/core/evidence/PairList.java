package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import wegweiser.core.evidence.Proof.Pair;
import wegweiser.core.model.TerminalIndex;

/** Pairs of terminals, each once, in the order in which they were found. By numbers, for there are thousands. */
final class PairList {
    private final TerminalIndex index;
    private final BitSet found = new BitSet();
    private final List<Integer> inOrder = new ArrayList<>();

    PairList(TerminalIndex index) {
        this.index = index;
    }

    void add(int a, int b) {
        int number = Math.min(a, b) * index.size() + Math.max(a, b);
        if (!found.get(number)) {
            found.set(number);
            inOrder.add(number);
        }
    }

    void addAll(PairList others) {
        for (int number : others.inOrder) {
            add(number / index.size(), number % index.size());
        }
    }

    boolean isEmpty() {
        return inOrder.isEmpty();
    }

    List<Pair> pairs() {
        return inOrder.stream()
                .map(number -> new Pair(index.get(number / index.size()), index.get(number % index.size())))
                .toList();
    }
}
