package wegweiser.instruments;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.electrical.PartNetwork;
import wegweiser.core.electrical.PartNetwork.Diode;
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

    /** What a plain junction shows at a milliamp, in V. */
    private static final double PLAIN_VOLTS = 0.58;

    private final Nets nets;
    private final List<ResistorNetwork.Branch> resistors = new ArrayList<>();
    private final List<Diode> diodes = new ArrayList<>();

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
                diodes.add(new Diode(from, to, link.part().orElseThrow().volts().orElse(PLAIN_VOLTS)));
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

    /**
     * Volts that a current takes from red to black, infinite where nothing conducts.
     *
     * @param drift what the volts of its diodes are multiplied by at this touch
     */
    double volts(List<Terminal> red, List<Terminal> black, double amps, double drift) {
        Set<Integer> reds = labels(red);
        Set<Integer> blacks = labels(black);
        if (reds.stream().anyMatch(blacks::contains)) {
            return CONDUCTOR_OHMS * amps;
        }
        return new PartNetwork(resistors,
                diodes.stream().map(d -> new Diode(d.anode(), d.cathode(), d.volts() * drift)).toList())
                .volts(reds, blacks, amps);
    }
}
