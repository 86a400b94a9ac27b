package wegweiser.files.log;

import java.util.List;
import wegweiser.core.model.CutOff;
import wegweiser.core.prove.Sure;

/**
 * One cable that was made.
 *
 * @param label number written on the cable, such as W-0007
 * @param ends both devices and connectors in words
 * @param signature canonical text of its wiring, what "the same wiring" means
 * @param result {@code pass}, {@code tested}, {@code fail} or {@code incomplete} when it was recorded
 * @param said how sure it was then, in a sentence; empty where an earlier version recorded it
 * @param madeAt ISO 8601 time
 * @param anew what was cut off which end, where connectors were put on anew
 */
public record Unit(long id, String label, String job, String ends, String wiring, String signature,
        String result, String said, String madeAt, List<CutOff> anew) {
    public Unit {
        anew = List.copyOf(anew);
    }

    /** Whether it was found to be as planned, so that it may be used. */
    public boolean isGood() {
        return result.equals(Sure.Standing.PASS.id()) || result.equals(Sure.Standing.TESTED.id());
    }
}
