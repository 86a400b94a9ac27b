package wegweiser.instruments;

import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
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
        return job.simulation().map(described -> {
            Job truth = (isBuilt(job) ? described.built() : described.lead()).map(job::withLinks).orElse(job);
            SimulatedCable cable = new SimulatedCable(truth, Terminals.of(job));
            long seed = described.seed().orElse(1) + job.readings().size();
            return new Simulation(new SimulatedMeter(cable, MeterTraits.USUAL, seed));
        });
    }

    /** The simulated port of a device, where the job brings one: the named pinout that it really has. */
    public static Optional<SimulatedPort> port(Job job, String end, List<String> contacts) {
        return job.simulation().map(s -> s.ports().get(end)).flatMap(port -> NamedPinout.find(port.pinout())
                .map(p -> SimulatedPort.of(p.rows(), contacts, port.seed().orElse(1))));
    }

    /** Whether the bench steps were begun, so that the cable in hand is the new one. */
    public static boolean isBuilt(Job job) {
        return !job.done().isEmpty();
    }

    /** What the simulated meter shows at a touch. */
    public Outcome measure(Touch touch, Mode mode) {
        return meter.measure(touch, mode);
    }
}
