package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.electrical.PartNetwork;
import wegweiser.core.evidence.Proof.Pair;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Superseded;
import wegweiser.core.wiring.Partition;

/**
 * What a proof rests on alone. Without one of these readings it would not hold, or would name other parts, and if that
 * one were wrong nothing would show it. If no reading stands alone, one wrong reading cannot make a false proof, for the
 * others prove the same without it. Found by leaving each out in turn: by {@link Leaving} where that tells, else by as many
 * weighings as there are readings of which none other says just the same.
 *
 * @param readings their numbers, from 1
 * @param pairs the pairs of terminals that would be known less without one of them
 */
public record Alone(List<Integer> readings, List<Pair> pairs) {
    static final Alone NONE = new Alone(List.of(), List.of());
    private static final double SHARE = 0.04;
    private static final double LEAST_OHMS = 3;
    private static final double LEAST_VOLTS = 0.05;
    /** The most that a usual meter shows in diode mode. */
    private static final double MOST_VOLTS = 3;

    public Alone {
        readings = List.copyOf(readings);
        pairs = List.copyOf(pairs);
    }

    /** What the word "all pairs are known" rests on alone; of evidence that says so only. */
    static Alone in(Evidence evidence) {
        return in(evidence, true);
    }

    /** The same; unless it may be clever, every reading is left out by weighing all the others. */
    static Alone in(Evidence evidence, boolean clever) {
        Leaving leaving = clever ? new Leaving(evidence) : null;
        List<Integer> readings = new ArrayList<>();
        PairList pairs = new PairList(evidence.index());
        Map<Reading, Integer> alike = new HashMap<>();
        evidence.readings().forEach(r -> alike.merge(said(r), 1, Integer::sum));
        for (int number = 1; number <= evidence.readings().size(); number++) {
            Reading reading = evidence.readings().get(number - 1);
            if (alike.get(said(reading)) > 1 && Meaning.of(reading) != Meaning.SHOWS_PART) {
                // the other one stands for it; of values the last one counts
                continue;
            }
            int left = number;
            PairList lost = Optional.ofNullable(leaving).flatMap(l -> l.without(left))
                    .orElseGet(() -> lost(evidence, without(evidence, List.of(left)), reading));
            if (!lost.isEmpty()) {
                readings.add(number);
                pairs.addAll(lost);
            }
        }
        return new Alone(readings, pairs.pairs());
    }

    /** A reading without when it was noted. */
    private static Reading said(Reading reading) {
        return Reading.of(reading.mode(), reading.touch(), reading.outcome()).by(reading.how());
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

    /** The pairs of which less is known without a reading, or something else. */
    private static PairList lost(Evidence whole, Evidence left, Reading reading) {
        PairList lost = open(left);
        if (lost.isEmpty()) {
            lost = otherwise(whole, left);
        }
        if (lost.isEmpty() && !Proof.misfits(left).isEmpty()) {
            lost.add(whole.index().of(reading.red().getFirst()),
                    whole.index().of(reading.black().getFirst()));
        }
        return lost;
    }

    private static PairList open(Evidence evidence) {
        PairList open = new PairList(evidence.index());
        for (int a = 0; a < evidence.index().size(); a++) {
            Superseded.check();
            for (int b = a + 1; b < evidence.index().size(); b++) {
                if (Proof.need(evidence, a, b) != Proof.Need.NOTHING) {
                    open.add(a, b);
                }
            }
        }
        return open;
    }

    /** The pairs of nets between which a meter would read something else. */
    private static PairList otherwise(Evidence whole, Evidence left) {
        PartNetwork one = MeasuredNetwork.of(whole, whole.parts());
        PartNetwork other = MeasuredNetwork.of(left, left.parts());
        Partition nets = whole.partition();
        int[] nodes = Stream.of(whole, left).flatMap(e -> e.parts().stream())
                .flatMapToInt(p -> IntStream.of(nets.root(whole.index().of(p.a())),
                        nets.root(whole.index().of(p.b()))))
                .distinct().toArray();
        PairList differ = new PairList(whole.index());
        for (int a : nodes) {
            for (int b : nodes) {
                Set<Integer> from = Set.of(a);
                Set<Integer> to = Set.of(b);
                if (a < b && !isAlike(one.ohms(from, to), other.ohms(from, to))
                        || a != b && !isAlikeInVolts(one.volts(from, to, Foreseen.USUAL_AMPS),
                                other.volts(from, to, Foreseen.USUAL_AMPS))) {
                    differ.add(a, b);
                }
            }
        }
        return differ;
    }

    /** Whether a meter would hardly tell two resistances apart. */
    private static boolean isAlike(double one, double other) {
        return one == other || Math.abs(one - other) <= LEAST_OHMS + SHARE * Math.min(one, other);
    }

    private static boolean isAlikeInVolts(double one, double other) {
        double here = Math.min(one, MOST_VOLTS);
        double there = Math.min(other, MOST_VOLTS);
        return Math.abs(here - there) <= LEAST_VOLTS + SHARE * Math.min(here, there);
    }
}
