package wegweiser.core.belief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.stream.IntStream;
import wegweiser.core.evidence.CopperProof;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.wiring.Partition;

/**
 * How much each hypothesis is believed after the readings. A reading that a hypothesis does not predict makes
 * it less likely by the error probability, so that one bad joint does not end the right one. Everything that
 * has no name is represented by random samples that share the weight of "none of these".
 *
 * <p>Bayes' rule over H hypotheses: O(H x readings x gang size), or only for the new readings where the belief before
 * them is there.
 */
public final class Belief {
    private static final int SAMPLES = 160;
    private static final double NEGLIGIBLE = 1e-6;

    private final Evidence evidence;
    private final Posterior posterior;
    private final List<MatchingLikelihood.Weighed> weighed;
    private final List<Share> named;
    private final double other;
    private final double doubt;
    private final List<Partition> believed = new ArrayList<>();
    private final double[] weights;
    private final double[][] pair;
    private final int[][] roots;
    private final AtomicReferenceArray<Leader> leaders = new AtomicReferenceArray<>(2);

    /** A hypothesis with its probability. */
    public record Share(Hypothesis hypothesis, double probability) {}

    private Belief(Evidence evidence, Posterior posterior, List<MatchingLikelihood.Weighed> weighed,
            List<Share> named, double other, List<OtherWirings.Drawn> samples, double doubt) {
        this.evidence = evidence;
        this.posterior = posterior;
        this.weighed = weighed;
        this.named = named;
        this.other = other;
        this.doubt = doubt;
        double[] w = new double[named.size() + samples.size()];
        int count = 0;
        for (Share share : named) {
            if (share.probability() > NEGLIGIBLE) {
                believed.add(share.hypothesis().partition());
                w[count++] = share.probability();
            }
        }
        double drawn = samples.stream().mapToDouble(OtherWirings.Drawn::weight).sum();
        for (OtherWirings.Drawn sample : samples) {
            believed.add(sample.partition());
            w[count++] = other * sample.weight() / drawn;
        }
        this.weights = Arrays.copyOf(w, count);
        this.roots = believed.stream().limit(count).map(Partition::toArray).toArray(int[][]::new);
        this.pair = pairs(evidence.index().size());
    }

    /**
     * Weighs hypotheses by the evidence. The seed only chooses the samples.
     *
     * @param sound those that are no mistakes, which a cable may follow but for some wires
     */
    public static Belief of(List<Hypothesis> hypotheses, List<Hypothesis> sound, Evidence evidence,
            long seed) {
        return of(hypotheses, sound, evidence, seed, Optional.empty());
    }

    /** The same for the belief that there was before the last readings, which then are the only ones to be weighed. */
    public static Belief of(List<Hypothesis> hypotheses, List<Hypothesis> sound, Evidence evidence,
            long seed, Optional<Belief> before) {
        List<CopperProof.Item> items = items(evidence);
        Posterior posterior = before.map(b -> b.posterior).filter(p -> p.isOf(hypotheses))
                .orElseGet(() -> Posterior.prior(hypotheses))
                .after(items, MeterErrors.USUAL);
        int rates = OtherWirings.OPEN_SHARES.length;
        int names = posterior.size();
        List<Changed> changed = Changed.of(sound, evidence.index(), items, MeterErrors.USUAL);
        double[] log = new double[names + rates + changed.size()];
        double[] doubts = new double[log.length];
        for (int h = 0; h < names; h++) {
            log[h] = posterior.log(h);
            doubts[h] = items.isEmpty() || items.getLast().fits(posterior.hypothesis(h).partition()) ? 0 : 1;
        }
        List<OtherWirings> others = new ArrayList<>();
        List<MatchingLikelihood.Weighed> weighed = new ArrayList<>();
        List<MatchingLikelihood.Weighed> earlier = before
                .filter(b -> b.evidence.index().terminals().equals(evidence.index().terminals()))
                .map(b -> b.weighed).orElse(List.of());
        for (int r = 0; r < rates; r++) {
            others.add(new OtherWirings(evidence.index(), OtherWirings.OPEN_SHARES[r][0]));
            weighed.add(earlier.isEmpty()
                    ? others.get(r).weigh(items, MeterErrors.USUAL)
                    : others.get(r).weighOn(earlier.get(r), items, MeterErrors.USUAL));
            log[names + r] = Math.log(Hypotheses.OTHER * OtherWirings.OPEN_SHARES[r][1])
                    + weighed.get(r).log();
            doubts[names + r] = weighed.get(r).doubt();
        }
        for (int c = 0; c < changed.size(); c++) {
            log[names + rates + c] = changed.get(c).log();
            doubts[names + rates + c] = changed.get(c).doubt();
        }
        double most = Arrays.stream(log).max().orElse(0);
        double total = Arrays.stream(log).map(l -> Math.exp(l - most)).sum();
        List<Share> shares = new ArrayList<>();
        for (int h = 0; h < names; h++) {
            double p = Math.exp(log[h] - most) / total;
            if (p > NEGLIGIBLE) {
                shares.add(new Share(posterior.hypothesis(h), p));
            }
        }
        shares.sort(Comparator.comparingDouble(Share::probability).reversed());
        double other = 0;
        for (int r = names; r < log.length; r++) {
            other += Math.exp(log[r] - most) / total;
        }
        double rest = other;
        List<OtherWirings.Drawn> samples = drawn(evidence, others, changed, items,
                IntStream.range(names, log.length).mapToDouble(k -> Math.exp(log[k] - most) / total / rest)
                        .toArray(),
                new SplittableRandom(seed + items.size()));
        double doubt = IntStream.range(0, log.length)
                .mapToDouble(k -> Math.exp(log[k] - most) / total * doubts[k])
                .sum();
        return new Belief(evidence, posterior, weighed, List.copyOf(shares), other, samples, doubt);
    }

    /** Cables as they may be if they have no name, of each kind as many as it is likely. */
    private static List<OtherWirings.Drawn> drawn(Evidence evidence, List<OtherWirings> others,
            List<Changed> changed, List<CopperProof.Item> items, double[] likely, SplittableRandom random) {
        if (evidence.countUnknown() == 0) {
            // only one is left
            return List.of(new OtherWirings.Drawn(evidence.partition(), 1));
        }
        List<OtherWirings.Drawn> samples = new ArrayList<>();
        OtherWirings.Room room = others.getFirst().room(evidence, evidence.partition(),
                new boolean[evidence.index().size()], items);
        for (int r = 0; r < others.size(); r++) {
            int count = (int) Math.round(likely[r] * SAMPLES);
            samples.addAll(weighed(others.get(r).draw(room, count, random), likely[r]));
        }
        for (int c = 0; c < changed.size(); c++) {
            double share = likely[others.size() + c];
            samples.addAll(weighed(
                    changed.get(c).draw(evidence, items, (int) Math.round(share * SAMPLES), random), share));
        }
        return samples;
    }

    /** The same, their weights adding up to a share. */
    private static List<OtherWirings.Drawn> weighed(List<OtherWirings.Drawn> samples, double share) {
        double sum = samples.stream().mapToDouble(OtherWirings.Drawn::weight).sum();
        return samples.stream().map(d -> new OtherWirings.Drawn(d.partition(), share * d.weight() / sum))
                .toList();
    }

    /** What the readings say of copper, those that contradict each other too. */
    public static List<CopperProof.Item> items(Evidence evidence) {
        List<CopperProof.Item> items = new ArrayList<>();
        for (int i = 0; i < evidence.readings().size(); i++) {
            var reading = evidence.readings().get(i);
            Meaning meaning = Meaning.of(reading);
            if (meaning == Meaning.JOINS || meaning.isApart()) {
                items.add(new CopperProof.Item(i + 1, meaning, evidence.red(i + 1), evidence.black(i + 1)));
            }
        }
        return items;
    }

    private double[][] pairs(int terminals) {
        double[][] pairs = new double[terminals][terminals];
        int[] next = new int[terminals];
        int[] last = new int[terminals];
        for (int h = 0; h < believed.size(); h++) {
            Partition p = believed.get(h);
            Arrays.fill(last, -1);
            for (int i = 0; i < terminals; i++) {
                next[i] = last[p.root(i)];
                last[p.root(i)] = i;
                for (int j = next[i]; j >= 0; j = next[j]) {
                    pairs[j][i] += weights[h];
                }
            }
        }
        for (int i = 0; i < terminals; i++) {
            for (int j = i + 1; j < terminals; j++) {
                pairs[j][i] = pairs[i][j];
            }
        }
        return pairs;
    }

    /** The weights of everything that is believed, hypotheses and samples. */
    public double[] weights() {
        return weights;
    }

    /** For everything that is believed, whether a touch would beep. */
    public boolean[] beeps(int a, int b) {
        boolean[] beeps = new boolean[weights.length];
        for (int h = 0; h < beeps.length; h++) {
            Partition p = believed.get(h);
            beeps[h] = p.isJoined(a, b);
        }
        return beeps;
    }

    /** Probability that two terminals are joined, by their numbers. */
    public double joined(int a, int b) {
        return pair[a][b];
    }

    /** The same of one terminal with each of all. */
    public double[] joined(int a) {
        return pair[a].clone();
    }

    /** Probability that a gang touch beeps. */
    public double joined(int[] red, int[] black) {
        // hundreds of thousands of times a touch: plain tables
        boolean swap = red.length < black.length;
        int[] marking = swap ? red : black;
        int[] looking = swap ? black : red;
        double beeps = 0;
        int[] mark = new int[pair.length];
        for (int h = 0; h < weights.length; h++) {
            int[] root = roots[h];
            for (int m : marking) {
                mark[root[m]] = h + 1;
            }
            for (int l : looking) {
                if (mark[root[l]] == h + 1) {
                    beeps += weights[h];
                    break;
                }
            }
        }
        return beeps;
    }

    /** How likely the last reading is wrong, given those before it: a probe that slipped, or a beep out of nothing. */
    public double doubt() {
        return doubt;
    }

    /** Named hypotheses, the likeliest first; those next to impossible are left out. */
    public List<Share> shares() {
        return named;
    }

    /**
     * The numbers, from 1, of the readings that contradict a hypothesis. If there are any, the cable is not exactly
     * that, however likely it is.
     */
    public List<Integer> against(Hypothesis hypothesis) {
        return items(evidence).stream()
                .filter(i -> i.isBeeping(hypothesis.partition()) != (i.meaning() == Meaning.JOINS))
                .map(CopperProof.Item::number)
                .toList();
    }

    /** Probability that the cable is none of the named hypotheses. */
    public double other() {
        return other;
    }

    /** The partition most believed once the proved joins are put in, and its probability. Computed once. */
    public Leader leader() {
        return leader(false);
    }

    /**
     * The same. With {@code acrossOnly}, partitions that agree on every two contacts of different ends count
     * together: what is joined within one end makes no difference then.
     */
    public Leader leader(boolean acrossOnly) {
        int slot = acrossOnly ? 1 : 0;
        Leader known = leaders.get(slot);
        if (known == null) {
            known = new LeaderSearch(evidence, believed, weights, named).leader(acrossOnly);
            leaders.set(slot, known);
        }
        return known;
    }

    /**
     * The most believed partition.
     *
     * @param hypothesis the named one it stands for, if it does
     */
    public record Leader(Partition partition, double probability, Optional<Hypothesis> hypothesis) {}

    /** Entropy in bits of what is still believed, samples counted as one alternative each. */
    public double entropyBits() {
        double bits = 0;
        for (double w : weights) {
            if (w > 0) {
                bits -= w * Math.log(w) / Math.log(2);
            }
        }
        return bits;
    }
}
