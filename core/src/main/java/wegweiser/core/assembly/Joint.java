package wegweiser.core.assembly;

import java.util.List;
import wegweiser.core.model.Terminal;

/**
 * What arrives at one contact.
 *
 * @param wires the wires of the cable, by their colour codes; empty where the plan names none yet
 * @param screen whether the screen of the cable is joined there
 * @param towards the ends that wires run to from here
 */
public record Joint(Terminal at, List<String> wires, boolean screen, List<String> towards) {
    public Joint {
        wires = List.copyOf(wires);
        towards = List.copyOf(towards);
    }

    /** How many wires are stripped, sleeved and joined here one by one; the screen is none of them. */
    public int count() {
        return !wires.isEmpty() ? wires.size() : screen ? 0 : 1;
    }
}
