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
 * @param crimp how the wings of an open-barrel contact are closed
 * @param splices how joints with the wires behind a moulded connector are covered
 */
public record Schools(Optional<Screen> screen, Optional<Network> network, Optional<Cups> cups,
        Optional<Current> current, Optional<Crimp> crimp, Optional<Splices> splices,
        Map<String, Object> extra) {
    /** Nothing chosen. */
    public static final Schools NONE = new Schools(Optional.empty(), Optional.empty(), Optional.empty(),
            Optional.empty(), Optional.empty(), Optional.empty(), Extra.NONE);

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

    public enum Crimp implements HasId {
        /** Both pairs of wings in one stroke of a ratchet tool. */
        RATCHET,
        /** One wing after the other with a plain tool. */
        ONE_WING,
        /** Wings cut off and soldered: for repairs. */
        SOLDERED
    }

    public enum Splices implements HasId {
        SLEEVED,
        CAST
    }

    public Schools withScreen(Screen chosen) {
        return new Schools(Optional.of(chosen), network, cups, current, crimp, splices, extra);
    }

    public Schools withNetwork(Network chosen) {
        return new Schools(screen, Optional.of(chosen), cups, current, crimp, splices, extra);
    }

    public Schools withCups(Cups chosen) {
        return new Schools(screen, network, Optional.of(chosen), current, crimp, splices, extra);
    }

    public Schools withCurrent(Current chosen) {
        return new Schools(screen, network, cups, Optional.of(chosen), crimp, splices, extra);
    }

    public Schools withCrimp(Crimp chosen) {
        return new Schools(screen, network, cups, current, Optional.of(chosen), splices, extra);
    }

    public Schools withSplices(Splices chosen) {
        return new Schools(screen, network, cups, current, crimp, Optional.of(chosen), extra);
    }
}
