package wegweiser.core.make;

import java.util.List;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.SetAside;

/** A cable of which one connector is cut off and put on anew. */
public final class Redo {
    private Redo() {}

    /**
     * The job that this is: the same wiring, shorter by what was cut off, with the other ends kept as they are. What was
     * measured before is set aside.
     *
     * @param cutMm how much is cut off, in mm
     * @throws IllegalArgumentException when nothing of the cable would be left, or there is no such end
     */
    public static Job of(Job job, String end, double cutMm, String title) {
        if (job.end(end).isEmpty()) {
            throw new IllegalArgumentException("no end " + end);
        }
        if (job.cable().lengthMm().isPresent() && job.cable().lengthMm().getAsDouble() <= cutMm) {
            throw new IllegalArgumentException("nothing left of the cable");
        }
        CableUse cable = cutMm > 0 ? job.cable().withCutOff(CutOff.of(end, cutMm)) : job.cable();
        List<String> kept = job.ends().stream().map(End::name).filter(name -> !name.equals(end)).toList();
        return job.withTitle(title).withCable(cable).unbuilt().withKept(kept)
                .withReadingsSetAside(SetAside.BEFORE_BUILDING);
    }

    /** What is left of the length that was spared for this, in mm; negative when the run itself has become shorter. */
    public static double reserveMm(Job job) {
        return job.ends().size() * CutList.RETERMINATION_MM
                - job.cable().cutOff().stream().mapToDouble(CutOff::mm).sum();
    }
}
