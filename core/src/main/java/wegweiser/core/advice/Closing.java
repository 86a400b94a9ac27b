package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;
import wegweiser.core.belief.Hypotheses;
import wegweiser.core.belief.Hypothesis;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.data.UsualJumpers;
import wegweiser.core.evidence.Depth;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.PairMatrix;
import wegweiser.core.wiring.Partition;

/**
 * What identification touches when the wiring is believed, before it is said: joins that no reading shows, contacts said to
 * be open against those that are not taken, and neighbours, where shorts happen. Where a cable is wired as one with a name
 * and very many contacts are free, only pairs are touched that some other such wiring joins or that have the same name; of
 * the others it is said that they were not looked at. O(terminals²).
 */
record Closing(TerminalIndex index, Depth depth, PairMatrix joinedSomewhere, BitSet used,
        List<int[]> jumpers) {
    /** Up to so many free pairs for each contact there is, all of them are touched. */
    private static final double FEW = 0.5;
    /** Up to so many pairs of contacts without a partner are touched twice. */
    private static final int LAST = 2;
    /** Up to so many free contacts beside wires are always touched against them. */
    private static final int FEW_BESIDE = 3;
    /** In leads of so many terminals up to this many for each terminal. */
    private static final int LARGE = 30;
    private static final double MANY_BESIDE = 0.8;
    /** The same for pairs of contacts that some known wiring uses which leaves others open. */
    private static final double MANY = 1.2;

    static Closing of(Job job, TerminalIndex index, Depth depth, List<Hypothesis> sound) {
        List<int[]> jumpers = new ArrayList<>();
        for (End end : job.ends()) {
            String family = Catalogue.of(job).of(end).map(ConnectorType::family).orElse("");
            for (List<String> pair : UsualJumpers.of(family)) {
                jumpers.add(
                        new int[]{index.of(end.terminal(pair.get(0))), index.of(end.terminal(pair.get(1)))});
            }
        }
        BitSet used = used(index, sound);
        jumpers.forEach(pair -> {
            used.set(pair[0]);
            used.set(pair[1]);
        });
        return new Closing(index, depth, Hypotheses.joins(index, sound), used, jumpers);
    }

    /**
     * The pairs that are still to be touched, by the numbers of their terminals; none when the cable is identified.
     *
     * @param named whether it is wired as one that has a name, with a mistake or without; in any other, whose contacts were
     *        touched against many others to find its joins, neighbours are not asked for
     */
    List<int[]> open(Identified said, boolean named) {
        List<int[]> pairs = new ArrayList<>(said.believed());
        pairs.addAll(free(said));
        for (int[] pair : named ? depth.near() : List.<int[]>of()) {
            if (said.isTaken(pair[0]) && said.isTaken(pair[1])) {
                pairs.addAll(said.between(pair[0], pair[1]));
            }
        }
        if (named) {
            pairs.addAll(beside(said));
        }
        pairs.addAll(jumpers(said));
        return pairs;
    }

    /**
     * Free contacts beside wires, which a short would join to them: where these are few, and in a large lead, of which they are
     * a small part.
     */
    private List<int[]> beside(Identified said) {
        List<int[]> pairs = new ArrayList<>();
        int count = 0;
        for (int[] pair : depth.near()) {
            if (said.isTaken(pair[0]) != said.isTaken(pair[1]) && !isShell(pair[0]) && !isShell(pair[1])) {
                List<int[]> between = said.between(pair[0], pair[1]);
                pairs.addAll(between);
                count++;
            }
        }
        return count <= FEW_BESIDE || index.size() >= LARGE && count <= MANY_BESIDE * index.size()
                ? pairs
                : List.of();
    }

    /**
     * Where a cable has no name and all but one contact or two found a partner: the last pairs, whose silence rests on one
     * touch each. That a probe did not quite touch is about as likely there as that just these are open.
     */
    List<int[]> lastSilences(Identified said, Repeats repeats) {
        List<int[]> pairs = new ArrayList<>();
        List<Integer> open = said.open().stream().map(index::of).filter(i -> !isShell(i)).toList();
        for (int a : open) {
            for (int b : open) {
                if (a < b && !index.get(a).end().equals(index.get(b).end())) {
                    pairs.add(new int[]{a, b});
                }
            }
        }
        return pairs.size() > LAST
                ? List.of()
                : pairs.stream().filter(p -> repeats.count(p[0], p[1]) == 1).toList();
    }

    /** How many touches that is, as long as none of them beeps: one for every two nets. */
    int touches(Identified said, boolean named) {
        return (int) open(said, named).stream().map(p -> said.need(p[0], p[1])).distinct().count();
    }

    /** Contacts of one end that are often joined, where one of them is taken by another end and the other is not. */
    private List<int[]> jumpers(Identified said) {
        List<int[]> pairs = new ArrayList<>();
        for (int[] pair : jumpers) {
            if (said.isTaken(pair[0]) != said.isTaken(pair[1])) {
                pairs.addAll(said.between(pair[0], pair[1]));
            }
        }
        return pairs;
    }

    private List<int[]> free(Identified said) {
        List<int[]> pairs = said.free().stream().filter(p -> isShell(p[0]) == isShell(p[1])).toList();
        if (pairs.size() <= FEW * index.size()) {
            return pairs;
        }
        List<int[]> usual = pairs.stream().filter(p -> used.get(p[0]) && used.get(p[1])).toList();
        return usual.size() <= MANY * index.size()
                ? usual
                : pairs.stream().filter(p -> joinedSomewhere.has(p[0], p[1])
                        || index.get(p[0]).contact().equals(index.get(p[1]).contact())).toList();
    }

    /** Contacts that are joined to another end by some wiring that does not join them all. */
    private static BitSet used(TerminalIndex index, List<Hypothesis> sound) {
        BitSet used = new BitSet();
        for (Hypothesis h : sound) {
            Partition nets = h.partition();
            BitSet joined = new BitSet();
            for (int a = 0; a < index.size(); a++) {
                for (int b = 0; b < index.size(); b++) {
                    if (nets.isJoined(a, b) && !index.get(a).end().equals(index.get(b).end())) {
                        joined.set(a);
                    }
                }
            }
            boolean all = IntStream.range(0, index.size())
                    .filter(i -> !index.get(i).contact().equals(Contact.SHELL)).allMatch(joined::get);
            if (!all) {
                used.or(joined);
            }
        }
        return used;
    }

    private boolean isShell(int terminal) {
        return index.get(terminal).contact().equals(Contact.SHELL);
    }
}
