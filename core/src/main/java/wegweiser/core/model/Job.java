package wegweiser.core.model;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * Everything about one cable. Nets, evidence, findings, steps and plans are not here: they are derived.
 *
 * @param version of the file it came from; a newer one than this program writes makes the job read-only
 * @param connectors the job's own connector descriptions, as plain values
 * @param waivers findings that stand for a written reason
 * @param done keys of the bench steps that are ticked
 * @param skipped bench steps that were left out for a reason
 * @param waiting bench steps that only time does, as far as they have begun
 * @param setAside readings of an earlier cable or state
 * @param ladderValues values of a ladder plug that did not become readings yet
 * @param simulation what stands in for the things on the bench
 * @param schools which of several good ways was chosen
 * @param basis marks of what plan and readings were made for
 * @param kept names of the ends that are on the cable already and stay as they are
 */
public record Job(int version, String title, List<End> ends, CableUse cable, List<Link> links,
        List<Reading> readings, List<OwnConnector> connectors, List<Waiver> waivers, List<String> done,
        List<Skipped> skipped, List<Waiting> waiting,
        List<SetAside> setAside, Optional<LadderValues> ladderValues, Optional<Simulated> simulation,
        Schools schools, Basis basis, List<String> kept, Map<String, Object> extra) {
    /** The version of the job file that this program writes; it reads all before it. */
    public static final int VERSION = 3;

    public Job {
        ends = List.copyOf(ends);
        cable = Objects.requireNonNullElse(cable, CableUse.NONE);
        links = List.copyOf(links);
        readings = List.copyOf(readings);
        connectors = List.copyOf(connectors);
        waivers = List.copyOf(waivers);
        done = List.copyOf(done);
        skipped = List.copyOf(Objects.requireNonNullElse(skipped, List.of()));
        waiting = List.copyOf(Objects.requireNonNullElse(waiting, List.of()));
        setAside = List.copyOf(setAside);
        schools = Objects.requireNonNullElse(schools, Schools.NONE);
        basis = Objects.requireNonNullElse(basis, Basis.NONE);
        kept = List.copyOf(Objects.requireNonNullElse(kept, List.of()));
        extra = Extra.kept(extra);
    }

    public static Job of(String title, List<End> ends, List<Link> links, List<Reading> readings) {
        return new Job(VERSION, title, ends, CableUse.NONE, links, readings, List.of(), List.of(), List.of(),
                List.of(), List.of(), List.of(), Optional.empty(), Optional.empty(), Schools.NONE, Basis.NONE,
                List.of(),
                Extra.NONE);
    }

    public Optional<End> end(String name) {
        for (End end : ends) {
            if (end.name().equals(name)) {
                return Optional.of(end);
            }
        }
        return Optional.empty();
    }

    /** The pinout row at a terminal, if there is one. */
    public Optional<PinRow> row(Terminal terminal) {
        return end(terminal.end()).flatMap(e -> e.row(terminal.contact()));
    }

    /** Whether the file was written by a newer program. */
    public boolean isReadOnly() {
        return version > VERSION;
    }

    /** Every terminal that links or readings name, in the order of their first mention. */
    public Set<Terminal> mentioned() {
        Set<Terminal> found = new LinkedHashSet<>();
        for (Link link : links) {
            found.add(link.from());
            link.to().ifPresent(found::add);
        }
        for (Reading reading : readings) {
            found.addAll(reading.red());
            found.addAll(reading.black());
        }
        return found;
    }

    public Job withTitle(String newTitle) {
        return new Job(version, newTitle, ends, cable, links, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, basis, kept, extra);
    }

    /** This job with other ends; of an end that is gone nothing is kept. */
    public Job withEnds(List<End> newEnds) {
        List<String> there = kept.stream().filter(k -> newEnds.stream().anyMatch(e -> e.name().equals(k)))
                .toList();
        return new Job(version, title, newEnds, cable, links, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, basis, there, extra);
    }

    /** The job with an end changed; the same where there is no such end any more. */
    public Job withEnd(String name, UnaryOperator<End> edit) {
        return end(name).map(e -> withEnd(edit.apply(e))).orElse(this);
    }

    /** This job with the end of the same name replaced. */
    public Job withEnd(End end) {
        return withEnds(ends.stream().map(e -> e.name().equals(end.name()) ? end : e).toList());
    }

    /** This job with a connector description of its own; one with the same id is replaced. */
    public Job withConnector(OwnConnector connector) {
        List<OwnConnector> all = new ArrayList<>(connectors);
        all.removeIf(c -> c.id().equals(connector.id()));
        all.add(connector);
        return new Job(version, title, ends, cable, links, readings, all, waivers, done, skipped, waiting,
                setAside,
                ladderValues, simulation, schools, basis, kept, extra);
    }

    public Job withCable(CableUse newCable) {
        return new Job(version, title, ends, newCable, links, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, basis, kept, extra);
    }

    /** This job with one reading, by its number from 1, set aside for a reason. */
    public Job withReadingSetAside(int number, String why) {
        return withReadingSetAside(readings.get(number - 1), why);
    }

    /** This job with the last such reading set aside for a reason, if there is one. */
    public Job withReadingSetAside(Reading reading, String why) {
        int at = readings.lastIndexOf(reading);
        if (at < 0) {
            return this;
        }
        List<Reading> left = new ArrayList<>(readings);
        List<SetAside> aside = new ArrayList<>(setAside);
        aside.add(new SetAside(why, List.of(left.remove(at))));
        return new Job(version, title, ends, cable, links, left, connectors, waivers, done, skipped, waiting,
                aside,
                ladderValues, simulation, schools, basis, kept, extra);
    }

    public Job withLinks(List<Link> newLinks) {
        return new Job(version, title, ends, cable, newLinks, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, basis, kept, extra);
    }

    /** The same with another link in the place of one. */
    public Job replacing(Link link, Link other) {
        return withLinks(links.stream().map(l -> l.equals(link) ? other : l).toList());
    }

    public Job withReadings(List<Reading> newReadings) {
        return new Job(version, title, ends, cable, links, newReadings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, basis, kept, extra);
    }

    public Job withReading(Reading reading) {
        List<Reading> more = new ArrayList<>(readings);
        more.add(reading);
        return withReadings(more);
    }

    /** This job without the last such reading, if there is one. */
    public Job withoutReading(Reading reading) {
        int at = readings.lastIndexOf(reading);
        if (at < 0) {
            return this;
        }
        List<Reading> left = new ArrayList<>(readings);
        left.remove(at);
        return withReadings(left);
    }

    public Job withWaivers(List<Waiver> newWaivers) {
        return new Job(version, title, ends, cable, links, readings, connectors, newWaivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, basis, kept, extra);
    }

    public Job withDone(List<String> newDone) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, newDone, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, basis, kept, extra);
    }

    public Job withSkipped(List<Skipped> newSkipped) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, done, newSkipped,
                waiting, setAside, ladderValues, simulation, schools, basis, kept, extra);
    }

    public Job withWaiting(List<Waiting> newWaiting) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, done, skipped,
                newWaiting, setAside, ladderValues, simulation, schools, basis, kept, extra);
    }

    /** The wires of the cable that links lie on or that splices join, the screen by its name. */
    public Set<String> wiresInUse() {
        Set<String> used = new LinkedHashSet<>();
        Loom loom = cable.loom();
        links.stream().filter(l -> loom.spliceOf(l).isEmpty())
                .forEach(l -> l.conductor().ifPresent(used::add));
        loom.splices().forEach(s -> s.wires().forEach(tail -> used.add(tail.wire())));
        return used;
    }

    /** This job with none of its bench steps done. */
    public Job unbuilt() {
        return withDone(List.of()).withSkipped(List.of()).withWaiting(List.of());
    }

    /** What is known of a bench step that only time does; empty when it has not begun. */
    public Optional<Waiting> waitingFor(String step) {
        return waiting.stream().filter(w -> w.step().equals(step)).findFirst();
    }

    /** Whether a bench step needs nobody any more: it is done, its time has passed, or it was left out for a reason. */
    public boolean isSettled(String step, Instant now) {
        return done.contains(step) || skipped.stream().anyMatch(s -> s.step().equals(step))
                || waitingFor(step).filter(w -> w.isOver(now)).isPresent();
    }

    public Job withSetAside(List<SetAside> newSetAside) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, done, skipped,
                waiting, newSetAside,
                ladderValues, simulation, schools, basis, kept, extra);
    }

    public Job withLadderValues(Optional<LadderValues> newValues) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                newValues, simulation, schools, basis, kept, extra);
    }

    public Job withSimulation(Simulated newSimulation) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, Optional.of(newSimulation), schools, basis, kept, extra);
    }

    public Job withSchools(Schools newSchools) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, newSchools, basis, kept, extra);
    }

    public Job withBasis(Basis newBasis) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, newBasis, kept, extra);
    }

    public Job withKept(List<String> newKept) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, basis, newKept, extra);
    }

    /** Whether an end is on the cable already and stays as it is. */
    public boolean keeps(String end) {
        return kept.contains(end);
    }

    public Job withExtra(Map<String, Object> newExtra) {
        return new Job(version, title, ends, cable, links, readings, connectors, waivers, done, skipped,
                waiting, setAside,
                ladderValues, simulation, schools, basis, kept, newExtra);
    }

    /** This job with no readings of its own; those it had are kept under the reason given. */
    public Job withReadingsSetAside(String why) {
        if (readings.isEmpty()) {
            return this;
        }
        List<SetAside> aside = new ArrayList<>(setAside);
        aside.add(new SetAside(why, readings));
        return new Job(version, title, ends, cable, links, List.of(), connectors, waivers, done, skipped,
                waiting, aside,
                ladderValues, simulation, schools, basis, kept, extra);
    }
}
