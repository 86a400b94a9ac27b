package wegweiser.core.model;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;

/**
 * A run of wires between two places of a loom: an end of the cable, or a point where it branches.
 *
 * @param from the place nearer to the first end
 * @param to the place that it leads to
 * @param lengthMm how far that is, in mm; empty while nobody measured it
 * @param spare wires that lie in it and are joined to nothing
 */
public record LoomRun(String from, String to, OptionalDouble lengthMm, List<String> spare,
        Map<String, Object> extra) {
    public LoomRun {
        lengthMm = Objects.requireNonNullElse(lengthMm, OptionalDouble.empty());
        spare = List.copyOf(Objects.requireNonNullElse(spare, List.of()));
        extra = Extra.kept(extra);
    }

    public static LoomRun of(String from, String to, double mm) {
        return new LoomRun(from, to, OptionalDouble.of(mm), List.of(), Extra.NONE);
    }

    public LoomRun withLengthMm(OptionalDouble mm) {
        return new LoomRun(from, to, mm, spare, extra);
    }

    public LoomRun withSpare(List<String> wires) {
        return new LoomRun(from, to, lengthMm, wires, extra);
    }

    /** The same between other places. */
    public LoomRun between(String newFrom, String newTo) {
        return new LoomRun(newFrom, newTo, lengthMm, spare, extra);
    }

    /** Whether it begins or ends at a place. */
    public boolean touches(String place) {
        return from.equals(place) || to.equals(place);
    }

    /** The place at its other side. */
    public String other(String place) {
        return from.equals(place) ? to : from;
    }
}
