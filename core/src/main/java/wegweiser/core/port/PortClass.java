package wegweiser.core.port;

import wegweiser.core.model.HasId;
import wegweiser.core.words.Words;

/** What a contact of a device's port can be, as far as a meter can tell. */
public enum PortClass implements HasId {
    GROUND,
    SCREEN,
    SUPPLY,
    RS232_TRANSMIT,
    RS232_OUTPUT,
    RS232_INPUT,
    LOGIC_TRANSMIT,
    LOGIC_OUTPUT,
    LOGIC_PULL_UP,
    OPEN;

    /** The word for it on screen. */
    public String words() {
        return Words.say("port.class." + id());
    }

    /** Whether this drives a line that moves when the device sends. */
    public boolean transmits() {
        return this == RS232_TRANSMIT || this == LOGIC_TRANSMIT;
    }

    /** Whether this drives its line. */
    public boolean drives() {
        return transmits() || this == RS232_OUTPUT || this == LOGIC_OUTPUT;
    }

    /** Whether this listens. */
    public boolean listens() {
        return this == RS232_INPUT || this == LOGIC_PULL_UP;
    }
}
