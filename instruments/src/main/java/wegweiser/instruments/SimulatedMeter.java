package wegweiser.instruments;

import java.util.SplittableRandom;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Touch;

/** A meter on a simulated cable, with leads, contact resistance, noise and a buzzer limit. Seeded. */
public final class SimulatedMeter implements Meter {
    private static final double TEST_CURRENT = 1e-3;
    private static final double DIODE_RANGE_VOLTS = 3.0;
    /** How much the volts of a diode differ from one touch to the next, as a share. */
    private static final double DIODE_NOISE = 0.017;

    private final SimulatedCable cable;
    private final MeterTraits traits;
    private final SplittableRandom random;

    public SimulatedMeter(SimulatedCable cable, MeterTraits traits, long seed) {
        this.cable = cable;
        this.traits = traits;
        this.random = new SplittableRandom(seed);
    }

    @Override
    public Outcome measure(Touch touch, Mode mode) {
        return switch (mode) {
            case CONTINUITY -> shown(touch) <= traits.buzzerOhms() ? Outcome.BEEP : Outcome.SILENT;
            case OHMS -> ohms(touch);
            case DIODE -> diode(touch);
            case REACTION -> throw new IllegalArgumentException("a meter has no reaction mode");
        };
    }

    private double shown(Touch touch) {
        double own = cable.ohms(touch.red(), touch.black());
        double contact = (random.nextDouble() + random.nextDouble()) * traits.contactOhms();
        return (own + contact + traits.leadOhms()) * (1 + traits.noise() * gauss());
    }

    private Outcome ohms(Touch touch) {
        double shown = shown(touch);
        if (shown > traits.mostOhms()) {
            return Outcome.OPEN;
        }
        double step = shown < 400 ? 0.1 : shown < 4000 ? 1 : 10;
        return new Outcome.Resistance(Math.round(Math.round(shown / step) * step * 10) / 10.0);
    }

    private Outcome diode(Touch touch) {
        double volts = cable.volts(touch.red(), touch.black(), TEST_CURRENT, 1 + DIODE_NOISE * gauss());
        return volts > DIODE_RANGE_VOLTS
                ? Outcome.OPEN
                : new Outcome.Voltage(Math.round(1000 * volts) / 1000.0);
    }

    /** Sum of twelve uniform numbers less six: close enough to a normal distribution for a meter. */
    private double gauss() {
        double sum = -6;
        for (int i = 0; i < 12; i++) {
            sum += random.nextDouble();
        }
        return sum;
    }
}
