package wegweiser.benchmarks.report;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Sweep;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Recogniser;

/**
 * How far identification keeps its word on cables of several mixes: how often what was said in the end was wrong, what it
 * took against both sweeps, and how often each degree of belief was right. Everything is seeded.
 */
final class MixReport {
    /** What the cables are. */
    enum Mix {
        /** Those of the mix from which the priors were taken. */
        HOUSE,
        /** Each named wiring in turn, which the advisor does not know. */
        UNKNOWN,
        /** Named wirings with one or two changes. */
        CHANGED,
        /** Some contacts joined at random, one to one. */
        RANDOM
    }

    private record Run(Nets truth, Session session) {}

    private MixReport() {}

    static void print(String[][] pairs, Mix mix, Fixture fixture, boolean worn, int cables, long seed) {
        System.out.printf(Locale.ROOT, "Mix %s, %s, %s meter, seed %d%n%n",
                mix.name().toLowerCase(Locale.ROOT),
                fixture.id(), worn ? "worn" : "honest", seed);
        System.out.println(
                "| pair | cables | wrong | not looked at | touches | seconds | full sweep | share | lost by full sweep "
                        + "| quick sweep | share | lost by quick sweep | quick sweep wrong |");
        System.out.println("| --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |");
        Calibration calibration = new Calibration();
        for (String[] pair : pairs) {
            CableMix source = new CableMix(pair[1], pair[2]);
            List<Run> runs = runs(source, mix, fixture, worn, cables, seed, calibration);
            double own = runs.stream().mapToDouble(r -> r.session.seconds()).average().orElse(0);
            double full = TraceReport.fullSweep(source);
            double quick = runs.stream().mapToDouble(
                    r -> Sweep.of(source.job(), r.truth, CostModel.USUAL, Fixture.PROBES).seconds()).average()
                    .orElse(0);
            TraceReport.row(pair[0], runs.size(),
                    share(runs, Session.Word.WRONG), share(runs, Session.Word.UNSEEN),
                    runs.stream().mapToInt(r -> r.session.touches()).average().orElse(0), own, full,
                    own / full, full - own, quick, own / quick, quick - own,
                    percent(runs.stream().filter(r -> !isOneToOne(r.truth)).count(), runs.size()));
        }
        System.out.println();
        System.out.println(calibration.plot());
    }

    private static List<Run> runs(CableMix source, Mix mix, Fixture fixture, boolean worn, int cables,
            long seed,
            Calibration calibration) {
        if (mix == Mix.UNKNOWN) {
            return source.named().stream().parallel()
                    .map(c -> run(source, source.nets(c.wiring()), fixture, without(c), calibration))
                    .toList();
        }
        SplittableRandom random = new SplittableRandom(seed);
        List<Nets> truths = IntStream.range(0, cables)
                .mapToObj(_ -> source.draw(CableMix.Kind.valueOf(mix.name()), random)).toList();
        Advisor advisor = advisor(source, fixture, NamedWiring.standard());
        return IntStream.range(0, cables).parallel().mapToObj(k -> {
            Nets truth = truths.get(k);
            Meter meter = worn
                    ? Meter.worn(truth, new SplittableRandom(seed + 31L * k))
                    : Meter.honest(truth);
            return new Run(truth, Session.run(advisor, truth, meter, fixture, true, List.of(),
                    Optional.of(calibration)));
        }).toList();
    }

    private static Run run(CableMix source, Nets truth, Fixture fixture, List<NamedWiring> known,
            Calibration calibration) {
        return new Run(truth,
                Session.run(advisor(source, fixture, known), truth, Meter.honest(truth), fixture, true,
                        List.of(),
                        Optional.of(calibration)));
    }

    private static Advisor advisor(CableMix source, Fixture fixture, List<NamedWiring> known) {
        return new Advisor(source.job(), source.index(), fixture, Goal.IDENTIFY, CostModel.USUAL, 1, known);
    }

    private static List<NamedWiring> without(Recogniser.Candidate one) {
        return NamedWiring.standard().stream().filter(n -> !n.id().equals(one.named().id())).toList();
    }

    /** The quick sweep takes every join to be one to one; of any other cable it says too little. */
    private static boolean isOneToOne(Nets truth) {
        return truth.joinedNets().stream().allMatch(net -> net.size() == 2
                && !net.getFirst().end().equals(net.getLast().end()));
    }

    private static String share(List<Run> runs, Session.Word word) {
        return percent(runs.stream().filter(r -> r.session.word() == word).count(), runs.size());
    }

    private static String percent(long part, long whole) {
        return String.format(Locale.ROOT, "%.2f %%", 100.0 * part / whole);
    }
}
