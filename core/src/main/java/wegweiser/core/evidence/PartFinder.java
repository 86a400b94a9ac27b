package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import wegweiser.core.electrical.ResistorNetwork;
import wegweiser.core.electrical.ResistorNetwork.Branch;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.wiring.Partition;

/**
 * Names the parts that readings between single terminals show. Parts lie between classes: several readings of one pair
 * of classes are one part.
 *
 * <p>A resistance read between two classes is that of the whole network between them. Starting from the smallest, a
 * reading that the resistors found so far explain needs no part of its own; otherwise one is put in, and the values of
 * all are brought to where each pair shows what was read there: what is missing at a pair in conductance is added to its
 * resistor, over and over. What such a resistor no longer carries is taken out again. O(readings² x classes³) for the
 * classes that parts join, which are few.
 */
final class PartFinder {
    private static final double SHARE = 0.03;
    private static final double OHMS = 2.0;
    private static final int ROUNDS = 60;
    /** A diode that reads so much less one way than the other is no resistor; a resistor reads the same both ways. */
    private static final double LOPSIDED = 1.25;
    private static final double LOPSIDED_VOLTS = 0.05;

    private final Evidence evidence;
    private final Partition nets;

    private record Seen(int number, int a, int b, Reading reading) {}

    /** Readings of one pair of classes, and what they show without the leads. */
    private record Group(List<Seen> readings, double value) {
        Seen first() {
            return readings.getFirst();
        }

        List<Integer> numbers() {
            return readings.stream().map(Seen::number).toList();
        }
    }

    private PartFinder(Evidence evidence) {
        this.evidence = evidence;
        this.nets = evidence.partition();
    }

    static List<MeasuredPart> find(Evidence evidence, List<CopperProof.Item> items) {
        PartFinder finder = new PartFinder(evidence);
        Map<String, List<Seen>> resistances = new LinkedHashMap<>();
        Map<String, List<Seen>> voltages = new LinkedHashMap<>();
        for (CopperProof.Item item : items) {
            if (item.meaning() == Meaning.SHOWS_PART && item.isSingle()) {
                Seen seen = new Seen(item.number(), item.red()[0], item.black()[0],
                        evidence.readings().get(item.number() - 1));
                boolean ohms = seen.reading.outcome() instanceof Outcome.Resistance;
                (ohms ? resistances : voltages)
                        .computeIfAbsent(finder.key(seen.a, seen.b, !ohms), _ -> new ArrayList<>()).add(seen);
            }
        }
        List<MeasuredPart> parts = new ArrayList<>(finder.resistors(resistances.values().stream()
                .map(same -> new Group(same, mean(same))).toList()));
        voltages.values().stream().map(same -> new Group(same, lastVolts(same))).filter(finder::isDiode)
                .forEach(g -> parts.add(new MeasuredPart(evidence.index().get(g.first().a),
                        evidence.index().get(g.first().b), PartKind.DIODE, Double.NaN, g.value(),
                        g.numbers())));
        return List.copyOf(parts);
    }

    private static double mean(List<Seen> same) {
        return same.stream().mapToDouble(s -> Evidence.ohmsWithoutLeads(s.reading)).average()
                .orElse(Double.NaN);
    }

    private static double lastVolts(List<Seen> same) {
        return ((Outcome.Voltage) same.getLast().reading.outcome()).volts();
    }

    /** Whether a voltage in diode mode is that of a diode, and not what the meter's current leaves at a resistor. */
    private boolean isDiode(Group group) {
        OptionalDouble back = evidence.looked().volts(group.first().b, group.first().a);
        boolean lopsided = back.isPresent()
                && back.getAsDouble() > LOPSIDED * group.value() + LOPSIDED_VOLTS;
        if (evidence.looked().ohms(group.first().a, group.first().b).isPresent()) {
            return lopsided;
        }
        // alike both ways it may be two diodes or one resistor, and ohms will tell
        return back.isEmpty() || lopsided || evidence.looked().inOhms(group.first().a, group.first().b)
                || evidence.looked().volts(group.first().a, group.first().b)
                        .orElse(0) > LOPSIDED * back.getAsDouble() + LOPSIDED_VOLTS;
    }

    private List<MeasuredPart> resistors(List<Group> groups) {
        List<Group> sorted = new ArrayList<>(groups);
        sorted.sort(Comparator.comparingDouble(Group::value));
        List<Group> chosen = new ArrayList<>();
        List<Branch> network = new ArrayList<>();
        for (Group group : sorted) {
            double through = through(network, group);
            // no network of resistors lets less through than its parts do, so only too small a reading needs one more
            if (group.value() < through - OHMS - SHARE * group.value()) {
                chosen.add(group);
                network.add(new Branch(nets.root(group.first().a), nets.root(group.first().b),
                        1 / (1 / group.value() - 1 / through)));
                network = settled(network, chosen);
            }
        }
        prune(network, chosen);
        List<MeasuredPart> parts = new ArrayList<>();
        for (int k = 0; k < chosen.size(); k++) {
            Group group = chosen.get(k);
            parts.add(new MeasuredPart(evidence.index().get(group.first().a),
                    evidence.index().get(group.first().b),
                    PartKind.RESISTOR, network.get(k).ohms(), Double.NaN, group.numbers()));
        }
        return parts;
    }

    private double through(List<Branch> network, Group group) {
        return ResistorNetwork.between(network, nets.root(group.first().a), nets.root(group.first().b));
    }

    /** The network with values such that each of its pairs shows what was read there, as near as may be. */
    private List<Branch> settled(List<Branch> network, List<Group> chosen) {
        List<Branch> now = network;
        for (int round = 0; round < ROUNDS; round++) {
            List<Branch> before = now;
            List<Branch> next = new ArrayList<>();
            double worst = 0;
            for (int k = 0; k < chosen.size(); k++) {
                Group group = chosen.get(k);
                double shows = through(before, group);
                worst = Math.max(worst, Math.abs(shows - group.value()) / group.value());
                double siemens = 1 / before.get(k).ohms() + 1 / group.value() - 1 / shows;
                next.add(new Branch(before.get(k).from(), before.get(k).to(), 1 / Math.max(1e-12, siemens)));
            }
            now = next;
            if (worst < 1e-4) {
                break;
            }
        }
        return now;
    }

    /** Takes out what the others account for once they have their values. */
    private void prune(List<Branch> network, List<Group> chosen) {
        for (int k = chosen.size() - 1; k >= 0; k--) {
            List<Branch> without = new ArrayList<>(network);
            without.remove(k);
            double through = through(without, chosen.get(k));
            if (Math.abs(through - chosen.get(k).value()) <= OHMS + SHARE * chosen.get(k).value()) {
                chosen.remove(k);
                network.remove(k);
                List<Branch> settled = settled(network, chosen);
                network.clear();
                network.addAll(settled);
            }
        }
    }

    private String key(int a, int b, boolean directed) {
        int first = directed ? nets.root(a) : Math.min(nets.root(a), nets.root(b));
        int second = directed ? nets.root(b) : Math.max(nets.root(a), nets.root(b));
        return first + " " + second;
    }
}
