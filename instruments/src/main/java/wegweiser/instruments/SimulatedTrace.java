package wegweiser.instruments;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.ladder.LadderPlug;
import wegweiser.core.ladder.LadderTrace;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/** Traces a cable that only the simulation knows, from the first reading to the advisor's last. */
public final class SimulatedTrace {
    private final Job known;
    private final Job truth;
    private final Advisor advisor;
    private final Meter meter;
    private final long seed;

    /**
     * @param known what the person has: its ends, and what was read before
     * @param truth a job whose links are the cable
     */
    public SimulatedTrace(Job known, Job truth, Advisor advisor, long seed) {
        this(known, truth, advisor, new SimulatedMeter(
                new SimulatedCable(truth, advisor.index().terminals()), MeterTraits.USUAL, seed), seed);
    }

    /** With a meter of one's own on the bare cable; a ladder plug is read with an honest one. */
    SimulatedTrace(Job known, Job truth, Advisor advisor, Meter meter, long seed) {
        this.known = known;
        this.truth = truth;
        this.advisor = advisor;
        this.meter = meter;
        this.seed = seed;
    }

    /** With touches alone. */
    public Tracer.Run touched(Fixture fixture) {
        return touched(known, fixture);
    }

    private Tracer.Run touched(Job job, Fixture fixture) {
        int most = 4 * advisor.index().size() * advisor.index().size();
        return Tracer.run(job, advisor, fixture, CostModel.USUAL, meter::measure, most);
    }

    /**
     * With a ladder plug on the second end first; what it leaves open is touched with bare probes. Empty when no plug tells
     * so many contacts apart.
     *
     * @throws IllegalArgumentException when the cable has fewer than two ends
     */
    public Optional<Tracer.Run> laddered() {
        if (known.ends().size() < 2) {
            throw new IllegalArgumentException("a ladder plug needs a cable with two ends");
        }
        End far = known.ends().get(1);
        return LadderTrace.plug(known, far, seed).map(plug -> laddered(far, plug));
    }

    private Tracer.Run laddered(End far, LadderPlug plug) {
        Terminal common = far.terminal("common lead");
        List<Terminal> all = new ArrayList<>(advisor.index().terminals());
        all.add(common);
        List<Link> links = new ArrayList<>(truth.links());
        List<Terminal> contacts = Terminals.of(known, far);
        for (int k = 0; k < contacts.size(); k++) {
            links.add(Link.of(contacts.get(k), common).withPart(Part.resistor(plug.values().get(k))));
        }
        Meter plugged = new SimulatedMeter(new SimulatedCable(truth.withLinks(links), all), MeterTraits.USUAL,
                seed);
        LadderTrace trace = LadderTrace.run(known, plug, CostModel.USUAL, advisor::isEnough,
                a -> plugged.measure(Touch.of(a, common),
                        Mode.OHMS) instanceof Outcome.Resistance(double ohms)
                                ? OptionalDouble.of(ohms)
                                : OptionalDouble.empty(),
                (a, b) -> meter.measure(Touch.of(a, b), Mode.CONTINUITY) == Outcome.BEEP);
        Job read = trace.readings().stream().reduce(known, Job::withReading, (one, _) -> one);
        Tracer.Run rest = touched(read, Fixture.PROBES);
        return new Tracer.Run(rest.readings(), rest.evidence(), rest.belief(),
                trace.touches() + rest.touches(),
                trace.seconds() + rest.seconds(), rest.finished());
    }
}
