package wegweiser.core.evidence;

import java.util.List;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/**
 * A part that readings show between two terminals.
 *
 * @param a for a diode the anode
 * @param ohms resistance without the leads, or NaN for a diode
 * @param volts forward voltage of a diode, or NaN
 * @param because numbers of the readings behind it, from 1
 */
public record MeasuredPart(Terminal a, Terminal b, PartKind kind, double ohms, double volts,
        List<Integer> because) {
    public MeasuredPart {
        because = List.copyOf(because);
    }
}
