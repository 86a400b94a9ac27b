package wegweiser.core.ladder;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import wegweiser.core.advice.CostModel;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
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
    private static final LadderPlug.Errors USUAL = new LadderPlug.Errors(0.002, 0.014, 1.5);

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
}
