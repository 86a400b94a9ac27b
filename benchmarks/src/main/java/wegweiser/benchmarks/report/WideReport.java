package wegweiser.benchmarks.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** Identification of two times fifty contacts, and of a lead with three ends, by each fixture. */
final class WideReport {
    /** Half of the leads with three ends are shared out in order, the others at random. */
    private static final double IN_ORDER = 0.5;

    private WideReport() {}

    static void print(int cables, long seed) {
        System.out.println("Many contacts, seed " + seed + "\n");
        System.out.println(
                "| lead | fixture | cables | wrong | not looked at | touches | seconds | full sweep | share |");
        System.out.println("| --- | --- | --- | --- | --- | --- | --- | --- | --- |");
        CableMix wide = new CableMix("box-header-50-socket", "box-header-50-socket");
        SplittableRandom random = new SplittableRandom(seed);
        List<Nets> truths = IntStream.range(0, cables).mapToObj(_ -> wide.draw(random)).toList();
        Job split = split();
        TerminalIndex index = new TerminalIndex(Terminals.of(split));
        List<Nets> leads = IntStream.range(0, 4 * cables).mapToObj(_ -> split(index, random)).toList();
        for (Fixture fixture : List.of(Fixture.PROBES, Fixture.CLIP, Fixture.COMB)) {
            row("50 to 50", wide.job(), wide.index(), truths, fixture);
            row("9 to 4 and 4", split, index, leads, fixture);
        }
        System.out.println();
    }

    private static void row(String lead, Job job, TerminalIndex index, List<Nets> truths, Fixture fixture) {
        Advisor advisor = new Advisor(job, index, fixture, Goal.IDENTIFY, CostModel.USUAL, 1);
        List<Session> sessions = Session.all(advisor, truths, fixture, true);
        double seconds = sessions.stream().mapToDouble(Session::seconds).average().orElse(0);
        double full = fullSweep(index);
        System.out.printf(Locale.ROOT, "| %s | %s | %d | %d | %d | %.1f | %.0f | %.0f | %.2f |%n", lead,
                fixture.id(), truths.size(),
                sessions.stream().filter(s -> s.word() == Session.Word.WRONG).count(),
                sessions.stream().filter(s -> s.word() == Session.Word.UNSEEN).count(),
                sessions.stream().mapToInt(Session::touches).average().orElse(0), seconds, full,
                seconds / full);
    }

    /** Every contact against every one of another end, with two probes. */
    private static double fullSweep(TerminalIndex index) {
        double seconds = 0;
        Optional<Touch> last = Optional.empty();
        for (Terminal a : index.terminals()) {
            for (Terminal b : index.terminals()) {
                if (a.end().compareTo(b.end()) < 0) {
                    Touch touch = Touch.of(a, b);
                    seconds += CostModel.USUAL.seconds(last, touch, Fixture.PROBES);
                    last = Optional.of(touch);
                }
            }
        }
        return seconds;
    }

    private static Job split() {
        return Job.of("split lead", List.of(End.of("A", "", "dsub-9-socket", List.of()),
                End.of("B", "", "row-254-4-socket", List.of()), End.of("C", "", "terminal-4", List.of())),
                List.of(), List.of());
    }

    /** The first contact serves both branches; the others have one each. */
    private static Nets split(TerminalIndex index, SplittableRandom random) {
        List<String> hub = new ArrayList<>(IntStream.rangeClosed(1, 9).mapToObj(String::valueOf).toList());
        boolean inOrder = random.nextDouble() < IN_ORDER;
        String shared = hub.remove(inOrder ? 0 : random.nextInt(hub.size()));
        List<Link> links = new ArrayList<>();
        for (String end : List.of("B", "C")) {
            links.add(Link.of(new Terminal("A", shared), new Terminal(end, "1")));
            for (int k = 2; k <= 4; k++) {
                String at = hub.remove(inOrder ? 0 : random.nextInt(hub.size()));
                links.add(Link.of(new Terminal("A", at), new Terminal(end, String.valueOf(k))));
            }
        }
        return Nets.of(index, links);
    }
}
