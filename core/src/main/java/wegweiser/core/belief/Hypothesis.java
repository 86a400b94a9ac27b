package wegweiser.core.belief;

import java.util.Optional;
import wegweiser.core.wiring.NamedWiring;

/**
 * A wiring that the cable may have.
 *
 * @param title in words
 * @param named the named wiring it is, when it is one without a mistake
 * @param labels for each terminal the smallest number of its net
 * @param weight prior weight
 */
public record Hypothesis(String title, Optional<NamedWiring> named, int[] labels, double weight) {}
