package wegweiser.benchmarks.report;

import java.util.SplittableRandom;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** A simulated meter on a cable of copper only. */
@FunctionalInterface
interface Meter {
    /** Of touches that should beep, one in so many does not: a probe that slipped, a tarnished contact. */
    int SILENT_IN = 50;
    /** Of touches that should not, one in so many beeps. */
    int BEEPS_IN = 500;

    /** Whether it shows copper. */
    boolean beeps(Touch touch);

    /** One that is right always. */
    static Meter honest(Nets cable) {
        return touch -> touch.red().stream()
                .anyMatch(r -> touch.black().stream().anyMatch(b -> cable.joined(r, b)));
    }

    /** One with worn tips, in a hand that slips. */
    static Meter worn(Nets cable, SplittableRandom random) {
        Meter honest = honest(cable);
        return touch -> honest.beeps(touch)
                ? random.nextInt(SILENT_IN) != 0
                : random.nextInt(BEEPS_IN) == 0;
    }

    default Outcome answer(Touch touch, Mode mode) {
        boolean beep = beeps(touch);
        return switch (mode) {
            case OHMS -> beep ? new Outcome.Resistance(0.3) : Outcome.OPEN;
            case DIODE -> beep ? new Outcome.Voltage(0.001) : Outcome.OPEN;
            case CONTINUITY, REACTION -> beep ? Outcome.BEEP : Outcome.SILENT;
        };
    }
}
