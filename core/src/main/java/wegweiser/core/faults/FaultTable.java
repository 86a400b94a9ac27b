package wegweiser.core.faults;

import java.util.Map;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.Termination;
import wegweiser.core.data.Data;

/** How often something goes wrong at one place, by what and by which method; from a table with its reasons. */
final class FaultTable {
    private static final String ANY = "any";
    private static final Map<String, Double> TABLE = Data.numbers("faults.txt");

    private FaultTable() {}

    /** The chance at one place of an end, by the method that is used there. */
    static double of(String kind, Place place) {
        String method = place.type().map(t -> t.termination()).orElse(Termination.BARE).id();
        Double chance = TABLE.get(kind + " " + method);
        return chance == null ? of(kind) : chance;
    }

    /** The same whatever the method. */
    static double of(String kind) {
        Double chance = TABLE.get(kind + " " + ANY);
        if (chance == null) {
            throw new IllegalArgumentException("no fault is named " + kind);
        }
        return chance;
    }
}
