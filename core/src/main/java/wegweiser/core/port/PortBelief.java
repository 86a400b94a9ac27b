package wegweiser.core.port;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.model.PortReading;

/**
 * What the readings at a port make of each of its contacts. Bayes over the classes of every contact and the kind of
 * port; a port has one ground as a rule and at most one line that transmits, which is kept exactly by counting both
 * while going through the contacts forwards and backwards (the sum-product algorithm on a chain). Costs
 * O(contacts x classes) for each kind of port, times the nine states of the count.
 */
public final class PortBelief {
    /** Weight of no ground, one, and more; of no transmitting line, one, and more. */
    private static final double[] GROUNDS = {0.02, 1, 0.2};
    private static final double[] TRANSMITTERS = {0.3, 1, 0.002};
    private static final PortClass[] CLASSES = PortClass.values();
    /** From here on a class is called sure. */
    public static final double SURE = 0.95;

    /** A share too small to matter for what a measurement is expected to tell. */
    private static final double NEGLIGIBLE = 1e-4;

    private final Map<String, Map<PortMeasure, Double>> readings = new LinkedHashMap<>();
    private final Map<String, double[]> shares = new LinkedHashMap<>();
    private final Map<PortModel.Kind, Double> kinds = new EnumMap<>(PortModel.Kind.class);

    private PortBelief(List<String> contacts, List<PortReading> all) {
        contacts.forEach(c -> readings.put(c, new EnumMap<>(PortMeasure.class)));
        for (PortReading reading : all) {
            Map<PortMeasure, Double> here = readings.get(reading.contact());
            PortMeasure.of(reading).filter(_ -> here != null)
                    .ifPresent(m -> here.put(m, value(m, reading, here)));
        }
    }

    /** The belief after some readings; a later reading of the same kind at a contact replaces the earlier one. */
    public static PortBelief of(List<String> contacts, List<PortReading> readings) {
        PortBelief belief = new PortBelief(contacts, readings);
        belief.infer();
        return belief;
    }

    /** A voltage while sending counts as a movement when it differs clearly from the voltage at rest. */
    private static double value(PortMeasure measure, PortReading reading, Map<PortMeasure, Double> here) {
        if (measure == PortMeasure.SENDING && reading.mode() == PortReading.Kind.VOLTS) {
            double rest = here.getOrDefault(PortMeasure.VOLTS, reading.value());
            return Math.abs(reading.value() - rest) > Math.max(0.3, 0.08 * Math.abs(rest)) ? 1 : 0;
        }
        return reading.value();
    }

    private void infer() {
        List<String> contacts = new ArrayList<>(readings.keySet());
        Map<PortModel.Kind, double[][]> byKind = new EnumMap<>(PortModel.Kind.class);
        double most = Double.NEGATIVE_INFINITY;
        for (PortModel.Kind kind : PortModel.Kind.values()) {
            PortModel model = PortModel.of(kind);
            double[][] weights = new double[contacts.size()][];
            double scale = 0;
            for (int i = 0; i < contacts.size(); i++) {
                weights[i] = weights(model, readings.get(contacts.get(i)));
                double sum = java.util.Arrays.stream(weights[i]).sum();
                scale += Math.log(sum);
                for (int c = 0; c < weights[i].length; c++) {
                    weights[i][c] /= sum;
                }
            }
            double[][] marginals = new double[contacts.size()][CLASSES.length];
            double evidence = scale + Math.log(count(weights, marginals));
            byKind.put(kind, marginals);
            kinds.put(kind, evidence);
            most = Math.max(most, evidence);
        }
        double total = 0;
        for (PortModel.Kind kind : PortModel.Kind.values()) {
            kinds.put(kind, Math.exp(kinds.get(kind) - most));
            total += kinds.get(kind);
        }
        for (PortModel.Kind kind : PortModel.Kind.values()) {
            kinds.put(kind, kinds.get(kind) / total);
        }
        for (int i = 0; i < contacts.size(); i++) {
            double[] mixed = new double[CLASSES.length];
            for (PortModel.Kind kind : PortModel.Kind.values()) {
                for (int c = 0; c < mixed.length; c++) {
                    mixed[c] += kinds.get(kind) * byKind.get(kind)[i][c];
                }
            }
            shares.put(contacts.get(i), mixed);
        }
    }

    private static double[] weights(PortModel model, Map<PortMeasure, Double> seen) {
        double[] weights = new double[CLASSES.length];
        for (int c = 0; c < weights.length; c++) {
            weights[c] = model.prior(CLASSES[c]);
            for (Map.Entry<PortMeasure, Double> reading : seen.entrySet()) {
                OptionalDouble scaled = onScale(reading.getKey(), reading.getValue(), seen);
                if (scaled.isPresent()) {
                    Bins bins = model.table(reading.getKey(), CLASSES[c]);
                    weights[c] *= bins.share(bins.bin(scaled.getAsDouble()));
                }
            }
        }
        return weights;
    }

    /** A value on the scale of its table: ohms by their logarithm, a loaded voltage as a share of that at rest. */
    private static OptionalDouble onScale(PortMeasure measure, double value, Map<PortMeasure, Double> seen) {
        return switch (measure) {
            case OHMS -> OptionalDouble.of(Math.log10(Math.clamp(value, 0.1, 1.6e8)));
            case LOADED -> {
                double rest = seen.getOrDefault(PortMeasure.VOLTS, 0.0);
                yield Math.abs(rest) < 1 ? OptionalDouble.empty() : OptionalDouble.of(value / rest);
            }
            default -> OptionalDouble.of(value);
        };
    }

    /** Fills the marginals and returns the sum over all assignments, each weighted by its counts. */
    private static double count(double[][] weights, double[][] marginals) {
        int n = weights.length;
        double[][] before = new double[n + 1][9];
        double[][] after = new double[n + 1][9];
        before[0][0] = 1;
        for (int i = 0; i < n; i++) {
            for (int s = 0; s < 9; s++) {
                for (int c = 0; c < CLASSES.length && before[i][s] > 0; c++) {
                    before[i + 1][next(s, CLASSES[c])] += before[i][s] * weights[i][c];
                }
            }
        }
        for (int s = 0; s < 9; s++) {
            after[n][s] = GROUNDS[s / 3] * TRANSMITTERS[s % 3];
        }
        for (int i = n - 1; i >= 0; i--) {
            for (int s = 0; s < 9; s++) {
                for (int c = 0; c < CLASSES.length; c++) {
                    after[i][s] += weights[i][c] * after[i + 1][next(s, CLASSES[c])];
                }
            }
        }
        double total = after[0][0];
        for (int i = 0; i < n; i++) {
            for (int s = 0; s < 9; s++) {
                for (int c = 0; c < CLASSES.length; c++) {
                    marginals[i][c] += before[i][s] * weights[i][c] * after[i + 1][next(s, CLASSES[c])]
                            / total;
                }
            }
        }
        return total;
    }

    private static int next(int state, PortClass c) {
        int grounds = Math.min(2, state / 3 + (c == PortClass.GROUND ? 1 : 0));
        int transmitters = Math.min(2, state % 3 + (c.transmits() ? 1 : 0));
        return 3 * grounds + transmitters;
    }

    /** The contacts, in the order given. */
    public List<String> contacts() {
        return List.copyOf(readings.keySet());
    }

    /** How likely a contact is of a class. */
    public double share(String contact, PortClass c) {
        return shares.get(contact)[c.ordinal()];
    }

    /** The likeliest class of a contact. */
    public PortClass best(String contact) {
        double[] all = shares.get(contact);
        int best = 0;
        for (int c = 1; c < all.length; c++) {
            best = all[c] > all[best] ? c : best;
        }
        return CLASSES[best];
    }

    /** How sure the likeliest class is, 0 to 1. */
    public double confidence(String contact) {
        return share(contact, best(contact));
    }

    public boolean isSure(String contact) {
        return confidence(contact) >= SURE;
    }

    /** What was read at a contact, if it was. */
    public Optional<Double> reading(String contact, PortMeasure measure) {
        return Optional.ofNullable(readings.get(contact).get(measure));
    }

    /** The same for contacts about which the same is believed. */
    int likeness(String contact) {
        int hash = 7;
        for (double share : shares.get(contact)) {
            hash = 31 * hash + (int) Math.round(share * 1e5);
        }
        return hash;
    }

    /** How likely each bin of a measurement is at a contact, class by class: [class][bin], joint with the class. */
    double[][] expected(String contact, PortMeasure measure) {
        double[] now = shares.get(contact);
        double[][] joint = new double[CLASSES.length][];
        for (int c = 0; c < CLASSES.length; c++) {
            for (Map.Entry<PortModel.Kind, Double> kind : kinds.entrySet()) {
                Bins bins = PortModel.of(kind.getKey()).table(measure, CLASSES[c]);
                joint[c] = joint[c] == null ? new double[bins.count()] : joint[c];
                if (now[c] * kind.getValue() < NEGLIGIBLE) {
                    continue;
                }
                for (int b = 0; b < bins.count(); b++) {
                    joint[c][b] += now[c] * kind.getValue() * bins.share(b);
                }
            }
        }
        return joint;
    }
}
