package wegweiser.benchmarks.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Proposal;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Partition;

/** One cable traced to the end by an advisor with an honest meter. */
record Session(int touches, double seconds, boolean finished, boolean right, boolean read, int unproved) {
    private static final int MOST = 4000;

    /**
     * A session for each cable. Sessions are the same for the same cable, and many cables of a mix are: each is traced once.
     */
    static List<Session> all(Advisor advisor, List<Nets> truths, Fixture fixture, boolean identify) {
        Map<Nets, Session> traced = new ConcurrentHashMap<>();
        truths.stream().distinct().toList().parallelStream()
                .forEach(truth -> traced.put(truth, run(advisor, truth, fixture, identify)));
        return truths.stream().map(traced::get).toList();
    }

    /** Runs to the goal; identification ends as soon as what joins the ends is believed. */
    static Session run(Advisor advisor, Nets truth, Fixture fixture, boolean identify) {
        return run(advisor, truth, fixture, identify, List.of());
    }

    /** The same where something was read before, which counts neither as touches nor as seconds. */
    static Session run(Advisor advisor, Nets truth, Fixture fixture, boolean identify, List<Reading> before) {
        return run(advisor, truth, fixture, identify, before, Optional.empty());
    }

    /** The same; what is believed most after each touch is held against the truth. */
    static Session run(Advisor advisor, Nets truth, Fixture fixture, boolean identify, List<Reading> before,
            Optional<Calibration> calibration) {
        List<Reading> readings = new ArrayList<>(before);
        Optional<Touch> last = Optional.empty();
        double seconds = 0;
        int touches = 0;
        Evidence evidence = new Evidence(advisor.index(), readings);
        Belief belief = advisor.belief(evidence);
        while (readings.size() < MOST) {
            Belief.Leader leader = belief.leader(true);
            calibration.ifPresent(c -> c.add(leader.probability(), sameTable(leader.partition(), truth)));
            boolean table = identify && advisor.isTableBelieved(evidence, belief);
            Optional<Proposal> next = table ? Optional.empty() : advisor.next(evidence, belief);
            if (next.isEmpty()) {
                Partition found = identify
                        ? advisor.identified(evidence, belief).said()
                        : evidence.partition();
                boolean right = sameTable(found, truth);
                return new Session(touches, seconds, true, right,
                        advisor.proof(evidence).isRead(),
                        advisor.proof(evidence).unproved());
            }
            Touch touch = next.get().touch();
            boolean beep = touch.red().stream()
                    .anyMatch(r -> touch.black().stream().anyMatch(b -> truth.joined(r, b)));
            Outcome outcome = switch (next.get().mode()) {
                case OHMS -> beep ? new Outcome.Resistance(0.3) : Outcome.OPEN;
                case DIODE -> beep ? new Outcome.Voltage(0.001) : Outcome.OPEN;
                case CONTINUITY, REACTION -> beep ? Outcome.BEEP : Outcome.SILENT;
            };
            seconds += CostModel.USUAL.seconds(last, touch, fixture, next.get().mode());
            // another mode at the same placement is no new touch
            touches += last.filter(touch::equals).isPresent() ? 0 : 1;
            last = Optional.of(touch);
            readings.add(Reading.of(next.get().mode(), touch, outcome));
            evidence = new Evidence(advisor.index(), readings);
            belief = advisor.belief(evidence, belief);
        }
        return new Session(touches, seconds, false, false, false,
                advisor.proof(evidence).unproved());
    }

    /** Whether both say the same of every pair of contacts at different ends. */
    static boolean sameTable(Partition found, Nets truth) {
        for (int a = 0; a < found.size(); a++) {
            for (int b = a + 1; b < found.size(); b++) {
                boolean across = !truth.index().get(a).end().equals(truth.index().get(b).end());
                if (across && found.isJoined(a, b) != truth.partition().isJoined(a, b)) {
                    return false;
                }
            }
        }
        return true;
    }
}
