package wegweiser.core.model;

import java.util.Map;
import java.util.Optional;

/**
 * Where careful people do it in different ways, the one that was chosen for a job; what is empty was not chosen.
 *
 * @param screen where the screen of the cable is joined
 * @param network which colours of TIA-568 lie at the contacts of a network plug
 * @param cups how solder comes into a cup
 * @param current by which table a conductor may carry a current
 */
public record Schools(Optional<Screen> screen, Optional<Network> network, Optional<Cups> cups,
        Optional<Current> current, Map<String, Object> extra) {
    /** Nothing chosen. */
    public static final Schools NONE = new Schools(Optional.empty(), Optional.empty(), Optional.empty(),
            Optional.empty(), Extra.NONE);

    public Schools {
        extra = Extra.kept(extra);
    }

    public enum Screen implements HasId {
        ONE_END,
        BOTH_ENDS
    }

    public enum Network implements HasId {
        T568A,
        T568B
    }

    public enum Cups implements HasId {
        FILL,
        FEED
    }

    public enum Current implements HasId {
        /** By the table for bundles, 700 circular mils for each ampere. */
        CAUTIOUS,
        /** By the table for a single wire in free air. */
        FREE_AIR
    }

    public Schools withScreen(Screen chosen) {
        return new Schools(Optional.of(chosen), network, cups, current, extra);
    }

    public Schools withNetwork(Network chosen) {
        return new Schools(screen, Optional.of(chosen), cups, current, extra);
    }

    public Schools withCups(Cups chosen) {
        return new Schools(screen, network, Optional.of(chosen), current, extra);
    }

    public Schools withCurrent(Current chosen) {
        return new Schools(screen, network, cups, Optional.of(chosen), extra);
    }
}
