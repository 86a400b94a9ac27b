package wegweiser.benchmarks;

import java.lang.ref.Reference;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Proposal;
import wegweiser.core.belief.Belief;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;

/**
 * What an advisor for 50 x 50 contacts keeps in memory: the heap after collection with it and its belief, less the heap
 * before. Run it with a small heap as well, which shows what it needs while it works.
 */
public final class AdvisorMemory {
    private AdvisorMemory() {}

    public static void main(String[] args) throws InterruptedException {
        Job truth = Cables.random("dsub-50-socket", 3);
        Job open = truth.withLinks(List.of());
        TerminalIndex index = new TerminalIndex(Terminals.of(open));
        Nets nets = Nets.planned(truth);
        double before = usedMb();
        Advisor advisor = new Advisor(open, index, Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1);
        List<Reading> readings = new ArrayList<>();
        Evidence evidence = new Evidence(index, readings);
        Belief belief = advisor.belief(evidence);
        for (int touch = 0; touch < 100; touch++) {
            Optional<Proposal> next = advisor.next(evidence, belief);
            if (next.isEmpty()) {
                break;
            }
            boolean joined = nets.joined(next.get().touch().red().getFirst(),
                    next.get().touch().black().getFirst());
            readings.add(
                    Reading.of(Mode.CONTINUITY, next.get().touch(), joined ? Outcome.BEEP : Outcome.SILENT));
            evidence = new Evidence(index, readings);
            belief = advisor.belief(evidence, belief);
        }
        double after;
        try {
            after = usedMb();
        } finally {
            // what is measured must not be collected before it was
            Reference.reachabilityFence(advisor);
        }
        System.out.printf(Locale.ROOT, "kept by advisor, evidence and belief after %d touches: %.1f MB%n",
                readings.size(), after - before);
        System.out.printf(Locale.ROOT, "largest heap allowed: %.0f MB; belief in something else: %.2f%n",
                Runtime.getRuntime().maxMemory() / 1048576.0, belief.other());
    }

    private static double usedMb() throws InterruptedException {
        for (int k = 0; k < 4; k++) {
            System.gc();
            Thread.sleep(60);
        }
        Runtime run = Runtime.getRuntime();
        return (run.totalMemory() - run.freeMemory()) / 1048576.0;
    }
}
