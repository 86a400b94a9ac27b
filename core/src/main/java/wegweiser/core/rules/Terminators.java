package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * The resistors that close a bus. They belong to the two ends of a line: a lead between two devices needs none of its own, so
 * of that only a note is left. Where a job shows the line, with more than two ends or with resistors fitted, there have to be
 * two, at the ends of the chain. Told once for a kind of bus, however many pairs it has.
 */
final class Terminators implements Rule {
    private static final double LEAST_OHMS = 100;
    private static final double MOST_OHMS = 130;
    /** Stubs so short do no harm at the rates of these buses. */
    private static final double STUB_MM = 1_000;

    /** A pair of a bus in the plan, with the ends at which a resistor lies across it. */
    private record Line(List<Pin> pins, List<String> ends, List<String> closedAt,
            Map<String, Set<String>> neighbours) {
        boolean isStar() {
            return neighbours.values().stream().anyMatch(n -> n.size() > 2);
        }

        List<String> outer() {
            return neighbours.entrySet().stream().filter(e -> e.getValue().size() == 1).map(Map.Entry::getKey)
                    .toList();
        }

        boolean isClosedRight() {
            return closedAt.size() == 2
                    && (ends.size() == 2 ? ends : outer()).equals(closedAt.stream().sorted().toList());
        }
    }

    @Override
    public String id() {
        return "terminators";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (Level level : List.of(Level.CAN, Level.RS485)) {
            List<Line> lines = lines(derived, level);
            lines.stream().map(l -> finding(derived, l)).flatMap(Optional::stream)
                    .min((a, b) -> a.severity().compareTo(b.severity())).ifPresent(found::add);
        }
        return found;
    }

    private Optional<Finding> finding(Derived derived, Line line) {
        boolean none = line.closedAt().isEmpty();
        boolean shown = line.ends().size() > 2 || line.closedAt().size() > 1;
        if (line.ends().size() > 2 && line.isStar() && derived.job().cable().lengthMm().orElse(0) > STUB_MM) {
            return Optional.of(say(Severity.WARNING, "star", line, hub(line)));
        }
        if (line.isClosedRight()) {
            return Optional.empty();
        }
        return Optional.of(none
                ? say(Severity.NOTE, "lead", line, "")
                : !shown
                        ? say(Severity.NOTE, "one", line, line.closedAt().getFirst())
                        : say(Severity.WARNING, "wrong", line, Words.list(line.closedAt())));
    }

    private static String hub(Line line) {
        return line.neighbours().entrySet().stream().filter(e -> e.getValue().size() > 2)
                .map(Map.Entry::getKey)
                .findFirst().orElseThrow();
    }

    private Finding say(Severity severity, String which, Line line, String at) {
        return Finding.variant(id(), which, severity, Pin.terminals(line.pins()), Pin.words(line.pins()), at,
                line.closedAt().size());
    }

    private static List<Line> lines(Derived derived, Level level) {
        Circuit circuit = Circuit.of(derived);
        Map<Set<Integer>, Set<Pin>> found = new LinkedHashMap<>();
        List<Pin> buses = derived.pins().stream().filter(p -> p.is(Direction.BOTH) && p.has(level))
                .filter(p -> p.half().isPresent()).toList();
        for (Pin one : buses) {
            for (Pin two : buses) {
                int a = circuit.node(one.terminal());
                int b = circuit.node(two.terminal());
                if (areOneBus(one, two) && a != b) {
                    found.computeIfAbsent(Set.of(a, b), _ -> new LinkedHashSet<>())
                            .addAll(List.of(one, two));
                }
            }
        }
        List<Line> lines = new ArrayList<>();
        found.forEach((nodes, pins) -> {
            List<Pin> all = List.copyOf(pins);
            List<String> ends = Feed.ends(all).stream().sorted().toList();
            boolean goesOn = ends.stream().anyMatch(
                    e -> derived.connector(e).filter(t -> t.kind().busGoesOn()).isPresent());
            if (ends.size() > 1 && !goesOn) {
                lines.add(new Line(all, ends, closedAt(circuit, nodes), neighbours(derived, circuit, nodes)));
            }
        });
        return lines;
    }

    private static List<String> closedAt(Circuit circuit, Set<Integer> nodes) {
        return circuit.parts().stream()
                .filter(p -> p.from() != p.to() && nodes.equals(Set.of(p.from(), p.to())))
                .filter(p -> p.branch().filter(b -> b.ohms() >= LEAST_OHMS && b.ohms() <= MOST_OHMS)
                        .isPresent())
                .map(p -> p.link().from().end()).sorted().toList();
    }

    /** Which ends the conductors of a pair run between. */
    private static Map<String, Set<String>> neighbours(Derived derived, Circuit circuit, Set<Integer> nodes) {
        Map<String, Set<String>> found = new TreeMap<>();
        for (Link link : derived.job().links()) {
            if (link.isCopper() && !link.isWithinOneEnd() && circuit.has(link.from())
                    && nodes.contains(circuit.node(link.from()))) {
                String a = link.from().end();
                String b = link.to().orElseThrow().end();
                found.computeIfAbsent(a, _ -> new TreeSet<>()).add(b);
                found.computeIfAbsent(b, _ -> new TreeSet<>()).add(a);
            }
        }
        return found;
    }

    private static boolean areOneBus(Pin one, Pin two) {
        return !one.isApart(two) && one.half().get().pair().equals(two.half().get().pair())
                && one.half().get().polarity() > 0 && two.half().get().polarity() < 0;
    }
}
