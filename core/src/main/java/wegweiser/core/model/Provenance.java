package wegweiser.core.model;

/** How a reading came about. */
public sealed interface Provenance {
    /** Both probes were laid on, and the meter showed it. */
    record Measured() implements Provenance {}

    /** It held while the cable was bent, for so many seconds. */
    record Wiggled(double seconds) implements Provenance {}

    /**
     * It follows from a value at a ladder plug.
     *
     * @param ohms the value; infinite when it was over range
     * @param assumed whether it holds only as long as no part lies in the cable
     */
    record ByLadder(double ohms, boolean assumed) implements Provenance {}

    /** It is supposed: it may be believed and proves nothing. */
    record Assumed() implements Provenance {}

    Provenance MEASURED = new Measured();
    Provenance ASSUMED = new Assumed();
}
