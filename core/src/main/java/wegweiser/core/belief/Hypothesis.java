package wegweiser.core.belief;

import java.util.Optional;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Partition;

/**
 * A wiring that the cable may have.
 *
 * @param title in words
 * @param named the named wiring it is, when it is one without a mistake
 * @param partition which terminals it joins
 * @param weight prior weight
 */
public record Hypothesis(String title, Optional<NamedWiring> named, Partition partition, double weight) {}
