package wegweiser.core.testers;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wegweiser.core.evidence.Contradiction;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.words.Words;

/**
 * Loose wires that cannot be probed: twisting two of them together makes a device react, or not. Each wire is taken to
 * be on one of two sides; two wires of one side do nothing together, two of different sides make the device react.
 *
 * <p>A trial between two groups that were not compared yet always tells how all their wires stand to each other, so
 * n wires need n - 1 trials, and fewer cannot do: each trial joins at most two groups. The colours of the wires play
 * no part in it. O(wires² x trials).
 */
public final class ReactionPuzzle {
    private final Evidence evidence;
    private final List<Group> groups = new ArrayList<>();
    private final List<Contradiction> contradictions;

    /** Wires whose sides are known relative to each other. */
    public record Group(List<Terminal> one, List<Terminal> other) {
        public Group {
            one = List.copyOf(one);
            other = List.copyOf(other);
        }

        int size() {
            return one.size() + other.size();
        }
    }

    private ReactionPuzzle(Evidence evidence, List<Terminal> wires) {
        this.evidence = evidence;
        this.contradictions = evidence.contradictions().stream()
                .filter(c -> wires.containsAll(c.settle().red()) && wires.containsAll(c.settle().black()))
                .toList();
        List<List<Terminal>> ones = new ArrayList<>();
        List<List<Terminal>> others = new ArrayList<>();
        for (Terminal wire : wires) {
            boolean placed = false;
            for (int g = 0; g < ones.size() && !placed; g++) {
                Optional<Boolean> same = evidence.sameSide(ones.get(g).getFirst(), wire);
                if (same.isPresent()) {
                    placed = (same.get() ? ones : others).get(g).add(wire);
                }
            }
            if (!placed) {
                ones.add(new ArrayList<>(List.of(wire)));
                others.add(new ArrayList<>());
            }
        }
        for (int g = 0; g < ones.size(); g++) {
            groups.add(new Group(ones.get(g), others.get(g)));
        }
    }

    /** The puzzle of one end's wires, as far as the job's trials have solved it. */
    public static ReactionPuzzle of(Job job, String end) {
        return of(Evidence.of(job), end);
    }

    /** The puzzle of one end's wires, as far as trials that were weighed already have solved it. */
    public static ReactionPuzzle of(Evidence evidence, String end) {
        return new ReactionPuzzle(evidence,
                evidence.index().terminals().stream().filter(t -> t.end().equals(end)).toList());
    }

    /** The groups found so far, the largest first. */
    public List<Group> groups() {
        return groups.stream().sorted(Comparator.comparingInt(Group::size).reversed()).toList();
    }

    /** Trials that cannot all be true. */
    public List<Contradiction> contradictions() {
        return contradictions;
    }

    /** How many trials are left when none contradicts another. */
    public int trialsLeft() {
        return Math.max(0, groups.size() - 1);
    }

    /** The two wires to twist together next; the trial to repeat where trials contradict each other. */
    public Optional<Touch> next() {
        if (!contradictions.isEmpty()) {
            return Optional.of(contradictions.getFirst().settle());
        }
        if (groups.size() < 2) {
            return Optional.empty();
        }
        List<Group> sorted = groups();
        return Optional.of(Touch.of(sorted.get(0).one().getLast(), sorted.get(1).one().getFirst()));
    }

    /** What is known in words: which wires belong together, which one stands alone, or what is still open. */
    public String words() {
        if (groups.size() > 1) {
            return Words.say("reaction.open",
                    Words.say("trials", trialsLeft()));
        }
        if (groups.isEmpty()) {
            return Words.say("reaction.none");
        }
        Group all = groups.getFirst();
        if (all.other().isEmpty()) {
            return Words.say("reaction.one-side", names(all.one()));
        }
        List<Terminal> many = all.one().size() >= all.other().size() ? all.one() : all.other();
        List<Terminal> few = many == all.one() ? all.other() : all.one();
        return few.size() == 1 && many.size() > 1
                ? Words.say("reaction.alone", names(many), names(few))
                : Words.say("reaction.two", names(many), names(few));
    }

    /** The trials behind what is known of two wires, as numbers of readings from 1. */
    public List<Integer> because(Terminal a, Terminal b) {
        return evidence.because(a, b);
    }

    private static String names(List<Terminal> wires) {
        return Words.list(wires.stream().map(Terminal::contact).toList());
    }
}
