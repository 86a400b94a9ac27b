package wegweiser.core.model;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What a job brings along to be practised with, instead of things on a bench.
 *
 * @param lead how the lead is joined that lies there before anything was built; as planned where it is not said
 * @param built how the finished cable is joined; as planned where it is not said
 * @param seed of the meter's noise
 * @param ports the ports of devices, by the name of the end
 */
public record Simulated(Optional<List<Link>> lead, Optional<List<Link>> built, OptionalLong seed,
        Map<String, Port> ports, Map<String, Object> extra) {
    /** A port, by the named pinout that it really has. */
    public record Port(String pinout, OptionalLong seed, Map<String, Object> extra) {
        public Port {
            extra = Extra.kept(extra);
        }
    }

    public Simulated {
        lead = lead.map(List::copyOf);
        built = built.map(List::copyOf);
        ports = Map.copyOf(ports);
        extra = Extra.kept(extra);
    }

    /** A lead on the bench. */
    public static Simulated lead(List<Link> links, long seed) {
        return new Simulated(Optional.of(links), Optional.empty(), OptionalLong.of(seed), Map.of(),
                Extra.NONE);
    }

    /** A finished cable. */
    public static Simulated built(List<Link> links, long seed) {
        return new Simulated(Optional.empty(), Optional.of(links), OptionalLong.of(seed), Map.of(),
                Extra.NONE);
    }

    /** The same once the finished cable was put right: as planned. */
    public Simulated repaired() {
        return new Simulated(lead, Optional.empty(), seed, ports, extra);
    }

    /** The port of one device. */
    public static Simulated port(String end, String pinout, long seed) {
        return new Simulated(Optional.empty(), Optional.empty(), OptionalLong.empty(),
                Map.of(end, new Port(pinout, OptionalLong.of(seed), Extra.NONE)), Extra.NONE);
    }
}
