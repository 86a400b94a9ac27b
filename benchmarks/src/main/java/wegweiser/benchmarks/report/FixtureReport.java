package wegweiser.benchmarks.report;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.ladder.LadderPlug;
import wegweiser.core.ladder.LadderTrace;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.wiring.Nets;

/** What each thing that a person may have at hand makes of the same mix of cables. */
final class FixtureReport {
    static final List<String> NAMES = List.of("probes", "clip", "comb", "ladder");

    private FixtureReport() {}

    static void print(String[][] pairs, int cables, List<String> names) {
        System.out.println("By fixture, " + cables + " cables a pair\n");
        System.out.println(
                "| pair | fixture | identify: touches | seconds | wrong | prove: touches | seconds | unproved pairs |");
        System.out.println("| --- | --- | --- | --- | --- | --- | --- | --- |");
        for (String[] pair : pairs) {
            CableMix mix = new CableMix(pair[1], pair[2]);
            SplittableRandom random = new SplittableRandom(2026);
            List<Nets> truths = IntStream.range(0, cables).mapToObj(_ -> mix.draw(random)).toList();
            for (String name : names) {
                if (name.equals("ladder")) {
                    ladder(pair[0], mix, truths);
                } else {
                    Fixture fixture = Fixture.valueOf(name.toUpperCase(Locale.ROOT));
                    row(pair[0], name, run(mix, truths, fixture, Goal.IDENTIFY),
                            run(mix, truths, fixture, Goal.ONCE));
                }
            }
        }
        System.out.println();
    }

    private static List<Session> run(CableMix mix, List<Nets> truths, Fixture fixture, Goal goal) {
        Advisor advisor = new Advisor(mix.job(), mix.index(), fixture, goal, CostModel.USUAL, 1);
        return Session.all(advisor, truths, fixture, goal == Goal.IDENTIFY);
    }

    private static void row(String pair, String fixture, List<Session> identify, List<Session> prove) {
        System.out.printf(Locale.ROOT, "| %s | %s | %.1f | %.0f | %.1f %% | %.1f | %.0f | %.1f |%n", pair,
                fixture,
                identify.stream().mapToInt(Session::touches).average().orElse(0),
                identify.stream().mapToDouble(Session::seconds).average().orElse(0),
                100.0 * identify.stream().filter(s -> !s.right()).count() / identify.size(),
                prove.stream().mapToInt(Session::touches).average().orElse(0),
                prove.stream().mapToDouble(Session::seconds).average().orElse(0),
                prove.stream().mapToInt(Session::unproved).average().orElse(0));
    }

    /** One reading a contact of the first end; what the readings leave open is touched with bare probes. */
    private static void ladder(String name, CableMix mix, List<Nets> truths) {
        Job job = mix.job();
        var designed = LadderTrace.plug(job, job.ends().get(1), 1);
        if (designed.isEmpty()) {
            System.out.println("| " + name + " | ladder | no plug | | | | | |");
            return;
        }
        LadderPlug plug = designed.get();
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        Advisor advisor = new Advisor(job, mix.index(), Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1);
        double touches = 0;
        double seconds = 0;
        int wrong = 0;
        for (Nets truth : truths) {
            LadderTrace trace = LadderTrace.run(job, plug, CostModel.USUAL,
                    advisor::isEnough, a -> {
                        OptionalDouble ohms = plug.shows(k -> truth.joined(a, far.get(k)));
                        return ohms.isEmpty() ? ohms : OptionalDouble.of(ohms.getAsDouble() + 0.5);
                    }, truth::joined);
            touches += trace.touches();
            seconds += trace.seconds();
            Session rest = Session.run(advisor, truth, Fixture.PROBES, true, trace.readings());
            touches += rest.touches();
            seconds += rest.seconds();
            wrong += rest.right() ? 0 : 1;
        }
        System.out.printf(Locale.ROOT, "| %s | ladder | %.1f | %.0f | %.1f %% | | | |%n", name,
                touches / truths.size(), seconds / truths.size(), 100.0 * wrong / truths.size());
    }
}
