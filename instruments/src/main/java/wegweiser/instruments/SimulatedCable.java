package wegweiser.instruments;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.electrical.ResistorNetwork;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;

/**
 * A cable whose wiring is known to the simulation alone: nets of copper, and resistors and diodes between them.
 */
public final class SimulatedCable {
    /** Resistance of a joined conductor from end to end, in ohm. */
    private static final double CONDUCTOR_OHMS = 0.12;

    private final Nets nets;
    private final List<ResistorNetwork.Branch> resistors = new ArrayList<>();
    private final List<Diode> diodes = new ArrayList<>();

    /** A diode between two nets, by label, with its anode at {@code from}. */
    private record Diode(int from, int to) {}

    /** The cable that a job's links describe. */
    public SimulatedCable(Job truth) {
        this(truth, Terminals.of(truth));
    }

    /** The cable that a job's links describe, with these terminals as well. */
    public SimulatedCable(Job truth, List<Terminal> terminals) {
        List<Terminal> all = new ArrayList<>(Terminals.of(truth));
        terminals.stream().filter(t -> !all.contains(t)).forEach(all::add);
        TerminalIndex index = new TerminalIndex(all);
        this.nets = Nets.of(index, truth.links());
        for (Link link : truth.links()) {
            if (link.to().isEmpty()) {
                continue;
            }
            int from = label(link.from());
            int to = label(link.to().orElseThrow());
            if (from != to && link.is(PartKind.RESISTOR)) {
                resistors.add(
                        new ResistorNetwork.Branch(from, to, link.part().orElseThrow().ohms().orElse(0)));
            } else if (from != to && link.is(PartKind.DIODE)) {
                diodes.add(new Diode(from, to));
            }
        }
    }

    /** What is joined in truth. */
    public Nets nets() {
        return nets;
    }

    int label(Terminal terminal) {
        return nets.partition().root(nets.index().of(terminal));
    }

    /**
     * Resistance between two gangs in ohm, infinite where nothing conducts: the nets of each gang are one node,
     * and the network of resistors between them is solved by elimination, O(nodes³).
     */
    double ohms(List<Terminal> red, List<Terminal> black) {
        Set<Integer> reds = labels(red);
        Set<Integer> blacks = labels(black);
        if (reds.stream().anyMatch(blacks::contains)) {
            boolean same = red.stream().anyMatch(black::contains);
            return same ? 0 : CONDUCTOR_OHMS;
        }
        return ResistorNetwork.between(resistors, reds, blacks);
    }

    private Set<Integer> labels(List<Terminal> terminals) {
        return terminals.stream().map(this::label).collect(Collectors.toSet());
    }

    /** Whether a diode conducts from some red net to some black one. */
    boolean diodeForward(List<Terminal> red, List<Terminal> black) {
        return diodes.stream().anyMatch(d -> red.stream().anyMatch(t -> label(t) == d.from())
                && black.stream().anyMatch(t -> label(t) == d.to()));
    }
}
