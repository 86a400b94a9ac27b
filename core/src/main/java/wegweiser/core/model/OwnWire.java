package wegweiser.core.model;

import java.util.Map;

/**
 * A wire of a cable with a gauge of its own.
 *
 * @param wire its colour code
 * @param awg its gauge, as an AWG number
 */
public record OwnWire(String wire, int awg, Map<String, Object> extra) {
    public OwnWire {
        extra = Extra.kept(extra);
    }

    public static OwnWire of(String wire, int awg) {
        return new OwnWire(wire, awg, Extra.NONE);
    }
}
