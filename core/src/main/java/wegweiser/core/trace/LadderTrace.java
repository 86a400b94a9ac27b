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
 * which follows which contacts of the second it is joined to, and to which it is not. Values that may stand for
 * several things, or that more than a single wire would have to explain, are beeped with the plug off.
 *
 * @param readings what was measured, as touches between contacts
 * @param touches how often the probes were placed
 * @param unsure contacts whose value fits nothing that the plug can show, or not what was beeped
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
     * Traces between the first two ends. The plug comes off once, when every contact is read; then {@link LadderSettling}
     * beeps what the values leave open. What is not settled when what is known is enough is noted as far as all its
     * meanings agree.
     *
     * @param enough whether what is known need not be settled any further, asked before each settling of a value that may
     *     mean several things
     * @param ohms what the meter shows from a contact of the first end to the plug's common lead; empty when over range
     * @param beeps whether two contacts beep, with the plug off
     */
    public static LadderTrace run(Job job, LadderPlug plug, CostModel cost, Predicate<List<Reading>> enough,
            Function<Terminal, OptionalDouble> ohms, BiPredicate<Terminal, Terminal> beeps) {
        List<Terminal> near = Terminals.of(job, job.ends().get(0));
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        Map<Terminal, Double> values = new LinkedHashMap<>();
        near.forEach(
                contact -> values.put(contact, ohms.apply(contact).orElse(Double.POSITIVE_INFINITY)));
        LadderSettling settling = new LadderSettling(plug, values, far, Map.of());
        double seconds = cost.changePlug() + near.size() * (cost.moveProbe() + cost.readValue());
        int touches = near.size();
        Optional<Touch> last = Optional.empty();
        for (Optional<Touch> next = settling.next(enough); next.isPresent(); next = settling.next(enough)) {
            Touch touch = next.get();
            seconds += last.isEmpty()
                    ? cost.changePlug() + 2 * cost.moveProbe()
                    : (last.get().red().equals(touch.red()) ? 1 : 2) * cost.moveProbe();
            touches++;
            settling.answer(touch, beeps.test(touch.red().getFirst(), touch.black().getFirst()));
            last = next;
        }
        return new LadderTrace(settling.readings(), touches, seconds, settling.unsure());
    }

    /** Whether a reading shows two contacts whichever of its meanings holds. */
    public static boolean isShort(List<List<Integer>> meanings) {
        return meanings.stream().allMatch(m -> m.size() > 1);
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
