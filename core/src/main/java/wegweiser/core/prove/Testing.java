package wegweiser.core.prove;

import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;

/**
 * How a person tests cables.
 *
 * @param fixture what is at hand
 * @param cost how long touches take them
 * @param enough how sure they want to be
 */
public record Testing(Fixture fixture, CostModel cost, Enough enough) {
    /** As most people do, with what is at hand. */
    public static Testing with(Fixture fixture) {
        return new Testing(fixture, CostModel.USUAL, Enough.USUAL);
    }

    /** The same for somebody who wants to be so sure. */
    public Testing until(Enough newEnough) {
        return new Testing(fixture, cost, newEnough);
    }
}
