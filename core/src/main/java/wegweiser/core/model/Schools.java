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
 * @param resin how fast the resin cures that things are cast in
 */
public record Schools(Optional<Screen> screen, Optional<Network> network, Optional<Cups> cups,
        Optional<Current> current, Optional<Crimp> crimp, Optional<Splices> splices, Optional<Resin> resin,
        Map<String, Object> extra) {
    /** Nothing chosen. */
    public static final Schools NONE = new Schools(Optional.empty(), Optional.empty(), Optional.empty(),
            Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Extra.NONE);

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

    /** Kinds of casting resin, by how long they take; a leaflet's own times come before these. */
    public enum Resin implements HasId {
        /** Touched after minutes, worked on after an hour, full after a day. */
        QUICK(5, 60, 24 * 60),
        /** Touched after two hours, worked on after half a day, full after three days; runs further and warms less. */
        SLOW(2 * 60, 12 * 60, 3 * 24 * 60);

        private final int touchMinutes;
        private final int workMinutes;
        private final int fullMinutes;

        Resin(int touchMinutes, int workMinutes, int fullMinutes) {
            this.touchMinutes = touchMinutes;
            this.workMinutes = workMinutes;
            this.fullMinutes = fullMinutes;
        }

        /** Seconds from pouring until it can be touched. */
        public int touchSeconds() {
            return 60 * touchMinutes;
        }

        /** Seconds from pouring until it can be worked on. */
        public int workSeconds() {
            return 60 * workMinutes;
        }

        /** Seconds from pouring until it bears its full load. */
        public int fullSeconds() {
            return 60 * fullMinutes;
        }
    }

    public Schools withScreen(Screen chosen) {
        return new Schools(Optional.of(chosen), network, cups, current, crimp, splices, resin, extra);
    }

    public Schools withNetwork(Network chosen) {
        return new Schools(screen, Optional.of(chosen), cups, current, crimp, splices, resin, extra);
    }

    public Schools withCups(Cups chosen) {
        return new Schools(screen, network, Optional.of(chosen), current, crimp, splices, resin, extra);
    }

    public Schools withCurrent(Current chosen) {
        return new Schools(screen, network, cups, Optional.of(chosen), crimp, splices, resin, extra);
    }

    public Schools withCrimp(Crimp chosen) {
        return new Schools(screen, network, cups, current, Optional.of(chosen), splices, resin, extra);
    }

    public Schools withSplices(Splices chosen) {
        return new Schools(screen, network, cups, current, crimp, Optional.of(chosen), resin, extra);
    }

    public Schools withResin(Resin chosen) {
        return new Schools(screen, network, cups, current, crimp, splices, Optional.of(chosen), extra);
    }
}
