package wegweiser.benchmarks.report;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.faults.FaultChances;
import wegweiser.core.faults.FaultKind;
import wegweiser.core.faults.Faults;
import wegweiser.core.faults.PossibleFault;
import wegweiser.core.model.Reading;
import wegweiser.core.prove.Sureness;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Testing;
import wegweiser.core.usual.UsualCable;
import wegweiser.instruments.MeterTraits;
import wegweiser.instruments.SimulatedCable;
import wegweiser.instruments.SimulatedMeter;

/**
 * Whether the chance that a fault is left is as large as is said. Usual cables are made with faults drawn from some mix and
 * touched as {@link Sureness} asks; after each touch that showed nothing wrong it is noted what was said and whether there is
 * a fault, in ten bins of equal ratio from 1 in 4 to 1 in 1000. The mixes: the table as it is; every kind up to three times as
 * often or as rarely; two faults wherever there is one; and each kind of fault in turn unknown to the model.
 */
final class SureReport {
    private static final int BINS = 10;
    private static final double LARGEST = 0.25;
    private static final double LEAST = 0.001;
    private static final double TIMES = 3;

    private final long[] count = new long[BINS];
    private final long[] left = new long[BINS];
    private final double[] said = new double[BINS];

    /** A cable with the touches that are made as long as all is good, and the faults that each of them shows. */
    private record Walk(List<PossibleFault> faults, List<Double> said, List<Set<Integer>> shown) {
        static Walk of(UsualCable usual, Set<FaultKind> unknown) {
            Derived all = Derived.of(usual.job());
            Derived model = Derived.of(usual.job());
            List<PossibleFault> known = Faults.of(all).stream().filter(f -> !unknown.contains(f.kind()))
                    .toList();
            model.plan().once(Faults.class, () -> known);
            SimulatedMeter meter = new SimulatedMeter(new SimulatedCable(usual.job(), all.terminals()),
                    MeterTraits.USUAL, 1);
            Sureness sureness = Sureness.of(model, Testing.with(Fixture.PROBES));
            List<Reading> readings = new ArrayList<>();
            for (Optional<Test> next = sureness.next(readings, LEAST / 2); next.isPresent(); next = sureness
                    .next(readings, LEAST / 2)) {
                Test test = next.get();
                readings.add(Reading.of(test.mode(), test.touch(), meter.measure(test.touch(), test.mode())));
            }
            FaultChances every = FaultChances.of(all);
            return new Walk(Faults.of(all), sureness.soFar(readings), readings.stream()
                    .map(r -> (Set<Integer>) new HashSet<>(Arrays.stream(every.against(r)).boxed().toList()))
                    .toList());
        }
    }

    static void print(int cables, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Walk> walks = walks(Set.of());
        row("house", walks, cables, random, false, false);
        row("other weights", walks, cables, random, true, false);
        row("two faults", walks, cables, random, false, true);
        for (FaultKind kind : FaultKind.values()) {
            List<Walk> without = walks(Set.of(kind));
            if (without.stream().anyMatch(w -> w.faults().stream().anyMatch(f -> f.kind() == kind))) {
                row("unknown: " + kind.id(), without, cables / 4, random, false, false);
            }
        }
    }

    private static List<Walk> walks(Set<FaultKind> unknown) {
        return UsualCable.all().stream().filter(u -> Derived.of(u.job()).index().size() <= 40)
                .map(u -> Walk.of(u, unknown)).toList();
    }

    private static void row(String mix, List<Walk> walks, int cables, SplittableRandom random,
            boolean weights,
            boolean two) {
        SureReport report = new SureReport();
        for (Walk walk : walks) {
            for (int k = 0; k < cables; k++) {
                report.add(walk, drawn(walk, random, weights, two), random);
            }
        }
        System.out.printf("%n%s, %d cables%n%s", mix, walks.size() * cables, report.plot());
    }

    private static Set<Integer> drawn(Walk walk, SplittableRandom random, boolean weights, boolean two) {
        Map<FaultKind, Double> weight = new HashMap<>();
        Set<Integer> drawn = new HashSet<>();
        for (int k = 0; k < walk.faults().size(); k++) {
            PossibleFault fault = walk.faults().get(k);
            double times = !weights
                    ? 1
                    : weight.computeIfAbsent(fault.kind(), _ -> Math.pow(TIMES, 2 * random.nextDouble() - 1));
            if (random.nextDouble() < fault.chance() * times) {
                drawn.add(k);
            }
        }
        if (two && !drawn.isEmpty()) {
            drawn.add(random.nextInt(walk.faults().size()));
        }
        return drawn;
    }

    /** A probe sits badly now and then, at some cables more than at others. */
    private void add(Walk walk, Set<Integer> faults, SplittableRandom random) {
        double missed = 0.02 * random.nextDouble();
        for (int k = 0; k < walk.said().size(); k++) {
            Set<Integer> shown = walk.shown().get(k);
            if (faults.stream().anyMatch(shown::contains) && random.nextDouble() >= missed) {
                return;
            }
            double chance = walk.said().get(k);
            int bin = (int) Math.floor(BINS * Math.log(LARGEST / chance) / Math.log(LARGEST / LEAST));
            if (bin >= 0 && bin < BINS) {
                count[bin]++;
                said[bin] += chance;
                left[bin] += faults.isEmpty() ? 0 : 1;
            }
        }
    }

    private String plot() {
        StringBuilder text = new StringBuilder();
        for (int b = 0; b < BINS; b++) {
            if (count[b] == 0) {
                continue;
            }
            double mean = said[b] / count[b];
            double share = (double) left[b] / count[b];
            text.append(String.format(Locale.ROOT, "  said 1 in %-6.0f is 1 in %-6.0f times %.2f  of %d%n",
                    1 / mean,
                    1 / share, share / mean, count[b]));
        }
        return text.toString();
    }
}
