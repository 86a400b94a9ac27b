package wegweiser.core.make;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * How long a particular pair of hands takes for each kind of deed: how many times as long as usual it took lately. A kind's
 * factor is the median of its own times and of the hands' factor for everything, counted as a few times of its own; the
 * latter is found in the same way from all times and from what is usual. So few steps change little, and a phone call changes
 * nothing. O(n log n) in the times that are kept.
 *
 * @param factors for each kind of deed, what it took as a multiple of the usual time, oldest first
 */
public record HandTimes(Map<String, List<Double>> factors) {
    /** Nothing learned yet. */
    public static final HandTimes USUAL = new HandTimes(Map.of());

    private static final int KEPT = 20;
    /** So many times must be there before a pair of hands' own count half. */
    private static final int USUAL_COUNTS = 5;
    /** More than so many times as long is a pause; as many times shorter, a step that was ticked later on. */
    private static final double PLAUSIBLE = 5;

    public HandTimes {
        Map<String, List<Double>> sorted = new TreeMap<>();
        factors.forEach((kind, values) -> sorted.put(kind, List.copyOf(values)));
        factors = java.util.Collections.unmodifiableMap(sorted);
    }

    /** How long these hands need, in seconds; 0 where hands are not needed. */
    public int seconds(Deed deed) {
        return (int) Math.round(deed.handSeconds() * factor(kind(deed)));
    }

    /** From how many steps this was learned. */
    public int learnedFrom() {
        return factors.values().stream().mapToInt(List::size).sum();
    }

    /** With a step's own time, in seconds; without it where that cannot have been the work alone. */
    public HandTimes learned(Deed deed, double seconds) {
        double factor = seconds / deed.handSeconds();
        if (deed.handSeconds() == 0 || factor > PLAUSIBLE || factor < 1 / PLAUSIBLE) {
            return this;
        }
        Map<String, List<Double>> more = new TreeMap<>(factors);
        List<Double> all = new ArrayList<>(more.getOrDefault(kind(deed), List.of()));
        // to a hundredth, as it is written
        all.add(Math.round(100 * factor) / 100.0);
        more.put(kind(deed), all.subList(Math.max(0, all.size() - KEPT), all.size()));
        return new HandTimes(more);
    }

    private double factor(String kind) {
        double hands = median(factors.values().stream().flatMap(List::stream), 1);
        return median(factors.getOrDefault(kind, List.of()).stream(), hands);
    }

    private static double median(Stream<Double> own, double usual) {
        double[] all = DoubleStream.concat(own.mapToDouble(Double::doubleValue),
                DoubleStream.generate(() -> usual).limit(USUAL_COUNTS)).sorted().toArray();
        return (all[all.length / 2] + all[(all.length - 1) / 2]) / 2;
    }

    private static String kind(Deed deed) {
        return deed.getClass().getSimpleName();
    }

    /** In one line, to be kept: {@code Cut 1.2 0.9;Join 1.1}. */
    public String text() {
        return factors.entrySet().stream()
                .map(e -> e.getKey() + " " + e.getValue().stream().map(String::valueOf).collect(
                        Collectors.joining(" ")))
                .collect(Collectors.joining(";"));
    }

    /** What was kept in one line; nothing learned where the line cannot be read. */
    public static HandTimes of(String text) {
        try {
            return new HandTimes(Arrays.stream(text.split(";")).filter(s -> !s.isBlank())
                    .map(s -> s.trim().split(" "))
                    .collect(Collectors.toMap(s -> s[0],
                            s -> Arrays.stream(s).skip(1).map(HandTimes::factorIn).toList())));
        } catch (IllegalArgumentException | IllegalStateException _) {
            return USUAL;
        }
    }

    private static double factorIn(String word) {
        double factor = Double.parseDouble(word);
        if (!(factor >= 1 / PLAUSIBLE && factor <= PLAUSIBLE)) {
            throw new IllegalArgumentException(word + " is no factor of a time");
        }
        return factor;
    }
}
