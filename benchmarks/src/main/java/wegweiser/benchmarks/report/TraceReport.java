package wegweiser.benchmarks.report;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Isolation;
import wegweiser.core.advice.Sweep;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/**
 * How many touches and seconds the advisor needs on a mix of cables, against two sweeps with the same costs. The
 * quick sweep looks for each contact of A through the contacts of B not yet found until one beeps; it takes every
 * join to be one to one and sees no short. The full sweep touches every A against every B. Everything is seeded.
 *
 * <p>With {@code --mix NAME}, and {@code --seed N}, {@code --cables K}, {@code --fixture probes|clip|comb} where wanted,
 * only identification is measured, on another mix: see {@link MixReport}.
 *
 * <p>With {@code --sure} it is measured whether the chance that a fault is left is as large as is said: {@link SureReport}.
 *
 * <p>Otherwise the arguments are: cables a pair (2000), then what to run: identify, prove, both, fixtures, or only
 * one of probes, clip, comb and ladder, then the pairs, such as "9 to 9"; all of them where none is named.
 */
public final class TraceReport {
    private static final String[][] ALL = {{"9 to 9", "dsub-9-socket", "dsub-9-plug"},
            {"9 to 25", "dsub-9-socket", "dsub-25-plug"}, {"10 to 9", "box-header-10-socket", "dsub-9-plug"},
            {"8P8C to 8P8C", "modular-8p8c-plug", "modular-8p8c-plug"},
            {"6P6C to 6P6C", "modular-6p6c-plug", "modular-6p6c-plug"},
            {"25 to 25", "dsub-25-socket", "dsub-25-plug"}};

    private TraceReport() {}

    public static void main(String[] args) {
        if (args.length > 0 && args[0].equals("--floor")) {
            FloorReport.print();
            return;
        }
        if (args.length > 0 && args[0].equals("--sure")) {
            SureReport.print(Integer.parseInt(option(List.of(args), "--cables", "4000")),
                    Long.parseLong(option(List.of(args), "--seed", "7")));
            return;
        }
        if (args.length > 0 && args[0].equals("--wide")) {
            WideReport.print(Integer.parseInt(option(List.of(args), "--cables", "12")),
                    Long.parseLong(option(List.of(args), "--seed", "7")));
            return;
        }
        if (args.length > 0 && args[0].startsWith("--")) {
            mixes(List.of(args));
            return;
        }
        int cables = args.length > 0 ? Integer.parseInt(args[0]) : 2000;
        String what = args.length > 1 ? args[1] : "both";
        String[][] pairs = ALL;
        if (args.length > 2) {
            pairs = Arrays.stream(ALL).filter(p -> List.of(args).subList(2, args.length).contains(p[0]))
                    .toArray(String[][]::new);
        }
        if (what.equals("identify") || what.equals("both")) {
            identify(pairs, cables);
        }
        if (what.equals("prove") || what.equals("both")) {
            prove(pairs, cables);
        }
        if (what.equals("fixtures") || FixtureReport.NAMES.contains(what)) {
            FixtureReport.print(pairs, cables,
                    what.equals("fixtures") ? FixtureReport.NAMES : List.of(what));
        }
    }

    private static void mixes(List<String> args) {
        String mix = option(args, "--mix", "house");
        List<String> named = args.stream().filter(a -> a.contains(" to ")).toList();
        String[][] pairs = Arrays.stream(ALL).filter(p -> named.isEmpty() || named.contains(p[0]))
                .toArray(String[][]::new);
        for (MixReport.Mix one : mix.equals("all")
                ? List.of(MixReport.Mix.values())
                : List.of(MixReport.Mix.valueOf(mix.toUpperCase(Locale.ROOT)))) {
            MixReport.print(pairs, one, Fixture.valueOf(option(args, "--fixture", "probes")
                    .toUpperCase(Locale.ROOT)), option(args, "--meter", "honest").equals("worn"),
                    Integer.parseInt(option(args, "--cables", "300")),
                    Long.parseLong(option(args, "--seed", "1")));
        }
    }

    private static String option(List<String> args, String name, String otherwise) {
        int at = args.indexOf(name);
        return at >= 0 && at + 1 < args.size() ? args.get(at + 1) : otherwise;
    }

    private static List<Nets> drawn(CableMix mix, int cables) {
        SplittableRandom random = new SplittableRandom(2026);
        return IntStream.range(0, cables).mapToObj(_ -> mix.draw(random)).toList();
    }

    private static void identify(String[][] pairs, int cables) {
        System.out.println("Identify with two probes, " + cables + " cables a pair\n");
        System.out.println(
                "| pair | entropy, bit | touches | seconds | full sweep | share | quick sweep | share "
                        + "| named: seconds | quick | random: seconds | quick | wrong |");
        System.out.println("| --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |");
        for (String[] pair : pairs) {
            CableMix mix = new CableMix(pair[1], pair[2]);
            List<Nets> truths = drawn(mix, cables);
            Advisor advisor = new Advisor(mix.job(), mix.index(), Fixture.PROBES, Goal.IDENTIFY,
                    CostModel.USUAL, 1);
            List<Session> sessions = Session.all(advisor, truths, Fixture.PROBES, true);
            double[] own = sessions.stream().mapToDouble(Session::seconds).toArray();
            double[] quick = truths.stream().mapToDouble(
                    t -> Sweep.of(mix.job(), t, CostModel.USUAL, Fixture.PROBES).seconds()).toArray();
            boolean[] listed = new boolean[cables];
            for (int i = 0; i < cables; i++) {
                listed[i] = mix.isListed(truths.get(i));
            }
            double full = fullSweep(mix);
            row(pair[0], mix.entropyBits(), sessions.stream().mapToInt(Session::touches).average().orElse(0),
                    mean(own, _ -> true), full, mean(own, _ -> true) / full, mean(quick, _ -> true),
                    mean(own, _ -> true) / mean(quick, _ -> true), mean(own, i -> listed[i]),
                    mean(quick, i -> listed[i]), mean(own, i -> !listed[i]), mean(quick, i -> !listed[i]),
                    "%.2f %%".formatted(100.0 * sessions.stream().filter(s -> !s.right()).count() / cables));
        }
        System.out.println();
    }

    private static double mean(double[] values, IntPredicate which) {
        return IntStream.range(0, values.length).filter(which).mapToDouble(i -> values[i]).average()
                .orElse(Double.NaN);
    }

    /**
     * A touch answers one bit at most. A cable therefore needs as many touches as it has joins, those that set its nets
     * apart, and one for each bit by which its surprise in the mix exceeds what the touches on its joins can answer.
     */
    private static double floor(CableMix mix, Nets cable) {
        double joins = cable.partition().size() - nets(cable);
        return joins + cuts(cable) + Math.max(0, mix.bits(cable) - joins);
    }

    private static void prove(String[][] pairs, int cables) {
        System.out.println("Prove every pair with a comb, " + cables + " cables a pair\n");
        System.out.println("| pair | touches | seconds | joins | cuts | open bits | floor | share "
                + "| share, named | share, random | floor of means | share | not read | wrong "
                + "| proved: touches | seconds | not proved |");
        System.out.println(
                "| --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- "
                        + "| --- | --- | --- |");
        for (String[] pair : pairs) {
            CableMix mix = new CableMix(pair[1], pair[2]);
            List<Nets> truths = drawn(mix, cables);
            List<Session> sessions = sessions(mix, truths, Goal.ONCE);
            List<Session> proofs = sessions(mix, truths, Goal.PROVE);
            double joins = truths.stream().mapToInt(t -> t.partition().size() - nets(t)).average().orElse(0);
            double cuts = truths.stream().mapToDouble(TraceReport::cuts)
                    .average().orElse(0);
            double floor = truths.stream().mapToDouble(t -> floor(mix, t)).average().orElse(0);
            double touches = sessions.stream().mapToInt(Session::touches).average().orElse(0);
            double means = joins + cuts + Math.max(0, mix.entropyBits() - joins);
            row(pair[0], touches, sessions.stream().mapToDouble(Session::seconds).average().orElse(0), joins,
                    cuts, floor - joins - cuts, floor, touches / floor, share(mix, truths, sessions, true),
                    share(mix, truths, sessions, false), means, touches / means,
                    (int) sessions.stream().filter(s -> !s.read()).count(),
                    (int) sessions.stream().filter(s -> !s.right()).count(),
                    proofs.stream().mapToInt(Session::touches).average().orElse(0),
                    proofs.stream().mapToDouble(Session::seconds).average().orElse(0),
                    (int) proofs.stream().filter(s -> s.unproved() > 0).count());
        }
        System.out.println();
    }

    private static List<Session> sessions(CableMix mix, List<Nets> truths, Goal goal) {
        return Session.all(new Advisor(mix.job(), mix.index(), Fixture.COMB, goal, CostModel.USUAL, 1),
                truths,
                Fixture.COMB, false);
    }

    /** Touches against the floor for the cables with a name, or for those without. */
    private static double share(CableMix mix, List<Nets> truths, List<Session> sessions, boolean listed) {
        double touches = 0;
        double floor = 0;
        for (int i = 0; i < truths.size(); i++) {
            if (mix.isListed(truths.get(i)) == listed) {
                touches += sessions.get(i).touches();
                floor += floor(mix, truths.get(i));
            }
        }
        return touches / floor;
    }

    /** The placements that have every net on the red side against every other one: ohms and diode mode are read at each. */
    private static double cuts(Nets truth) {
        return Isolation.bothWays(nets(truth)).size();
    }

    private static int nets(Nets truth) {
        return truth.partition().count();
    }

    static double fullSweep(CableMix mix) {
        List<Terminal> near = mix.index().terminals().stream().filter(t -> t.end().equals("A")).toList();
        List<Terminal> far = mix.index().terminals().stream().filter(t -> t.end().equals("B")).toList();
        double seconds = 0;
        Optional<Touch> last = Optional.empty();
        for (Terminal a : near) {
            for (Terminal b : far) {
                Touch touch = Touch.of(a, b);
                seconds += CostModel.USUAL.seconds(last, touch, Fixture.PROBES);
                last = Optional.of(touch);
            }
        }
        return seconds;
    }

    static void row(Object... cells) {
        List<String> words = new ArrayList<>();
        for (Object cell : cells) {
            words.add(cell instanceof Double d ? String.format(Locale.ROOT, "%.2f", d) : cell.toString());
        }
        System.out.println("| " + String.join(" | ", words) + " |");
    }
}
