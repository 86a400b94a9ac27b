package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.faults.Faults;
import wegweiser.core.faults.PossibleFault;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Superseded;
import wegweiser.core.wiring.Nets;

/**
 * One thing that went wrong, or two, which together account for every reading, the likeliest first. Faults that leave the same
 * copper and the same components are one story, since no meter tells them apart. O(faults x readings), and for two at a time
 * O(faults² x readings) over those that account for any reading that is not as planned.
 */
final class Stories {
    /** So many faults at most are tried two by two. */
    private static final int PAIRED = 140;
    /** So many that move wires are tried with any other, where there are no more than that. */
    private static final int MOVING = 8;
    private static final int FEW = 1500;
    private static final int MOST = 12;
    private static final double LEAST_SHARE = 1e-5;

    /**
     * What may have happened.
     *
     * @param faults one or two; each with those that come to the same, the likeliest first
     * @param share how likely it is among all stories
     */
    record Story(List<List<PossibleFault>> faults, List<Link> links, double share) {}

    private final List<Link> planned;
    private final List<Reading> readings = new ArrayList<>();
    private final List<Reading> against;
    private final List<PossibleFault> possible;
    private final Evidence evidence;

    private Stories(Derived derived, Evidence evidence) {
        this.evidence = evidence;
        this.planned = Assembly.of(derived).links();
        this.possible = Faults.of(derived);
        Foreseen good = derived.foreseen();
        this.against = evidence.sound().stream().filter(r -> !good.fits(r)).distinct().toList();
        // those against the plan first, so that most faults are done with at once
        readings.addAll(against);
        evidence.sound().stream().filter(good::fits).distinct().forEach(readings::add);
    }

    /** The stories, none where the readings are as planned or nothing that is listed accounts for them. */
    static List<Story> of(Derived derived, Evidence evidence) {
        Stories stories = new Stories(derived, evidence);
        if (stories.against.isEmpty()) {
            return List.of();
        }
        List<PossibleFault> each = stories.eachByItself();
        List<Story> all = new ArrayList<>(stories.byOne(each));
        all.addAll(stories.byTwo(each));
        return shares(all);
    }

    private Foreseen foreseen(List<Link> links) {
        return new Foreseen(Nets.of(evidence.index(), links), links);
    }

    private boolean isAccountedFor(List<Link> links) {
        Foreseen then = foreseen(links);
        return readings.stream().allMatch(then::fits);
    }

    /** The faults each of which accounts for every reading. */
    private List<PossibleFault> eachByItself() {
        List<PossibleFault> found = new ArrayList<>();
        for (PossibleFault fault : possible) {
            Superseded.check();
            if (isAccountedFor(fault.links())) {
                found.add(fault);
            }
        }
        return found;
    }

    private List<Story> byOne(List<PossibleFault> each) {
        Map<Object, List<PossibleFault>> alike = new LinkedHashMap<>();
        each.forEach(f -> alike.computeIfAbsent(look(f.links()), _ -> new ArrayList<>()).add(f));
        return alike.values().stream().map(same -> {
            List<PossibleFault> likely = likeliest(same);
            return new Story(List.of(likely), likely.getFirst().links(), chance(likely));
        }).toList();
    }

    /**
     * Two faults neither of which does by itself: what else may be wrong beside one that does is found by the tests after the
     * repair.
     */
    private List<Story> byTwo(List<PossibleFault> each) {
        List<PossibleFault> others = new ArrayList<>(possible);
        others.removeAll(new HashSet<>(each));
        List<PossibleFault> some = partly(others);
        List<BitSet> accounts = some.stream().map(this::accountsFor).toList();
        Map<Object, List<Story>> alike = new LinkedHashMap<>();
        for (int i = 0; i < some.size(); i++) {
            Superseded.check();
            for (int j = i + 1; j < some.size(); j++) {
                BitSet both = (BitSet) accounts.get(i).clone();
                both.or(accounts.get(j));
                boolean moves = i < MOVING && !some.get(i).moves().isEmpty();
                // two bridges at one contact join a third pair; more than that both together do not account for
                if (2 * both.cardinality() >= against.size() || moves) {
                    together(some.get(i), some.get(j), alike);
                }
            }
        }
        // where wires moved nothing else shows by itself
        if (possible.size() <= FEW) {
            some.stream().filter(f -> !f.moves().isEmpty()).limit(MOVING).forEach(
                    moving -> others.stream().filter(f -> !some.contains(f)).forEach(f -> {
                        Superseded.check();
                        together(moving, f, alike);
                    }));
        }
        return alike.values().stream().map(same -> {
            Story likeliest = same.stream().max(Comparator.comparingDouble(Story::share)).orElseThrow();
            return new Story(likeliest.faults(), likeliest.links(),
                    same.stream().mapToDouble(Story::share).sum());
        }).toList();
    }

    /** Which of the readings that are not as planned a fault accounts for. */
    private BitSet accountsFor(PossibleFault fault) {
        Foreseen then = foreseen(fault.links());
        BitSet found = new BitSet();
        for (int k = 0; k < against.size(); k++) {
            found.set(k, then.fits(against.get(k)));
        }
        return found;
    }

    private void together(PossibleFault one, PossibleFault other, Map<Object, List<Story>> alike) {
        List<Link> both = both(one, other);
        if (isAccountedFor(both)) {
            alike.computeIfAbsent(look(both), _ -> new ArrayList<>())
                    .add(new Story(List.of(List.of(one), List.of(other)), both,
                            one.chance() * other.chance()));
        }
    }

    /** The faults that account for some reading that is not as planned, those that account for most of them first. */
    private List<PossibleFault> partly(List<PossibleFault> others) {
        Map<PossibleFault, Integer> worth = new LinkedHashMap<>();
        for (PossibleFault fault : others) {
            Superseded.check();
            Foreseen then = foreseen(fault.links());
            int right = (int) against.stream().filter(then::fits).count();
            if (right > 0) {
                int wrong = (int) readings.subList(against.size(), readings.size()).stream()
                        .filter(r -> !then.fits(r)).count();
                worth.put(fault, right - wrong);
            }
        }
        return worth.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<PossibleFault, Integer> e) -> -e.getValue()))
                .limit(PAIRED)
                .map(Map.Entry::getKey).toList();
    }

    /** What is left when two things went wrong: what moves wires comes last, since it moves whatever is there. */
    private List<Link> both(PossibleFault one, PossibleFault other) {
        return one.moves().isEmpty() ? other.on(planned, one.links()) : one.on(planned, other.links());
    }

    /** What a meter can tell of a cable: its copper and its components, of which only a diode has a direction. */
    private Object look(List<Link> links) {
        Nets nets = Nets.of(evidence.index(), links);
        return List.of(nets,
                links.stream().filter(Foreseen::isPart).map(l -> look(nets, l)).sorted().toList());
    }

    private static String look(Nets nets, Link link) {
        int from = nets.partition().root(nets.index().of(link.from()));
        int to = nets.partition().root(nets.index().of(link.to().orElseThrow()));
        boolean turned = from > to && !link.is(PartKind.DIODE);
        return (turned ? to + "-" + from : from + "-" + to) + link.part().orElseThrow();
    }

    private static List<PossibleFault> likeliest(List<PossibleFault> same) {
        return same.stream().sorted(Comparator.comparingDouble(PossibleFault::chance).reversed()).toList();
    }

    private static double chance(List<PossibleFault> same) {
        return same.stream().mapToDouble(PossibleFault::chance).sum();
    }

    private static List<Story> shares(List<Story> stories) {
        double all = stories.stream().mapToDouble(Story::share).sum();
        return stories.stream().map(s -> new Story(s.faults(), s.links(), s.share() / all))
                .filter(s -> s.share() >= LEAST_SHARE)
                .sorted(Comparator.comparingDouble(Story::share).reversed()).limit(MOST).toList();
    }
}
