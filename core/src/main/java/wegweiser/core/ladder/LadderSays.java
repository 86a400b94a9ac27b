package wegweiser.core.ladder;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/**
 * What a value at a ladder plug says, as touches between contacts. Silence is certain with contacts that the value excludes
 * whatever lies in the cable. All else holds only as long as no part does, and is marked as assumed: a wire that ends nowhere
 * and a part to another wire can show any value.
 *
 * @param known whether the near contact beeps with a far one, by position, where that was touched
 */
record LadderSays(LadderPlug plug, Terminal near, List<Terminal> far, IntFunction<Optional<Boolean>> known) {
    /** Into how many gangs at most one reading is turned. */
    private static final int MOST_GANGS = 16;

    /**
     * Readings that were not touched already.
     *
     * @param ohms infinite where it is over range
     * @param meanings what is left of what it may mean; empty where that is nothing
     */
    List<Reading> of(double ohms, Optional<List<List<Integer>>> meanings) {
        List<Reading> found = new ArrayList<>();
        // what other readings say has no part in it, so that it stands when one of those is taken back
        Set<Integer> apart = positions(k -> isNew(k) && plug.excludes(ohms, k));
        silent(near, far, apart).ifPresent(found::add);
        meanings.ifPresent(all -> {
            beeps(near, all, far).stream()
                    .filter(r -> !r.touch().isSingle() || isNew(far.indexOf(r.black().getFirst())))
                    .map(LadderSays::assumed).forEach(found::add);
            silent(near, far, positions(k -> isNew(k) && !apart.contains(k) && isUnnamed(all, k)))
                    .map(LadderSays::assumed).ifPresent(found::add);
        });
        return found;
    }

    /**
     * What a reading says whichever of its meanings holds, as long as no part lies in the cable: silence with all contacts
     * that no meaning names, and a beep with each smallest set that has a contact of every meaning. Of meanings 2 and 5 + 7
     * those are the gangs 2 5 and 2 7, which together exclude 5 alone.
     */
    static List<Reading> of(Terminal near, List<List<Integer>> meanings, List<Terminal> far) {
        List<Reading> found = new ArrayList<>(beeps(near, meanings, far));
        silent(near, far, IntStream.range(0, far.size()).filter(k -> isUnnamed(meanings, k)).boxed()
                .collect(Collectors.toCollection(TreeSet::new))).ifPresent(found::add);
        return found;
    }

    private static boolean isUnnamed(List<List<Integer>> meanings, int at) {
        return meanings.stream().noneMatch(m -> m.contains(at));
    }

    private boolean isNew(int at) {
        return known.apply(at).isEmpty();
    }

    private Set<Integer> positions(IntPredicate which) {
        return IntStream.range(0, far.size()).filter(which).boxed()
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Reading assumed(Reading reading) {
        return reading.by(Provenance.ASSUMED);
    }

    private static Optional<Reading> silent(Terminal near, List<Terminal> far, Set<Integer> contacts) {
        return contacts.isEmpty()
                ? Optional.empty()
                : Optional.of(reading(near, far, contacts, Outcome.SILENT));
    }

    private static List<Reading> beeps(Terminal near, List<List<Integer>> meanings, List<Terminal> far) {
        return beeping(meanings).stream().map(some -> reading(near, far, some, Outcome.BEEP)).toList();
    }

    private static Reading reading(Terminal near, List<Terminal> far, Set<Integer> contacts,
            Outcome outcome) {
        return Reading.of(Mode.CONTINUITY, new Touch(List.of(near), contacts.stream().map(far::get).toList()),
                outcome);
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
