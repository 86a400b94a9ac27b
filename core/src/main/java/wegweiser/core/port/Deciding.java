package wegweiser.core.port;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.PortReading;
import wegweiser.core.pinout.Sources;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;
import wegweiser.core.words.Words;

/**
 * Where sources contradict each other: which measurement on the device would decide, and what the readings at hand
 * decide already. Each source's claim is a small distribution over what the contact can be; the measurement is the
 * one whose readings overlap least between the claims, per second.
 */
public final class Deciding {
    private static final double SURE = 0.95;
    private static final double WORTH_BITS = 0.25;

    private Deciding() {}

    /**
     * A measurement to make.
     *
     * @param measure empty when no measurement on the port can tell the claims apart
     * @param words what to do and what each result would prove
     */
    public record Proposal(String end, String contact, Optional<PortMeasure> measure, String words) {}

    /** One proposal for each contact at which sources still disagree. */
    public static List<Proposal> proposals(End end) {
        List<Proposal> found = new ArrayList<>();
        for (PinRow row : end.pinout()) {
            Map<String, List<String>> claims = claims(row);
            if (claims.size() > 1 && row.sources().stream().noneMatch(Sources::settles)) {
                found.add(proposal(end, row, claims));
            }
        }
        return found;
    }

    /** The end with every disagreement settled that its port readings decide. */
    public static End settle(End end) {
        End result = end;
        for (PinRow row : end.pinout()) {
            Map<String, List<String>> claims = claims(row);
            boolean open = claims.size() > 1 && row.sources().stream().noneMatch(Sources::settles);
            Optional<String> winner = open ? winner(end, row, claims) : Optional.empty();
            if (winner.isPresent()) {
                result = result.withRow(measured(row, winner.get(), claims.get(winner.get())));
            }
        }
        return result;
    }

    private static PinRow measured(PinRow row, String signal, List<String> by) {
        List<PinSource> sources = new ArrayList<>(row.sources());
        sources.add(PinSource.confirming(signal, by));
        String printed = row.sources().stream().filter(s -> Sources.signal(s).equals(signal))
                .map(PinSource::name)
                .findFirst().orElse(signal);
        boolean same = Signals.canonical(row.label()).equals(signal);
        return new PinRow(row.contact(), Optional.of(printed), Optional.of(signal),
                same ? row.direction() : Optional.empty(), row.level(), row.volts(), row.voltsMax(),
                row.amps(), row.pair(),
                sources, row.optional(),
                row.extra());
    }

    /** Each meaning that is claimed, with the sources that claim it. */
    private static Map<String, List<String>> claims(PinRow row) {
        Map<String, List<String>> claims = new LinkedHashMap<>();
        for (PinSource source : row.sources()) {
            if (!Sources.settles(source) && !source.name().isBlank()) {
                claims.computeIfAbsent(Sources.signal(source), _ -> new ArrayList<>()).add(source.source());
            }
        }
        return claims;
    }

    private static Proposal proposal(End end, PinRow row, Map<String, List<String>> claims) {
        List<Map<PortClass, Double>> classes = claims.keySet().stream().map(s -> classes(end, row, s))
                .toList();
        PortMeasure best = null;
        double bestRate = 0;
        for (PortMeasure measure : PortMeasure.values()) {
            boolean known = end.portReadings().stream().anyMatch(r -> r.contact().equals(row.contact())
                    && PortMeasure.of(r).filter(m -> m == measure).isPresent());
            double bits = known || measure == PortMeasure.LOADED ? 0 : information(classes, measure);
            double rate = bits / (measure.seconds() + (measure.powered() ? 6 : 0));
            if (bits > WORTH_BITS && rate > bestRate) {
                best = measure;
                bestRate = rate;
            }
        }
        List<String> says = new ArrayList<>();
        claims.forEach((signal, by) -> says.add(Words.say("deciding.claim", signal, Words.list(by))));
        if (best == null) {
            return new Proposal(end.name(), row.contact(), Optional.empty(),
                    Words.say("deciding.none", end.terminal(row.contact()), Words.list(says)));
        }
        List<String> results = new ArrayList<>();
        int k = 0;
        for (String signal : claims.keySet()) {
            results.add(Words.say("deciding.proves", expectation(classes.get(k++), best), signal));
        }
        String how = Words.say("deciding.measure." + best.id(),
                row.contact());
        return new Proposal(end.name(), row.contact(), Optional.of(best),
                Words.say("deciding.words", how, String.join("; ", results)));
    }

    private static String expectation(Map<PortClass, Double> classes, PortMeasure measure) {
        PortClass likely = classes.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow()
                .getKey();
        return Words.say("deciding.expect." + measure.id() + "."
                + switch (measure) {
                    case SHELL -> likely == PortClass.SCREEN ? "yes" : "no";
                    case SENDING -> likely.transmits() ? "yes" : "no";
                    default -> likely.id();
                });
    }

    private static Optional<String> winner(End end, PinRow row, Map<String, List<String>> claims) {
        Map<String, Double> weights = new LinkedHashMap<>();
        List<PortReading> here = end.portReadings().stream().filter(r -> r.contact().equals(row.contact()))
                .filter(r -> PortMeasure.of(r).filter(m -> m != PortMeasure.LOADED).isPresent()).toList();
        if (here.isEmpty()) {
            return Optional.empty();
        }
        double total = 0;
        for (String signal : claims.keySet()) {
            double weight = 0;
            for (Map.Entry<PortClass, Double> c : classes(end, row, signal).entrySet()) {
                for (PortModel.Kind kind : PortModel.Kind.values()) {
                    double product = c.getValue();
                    for (PortReading reading : here) {
                        PortMeasure measure = PortMeasure.of(reading).orElseThrow();
                        Bins bins = PortModel.of(kind).table(measure, c.getKey());
                        double value = measure == PortMeasure.OHMS
                                ? Math.log10(Math.clamp(reading.value(), 0.1, 1.6e8))
                                : reading.value();
                        product *= bins.share(bins.bin(value));
                    }
                    weight += product;
                }
            }
            weights.put(signal, weight);
            total += weight;
        }
        double sum = total;
        return weights.entrySet().stream().filter(e -> e.getValue() / sum >= SURE).map(Map.Entry::getKey)
                .findFirst();
    }

    /** What a contact can be if it is the signal that a source claims. */
    private static Map<PortClass, Double> classes(End end, PinRow row, String signal) {
        Map<PortClass, Double> found = new EnumMap<>(PortClass.class);
        Optional<Direction> direction = Pin.direction(end.role(), signal);
        if (signal.equals("GND")) {
            found.put(PortClass.GROUND, 1.0);
        } else if (signal.equals("SHIELD") || signal.equals("CHASSIS")) {
            found.put(PortClass.SCREEN, 0.6);
            found.put(PortClass.GROUND, 0.4);
        } else if (Signals.isSupply(signal)) {
            found.put(PortClass.SUPPLY, 1.0);
        } else if (signal.equals("NC")) {
            found.put(PortClass.OPEN, 1.0);
        } else if (direction.isPresent() && Signals.isSerial(signal)) {
            boolean logic = row.level().isPresent() && !Level.of(row).equals(Optional.of(Level.RS232));
            boolean out = direction.get() == Direction.OUT;
            boolean data = signal.equals("TXD") || signal.equals("RXD");
            found.put(out ? data ? PortClass.RS232_TRANSMIT : PortClass.RS232_OUTPUT : PortClass.RS232_INPUT,
                    logic ? 0.05 : 0.7);
            found.put(
                    out ? data ? PortClass.LOGIC_TRANSMIT : PortClass.LOGIC_OUTPUT : PortClass.LOGIC_PULL_UP,
                    logic ? 0.95 : 0.3);
        } else {
            for (PortClass c : PortClass.values()) {
                found.put(c, 1.0 / PortClass.values().length);
            }
        }
        return found;
    }

    /** Mutual information, in bits, of the claim and the reading, all claims being as likely as each other. */
    private static double information(List<Map<PortClass, Double>> claims, PortMeasure measure) {
        List<double[]> rows = new ArrayList<>();
        for (Map<PortClass, Double> claim : claims) {
            double[] row = null;
            for (Map.Entry<PortClass, Double> c : claim.entrySet()) {
                for (PortModel.Kind kind : PortModel.Kind.values()) {
                    Bins bins = PortModel.of(kind).table(measure, c.getKey());
                    row = row == null ? new double[bins.count()] : row;
                    for (int b = 0; b < row.length; b++) {
                        row[b] += c.getValue() * bins.share(b) / PortModel.Kind.values().length
                                / claims.size();
                    }
                }
            }
            rows.add(row);
        }
        double bits = 0;
        for (int b = 0; b < rows.getFirst().length; b++) {
            double bin = 0;
            for (double[] row : rows) {
                bin += row[b];
            }
            for (double[] row : rows) {
                bits += row[b] > 1e-12 ? row[b] * Math.log(row[b] * claims.size() / bin) / Math.log(2) : 0;
            }
        }
        return bits;
    }
}
