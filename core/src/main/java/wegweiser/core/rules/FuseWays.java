package wegweiser.core.rules;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Ampacity;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.SupplyName;
import wegweiser.core.words.Words;

/** Which ways lead from a battery, what lies behind a fuse, and how large a fuse may be there. O(links) each. */
public final class FuseWays {
    /** Fuses that are sold, in A. */
    private static final double[] SOLD = {0.25, 0.5, 1, 2, 3, 4, 5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60};

    /** So much above its load a fuse does not age. */
    private static final double ABOVE = 4 / 3.0;

    private final Derived derived;

    private FuseWays(Derived derived) {
        this.derived = derived;
    }

    static FuseWays of(Derived derived) {
        return derived.once(FuseWays.class, () -> new FuseWays(derived));
    }

    /** The end of a fuse's link on whose side the source is, which is where the fuse belongs; empty where none is known. */
    public static Optional<String> sourceEnd(Derived derived, Link fuse) {
        FuseWays ways = of(derived);
        boolean from = ways.holdsSource(ways.reached(fuse.from(), Optional.of(fuse)));
        boolean to = ways.holdsSource(ways.reached(fuse.to().orElseThrow(), Optional.of(fuse)));
        return from == to
                ? Optional.empty()
                : Optional.of((from ? fuse.from() : fuse.to().orElseThrow()).end());
    }

    /** The edit that fits the next fuse which a battery of a plan lacks; empty where none is missing. */
    public static Optional<Fix> fix(Derived derived) {
        boolean strong = derived.pins().stream().anyMatch(of(derived)::isStrong);
        return !strong
                ? Optional.empty()
                : new FuseMissing().check(derived).stream().filter(f -> f.severity() == Severity.WARNING)
                        .map(Finding::fix).flatMap(Optional::stream).findFirst();
    }

    /** Whether a source gives far more current than it is asked for: a battery, a vehicle. */
    boolean isStrong(Pin pin) {
        boolean vehicle = kind(pin).filter(k -> k == ConnectorKind.VEHICLE).isPresent();
        return pin.is(Direction.SUPPLY_OUT) && !saysFused(pin) && (vehicle || SupplyName.isBattery(pin));
    }

    /** Whether a source has lugs or clips as batteries have, and nothing says what it is. */
    boolean mayBeStrong(Pin pin) {
        return pin.is(Direction.SUPPLY_OUT) && !saysFused(pin) && pin.row().amps().isEmpty()
                && kind(pin).filter(k -> k == ConnectorKind.LUG || k == ConnectorKind.CROCODILE).isPresent();
    }

    private Optional<ConnectorKind> kind(Pin pin) {
        return derived.connector(pin.terminal().end()).map(t -> t.kind());
    }

    private static boolean saysFused(Pin pin) {
        return pin.row().name().filter(n -> n.toLowerCase(Locale.ROOT).contains("fuse")
                || n.toLowerCase(Locale.ROOT).contains("sicher")).isPresent();
    }

    /** The links by which current leaves a source for another end without passing a fuse. */
    List<Link> unfused(Pin source) {
        Set<Terminal> reached = reached(source.terminal(), Optional.empty());
        return derived.job().links().stream()
                .filter(l -> conducts(l) && !l.is(PartKind.FUSE) && !l.isWithinOneEnd())
                .filter(l -> reached.contains(l.from())).toList();
    }

    /**
     * A fuse of the plan.
     *
     * @param amps at which it blows
     * @param load what the loads behind it take, in A
     * @param carried what the conductors behind it carry, in A
     */
    record Fitted(Link link, double amps, OptionalDouble load, OptionalDouble carried) {
        /** That its size is wrong, beside a limit in A; with a fuse that fits, where one does. */
        Finding finding(String rule, Severity severity, double limit) {
            Terminal to = link.to().orElseThrow();
            Finding finding = Finding.of(rule, severity, List.of(link.from(), to), Words.number(amps),
                    link.from(), to, Words.decimals(limit, 1));
            OptionalDouble fits = fitting(load, carried);
            return fits.isEmpty()
                    ? finding
                    : finding.withFix(new Fix(Words.say("fix.fuse-amps", Words.number(fits.getAsDouble())),
                            job -> job.replacing(link, link.withPart(Part.fuse(fits.getAsDouble())))));
        }
    }

    /** All fuses of a plan that say at how many amps they blow. */
    List<Fitted> fitted() {
        return derived.job().links().stream().filter(l -> l.is(PartKind.FUSE) && l.to().isPresent())
                .flatMap(l -> l.part().orElseThrow().amps().stream()
                        .mapToObj(amps -> new Fitted(l, amps, load(l), carried(l))))
                .toList();
    }

    /** What lies on the far side of a fuse, seen from its source, up to the next fuse; both sides where no source is known. */
    Set<Terminal> behind(Link fuse) {
        Set<Terminal> from = reached(fuse.from(), Optional.of(fuse));
        Set<Terminal> to = reached(fuse.to().orElseThrow(), Optional.of(fuse));
        if (holdsSource(from) != holdsSource(to)) {
            return holdsSource(from) ? to : from;
        }
        from.addAll(to);
        return from;
    }

    private boolean holdsSource(Set<Terminal> terminals) {
        return derived.pins().stream().filter(p -> p.is(Direction.SUPPLY_OUT))
                .anyMatch(p -> terminals.contains(p.terminal()));
    }

    private Set<Terminal> reached(Terminal start, Optional<Link> without) {
        Set<Terminal> reached = new LinkedHashSet<>(List.of(start));
        Deque<Terminal> open = new ArrayDeque<>(reached);
        while (!open.isEmpty()) {
            Terminal at = open.poll();
            for (Link link : derived.job().links()) {
                boolean stops = link.is(PartKind.FUSE) || without.filter(link::equals).isPresent();
                if (!stops && conducts(link) && link.touches(at)) {
                    Terminal next = link.from().equals(at) ? link.to().orElseThrow() : link.from();
                    if (reached.add(next)) {
                        open.add(next);
                    }
                }
            }
        }
        return reached;
    }

    private static boolean conducts(Link link) {
        return link.isCopper() || link.to().isPresent() && link.is(PartKind.DIODE);
    }

    /** What the loads behind a fuse take, in A; empty where none says so. */
    OptionalDouble load(Link fuse) {
        Set<Terminal> behind = behind(fuse);
        Map<List<Object>, Double> loads = new LinkedHashMap<>();
        derived.pins().stream().filter(p -> p.is(Direction.SUPPLY_IN) && behind.contains(p.terminal()))
                .filter(p -> p.row().amps().isPresent())
                .forEach(p -> loads.putIfAbsent(
                        List.of(p.terminal().end(), p.signal(), p.row().amps().getAsDouble()),
                        p.row().amps().getAsDouble()));
        return loads.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(loads.values().stream().mapToDouble(Double::doubleValue).sum());
    }

    /**
     * The most that the conductors behind a fuse carry before they get too hot, there and back, in A; of several in parallel
     * the sum. Empty where no cable is known.
     */
    OptionalDouble carried(Link fuse) {
        CableStock cable = derived.cable().orElse(null);
        if (cable == null) {
            return OptionalDouble.empty();
        }
        Set<Terminal> behind = behind(fuse);
        Map<Set<String>, Double> stretches = new LinkedHashMap<>();
        for (Link link : derived.job().links()) {
            boolean own = link.equals(fuse);
            boolean supply = own || conducts(link) && !link.is(PartKind.FUSE) && behind.contains(link.from());
            if (!link.isWithinOneEnd() && supply && link.conductor().isPresent()) {
                Set<String> key = new TreeSet<>(List.of(link.from().end(), link.to().orElseThrow().end()));
                stretches.merge(key, hot(cable, link), Double::sum);
            }
        }
        Set<Set<String>> ends = new HashSet<>(stretches.keySet());
        Map<Set<String>, Double> back = new LinkedHashMap<>();
        for (Link link : derived.job().links()) {
            if (link.isCopper() && !link.isWithinOneEnd() && link.conductor().isPresent() && isGround(link)) {
                Set<String> key = new TreeSet<>(List.of(link.from().end(), link.to().orElseThrow().end()));
                back.merge(key, ScreenLinks.isScreen(link) ? Double.MAX_VALUE : hot(cable, link),
                        Double::sum);
            }
        }
        return Stream.concat(stretches.values().stream(),
                back.entrySet().stream().filter(e -> ends.contains(e.getKey())).map(Map.Entry::getValue))
                .mapToDouble(Double::doubleValue).min();
    }

    private double hot(CableStock cable, Link link) {
        return Ampacity.hot(cable.awgOf(link.conductor().orElseThrow()),
                cable.conductors().size() == 1 ? 1 : 2);
    }

    private boolean isGround(Link link) {
        return Stream.of(link.from(), link.to().orElseThrow()).allMatch(
                t -> derived.pin(t).map(p -> p.is(Direction.GROUND)).orElse(false));
    }

    /** A fuse for a load behind a wire: the smallest sold that is a third above the load, and no more than the wire carries. */
    static OptionalDouble fitting(OptionalDouble load, OptionalDouble carried) {
        double most = carried.orElse(Double.MAX_VALUE);
        if (load.isPresent()) {
            return Arrays.stream(SOLD).filter(a -> a >= load.getAsDouble() * ABOVE).findFirst()
                    .stream().filter(a -> a <= most).findFirst();
        }
        return carried.isEmpty() ? OptionalDouble.empty() : Arrays.stream(SOLD).filter(a -> a <= most).max();
    }
}
