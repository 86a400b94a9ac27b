package wegweiser.core.port;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import wegweiser.core.words.Words;

/**
 * Which measurement at a port to make next: the one that is expected to tell most about its contact for the seconds
 * it takes, switching the device on or off included. The gain is the mutual information of class and reading, in
 * bits. O(contacts x measures x classes x bins).
 */
public final class PortAdvisor {
    private static final double WORTH_BITS = 0.004;

    private PortAdvisor() {}

    /** A measurement with its reason in one sentence. */
    public record Proposal(String contact, PortMeasure measure, double bits, double seconds, String why) {}

    /**
     * The next measurement, or empty when every contact is sure or nothing would tell more.
     *
     * @param powered whether the device has power now
     * @param allowed which measurements can be made at all: a port without a shell has none against it
     */
    public static Optional<Proposal> next(PortBelief belief, boolean powered,
            BiPredicate<String, PortMeasure> allowed) {
        Proposal best = null;
        double bestRate = 0;
        Map<Integer, Double> known = new HashMap<>();
        for (String contact : belief.contacts()) {
            if (belief.isSure(contact)) {
                continue;
            }
            for (PortMeasure measure : PortMeasure.values()) {
                if (!isOpen(belief, contact, measure) || !allowed.test(contact, measure)) {
                    continue;
                }
                double bits = known.computeIfAbsent(31 * belief.likeness(contact) + measure.ordinal(),
                        _ -> information(belief.expected(contact, measure)));
                double seconds = measure.seconds()
                        + (measure.powered() == powered ? 0 : PortMeasure.SWITCH_SECONDS);
                if (bits > WORTH_BITS && bits / seconds > bestRate + 1e-12) {
                    bestRate = bits / seconds;
                    best = new Proposal(contact, measure, bits, seconds, "");
                }
            }
        }
        return Optional.ofNullable(best)
                .map(p -> new Proposal(p.contact(), p.measure(), p.bits(), p.seconds(), why(belief, p)));
    }

    private static boolean isOpen(PortBelief belief, String contact, PortMeasure measure) {
        if (belief.reading(contact, measure).isPresent()) {
            return false;
        }
        double rest = belief.reading(contact, PortMeasure.VOLTS).orElse(0.0);
        return switch (measure) {
            // a load or traffic tells something only where there is a voltage
            case LOADED, SENDING -> Math.abs(rest) >= 1;
            default -> true;
        };
    }

    private static double information(double[][] joint) {
        double nats = 0;
        double[] bins = new double[joint[0].length];
        for (double[] row : joint) {
            for (int b = 0; b < row.length; b++) {
                bins[b] += row[b];
            }
        }
        for (double[] row : joint) {
            double c = 0;
            for (double share : row) {
                c += share;
            }
            for (int b = 0; b < row.length; b++) {
                nats += row[b] > 1e-12 ? row[b] * Math.log(row[b] / (bins[b] * c)) : 0;
            }
        }
        return nats / Math.log(2);
    }

    private static String why(PortBelief belief, Proposal p) {
        PortClass first = belief.best(p.contact());
        PortClass second = null;
        for (PortClass c : PortClass.values()) {
            if (c != first
                    && (second == null || belief.share(p.contact(), c) > belief.share(p.contact(), second))) {
                second = c;
            }
        }
        return belief.confidence(p.contact()) < 0.3
                ? Words.say("port.why.first", p.contact())
                : Words.say("port.why.split", p.contact(), first.words(), second.words());
    }
}
