package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import wegweiser.core.belief.Belief;
import wegweiser.core.catalog.Contact;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Terminal;
import wegweiser.core.wiring.Partition;
import wegweiser.core.words.Words;

/**
 * What is said of a cable that was identified, and on what it stands. A join that is said was touched, or is only believed;
 * a contact that is said to have no partner at another end was touched against all there that are not taken, or was not
 * looked at. What lies between
 * two wires that were not touched against each other is not looked at either. O(terminals²).
 */
public final class Identified {
    private final Evidence evidence;
    private final Partition said;
    private final List<int[]> believed = new ArrayList<>();
    private final List<int[]> free = new ArrayList<>();
    private final BitSet taken = new BitSet();
    private int unseen;

    private Identified(Evidence evidence, Partition said) {
        this.evidence = evidence;
        this.said = said;
        Partition nets = evidence.partition();
        int n = evidence.index().size();
        int[] end = evidence.index().ends();
        Map<Integer, BitSet> endsOfNet = new HashMap<>();
        for (int i = 0; i < n; i++) {
            endsOfNet.computeIfAbsent(nets.root(i), _ -> new BitSet()).set(end[i]);
        }
        for (int a = 0; a < n; a++) {
            BitSet here = endsOfNet.get(nets.root(a));
            for (int b = a + 1; b < n; b++) {
                if (end[a] != end[b] && said.isJoined(a, b)) {
                    taken.set(a);
                    taken.set(b);
                }
                boolean known = nets.isJoined(a, b) || evidence.isApart(a, b);
                if (!known && said.isJoined(a, b)) {
                    believed.add(new int[]{a, b});
                } else if (!known && !here.get(end[b]) && !endsOfNet.get(nets.root(b)).get(end[a])) {
                    free.add(new int[]{a, b});
                } else if (!known && nets.isRoot(a) && nets.isRoot(b)) {
                    unseen++;
                }
            }
        }
    }

    /** What is said when a partition is most believed; without any of its joins where readings rule one out. */
    public static Identified of(Evidence evidence, Belief.Leader leader) {
        Partition whole = leader.partition().and(evidence.partition());
        for (int a = 0; a < whole.size(); a++) {
            for (int b = a + 1; b < whole.size(); b++) {
                if (whole.isJoined(a, b) && evidence.isApart(a, b)) {
                    return new Identified(evidence, evidence.partition());
                }
            }
        }
        return new Identified(evidence, whole);
    }

    /** The wiring that is said, measured and believed. */
    public Partition said() {
        return said;
    }

    /** Whether every join that is said was touched, and every open contact against all that are not taken. */
    public boolean isTouched() {
        return believed.isEmpty() && free.isEmpty();
    }

    /** Pairs of numbers of terminals whose join is said and was not touched. */
    List<int[]> believed() {
        return believed;
    }

    /** Pairs of different ends, neither of them taken by the other's end, that were not touched. */
    List<int[]> free() {
        return free;
    }

    /**
     * The touches between the nets that are said of two contacts, of different ends where there are any; none where it is
     * known, or said, what lies between them. While a join of theirs is only believed they are as good as afterwards: once
     * it is touched, all of its net is known to be apart.
     */
    List<int[]> between(int one, int other) {
        if (said.isJoined(one, other)) {
            return List.of();
        }
        List<int[]> across = new ArrayList<>();
        int[] others = net(other);
        for (int a : net(one)) {
            for (int b : others) {
                if (evidence.isApart(a, b)) {
                    return List.of();
                }
                if (!evidence.isSameEnd(a, b)) {
                    across.add(new int[]{Math.min(a, b), Math.max(a, b)});
                }
            }
        }
        return across.isEmpty() ? List.of(new int[]{one, other}) : across;
    }

    private int[] net(int terminal) {
        return IntStream.range(0, said.size()).filter(i -> said.isJoined(i, terminal)).toArray();
    }

    /**
     * What a touch of two contacts is for: the same number for all that tell the same, as long as what is said is so. Two
     * parts of a net that is said are to be joined, two nets to be apart.
     */
    long need(int one, int other) {
        return (said.isJoined(one, other) ? evidence.partition() : said).pair(one, other);
    }

    /** Whether a contact is said to be joined to another end. */
    boolean isTaken(int terminal) {
        return taken.get(terminal);
    }

    /** Joins that readings show. */
    public int measured() {
        return evidence.partition().size() - evidence.partition().count();
    }

    /** Joins that are only believed. */
    public int onlyBelieved() {
        return evidence.partition().count() - said.count();
    }

    /** Contacts that were touched against every one of other ends that is not taken, and beeped with none. */
    public List<Terminal> open() {
        BitSet unlooked = unlooked();
        return terminals(i -> isLoose(i) && !unlooked.get(i));
    }

    /** Contacts of which it is not known whether they are open. */
    public List<Terminal> notLookedAt() {
        BitSet unlooked = unlooked();
        return terminals(i -> isLoose(i) && unlooked.get(i));
    }

    /** Pairs of wires that were not touched against each other, so that a short between them would not show. */
    public int unseen() {
        return unseen;
    }

    private boolean isLoose(int i) {
        return said.isAlone(i);
    }

    private BitSet unlooked() {
        BitSet unlooked = new BitSet();
        free.forEach(pair -> {
            // a pin that was touched against all pins is open; of a shell that was not, the shell is named
            if (isShell(pair[0]) == isShell(pair[1]) || isShell(pair[0])) {
                unlooked.set(pair[0]);
            }
            if (isShell(pair[0]) == isShell(pair[1]) || isShell(pair[1])) {
                unlooked.set(pair[1]);
            }
        });
        return unlooked;
    }

    private boolean isShell(int terminal) {
        return evidence.index().get(terminal).contact().equals(Contact.SHELL);
    }

    private List<Terminal> terminals(IntPredicate which) {
        return IntStream.range(0, said.size()).filter(which).mapToObj(evidence.index()::get).toList();
    }

    /** One line: what is measured, what is believed, what is open and what was not looked at. */
    public String words() {
        List<String> parts = new ArrayList<>();
        parts.add(Words.say("identified.measured", measured()));
        if (onlyBelieved() > 0) {
            parts.add(Words.say("identified.believed", onlyBelieved()));
        }
        List<Terminal> open = open();
        if (!open.isEmpty()) {
            parts.add(Words.say("identified.open", Spans.of(open)));
        }
        List<Terminal> unknown = notLookedAt();
        if (!unknown.isEmpty()) {
            parts.add(Words.say("identified.unknown", Spans.of(unknown)));
        }
        if (unseen > 0) {
            parts.add(Words.say("identified.unseen", unseen));
        }
        return String.join(Words.say("identified.and"), parts) + ".";
    }
}
