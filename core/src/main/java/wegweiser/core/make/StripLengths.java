package wegweiser.core.make;

import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;

/**
 * How far an end is stripped.
 *
 * @param sheathMm how much sheath comes off
 * @param bareMm how much of each wire is bared; 0 where wires keep their insulation
 * @param wires colour codes of the wires that are used there
 */
public record StripLengths(double sheathMm, double bareMm, List<String> wires) {
    public StripLengths {
        wires = List.copyOf(wires);
    }

    /** What a step strips, with what it strips to; empty for a step that strips nothing. */
    public static Optional<StripLengths> of(Job job, Step step) {
        boolean strips = step.deed() instanceof Deed.Open && !step.end().isEmpty()
                || step.deed() instanceof Deed.Bare;
        return strips ? job.end(step.end()).flatMap(e -> of(job, e)) : Optional.empty();
    }

    /** How far an end is stripped; empty for a ribbon, which has no sheath, and where nothing is wired. */
    public static Optional<StripLengths> of(Job job, End end) {
        return of(Derived.of(job), end);
    }

    /** The same for a job from which something follows already. */
    public static Optional<StripLengths> of(Derived derived, End end) {
        AtEnd at = new AtEnd(derived, end, derived.connector(end.name()).orElse(null), true, new Worklist(),
                java.util.Set.of());
        if (!at.place.isWired() || at.isFlat()) {
            return Optional.empty();
        }
        return Optional.of(new StripLengths(at.type == null ? CutList.LOOSE_MM : CutList.sheathMm(at.type),
                at.type == null ? 0 : at.bareMm(), at.used()));
    }
}
