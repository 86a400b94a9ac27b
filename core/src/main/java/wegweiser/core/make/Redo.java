package wegweiser.core.make;

import java.util.List;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Job;
import wegweiser.core.model.SetAside;

/** A cable of which one connector is cut off and put on anew. */
public final class Redo {
    private Redo() {}

    /**
     * The job that this is: the same wiring, shorter by what was cut off, with nothing left to do but at that end and for the
     * cable as a whole. What was measured before is set aside.
     *
     * @param cutMm how much is cut off, in mm
     * @throws IllegalArgumentException when nothing of the cable would be left, or there is no such end
     */
    public static Job of(Job job, String end, double cutMm, String title, boolean rightHanded) {
        if (job.end(end).isEmpty()) {
            throw new IllegalArgumentException("no end " + end);
        }
        CableUse cable = job.cable();
        if (cable.lengthMm().isPresent()) {
            double left = cable.lengthMm().getAsDouble() - cutMm;
            if (left <= 0) {
                throw new IllegalArgumentException("nothing left of the cable");
            }
            cable = cable.withLengthMm(left);
        }
        Job anew = job.withTitle(title).withCable(cable).withDone(List.of())
                .withReadingsSetAside(SetAside.BEFORE_BUILDING);
        List<String> there = BenchSteps.of(anew, rightHanded).stream()
                .filter(s -> !s.end().equals(end) && !isOfTheWhole(s)).map(Step::key).toList();
        return anew.withDone(there);
    }

    /** Looking, testing and labelling are done to the whole cable again; it is not cut to length again. */
    private static boolean isOfTheWhole(Step step) {
        return step.end().isEmpty() && !step.key().equals(":cut");
    }
}
