package wegweiser.core.route;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.SupplyName;

/**
 * Which source feeds which load: by name first, then by what kind of supply it is, then by volts. A source with a name of
 * its own feeds its namesakes and nobody else while it has some. Where several sources could be meant none is chosen.
 * O(loads x sources).
 */
final class Supplies {
    private final Job job;
    private final List<Pin> pins;
    private final List<Pin> sources;
    private final List<Pin> loads;
    private final SequencedMap<Pin, Pin> fed = new LinkedHashMap<>();
    private final SequencedMap<Pin, List<Pin>> undecided = new LinkedHashMap<>();
    private final Set<Pin> claimed = new LinkedHashSet<>();

    private Supplies(Job job, List<Pin> pins) {
        this.job = job;
        this.pins = pins;
        this.sources = pins.stream().filter(p -> p.is(Direction.SUPPLY_OUT)).toList();
        this.loads = pins.stream().filter(p -> p.is(Direction.SUPPLY_IN)).filter(p -> isFirst(p, pins))
                .toList();
    }

    /** @param together whether two ends exchange signals, which tells whose supply is meant where several would fit */
    static Supplies of(Job job, List<Pin> pins, BiPredicate<String, String> together) {
        Supplies supplies = new Supplies(job, pins);
        supplies.byName();
        supplies.loads.stream().filter(l -> !supplies.fed.containsKey(l))
                .forEach(l -> supplies.byKindAndVolts(l, together));
        return supplies;
    }

    /** Each load with its source, in the order of the loads. */
    SequencedMap<Pin, Pin> fed() {
        SequencedMap<Pin, Pin> ordered = new LinkedHashMap<>();
        loads.stream().filter(fed::containsKey).forEach(l -> ordered.put(l, fed.get(l)));
        return ordered;
    }

    /** Loads that several sources could be meant for, or one of another name; a person says which. */
    Map<Pin, List<Pin>> undecided() {
        return undecided;
    }

    /** Loads for which there are sources, none of which has the volts, each with the first of them. */
    SequencedMap<Pin, Pin> unlike() {
        SequencedMap<Pin, Pin> found = new LinkedHashMap<>();
        for (Pin load : loads) {
            if (!fed.containsKey(load) && !undecided.containsKey(load)) {
                apart(load).stream().filter(s -> !SupplyName.isBattery(s)).findFirst()
                        .ifPresent(s -> found.put(load, s));
            }
        }
        return found;
    }

    /** The contacts of one name at a reversible plug are one. */
    private boolean isFirst(Pin load, List<Pin> pins) {
        return job.end(load.terminal().end()).filter(Fittings::isReversible).isEmpty()
                || pins.stream().filter(p -> !p.isApart(load) && p.signal().equals(load.signal())).findFirst()
                        .filter(load::equals).isPresent();
    }

    private List<Pin> apart(Pin load) {
        return sources.stream().filter(load::isApart).toList();
    }

    private List<Pin> fitting(Pin load) {
        return apart(load).stream().filter(s -> sameVolts(s, load)).toList();
    }

    private void byName() {
        for (Pin load : loads) {
            Optional<String> name = SupplyName.of(load);
            List<Pin> namesakes = fitting(load).stream()
                    .filter(s -> name.isPresent() && SupplyName.of(s).equals(name)).toList();
            if (!namesakes.isEmpty()) {
                choose(load, namesakes);
            }
            claimed.addAll(namesakes);
        }
    }

    private void byKindAndVolts(Pin load, BiPredicate<String, String> together) {
        if (undecided.containsKey(load)) {
            return;
        }
        // the battery behind a port of many lines is led out only by somebody who means it
        List<Pin> candidates = fitting(load).stream()
                .filter(s -> !SupplyName.isBattery(s) || isBatteryAlone(s))
                .toList();
        candidates = preferring(candidates, s -> SupplyName.of(s).isEmpty());
        candidates = preferring(candidates, s -> s.signal().equals(load.signal()));
        candidates = preferring(candidates, s -> together.test(s.terminal().end(), load.terminal().end()));
        if (!candidates.isEmpty()) {
            choose(load, candidates);
        }
    }

    private static List<Pin> preferring(List<Pin> pins, Predicate<Pin> better) {
        List<Pin> found = pins.stream().filter(better).toList();
        return found.isEmpty() ? pins : found;
    }

    private void choose(Pin load, List<Pin> candidates) {
        Pin first = candidates.getFirst();
        boolean one = candidates.stream().allMatch(s -> isOneOutput(s, first));
        Optional<String> name = SupplyName.of(first);
        boolean meant = name.isEmpty() || name.equals(SupplyName.of(load))
                || SupplyName.of(load).isEmpty() && !claimed.contains(first);
        if (one && meant) {
            fed.put(load, first);
        } else {
            undecided.put(load, List.copyOf(candidates));
        }
    }

    /** Contacts of one device with one name and the same volts are one output spread over them. */
    private static boolean isOneOutput(Pin a, Pin b) {
        return !a.isApart(b) && SupplyName.of(a).equals(SupplyName.of(b)) && a.signal().equals(b.signal())
                && a.volts().equals(b.volts());
    }

    /** Whether the end of a battery has nothing else to lead out. */
    private boolean isBatteryAlone(Pin source) {
        return pins.stream().filter(p -> !p.isApart(source)).noneMatch(Pin::isSignal)
                && sources.stream().filter(p -> !p.isApart(source)).allMatch(SupplyName::isBattery);
    }

    static boolean sameVolts(Pin source, Pin sink) {
        return source.volts().flatMap(g -> sink.volts()
                .map(w -> g.alternating() == w.alternating() && !g.exceeds(w) && !g.fallsShort(w, 0)))
                .orElse(true);
    }
}
