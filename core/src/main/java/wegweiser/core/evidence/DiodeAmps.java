package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.electrical.PartNetwork;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.wiring.Partition;

/**
 * How much current the meter sends in diode mode, as far as readings tell. Between two nets whose ohms are known it sends
 * at least volts by ohms, since a diode beside only takes volts away; and just that where the volts are too few for any
 * diode, or where two quite different resistances show the same current. O(readings).
 *
 * @param least in A
 * @param most in A
 */
record DiodeAmps(double least, double most) {
    /** Below these volts no diode conducts. */
    private static final double FEW_VOLTS = Foreseen.JUNCTION.from();
    /** Nor do these belong to one: above a junction, below two in a row and any light. */
    static final double ABOVE_JUNCTION = Foreseen.JUNCTION.to() + 0.05;
    private static final double BELOW_LIGHT = 1.05;
    /** Volts and ohms below these are read too coarsely. */
    private static final double LEAST_VOLTS = 0.03;
    private static final double LEAST_OHMS = 40;
    private static final double SHARE = 0.03;
    /** So well is a current known that was found out. */
    private static final double UNSURE = 0.015;
    private static final double QUITE_DIFFERENT = 1.3;

    private record Seen(double ohms, double volts) {
        double amps() {
            return volts / ohms;
        }
    }

    /** What the readings in diode mode say beside the resistors that were found. */
    static DiodeAmps of(Evidence evidence, PartNetwork resistors) {
        Partition nets = evidence.partition();
        List<Seen> seen = new ArrayList<>();
        for (int k = 0; k < evidence.readings().size(); k++) {
            Reading reading = evidence.readings().get(k);
            if (reading.mode() == Mode.DIODE && reading.touch().isSingle() && !reading.isAssumed()
                    && !evidence.isDoubtful(k + 1)
                    && reading.outcome() instanceof Outcome.Voltage(double volts) && volts >= LEAST_VOLTS) {
                double ohms = resistors.ohms(Set.of(nets.root(evidence.index().of(reading.red())[0])),
                        Set.of(nets.root(evidence.index().of(reading.black())[0])));
                if (ohms >= LEAST_OHMS && !Double.isInfinite(ohms)) {
                    seen.add(new Seen(ohms, volts));
                }
            }
        }
        return of(seen);
    }

    private static DiodeAmps of(List<Seen> seen) {
        double least = Foreseen.LEAST_AMPS;
        for (Seen s : seen) {
            least = Math.max(least, Math.min(Foreseen.MOST_AMPS, s.amps() * (1 - UNSURE)));
        }
        for (Seen s : seen) {
            boolean exact = s.volts < FEW_VOLTS || s.volts > ABOVE_JUNCTION && s.volts < BELOW_LIGHT;
            for (Seen other : seen) {
                boolean different = s.ohms > QUITE_DIFFERENT * other.ohms;
                exact |= different && Math.abs(s.amps() / other.amps() - 1) <= SHARE;
            }
            if (exact && s.amps() * (1 + UNSURE) >= least) {
                return new DiodeAmps(least, Math.min(Foreseen.MOST_AMPS, s.amps() * (1 + UNSURE)));
            }
        }
        return new DiodeAmps(least, Foreseen.MOST_AMPS);
    }
}
