package wegweiser.core.ladder;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SequencedMap;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.LadderValues;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/**
 * A ladder plug at work between the first two ends of a job. The values are kept in the job as they are read, beside its
 * readings: what one of them means holds only once all are there, as a part in the cable bends some values and leaves others
 * looking sound. Then {@link LadderSettling} says what to beep, and what has been learned is added to the readings.
 *
 * @param values in ohms by near contact, in the order in which they were read; over range is infinite
 */
public record LadderWork(Job job, LadderPlug plug, SequencedMap<Terminal, Double> values) {
    public LadderWork {
        values = Collections.unmodifiableSequencedMap(new LinkedHashMap<>(values));
    }

    /** The work as a job keeps it. Values that were read with other resistors, or at other contacts, do not count. */
    public static LadderWork of(Job job, LadderPlug plug) {
        SequencedMap<Terminal, Double> values = new LinkedHashMap<>();
        List<Terminal> near = Terminals.of(job, job.ends().getFirst());
        kept(job).filter(k -> k.resistors().equals(plug.values())).ifPresent(k -> k.ohms().forEach((t, v) -> {
            if (near.contains(t)) {
                values.put(t, v);
            }
        }));
        return new LadderWork(job, plug, values);
    }

    /** How many values a job keeps that did not become readings yet, as far as its ends are still the same. */
    public static long waiting(Job job) {
        return kept(job).map(k -> k.ohms().keySet().stream()
                .filter(t -> t.end().equals(job.ends().getFirst().name())).count()).orElse(0L);
    }

    /** What a job keeps for the connector of its second end; empty when there is nothing. */
    private static Optional<LadderValues> kept(Job job) {
        return job.ladderValues()
                .filter(k -> job.ends().size() > 1 && job.ends().get(1).connector().equals(k.connector()));
    }

    public List<Terminal> near() {
        return Terminals.of(job, job.ends().get(0));
    }

    public List<Terminal> far() {
        return Terminals.of(job, job.ends().get(1));
    }

    /** The first contact that was not read yet. */
    public Optional<Terminal> unread() {
        return near().stream().filter(t -> !values.containsKey(t)).findFirst();
    }

    /** What the value at a contact may mean, as positions at the far end; nothing where it fits nothing. */
    public List<List<Integer>> meanings(Terminal contact) {
        return plug.meanings(OptionalDouble.of(values.get(contact)));
    }

    /** Another contact whose value names the same far contacts, and nothing else. */
    public Optional<Terminal> twin(Terminal contact) {
        List<List<Integer>> fits = meanings(contact);
        return fits.size() != 1 || fits.getFirst().isEmpty()
                ? Optional.empty()
                : values.keySet().stream().filter(t -> !t.equals(contact) && meanings(t).equals(fits))
                        .findFirst();
    }

    /** What is to be beeped, with what is known from probes already. */
    public LadderSettling settling() {
        Map<Terminal, Double> read = new LinkedHashMap<>();
        near().stream().filter(values::containsKey).forEach(t -> read.put(t, values.get(t)));
        return new LadderSettling(plug, read, far(), beeped());
    }

    /** Which near and far contacts were touched with bare probes, and whether they beeped the last time. */
    private Map<Touch, Boolean> beeped() {
        List<Terminal> near = near();
        List<Terminal> far = far();
        Map<Touch, Boolean> found = new HashMap<>();
        for (Reading reading : job.readings()) {
            if (reading.mode() != Mode.CONTINUITY || !reading.touch().isSingle()
                    || reading.isByLadder()) {
                continue;
            }
            Terminal red = reading.red().getFirst();
            Terminal black = reading.black().getFirst();
            if (near.contains(red) && far.contains(black)) {
                found.put(Touch.of(red, black), reading.outcome() == Outcome.BEEP);
            } else if (near.contains(black) && far.contains(red)) {
                found.put(Touch.of(black, red), reading.outcome() == Outcome.BEEP);
            }
        }
        return found;
    }

    /** The job with the value that was read at a contact. */
    public Job read(Terminal contact, double ohms) {
        SequencedMap<Terminal, Double> all = new LinkedHashMap<>(values);
        all.put(contact, ohms > plug.openOhms() ? Double.POSITIVE_INFINITY : ohms);
        return kept(all);
    }

    /** The job without the value that was read last. */
    public Job back() {
        SequencedMap<Terminal, Double> all = new LinkedHashMap<>(values);
        all.pollLastEntry();
        return kept(all);
    }

    private Job kept(SequencedMap<Terminal, Double> all) {
        return job.withLadderValues(all.isEmpty()
                ? Optional.empty()
                : Optional.of(new LadderValues(job.ends().get(1).connector(), plug.values(), all,
                        job.ladderValues().map(LadderValues::extra).orElse(Extra.NONE))));
    }

    /**
     * The job with readings in place of the values that were waiting; each reading keeps the value it comes from.
     */
    public Job written(List<Reading> said, Instant time) {
        List<Reading> all = new ArrayList<>(job.readings());
        for (Reading reading : said) {
            double ohms = values.get(reading.red().getFirst());
            all.add(reading.at(time).by(new Provenance.ByLadder(ohms, reading.isAssumed())));
        }
        return kept(new LinkedHashMap<>()).withReadings(all);
    }
}
