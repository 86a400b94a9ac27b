package wegweiser.files.log;

import java.util.List;
import wegweiser.core.model.CutOff;

/**
 * One cable that was made.
 *
 * @param label number written on the cable, such as W-0007
 * @param ends both devices and connectors in words
 * @param signature canonical text of its wiring, what "the same wiring" means
 * @param result {@code pass}, {@code fail} or {@code incomplete} when it was recorded
 * @param madeAt ISO 8601 time
 * @param anew what was cut off which end, where connectors were put on anew
 */
public record Unit(long id, String label, String job, String ends, String wiring, String signature,
        String result, String madeAt, List<CutOff> anew) {
    public Unit {
        anew = List.copyOf(anew);
    }
}
