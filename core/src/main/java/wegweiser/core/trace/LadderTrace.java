package wegweiser.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
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
     * Traces between the first two ends.
     *
     * @param settle whether a reading that may stand for several things is settled by touching; else only what all of them
     *        have in common is noted, and the rest is left to belief
     * @param ohms what the meter shows from a contact of the first end to the plug's common lead; empty when over range
     * @param beeps whether two contacts beep, with the plug off
     */
    public static LadderTrace run(Job job, LadderPlug plug, CostModel cost, boolean settle,
            Function<Terminal, OptionalDouble> ohms,
            java.util.function.BiPredicate<Terminal, Terminal> beeps) {
        List<Terminal> near = Terminals.of(job, job.ends().get(0));
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        List<Reading> readings = new ArrayList<>();
        List<Terminal> unsure = new ArrayList<>();
        List<Terminal> doubtful = new ArrayList<>();
        List<List<List<Integer>>> meanings = new ArrayList<>();
        double seconds = cost.changePlug();
        int touches = 0;
        for (Terminal contact : near) {
            OptionalDouble shown = ohms.apply(contact);
            touches++;
            seconds += cost.moveProbe();
            boolean open = shown.isEmpty() || shown.getAsDouble() > plug.openOhms();
            List<List<Integer>> fits = open ? List.of(List.of()) : plug.decode(shown.getAsDouble());
            if (fits.isEmpty()) {
                unsure.add(contact);
            } else if (fits.size() == 1) {
                readings.addAll(said(contact, fits.getFirst(), far));
            } else {
                doubtful.add(contact);
                meanings.add(fits);
            }
        }
        for (int k = 0; k < doubtful.size(); k++) {
            List<List<Integer>> left = possible(meanings.get(k), readings, doubtful.get(k), far);
            if (left.size() > 1 && !settle) {
                readings.addAll(common(doubtful.get(k), left, far));
                continue;
            }
            List<Integer> joined = new ArrayList<>();
            List<Integer> asked = left.size() > 1
                    ? left.stream().flatMap(List::stream).distinct().sorted().toList()
                    : List.of();
            seconds += asked.isEmpty() ? 0 : cost.changePlug();
            for (int at : asked) {
                touches++;
                seconds += cost.moveProbe();
                if (beeps.test(doubtful.get(k), far.get(at))) {
                    joined.add(at);
                }
            }
            readings.addAll(said(doubtful.get(k), left.size() == 1 ? left.getFirst() : joined, far));
        }
        return new LadderTrace(List.copyOf(readings), touches, seconds, List.copyOf(unsure));
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

    /** What several meanings of a reading have in common: contacts in all of them, in none, and that one is in some. */
    private static List<Reading> common(Terminal near, List<List<Integer>> meanings, List<Terminal> far) {
        List<Terminal> some = new ArrayList<>();
        List<Terminal> none = new ArrayList<>();
        List<Reading> found = new ArrayList<>();
        for (int k = 0; k < far.size(); k++) {
            int at = k;
            if (meanings.stream().allMatch(m -> m.contains(at))) {
                found.add(Reading.of(Mode.CONTINUITY, Touch.of(near, far.get(k)), Outcome.BEEP));
            } else {
                (meanings.stream().anyMatch(m -> m.contains(at)) ? some : none).add(far.get(k));
            }
        }
        if (found.isEmpty()) {
            found.add(Reading.of(Mode.CONTINUITY, new Touch(List.of(near), some), Outcome.BEEP));
        }
        if (!none.isEmpty()) {
            found.add(Reading.of(Mode.CONTINUITY, new Touch(List.of(near), none), Outcome.SILENT));
        }
        return found;
    }

    /** A decoded reading as touches: a beep with each contact that it names, silence with all others. */
    public static List<Reading> said(Terminal near, List<Integer> joined, List<Terminal> far) {
        List<Reading> found = new ArrayList<>();
        List<Terminal> others = new ArrayList<>();
        for (int k = 0; k < far.size(); k++) {
            if (joined.contains(k)) {
                found.add(Reading.of(Mode.CONTINUITY, Touch.of(near, far.get(k)), Outcome.BEEP));
            } else {
                others.add(far.get(k));
            }
        }
        if (!others.isEmpty()) {
            found.add(Reading.of(Mode.CONTINUITY, new Touch(List.of(near), others), Outcome.SILENT));
        }
        return found;
    }
}
