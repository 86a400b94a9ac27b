package wegweiser.core.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A kind of cable, or one particular piece of it.
 *
 * @param conductors colour codes, or numbers for grey ribbon, in the order of the cable
 * @param awg gauge of the conductors, or of the thinner ones where they differ
 * @param thick the conductors that are thicker, and {@code thickAwg} their gauge
 * @param pairs conductors twisted together
 * @param screen words for the screen, empty when there is none
 * @param pfPerMetre capacitance in pF/m, 0 when unknown
 * @param diameterMm outer diameter in mm; for flat cable the width
 * @param stranded whether the conductors are stranded
 * @param flat whether the conductors lie side by side and keep their order
 * @param coloursUncertain whether the colours differ from maker to maker
 * @param inside what lies under the sheath beside conductors and screen
 * @param gauges wires with a gauge of their own, as AWG numbers, where single wires make up the cable of one job
 * @param lengthMm how much of it there is, in mm, for a piece that is left over
 */
public record CableStock(String id, String title, List<String> conductors, int awg, List<String> thick,
        int thickAwg, List<List<String>> pairs, String screen, double pfPerMetre, double diameterMm,
        boolean stranded, boolean flat, boolean coloursUncertain, List<Inside> inside,
        Map<String, Integer> gauges, OptionalDouble lengthMm,
        String note, Map<String, Object> extra) {
    /** What carries pull, or holds the conductors apart. */
    public enum Inside implements HasId {
        /** Strength fibres, such as aramid. */
        FIBRES,
        /** A second sheath within the outer one. */
        INNER_SHEATH,
        /** A plastic cross between the pairs. */
        CROSS,
        /** A black layer under the screen that conducts, and shorts core to screen where it is left. */
        CONDUCTIVE_LAYER,
        /** Four cores laid as a star, of which opposite ones of one colour are one conductor. */
        STAR_QUAD,
        /** Wires insulated by enamel, which a hot iron with solder takes off. */
        ENAMEL
    }

    public CableStock {
        inside = List.copyOf(inside);
        conductors = List.copyOf(conductors);
        thick = List.copyOf(thick);
        gauges = Map.copyOf(gauges);
        pairs = pairs.stream().map(List::copyOf).toList();
        extra = Extra.kept(extra);
    }

    public CableStock(String id, String title, List<String> conductors, int awg, List<String> thick,
            int thickAwg, List<List<String>> pairs, String screen, double pfPerMetre, double diameterMm,
            boolean stranded, boolean flat, boolean coloursUncertain, OptionalDouble lengthMm, String note) {
        this(id, title, conductors, awg, thick, thickAwg, pairs, screen, pfPerMetre, diameterMm, stranded,
                flat, coloursUncertain, List.of(), Map.of(), lengthMm, note, Extra.NONE);
    }

    /** This cable with other things under its sheath. */
    public CableStock withInside(List<Inside> things) {
        return new CableStock(id, title, conductors, awg, thick, thickAwg, pairs, screen, pfPerMetre,
                diameterMm, stranded, flat, coloursUncertain, things, gauges, lengthMm, note, extra);
    }

    public CableStock withExtra(Map<String, Object> more) {
        return new CableStock(id, title, conductors, awg, thick, thickAwg, pairs, screen, pfPerMetre,
                diameterMm,
                stranded, flat, coloursUncertain, inside, gauges, lengthMm, note, more);
    }

    /** This cable with all its conductors of one gauge. */
    public CableStock withAwg(int gauge) {
        return new CableStock(id, title, conductors, gauge, thick, gauge, pairs, screen, pfPerMetre,
                diameterMm, stranded, flat, coloursUncertain, inside, Map.of(), lengthMm, note, extra);
    }

    /** This cable with wires that have a gauge of their own; those that it does not have lie beside it. */
    public CableStock with(List<OwnWire> wires) {
        List<String> all = new ArrayList<>(conductors);
        Map<String, Integer> own = new HashMap<>(gauges);
        for (OwnWire wire : wires) {
            own.put(wire.wire(), wire.awg());
            if (!all.contains(wire.wire())) {
                all.add(wire.wire());
            }
        }
        return new CableStock(id, title, all, awg, thick, thickAwg, pairs, screen, pfPerMetre, diameterMm,
                stranded, flat, coloursUncertain, inside, own, lengthMm, note, extra);
    }

    public boolean isScreened() {
        return !screen.isEmpty();
    }

    /** The gauge of one conductor, as an AWG number. */
    public int awgOf(String conductor) {
        return gauges.getOrDefault(conductor, thick.contains(conductor) ? thickAwg : awg);
    }

    /** The conductor twisted with the given one, if any. */
    public Optional<String> partner(String conductor) {
        return pairs.stream()
                .filter(p -> p.contains(conductor))
                .flatMap(List::stream)
                .filter(c -> !c.equals(conductor))
                .findFirst();
    }
}
