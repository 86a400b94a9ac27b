package wegweiser.core.belief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import wegweiser.core.data.Priors;
import wegweiser.core.evidence.CopperProof;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Partition;

/**
 * Cables that are wired like one with a name but for some wires: a wire is missing, two have changed places, an open contact
 * is taken. Each wire is as in the pattern with some probability, by itself; what is left over is joined at random, as in
 * {@link OtherWirings}. A heavy tail to every named wiring: no reading but a touch takes it away.
 */
final class Changed {
    /** How likely one wire is not as in the pattern. */
    static final double WIRE = Priors.of("changed.wire");
    /** How likely a contact that is open in the pattern takes part in what is joined anew. */
    static final double OPEN_TAKEN = Priors.of("changed.open-taken");
    /** A join within an end that the pattern has not. */
    static final double SAME_END = 0.004;
    /** So many patterns are followed, those that fit best. */
    private static final int PATTERNS = 5;
    /** What a reading that a pattern does not predict costs it when patterns are chosen: about a changed wire. */
    private static final double MISS = Math.log(0.05);

    private final Hypothesis pattern;
    private final OtherWirings rest;
    private final MatchingLikelihood.Weighed weighed;
    private final double log;

    private Changed(Hypothesis pattern, OtherWirings rest, double share, MatchingLikelihood.Weighed weighed) {
        this.pattern = pattern;
        this.rest = rest;
        this.weighed = weighed;
        this.log = Math.log(share) + weighed.log();
    }

    /**
     * The patterns that fit best, with what readings say of cables that are like them.
     *
     * @param sound the wirings without a mistake, weights on any scale
     */
    static List<Changed> of(List<Hypothesis> sound, TerminalIndex index, List<CopperProof.Item> items,
            MeterErrors errors) {
        double total = sound.stream().mapToDouble(Hypothesis::weight).sum();
        IdentityHashMap<Hypothesis, Double> fit = new IdentityHashMap<>();
        for (Hypothesis h : sound) {
            long missed = items.stream()
                    .filter(i -> i.isBeeping(h.partition()) != (i.meaning() == Meaning.JOINS)).count();
            fit.put(h, Math.log(h.weight() / total) + missed * MISS);
        }
        return sound.stream().sorted(Comparator.comparingDouble(h -> -fit.get(h))).limit(PATTERNS).map(h -> {
            OtherWirings rest = new OtherWirings(index, OtherWirings.OPEN_SHARES[0][0]);
            return new Changed(h, rest, Hypotheses.CHANGED * h.weight() / total,
                    rest.weigh(items, errors, Optional.of(h.partition())));
        }).toList();
    }

    /** The logarithm of its weight after the readings. */
    double log() {
        return log;
    }

    /** How likely the last reading is wrong if the cable is like the pattern. */
    double doubt() {
        return weighed.doubt();
    }

    /** Cables like the pattern that fit the evidence. */
    List<OtherWirings.Drawn> draw(Evidence evidence, List<CopperProof.Item> items, int count,
            SplittableRandom random) {
        List<OtherWirings.Drawn> drawn = new ArrayList<>(count);
        for (int k = 0; k < count; k++) {
            Superseded.check();
            Partition kept = kept(evidence, random);
            boolean[] stays = new boolean[kept.size()];
            for (int i = 0; i < stays.length; i++) {
                stays[i] = pattern.partition().isAlone(i) && random.nextDouble() >= OPEN_TAKEN;
            }
            drawn.addAll(rest.draw(rest.room(evidence, kept, stays, items), 1, random));
        }
        return drawn;
    }

    /** What is proved, and of the wires of the pattern that nothing rules out those that are as in the pattern. */
    private Partition kept(Evidence evidence, SplittableRandom random) {
        Partition given = pattern.partition();
        Partition kept = evidence.partition();
        for (int root = 0; root < given.size(); root++) {
            if (!given.isRoot(root)) {
                continue;
            }
            Partition with = kept;
            boolean possible = true;
            for (int i = root + 1; i < given.size() && possible; i++) {
                if (given.root(i) == root) {
                    possible = !anyApart(evidence, with, root, i);
                    with = with.joining(root, i);
                }
            }
            boolean measured = with.equals(kept);
            if (possible && (measured || random.nextDouble() >= WIRE)) {
                kept = with;
            }
        }
        return kept;
    }

    private static boolean anyApart(Evidence evidence, Partition nets, int a, int b) {
        for (int i = 0; i < nets.size(); i++) {
            for (int j = 0; j < nets.size() && nets.isJoined(i, a); j++) {
                if (nets.isJoined(j, b) && evidence.isApart(i, j)) {
                    return true;
                }
            }
        }
        return false;
    }
}
