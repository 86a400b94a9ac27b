package wegweiser.core.electrical;

/** The readings that are expected, in ohms or for a diode in volts; from NaN to NaN where there is none. */
public record Window(double from, double to) {
    public static final Window NONE = new Window(Double.NaN, Double.NaN);

    /** Whether a reading is one of them; none is where nothing is expected. */
    public boolean contains(double reading) {
        return reading >= from && reading <= to;
    }

    public boolean isGiven() {
        return !Double.isNaN(from);
    }
}
