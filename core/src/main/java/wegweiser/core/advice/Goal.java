package wegweiser.core.advice;

/** When tracing is finished. */
public enum Goal {
    /** The wiring is believed, though not every pair is proved. */
    IDENTIFY,
    /** Every pair is measured or follows; with bare probes the pairs of the chosen depth. */
    PROVE,
    /** Proved, and proved still if any one reading should be wrong. */
    TWICE;

    /** Whether more is wanted than belief. */
    boolean isProof() {
        return this != IDENTIFY;
    }
}
