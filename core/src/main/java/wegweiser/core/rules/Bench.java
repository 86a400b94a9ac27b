package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.Cables;
import wegweiser.core.model.CableStock;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.wiring.Nets;

/** Everything the rules look at, derived from a job once. */
public final class Bench {
    private final Job job;
    private final Catalogue catalogue;
    private final Nets nets;
    private final List<Pin> pins;
    private final Map<Terminal, Pin> byTerminal = new HashMap<>();
    private Evidence evidence;

    public Bench(Job job) {
        this.job = job;
        this.catalogue = Catalogue.of(job);
        this.nets = Nets.planned(job);
        this.pins = Pin.of(job);
        pins.forEach(p -> byTerminal.put(p.terminal(), p));
    }

    public Job job() {
        return job;
    }

    public Nets nets() {
        return nets;
    }

    public List<Pin> pins() {
        return pins;
    }

    /** The evidence of the job's readings, built when a rule first asks for it. */
    public Evidence evidence() {
        if (evidence == null) {
            evidence = Evidence.of(job);
        }
        return evidence;
    }

    public Optional<Pin> pin(Terminal terminal) {
        return Optional.ofNullable(byTerminal.get(terminal));
    }

    /** The pins in each planned net of two terminals or more. */
    public List<List<Pin>> netsOfPins() {
        List<List<Pin>> found = new ArrayList<>();
        for (List<Terminal> net : nets.joinedNets()) {
            List<Pin> inNet = net.stream().map(byTerminal::get).filter(java.util.Objects::nonNull).toList();
            if (!inNet.isEmpty()) {
                found.add(inNet);
            }
        }
        return found;
    }

    public Optional<ConnectorType> connector(String end) {
        return job.end(end).flatMap(catalogue::of);
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    public Optional<CableStock> cable() {
        return Cables.of(job);
    }

    /** Whether some terminal of the net drives it. */
    boolean isDriven(Terminal terminal) {
        return nets.index().contains(terminal) && nets.netOf(terminal).stream()
                .filter(t -> !t.equals(terminal))
                .map(byTerminal::get)
                .anyMatch(p -> p != null && (p.is(Direction.OUT) || p.is(Direction.BOTH)));
    }

    static List<Terminal> terminals(List<Pin> pins) {
        return pins.stream().map(Pin::terminal).toList();
    }

    static String words(List<Pin> pins) {
        return wegweiser.core.words.Words.list(pins.stream().map(Pin::words).toList());
    }
}
