package wegweiser.core.catalog;

import java.util.List;
import java.util.Optional;

/**
 * A kind of cable.
 *
 * @param conductors colour codes, or numbers for grey ribbon
 * @param awg gauge of the thinnest conductors
 * @param pairs conductors twisted together
 * @param screen words for the screen, empty when there is none
 * @param pfPerMetre capacitance in pF/m, 0 when unknown
 * @param diameterMm outer diameter in mm; for flat cable the width
 * @param stranded whether the conductors are stranded
 */
public record CableStock(String id, String title, List<String> conductors, int awg, List<List<String>> pairs,
        String screen, double pfPerMetre, double diameterMm, boolean stranded, String note) {
    public CableStock {
        conductors = List.copyOf(conductors);
        pairs = pairs.stream().map(List::copyOf).toList();
    }

    public boolean isScreened() {
        return !screen.isEmpty();
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
