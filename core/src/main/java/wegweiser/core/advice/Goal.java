package wegweiser.core.advice;

import wegweiser.core.model.HasId;

/** When tracing is finished. */
public enum Goal implements HasId {
    /** The wiring is believed, though not every pair is proved. */
    IDENTIFY,
    /** Every pair is read once, parts included; with bare probes the pairs of the chosen depth. */
    ONCE,
    /** Proved: the same, and so often that no reading stands alone. */
    PROVE;

    /** Whether more is wanted than belief. */
    public boolean isWhole() {
        return this != IDENTIFY;
    }
}
