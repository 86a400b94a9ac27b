package wegweiser.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import wegweiser.core.catalog.Cables;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Copper;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/** What length and gauge of the chosen cable do to a plan. */
public final class Sizing {
    private Sizing() {}

    /** All that can be worked out; nothing as long as cable or length are not chosen. */
    public static List<SizingLine> of(Job job) {
        return of(Derived.of(job));
    }

    /** The same for a job from which something follows already. O(nets x links). */
    public static List<SizingLine> of(Derived derived) {
        return derived.once(Sizing.class, () -> lines(derived));
    }

    private static List<SizingLine> lines(Derived derived) {
        CableStock cable = derived.cable().orElse(null);
        if (cable == null || derived.job().cable().lengthMm().isEmpty()) {
            return List.of();
        }
        double metres = derived.job().cable().lengthMm().getAsDouble() / 1000;
        List<SizingLine> lines = new ArrayList<>();
        lines.add(new SizingLine("loop", "",
                Quantity.words(Copper.loopOhms(cable.awg(), cable.stranded(), 1000 * metres), Unit.OHM),
                OptionalDouble.empty(), "", Words.say("sizing.loop.formula", cable.awg(),
                        Words.number(1000 * Copper.ohmsPerMetre(cable.awg(), cable.stranded()))),
                List.of()));
        lines.addAll(SupplySizing.lines(derived, cable, metres));
        lines.addAll(SignalSizing.lines(derived, cable, metres));
        return lines;
    }

    /** The job as it would be with another length, and with all conductors of another gauge; nothing else is changed. */
    public static Job asIf(Job job, double metres, OptionalInt awg) {
        Optional<CableStock> cable = Cables.of(job);
        Job long_ = job.withCable(job.cable().withLengthMm(1000 * metres));
        return awg.isEmpty() || cable.isEmpty()
                ? long_
                : long_.withCable(long_.cable().withStock(cable.get().id(),
                        Optional.of(cable.get().withAwg(awg.getAsInt()))));
    }
}
