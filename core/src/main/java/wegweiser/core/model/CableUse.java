package wegweiser.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The cable of a job.
 *
 * @param stock its id in the catalogue or in the workshop
 * @param lengthMm the finished length in mm
 * @param own its description, where it is not of the catalogue
 * @param laid how it lies, where somebody said so
 * @param loom its branches and splices; where it has any runs, the length is that of the longest way between two places
 * @param way the stretches that it runs along, where they were taken one by one; the length is their sum
 * @param cutOff what was cut off since, end by end
 * @param label the number that is on the cable, where it was recorded before
 */
public record CableUse(Optional<String> stock, OptionalDouble lengthMm, Optional<CableStock> own,
        List<Leg> way, List<CutOff> cutOff, Optional<String> label, Optional<Laid> laid, Loom loom,
        Map<String, Object> extra) {
    public CableUse {
        loom = Objects.requireNonNullElse(loom, Loom.NONE);
        OptionalDouble longest = loom.longestMm();
        lengthMm = longest.isPresent() ? longest : lengthMm;
        way = List.copyOf(Objects.requireNonNullElse(way, List.of()));
        cutOff = List.copyOf(Objects.requireNonNullElse(cutOff, List.of()));
        extra = Extra.kept(extra);
    }

    /** No cable chosen yet. */
    public static final CableUse NONE = new CableUse(Optional.empty(), OptionalDouble.empty(),
            Optional.empty(), List.of(), List.of(), Optional.empty(), Optional.empty(), Loom.NONE,
            Extra.NONE);

    /** A length of a kind that the catalogue describes. */
    public static CableUse of(String stock, double lengthMm) {
        return new CableUse(Optional.of(stock), OptionalDouble.of(lengthMm), Optional.empty(), List.of(),
                List.of(), Optional.empty(), Optional.empty(), Loom.NONE, Extra.NONE);
    }

    public CableUse withStock(String newStock, Optional<CableStock> newOwn) {
        return new CableUse(Optional.of(newStock), lengthMm, newOwn, way, cutOff, label, laid, loom, extra);
    }

    /** This cable with another length; the stretches that made up the old one are gone, those of a loom grow with it. */
    public CableUse withLengthMm(double newLength) {
        Loom grown = lengthMm.orElse(0) > 0 ? loom.scaled(newLength / lengthMm.getAsDouble()) : loom;
        return new CableUse(stock, OptionalDouble.of(newLength), own, List.of(), cutOff, label, laid, grown,
                extra);
    }

    /** From so many mm on a length is that of a run, unless somebody says otherwise. */
    private static final double RUN_MM = 10_000;

    /** How it lies: as was said, or a run where its stretches are given or it is long, else a lead. */
    public Laid lies() {
        return laid.orElse(!way.isEmpty() || lengthMm.orElse(0) > RUN_MM ? Laid.BUILDING : Laid.LEAD);
    }

    public CableUse withLaid(Laid how) {
        return new CableUse(stock, lengthMm, own, way, cutOff, label, Optional.of(how), loom, extra);
    }

    public CableUse withLoom(Loom newLoom) {
        return new CableUse(stock, lengthMm, own, newLoom.runs().isEmpty() ? way : List.of(), cutOff, label,
                laid,
                newLoom, extra);
    }

    /** This cable along some stretches; without any the length stays. */
    public CableUse withWay(List<Leg> legs) {
        double run = legs.stream().filter(l -> l.branch().isEmpty()).mapToDouble(Leg::mm).sum();
        return new CableUse(stock, run > 0 ? OptionalDouble.of(run) : lengthMm, own, legs, cutOff, label,
                laid,
                loom, extra);
    }

    /** This cable with a number on it, or with none. */
    public CableUse withLabel(Optional<String> number) {
        return new CableUse(stock, lengthMm, own, way, cutOff, number, laid, loom, extra);
    }

    /** Another cable like this one: without the number, and what was cut off it. */
    public CableUse another() {
        return new CableUse(stock, lengthMm, own, way, List.of(), Optional.empty(), laid, loom, extra);
    }

    /** This cable, shorter by what was cut off an end. */
    public CableUse withCutOff(CutOff piece) {
        List<CutOff> all = new ArrayList<>(cutOff);
        all.add(piece);
        return new CableUse(stock,
                lengthMm.isPresent() ? OptionalDouble.of(lengthMm.getAsDouble() - piece.mm()) : lengthMm, own,
                List.of(), all, label, laid, loom.shortened(piece.end(), piece.mm()), extra);
    }
}
