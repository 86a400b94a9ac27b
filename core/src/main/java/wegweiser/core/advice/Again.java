package wegweiser.core.advice;

import java.util.Optional;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.model.Mode;
import wegweiser.core.model.PartKind;
import wegweiser.core.wiring.Partition;

/**
 * The second proof of a cable that was read whole: the touch to make next so that in the end no reading stands alone.
 * First the known joins, in ohms, in the way that closes a ring in a net; then the known parts; then, by gangs, that
 * the nets are apart. O(terminals²) a call.
 */
final class Again {
    private final Evidence whole;
    private final Evidence left;
    private final Repeats repeats;

    /**
     * @param whole all readings, which prove everything
     * @param left the readings that do not stand alone
     */
    Again(Evidence whole, Evidence left) {
        this.whole = whole;
        this.left = left;
        this.repeats = new Repeats(left);
    }

    Optional<Clearing.Asked> next() {
        return joint().or(this::part).or(() -> new Clearing(left).next(repeats));
    }

    /** A join that is left without copper proved, between the far ends of what is left of its net. */
    private Optional<Clearing.Asked> joint() {
        Partition nets = whole.partition();
        for (int a = 0; a < nets.size(); a++) {
            for (int b = nets.size() - 1; b > a; b--) {
                boolean open = !left.isJoined(a, b) || !left.looked().isCopper(a, b);
                if (nets.isJoined(a, b) && open && !repeats.isEnough(a, b)) {
                    return asked(a, b, Mode.OHMS);
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Clearing.Asked> part() {
        for (MeasuredPart part : whole.parts()) {
            int a = whole.index().of(part.a());
            int b = whole.index().of(part.b());
            if (!left.looked().inOhms(a, b) && !repeats.isEnough(a, b)) {
                return asked(a, b, Mode.OHMS);
            }
            if (part.kind() == PartKind.DIODE) {
                for (int[] way : new int[][]{{a, b}, {b, a}}) {
                    if (!left.looked().inDiodeMode(way[0], way[1])
                            && !repeats.isEnoughInDiodeMode(new int[]{way[0]}, new int[]{way[1]})) {
                        return asked(way[0], way[1], Mode.DIODE);
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Clearing.Asked> asked(int a, int b, Mode mode) {
        return Optional.of(new Clearing.Asked(new int[][]{{a}, {b}}, mode, Clearing.Asked.Why.PLAIN));
    }
}
