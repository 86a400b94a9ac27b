package wegweiser.benchmarks.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Identified;
import wegweiser.core.advice.Proposal;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Partition;

/** One cable traced to the end by an advisor with an honest meter. */
record Session(int touches, double seconds, boolean finished, Word word, boolean read, int unproved) {
    private static final int MOST = 4000;

    /** What became of that which was said in the end. */
    enum Word {
        /** The table is the cable's. */
        RIGHT,
        /** It is not, but only where it was said that nobody had looked. */
        UNSEEN,
        /** Something was said that is not so. */
        WRONG
    }

    boolean right() {
        return word == Word.RIGHT;
    }

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
        return run(advisor, truth, Meter.honest(truth), fixture, identify, before, Optional.empty());
    }

    /** The same; what is believed most after each touch is held against the truth. */
    static Session run(Advisor advisor, Nets truth, Meter meter, Fixture fixture, boolean identify,
            List<Reading> before, Optional<Calibration> calibration) {
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
                Word word = identify
                        ? word(advisor.identified(evidence, belief), evidence, truth)
                        : sameTable(evidence.partition(), truth) ? Word.RIGHT : Word.WRONG;
                return new Session(touches, seconds, true, word,
                        advisor.proof(evidence).isRead(),
                        advisor.proof(evidence).unproved());
            }
            Touch touch = next.get().touch();
            seconds += CostModel.USUAL.seconds(last, touch, fixture, next.get().mode());
            // another mode at the same placement is no new touch
            touches += last.filter(touch::equals).isPresent() ? 0 : 1;
            last = Optional.of(touch);
            readings.add(Reading.of(next.get().mode(), touch, meter.answer(touch, next.get().mode())));
            evidence = new Evidence(advisor.index(), readings);
            belief = advisor.belief(evidence, belief);
        }
        return new Session(touches, seconds, false, Word.WRONG, false,
                advisor.proof(evidence).unproved());
    }

    /** What is said, held against the cable. */
    private static Word word(Identified said, Evidence evidence, Nets truth) {
        if (sameTable(said.said(), truth)) {
            return Word.RIGHT;
        }
        Set<Terminal> open = Set.copyOf(said.open());
        TerminalIndex index = truth.index();
        for (int a = 0; a < index.size(); a++) {
            for (int b = a + 1; b < index.size(); b++) {
                boolean across = !index.get(a).end().equals(index.get(b).end());
                boolean joined = truth.partition().isJoined(a, b);
                boolean saidJoined = said.said().isJoined(a, b);
                boolean saidApart = evidence.isApart(a, b)
                        || open.contains(index.get(a)) && open.contains(index.get(b));
                if (across && (saidJoined && !joined || joined && !saidJoined && saidApart)) {
                    return Word.WRONG;
                }
            }
        }
        return Word.UNSEEN;
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
