package wegweiser.core.trace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/**
 * Traces a cable with a ladder plug on its second end: one resistance reading for each contact of the first end, from
 * which follows which contacts of the second it is joined to, and to which it is not. A reading that may stand for
 * several things is settled with the plug off, by beeping the contacts in question.
 *
 * @param readings what was measured, as touches between contacts
 * @param touches how often the probes were placed
 * @param unsure contacts whose reading fits nothing that the plug can show
 */
public record LadderTrace(List<Reading> readings, int touches, double seconds, List<Terminal> unsure) {
    /** Into how many gangs at most one reading is turned. */
    private static final int MOST_GANGS = 16;
    private static final LadderPlug.Error USUAL = new LadderPlug.Error(0.002, 0.014, 1.5);

    /** A plug for an end: all pairs told apart where the series allows it, else pairs of neighbours, else contacts. */
    public static Optional<LadderPlug> plug(Job job, End end, long seed) {
        List<Terminal> contacts = Terminals.of(job, end);
        Optional<ConnectorType> type = Catalogue.of(job).of(end);
        LadderPlug.Pairs neighbours = (a, b) -> type
                .map(t -> t.neighbours(contacts.get(a).contact()).contains(contacts.get(b).contact()))
                .orElse(true);
        for (LadderPlug.Pairs pairs : List.of(LadderPlug.Pairs.ALL, neighbours, LadderPlug.Pairs.NONE)) {
            Optional<LadderPlug> plug = LadderPlug
                    .design(contacts.size(), pairs, LadderPlug.Series.E96, USUAL, seed)
                    .plug();
            if (plug.isPresent()) {
                return plug;
            }
        }
        return Optional.empty();
    }

    /**
     * Traces between the first two ends. The plug comes off once, when every contact is read; then the readings that may
     * stand for several things are settled one after the other until what is known is enough. What is not settled by then
     * is noted as far as all its meanings agree.
     *
     * @param enough whether what is known need not be settled any further, asked before each settling
     * @param ohms what the meter shows from a contact of the first end to the plug's common lead; empty when over range
     * @param beeps whether two contacts beep, with the plug off
     */
    public static LadderTrace run(Job job, LadderPlug plug, CostModel cost, Predicate<List<Reading>> enough,
            Function<Terminal, OptionalDouble> ohms, BiPredicate<Terminal, Terminal> beeps) {
        List<Terminal> near = Terminals.of(job, job.ends().get(0));
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        List<Reading> readings = new ArrayList<>();
        List<Terminal> unsure = new ArrayList<>();
        Map<Terminal, List<List<Integer>>> doubtful = new LinkedHashMap<>();
        double seconds = cost.changePlug() + near.size() * (cost.moveProbe() + cost.readValue());
        int touches = near.size();
        for (Terminal contact : near) {
            List<List<Integer>> fits = plug.meanings(ohms.apply(contact));
            if (fits.isEmpty()) {
                unsure.add(contact);
            } else if (fits.size() == 1) {
                readings.addAll(said(contact, fits, far));
            } else {
                doubtful.put(contact, fits);
            }
        }
        boolean plugged = true;
        while (!doubtful.isEmpty()) {
            // what shows a short tells most
            Terminal contact = doubtful.entrySet().stream().filter(d -> isShort(d.getValue())).findFirst()
                    .orElseGet(() -> doubtful.entrySet().iterator().next()).getKey();
            List<List<Integer>> left = possible(doubtful.get(contact), readings, contact, far);
            if (left.size() > 1) {
                List<Reading> all = new ArrayList<>(readings);
                doubtful.forEach((c, fits) -> all.addAll(said(c, possible(fits, readings, c, far), far)));
                if (enough.test(all)) {
                    return new LadderTrace(List.copyOf(all), touches, seconds, List.copyOf(unsure));
                }
                seconds += (plugged ? cost.changePlug() : 0) + 2 * cost.moveProbe();
                plugged = false;
                touches++;
                int at = telling(left);
                boolean joined = beeps.test(contact, far.get(at));
                left = left.stream().filter(m -> m.contains(at) == joined).toList();
                if (!joined && left.size() == 1) {
                    // silence alone does not prove the meaning that is left
                    touches++;
                    seconds += cost.moveProbe();
                    left = beeps.test(contact, far.get(left.getFirst().getFirst())) ? left : List.of();
                }
                if (left.isEmpty()) {
                    // more than two are joined, which the plug does not show
                    readings.add(Reading.of(Mode.CONTINUITY, Touch.of(contact, far.get(at)),
                            joined ? Outcome.BEEP : Outcome.SILENT));
                    unsure.add(contact);
                    doubtful.remove(contact);
                    continue;
                }
            }
            if (left.size() == 1) {
                readings.addAll(said(contact, left, far));
                doubtful.remove(contact);
            } else {
                doubtful.put(contact, left);
            }
        }
        return new LadderTrace(List.copyOf(readings), touches, seconds, List.copyOf(unsure));
    }

    /** Whether a reading shows two contacts whichever of its meanings holds. */
    public static boolean isShort(List<List<Integer>> meanings) {
        return meanings.stream().allMatch(m -> m.size() > 1);
    }

    /** The contact to ask about first: that of the likeliest meaning, which is a single one, that not all meanings share. */
    private static int telling(List<List<Integer>> meanings) {
        return meanings.stream()
                .flatMap(List::stream)
                .filter(at -> !meanings.stream().allMatch(m -> m.contains(at)))
                .findFirst()
                .orElseThrow();
    }

    /**
     * The meanings that other readings leave: two far contacts that are shorted show as a pair at every near contact, so
     * none of them can be alone at another one.
     */
    private static List<List<Integer>> possible(List<List<Integer>> meanings, List<Reading> readings,
            Terminal near,
            List<Terminal> far) {
        List<List<Integer>> left = meanings.stream()
                .filter(m -> m.stream().noneMatch(at -> readings.stream()
                        .anyMatch(r -> r.outcome() == Outcome.BEEP && r.black().equals(List.of(far.get(at)))
                                && !r.red().contains(near) && m.size() > 1
                                && alone(readings, r.red().getFirst()))))
                .toList();
        return left.isEmpty() ? meanings : left;
    }

    private static boolean alone(List<Reading> readings, Terminal near) {
        return readings.stream().filter(r -> r.outcome() == Outcome.BEEP && r.red().contains(near))
                .count() == 1;
    }

    /**
     * What a reading says whichever of its meanings holds, as touches: silence with all contacts that no meaning names, and
     * a beep with each smallest set that has a contact of every meaning. Of meanings 2 and 5 + 7 those are the gangs 2 5 and
     * 2 7, which together exclude 5 alone.
     */
    public static List<Reading> said(Terminal near, List<List<Integer>> meanings, List<Terminal> far) {
        List<Reading> found = new ArrayList<>();
        for (Set<Integer> some : beeping(meanings)) {
            found.add(Reading.of(Mode.CONTINUITY,
                    new Touch(List.of(near), some.stream().map(far::get).toList()),
                    Outcome.BEEP));
        }
        List<Terminal> none = IntStream.range(0, far.size())
                .filter(k -> meanings.stream().noneMatch(m -> m.contains(k)))
                .mapToObj(far::get)
                .toList();
        if (!none.isEmpty()) {
            found.add(Reading.of(Mode.CONTINUITY, new Touch(List.of(near), none), Outcome.SILENT));
        }
        return found;
    }

    /**
     * The smallest sets that share a contact with every meaning: the alternatives, turned into requirements that all hold.
     * Found one meaning after the other (Berge, Hypergraphs, 1989); where they would become too many, one gang of all that
     * is named says as much as can be said briefly.
     */
    private static List<Set<Integer>> beeping(List<List<Integer>> meanings) {
        if (meanings.stream().anyMatch(List::isEmpty)) {
            return List.of();
        }
        List<Set<Integer>> sets = List.of(Set.of());
        for (List<Integer> meaning : meanings) {
            List<Set<Integer>> more = new ArrayList<>();
            for (Set<Integer> set : sets) {
                for (int at : meaning) {
                    Set<Integer> with = new TreeSet<>(set);
                    with.addAll(set.stream().anyMatch(meaning::contains) ? Set.of() : Set.of(at));
                    more.add(with);
                }
            }
            sets = more.stream().distinct()
                    .filter(s -> more.stream().noneMatch(o -> o.size() < s.size() && s.containsAll(o)))
                    .toList();
            if (sets.size() > MOST_GANGS) {
                return List.of(meanings.stream().flatMap(List::stream)
                        .collect(Collectors.toCollection(TreeSet::new)));
            }
        }
        return sets;
    }
}
