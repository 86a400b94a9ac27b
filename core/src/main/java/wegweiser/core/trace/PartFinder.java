package wegweiser.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;

/**
 * Names the parts that readings between single terminals show. Parts lie between classes: several readings of
 * one pair of classes are one part, and a resistance that the resistors found so far already explain in series
 * is no part of its own. The shortest way through known resistors is found by Dijkstra, O(classes²) a reading.
 */
final class PartFinder {
    private static final double SERIES_SHARE = 0.03;
    private static final double SERIES_OHMS = 2.0;

    private PartFinder() {}

    private record Seen(int number, int a, int b, Reading reading) {}

    static List<MeasuredPart> find(Evidence evidence, List<CopperProof.Item> items) {
        List<Seen> resistances = new ArrayList<>();
        List<Seen> voltages = new ArrayList<>();
        for (CopperProof.Item item : items) {
            if (item.meaning() == Meaning.SHOWS_PART && item.isSingle()) {
                Reading reading = evidence.readings().get(item.number() - 1);
                Seen seen = new Seen(item.number(), item.red()[0], item.black()[0], reading);
                (reading.outcome() instanceof Outcome.Resistance ? resistances : voltages).add(seen);
            }
        }
        int[] labels = evidence.labels();
        Map<String, List<Seen>> byPair = new LinkedHashMap<>();
        for (Seen seen : resistances) {
            byPair.computeIfAbsent(key(labels, seen.a, seen.b, false), _ -> new ArrayList<>()).add(seen);
        }
        List<MeasuredPart> parts = new ArrayList<>(
                resistors(evidence, labels, new ArrayList<>(byPair.values())));
        Map<String, List<Seen>> diodes = new LinkedHashMap<>();
        for (Seen seen : voltages) {
            if (!byPair.containsKey(key(labels, seen.a, seen.b, false))) {
                diodes.computeIfAbsent(key(labels, seen.a, seen.b, true), _ -> new ArrayList<>()).add(seen);
            }
        }
        for (List<Seen> same : diodes.values()) {
            Seen first = same.getFirst();
            double volts = ((Outcome.Voltage) first.reading.outcome()).volts();
            parts.add(new MeasuredPart(evidence.index().get(first.a), evidence.index().get(first.b),
                    PartKind.DIODE,
                    Double.NaN, volts, same.stream().map(Seen::number).toList()));
        }
        return List.copyOf(parts);
    }

    private static List<MeasuredPart> resistors(Evidence evidence, int[] labels, List<List<Seen>> groups) {
        groups.sort(Comparator.comparingDouble(PartFinder::meanOhms));
        Map<Integer, Map<Integer, Double>> known = new HashMap<>();
        List<MeasuredPart> parts = new ArrayList<>();
        for (List<Seen> group : groups) {
            Seen first = group.getFirst();
            double ohms = meanOhms(group);
            double through = shortest(known, labels[first.a], labels[first.b]);
            if (Math.abs(through - ohms) <= SERIES_OHMS + SERIES_SHARE * ohms) {
                continue;
            }
            known.computeIfAbsent(labels[first.a], _ -> new HashMap<>()).put(labels[first.b], ohms);
            known.computeIfAbsent(labels[first.b], _ -> new HashMap<>()).put(labels[first.a], ohms);
            parts.add(new MeasuredPart(evidence.index().get(first.a), evidence.index().get(first.b),
                    PartKind.RESISTOR,
                    ohms, Double.NaN, group.stream().map(Seen::number).toList()));
        }
        return parts;
    }

    private static double meanOhms(List<Seen> group) {
        return group.stream().mapToDouble(s -> Evidence.ohmsWithoutLeads(s.reading)).average()
                .orElse(Double.NaN);
    }

    private static double shortest(Map<Integer, Map<Integer, Double>> known, int from, int to) {
        Map<Integer, Double> best = new HashMap<>(Map.of(from, 0.0));
        List<Integer> open = new ArrayList<>(List.of(from));
        while (!open.isEmpty()) {
            Integer at = open.stream().min(Comparator.comparing(best::get)).orElseThrow();
            open.remove(at);
            if (at == to) {
                return best.get(at);
            }
            known.getOrDefault(at, Map.of()).forEach((next, ohms) -> {
                double reached = best.get(at) + ohms;
                if (reached < best.getOrDefault(next, Double.MAX_VALUE)) {
                    best.put(next, reached);
                    open.add(next);
                }
            });
        }
        return Double.MAX_VALUE;
    }

    private static String key(int[] labels, int a, int b, boolean directed) {
        int first = directed ? labels[a] : Math.min(labels[a], labels[b]);
        int second = directed ? labels[b] : Math.max(labels[a], labels[b]);
        return first + " " + second;
    }
}
