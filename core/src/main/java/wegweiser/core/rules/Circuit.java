package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.NodeVolts;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Volts;
import wegweiser.core.wiring.DisjointSets;
import wegweiser.core.wiring.Partition;

/**
 * The planned cable as a circuit: each net a node, each part a branch between two. What is a rail is held at its volts; a
 * signal is followed through resistors, diodes and capacitors as far as the next rail. Built once in O(terminals + links).
 */
final class Circuit {
    /** What stands for the pull-up inside an input. */
    private static final double WEAK_OHMS = 1e6;

    private final Map<Terminal, Integer> nodes = new HashMap<>();
    private final List<List<Pin>> pins = new ArrayList<>();
    private final List<Wired> parts = new ArrayList<>();
    private final Partition groups;
    private final List<List<Integer>> beyond = new ArrayList<>();
    private final Map<Integer, Double> rails;
    private final Map<Integer, Double> rests = new HashMap<>();

    /** A part of the plan between two nodes. */
    record Wired(Link link, int from, int to) {
        boolean is(PartKind kind) {
            return link.is(kind);
        }

        /** As a branch that carries direct current; empty for what blocks it. */
        Optional<NodeVolts.Branch> branch() {
            return is(PartKind.DIODE)
                    ? Optional.of(new NodeVolts.Branch(from, to, 0, true))
                    : is(PartKind.RESISTOR) && link.part().orElseThrow().ohms().isPresent()
                            ? Optional.of(new NodeVolts.Branch(from, to,
                                    link.part().get().ohms().getAsDouble(), false))
                            : Optional.empty();
        }
    }

    private Circuit(Derived derived) {
        for (List<Terminal> net : derived.nets().all()) {
            net.forEach(t -> nodes.put(t, pins.size()));
            pins.add(net.stream().map(derived::pin).flatMap(Optional::stream).toList());
        }
        for (Pin pin : derived.pins()) {
            // a row of a contact that the connector on the cable lacks meets nothing
            if (nodes.putIfAbsent(pin.terminal(), pins.size()) == null) {
                pins.add(List.of(pin));
            }
        }
        for (Link link : derived.job().links()) {
            boolean part = link.is(PartKind.RESISTOR) || link.is(PartKind.DIODE)
                    || link.is(PartKind.CAPACITOR);
            if (part && link.to().isPresent() && nodes.containsKey(link.from())
                    && nodes.containsKey(link.to().get())) {
                parts.add(new Wired(link, nodes.get(link.from()), nodes.get(link.to().get())));
            }
        }
        DisjointSets sets = new DisjointSets(pins.size());
        parts.stream().filter(p -> !isRail(p.from()) && !isRail(p.to()))
                .forEach(p -> sets.union(p.from(), p.to()));
        groups = sets.partition();
        Map<Integer, List<Integer>> members = new HashMap<>();
        for (int node = 0; node < pins.size(); node++) {
            members.computeIfAbsent(groups.root(node), _ -> new ArrayList<>()).add(node);
        }
        for (int node = 0; node < pins.size(); node++) {
            int here = node;
            beyond.add(isRail(node)
                    ? List.of()
                    : members.get(groups.root(node)).stream().filter(n -> n != here).toList());
        }
        rails = heldRails();
        Set<Integer> touched = new HashSet<>();
        parts.forEach(p -> touched.addAll(List.of(p.from(), p.to())));
        for (int node : touched) {
            pins.get(node).stream().filter(p -> p.is(Direction.IN) || p.is(Direction.BOTH)).map(Pin::level)
                    .flatMap(Optional::stream).filter(Level::isLogic).findFirst()
                    .ifPresent(l -> rests.put(node, l.restVolts()));
        }
    }

    static Circuit of(Derived derived) {
        return derived.once(Circuit.class, () -> new Circuit(derived));
    }

    int size() {
        return pins.size();
    }

    boolean has(Terminal terminal) {
        return nodes.containsKey(terminal);
    }

    int node(Terminal terminal) {
        return nodes.get(terminal);
    }

    List<Pin> pins(int node) {
        return pins.get(node);
    }

    List<Wired> parts() {
        return parts;
    }

    boolean isRail(int node) {
        return pins.get(node).stream().anyMatch(p -> p.isSupply() || p.is(Direction.GROUND));
    }

    /** The pins that a signal at this terminal reaches, over copper and through parts, itself included. */
    List<Pin> reached(Terminal terminal) {
        int node = node(terminal);
        List<Pin> found = new ArrayList<>(pins.get(node));
        beyond.get(node).forEach(other -> found.addAll(pins.get(other)));
        return found;
    }

    /** The nodes that a signal reaches from this one through parts, without itself. */
    List<Integer> beyond(int node) {
        return beyond.get(node);
    }

    /** Whether some other contact that reaches this one drives it. */
    boolean isDriven(Pin pin) {
        return reached(pin.terminal()).stream()
                .anyMatch(p -> !p.equals(pin) && (p.is(Direction.OUT) || p.is(Direction.BOTH)));
    }

    /** The volts furthest from none of the supplies of one direction; positive ones where two are as far. */
    private static Optional<Volts> most(List<Pin> pins, Direction direction) {
        return pins.stream().filter(p -> p.is(direction)).map(Pin::volts).flatMap(Optional::stream)
                .max(Comparator.comparingDouble(Volts::size).thenComparingDouble(Volts::most));
    }

    /** Rails held at their volts: grounds at none, supplies at the most that their source says. */
    Map<Integer, Double> rails() {
        return new HashMap<>(rails);
    }

    private Map<Integer, Double> heldRails() {
        Map<Integer, Double> held = new HashMap<>();
        for (int node = 0; node < pins.size(); node++) {
            List<Pin> here = pins.get(node);
            Optional<Volts> source = most(here, Direction.SUPPLY_OUT)
                    .or(() -> most(here, Direction.SUPPLY_IN));
            if (here.stream().anyMatch(p -> p.is(Direction.GROUND))) {
                held.put(node, 0.0);
            } else if (source.isPresent()) {
                held.put(node, Math.abs(source.get().least()) > Math.abs(source.get().most())
                        ? source.get().least()
                        : source.get().most());
            }
        }
        return held;
    }

    /** The volts at all nodes while some are held; inputs rest at a high of theirs, weakly, as if pulled up inside. */
    double[] volts(Map<Integer, Double> held) {
        List<NodeVolts.Branch> branches = new ArrayList<>(
                parts.stream().map(Wired::branch).flatMap(Optional::stream).toList());
        Map<Integer, Double> all = new HashMap<>(held);
        int next = pins.size();
        for (Map.Entry<Integer, Double> rest : rests.entrySet()) {
            if (!held.containsKey(rest.getKey())) {
                all.put(next, rest.getValue());
                branches.add(new NodeVolts.Branch(next++, rest.getKey(), WEAK_OHMS, false));
            }
        }
        return NodeVolts.of(next, all, branches);
    }
}
