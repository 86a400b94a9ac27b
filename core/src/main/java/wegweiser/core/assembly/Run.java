package wegweiser.core.assembly;

import java.util.List;
import java.util.OptionalDouble;

/**
 * A run of a loom as it is laid: from one place to the next, with the wires that really lie in it.
 *
 * @param from the place nearer to the first end
 * @param mm its length, where it was measured
 * @param wires by their colour codes, in the order of the cable, those that go nowhere after the others
 * @param spare those of them that are joined to nothing
 * @param screened whether the screen of the cable goes along
 * @param unnamed how many planned joins run here whose wire nobody chose yet
 */
public record Run(String from, String to, OptionalDouble mm, List<String> wires, List<String> spare,
        boolean screened, int unnamed) {
    public Run {
        wires = List.copyOf(wires);
        spare = List.copyOf(spare);
    }

    /** The same run, begun at its other side. */
    public Run turned() {
        return new Run(to, from, mm, wires, spare, screened, unnamed);
    }

    public boolean touches(String place) {
        return from.equals(place) || to.equals(place);
    }
}
