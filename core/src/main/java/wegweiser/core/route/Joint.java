package wegweiser.core.route;

import wegweiser.core.model.Link;
import wegweiser.core.signals.Pin;

/** A proposed joint between two pins, with its reason. */
record Joint(Pin from, Pin to, Kind kind, String why) {
    /** What a joint is for. */
    enum Kind {
        DATA,
        REQUEST,
        READY,
        GROUND,
        SUPPLY,
        OTHER
    }

    Link link() {
        return Link.of(from.terminal(), to.terminal()).withWhy(why);
    }

    boolean has(Pin pin) {
        return from.equals(pin) || to.equals(pin);
    }

    /** The pin at an end, if the joint goes there. */
    boolean isAt(String end) {
        return from.isAt(end) || to.isAt(end);
    }

    boolean isCold() {
        return from.signal().equals("COLD") || to.signal().equals("COLD");
    }
}
