package wegweiser.instruments;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/**
 * A simulated meter for jobs that bring a simulated cable: the lead that lies on the bench, and once the cable was
 * built, the cable as planned or with the fault that the job names.
 */
public final class Simulation {
    private final SimulatedMeter meter;

    private Simulation(SimulatedMeter meter) {
        this.meter = meter;
    }

    /** The simulation of a job, if it brings one. */
    public static Optional<Simulation> of(Job job) {
        if (!(job.extra().members().get("simulation") instanceof Map<?, ?> described)) {
            return Optional.empty();
        }
        Object links = isBuilt(job) ? described.get("built") : described.get("lead");
        Job truth = links == null ? job : job.withLinks(links(links));
        long seed = described.get("seed") instanceof Number n ? n.longValue() : 1;
        SimulatedCable cable = new SimulatedCable(truth, Terminals.of(job));
        return Optional.of(
                new Simulation(new SimulatedMeter(cable, MeterTraits.USUAL, seed + job.readings().size())));
    }

    /** The simulated port of a device, where the job brings one: the named pinout that it really has. */
    public static Optional<SimulatedPort> port(Job job, String end, List<String> contacts) {
        if (job.extra().members().get("simulation") instanceof Map<?, ?> described
                && described.get("ports") instanceof Map<?, ?> ports
                && ports.get(end) instanceof Map<?, ?> port
                && port.get("pinout") instanceof String id) {
            long seed = port.get("seed") instanceof Number n ? n.longValue() : 1;
            return NamedPinout.find(id).map(p -> SimulatedPort.of(p.rows(), contacts, seed));
        }
        return Optional.empty();
    }

    /** Whether the bench steps were begun, so that the cable in hand is the new one. */
    public static boolean isBuilt(Job job) {
        return !job.done().isEmpty();
    }

    private static List<Link> links(Object described) {
        List<Link> links = new ArrayList<>();
        if (described instanceof List<?> list) {
            for (Object one : list) {
                if (one instanceof Map<?, ?> link && link.get("from") instanceof String from
                        && link.get("to") instanceof String to) {
                    Link wire = Link.of(Terminal.parse(from), Terminal.parse(to));
                    if (link.get("part") == null) {
                        links.add(wire);
                    } else {
                        part(link.get("part")).map(wire::withPart).ifPresent(links::add);
                    }
                }
            }
        }
        return links;
    }

    /** A part, if it is one: what is not understood is left out, and is no wire. */
    private static Optional<Part> part(Object described) {
        if (!(described instanceof Map<?, ?> part) || !(part.get("kind") instanceof String id)) {
            return Optional.empty();
        }
        OptionalDouble ohms = number(part.get("ohms"));
        return PartKind.of(id).filter(k -> k != PartKind.RESISTOR || ohms.isPresent())
                .map(k -> new Part(k, ohms, number(part.get("farads")), Extra.NONE));
    }

    private static OptionalDouble number(Object value) {
        return value instanceof Number n ? OptionalDouble.of(n.doubleValue()) : OptionalDouble.empty();
    }

    /** What the simulated meter shows at a touch. */
    public Outcome measure(Touch touch, Mode mode) {
        return meter.measure(touch, mode);
    }
}
