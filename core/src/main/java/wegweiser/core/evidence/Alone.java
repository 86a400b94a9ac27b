package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wegweiser.core.electrical.ResistorNetwork;
import wegweiser.core.electrical.ResistorNetwork.Branch;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Superseded;

/**
 * The readings without which a proof would not hold, or would name other parts. If one of them were wrong, nothing
 * would show it. If no reading stands alone, one wrong reading cannot make a false proof, for the others prove the same
 * without it. Found by leaving each out in turn: as many weighings as there are readings.
 */
public final class Alone {
    private static final double SHARE = 0.04;
    private static final double LEAST_OHMS = 3;

    private Alone() {}

    /** The numbers, from 1, of the readings on which a proof rests alone; of a proof only. */
    static List<Integer> in(Evidence evidence) {
        return IntStream.rangeClosed(1, evidence.readings().size())
                .filter(number -> !isTheSame(evidence, without(evidence, List.of(number))))
                .boxed().toList();
    }

    /** What is known without some readings. */
    public static Evidence without(Evidence evidence, Collection<Integer> numbers) {
        List<Reading> left = new ArrayList<>();
        for (int k = 0; k < evidence.readings().size(); k++) {
            if (!numbers.contains(k + 1)) {
                left.add(evidence.readings().get(k));
            }
        }
        return new Evidence(evidence.index(), left);
    }

    private static boolean isTheSame(Evidence whole, Evidence left) {
        if (!isWhole(left) || !Proof.misfits(left).isEmpty() || !diodes(whole).equals(diodes(left))) {
            return false;
        }
        List<Branch> one = resistors(whole);
        List<Branch> other = resistors(left);
        int[] nodes = Stream.of(one, other).flatMap(List::stream)
                .flatMapToInt(b -> IntStream.of(b.from(), b.to())).distinct().toArray();
        return Arrays.stream(nodes).allMatch(a -> Arrays.stream(nodes)
                .allMatch(b -> a >= b || isAlike(ResistorNetwork.between(one, a, b),
                        ResistorNetwork.between(other, a, b))));
    }

    /** Whether a meter would hardly tell two resistances apart. */
    private static boolean isAlike(double one, double other) {
        return one == other || Math.abs(one - other) <= LEAST_OHMS + SHARE * Math.min(one, other);
    }

    private static List<Branch> resistors(Evidence evidence) {
        int[] labels = evidence.labels();
        return evidence.parts().stream().filter(p -> p.kind() == PartKind.RESISTOR)
                .map(p -> new Branch(labels[evidence.index().of(p.a())], labels[evidence.index().of(p.b())],
                        p.ohms()))
                .toList();
    }

    private static Set<List<Integer>> diodes(Evidence evidence) {
        int[] labels = evidence.labels();
        return evidence.parts().stream().filter(p -> p.kind() == PartKind.DIODE)
                .map(p -> List.of(labels[evidence.index().of(p.a())], labels[evidence.index().of(p.b())]))
                .collect(Collectors.toSet());
    }

    private static boolean isWhole(Evidence evidence) {
        for (int a = 0; a < evidence.index().size(); a++) {
            Superseded.check();
            for (int b = a + 1; b < evidence.index().size(); b++) {
                if (Proof.need(evidence, a, b) != Proof.Need.NOTHING) {
                    return false;
                }
            }
        }
        return true;
    }
}
