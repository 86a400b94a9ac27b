package wegweiser.core.data;

import java.util.Map;

/** How common it is what cables turn out to be, before the first reading; from a table of its own. */
public final class Priors {
    private static final Map<String, Double> TABLE = Data.numbers("priors.txt");

    private Priors() {}

    /**
     * The weight under a name.
     *
     * @throws IllegalArgumentException when the table has no such name
     */
    public static double of(String name) {
        Double weight = TABLE.get(name);
        if (weight == null) {
            throw new IllegalArgumentException("no prior is named " + name);
        }
        return weight;
    }
}
