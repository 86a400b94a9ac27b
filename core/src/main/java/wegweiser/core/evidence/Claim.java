package wegweiser.core.evidence;

import java.util.List;
import wegweiser.core.model.Terminal;

/**
 * Something that the readings prove of a pair.
 *
 * @param because numbers of the readings behind it, from 1, in order
 */
public record Claim(Terminal a, Terminal b, PairState state, List<Integer> because) {
    public Claim {
        because = List.copyOf(because);
    }
}
