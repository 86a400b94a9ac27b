package wegweiser.instruments;

/**
 * How a simulated meter behaves.
 *
 * @param leadOhms resistance of both leads together
 * @param contactOhms most resistance that pressing a probe on a contact adds, per probe
 * @param noise relative error of a reading, one standard deviation
 * @param buzzerOhms the buzzer sounds up to here
 * @param mostOhms over range from here
 */
public record MeterTraits(double leadOhms, double contactOhms, double noise, double buzzerOhms,
        double mostOhms) {
    /** A usual hand-held meter. */
    public static final MeterTraits USUAL = new MeterTraits(0.2, 0.15, 0.004, 40, 20e6);
}
