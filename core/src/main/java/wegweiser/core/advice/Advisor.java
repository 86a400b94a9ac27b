package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.belief.Hypotheses;
import wegweiser.core.belief.Hypothesis;
import wegweiser.core.evidence.Alone;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.words.Words;

/**
 * Proposes the touch with the best expected information per second.
 *
 * <p>In order: settle a contradiction; locate the pair behind a ganged beep or value by halving; turn the probes round
 * where a diode shows; while no
 * wiring is believed, the touch whose answer is least certain for its price; then measure the believed joins
 * and prove the rest apart. One step ahead; O(H x candidates) for H hypotheses.
 */
public final class Advisor {
    /** Belief in what joins the ends to each other from which a cable counts as identified. */
    public static final double IDENTIFIED = 0.985;
    private static final double LIKELY = 0.85;
    /** The same with gangs, where a wrong start costs few touches. */
    private static final double LIKELY_WITH_GANGS = 0.5;

    private final Job job;
    private final TerminalIndex index;
    private final List<Hypothesis> hypotheses;
    private final List<Hypothesis> sound;
    private final Fixture fixture;
    private final Goal goal;
    private final long seed;
    private final Depth depth;
    private final Learning learning;
    private final Reach reach;
    private final Identifying identifying;
    private final Remaining remaining;
    private final Settling settling;

    /** An advisor for one cable that knows the named wirings that come with the program. */
    public Advisor(Job job, TerminalIndex index, Fixture fixture, Goal goal, CostModel cost, long seed) {
        this(job, index, fixture, goal, cost, seed, NamedWiring.standard());
    }

    /** An advisor for one cable. What does not depend on the readings is worked out here, once. */
    public Advisor(Job job, TerminalIndex index, Fixture fixture, Goal goal, CostModel cost, long seed,
            List<NamedWiring> known) {
        this.job = job;
        this.index = index;
        this.fixture = fixture;
        this.goal = goal;
        this.seed = seed;
        this.hypotheses = Hypotheses.of(job, index, known);
        List<Hypothesis> usual = Hypotheses.sound(job, index, known);
        // to prove, every pair is read whatever is believed, and a belief that is slow to give up a pattern costs touches
        this.sound = goal == Goal.IDENTIFY ? usual : List.of();
        this.depth = Depth.of(job, index);
        Singles singles = new Singles(index, fixture, goal, cost, depth);
        Closing closing = Closing.of(job, index, depth, usual);
        this.learning = new Learning(index, fixture, goal, singles,
                new Gangs(job, index, fixture, goal, cost, singles));
        this.reach = new Reach(index, fixture, cost, depth);
        this.settling = new Settling(fixture);
        this.identifying = new Identifying(job, fixture, closing, learning, reach);
        this.remaining = new Remaining(index, fixture, goal, cost, depth, closing);
    }

    public TerminalIndex index() {
        return index;
    }

    /** What is believed after some readings. */
    public Belief belief(Evidence evidence) {
        return Belief.of(hypotheses, sound, evidence.supposed(), seed);
    }

    /** The same where some of the readings were weighed already: faster, and no different. */
    public Belief belief(Evidence evidence, Belief before) {
        return Belief.of(hypotheses, sound, evidence.supposed(), seed, Optional.of(before));
    }

    /** What the readings prove. */
    public Proof proof(Evidence evidence) {
        return Proof.of(evidence, depth);
    }

    /** The touch to make next, or empty when the goal is reached. */
    public Optional<Proposal> next(Evidence evidence) {
        return next(evidence, belief(evidence));
    }

    /** The touch to make next, for a belief that was already computed. */
    public Optional<Proposal> next(Evidence evidence, Belief belief) {
        Repeats repeats = new Repeats(evidence);
        Optional<Proposal> settle = settling.next(evidence);
        if (settle.isPresent()) {
            return settle;
        }
        Optional<Proposal> locate = Locator.next(evidence, belief, repeats)
                .map(l -> proposal(evidence, belief, l.touch(), l.mode(),
                        Proposal.Purpose.LOCATE, l.why()));
        if (locate.isPresent()) {
            return locate;
        }
        Optional<Proposal> orient = Orientation.next(evidence, job, goal)
                .or(() -> goal.isWhole() ? Optional.empty() : LikelyDiodes.byReading(evidence, job))
                .map(o -> proposal(evidence, belief, o.ask()));
        if (orient.isPresent()) {
            return orient;
        }
        Optional<Proposal> same = goal.isWhole() && fixture.canGang()
                ? Clearing.sameHands(evidence, repeats).map(asked -> proposal(evidence, belief,
                        touch(asked.touch()), asked.mode(), Proposal.Purpose.ISOLATE,
                        Words.say("advisor.isolate.diodes")))
                : Optional.empty();
        if (same.isPresent()) {
            return same;
        }
        if (goal == Goal.IDENTIFY) {
            return identifying.next(evidence, belief, repeats).map(a -> proposal(evidence, belief, a));
        }
        Belief.Leader leader = belief.leader();
        if (leader.probability() < (fixture.canGang() ? LIKELY_WITH_GANGS : LIKELY)) {
            Optional<Proposal> learn = learning.next(evidence.supposed(), belief, repeats, leader)
                    .map(a -> proposal(evidence, belief, a));
            if (learn.isPresent()) {
                return learn;
            }
        }
        return confirm(evidence, belief, repeats, leader).or(() -> isolate(evidence, belief, repeats))
                .or(() -> goal == Goal.PROVE ? single(evidence, belief, repeats) : Optional.empty())
                .or(() -> finish(evidence, belief, repeats));
    }

    /** A join that only follows from gangs, by itself: it would rest on each of their readings. */
    private Optional<Proposal> single(Evidence evidence, Belief belief, Repeats repeats) {
        return evidence.joinedByGangsAlone().filter(pair -> !repeats.isEnough(pair[0], pair[1]))
                .map(pair -> proposal(evidence, belief, touch(new int[][]{{pair[0]}, {pair[1]}}), Mode.OHMS,
                        Proposal.Purpose.CONFIRM, Words.say("advisor.single")));
    }

    /** What is said of the cable after some readings, and on what it stands; a value at a ladder plug is no touch. */
    public Identified identified(Evidence evidence, Belief belief) {
        return Identified.of(evidence, belief.leader(true));
    }

    /** When no pair is left: readings that do not fit what was found, then those that stand alone. */
    private Optional<Proposal> finish(Evidence evidence, Belief belief, Repeats repeats) {
        Proof proof = proof(evidence);
        Optional<Proposal> misfit = settling.misfit(evidence, proof, repeats)
                .map(a -> proposal(evidence, belief, a));
        if (misfit.isPresent()) {
            return misfit;
        }
        return goal == Goal.PROVE ? again(evidence, belief, proof.alone()) : Optional.empty();
    }

    /**
     * Proves again what rests on single readings, as if these had not been made: first the known joins and parts,
     * then that nothing else is there.
     */
    private Optional<Proposal> again(Evidence evidence, Belief belief, List<Integer> alone) {
        if (alone.isEmpty()) {
            return Optional.empty();
        }
        Evidence left = Alone.without(evidence, alone);
        return new Again(evidence, left).next()
                .map(a -> proposal(touch(a.touch()), a.mode(), Proposal.Purpose.CONFIRM,
                        Words.say("advisor.again", Words.say("readings", alone.size())),
                        remaining.touches(left, belief), Sweep.left(left, goal)));
    }

    /** Whether the joins between the ends are believed and touched; see {@link Identifying#isDone}. */
    public boolean isTableBelieved(Evidence evidence, Belief belief) {
        return identifying.isDone(evidence, belief);
    }

    /** Whether readings already identify the cable, and no more is asked for. */
    public boolean isEnough(List<Reading> readings) {
        Evidence evidence = new Evidence(index, readings);
        return goal == Goal.IDENTIFY && isTableBelieved(evidence, belief(evidence));
    }

    /** The next believed join that no reading shows yet: the one nearest to where the hands are. */
    private Optional<Proposal> confirm(Evidence evidence, Belief belief, Repeats repeats,
            Belief.Leader leader) {
        List<int[]> pairs = new ArrayList<>();
        for (int a = 0; a < index.size(); a++) {
            for (int b = a + 1; b < index.size(); b++) {
                if (leader.partition().isJoined(a, b) && !evidence.isJoined(a, b)
                        && !evidence.isApart(a, b)) {
                    pairs.add(new int[]{a, b});
                }
            }
        }
        String title = leader.hypothesis().map(Hypothesis::title).orElse(Words.say("advisor.other"));
        // with a comb everything is proved in the end, and a buzzer cannot tell a small resistor from copper
        Mode mode = fixture.canGang() ? Mode.OHMS : Mode.CONTINUITY;
        return reach.next(pairs, evidence.partition()::pair, evidence, repeats)
                .map(t -> proposal(evidence, belief, t, mode,
                        Proposal.Purpose.CONFIRM, Words.say("advisor.confirm", title)));
    }

    private Optional<Proposal> isolate(Evidence evidence, Belief belief, Repeats repeats) {
        Clearing clearing = new Clearing(evidence);
        if (!fixture.canGang()) {
            Optional<Clearing.Asked> beside = clearing.beside(repeats);
            if (beside.isPresent()) {
                return beside.map(asked -> proposal(evidence, belief, touch(asked.touch()), asked.mode(),
                        Proposal.Purpose.ISOLATE, isolateReason(clearing, asked)));
            }
            return Nearest.of(evidence, depth, repeats)
                    .map(t -> proposal(evidence, belief, t, Mode.OHMS,
                            Proposal.Purpose.ISOLATE,
                            Words.say(t.red().getFirst().end().equals(t.black().getFirst().end())
                                    ? "advisor.isolate.pair"
                                    : "advisor.isolate.across")));
        }
        return clearing.next(repeats)
                .map(asked -> proposal(evidence, belief, touch(asked.touch()), asked.mode(),
                        Proposal.Purpose.ISOLATE, isolateReason(clearing, asked)))
                .or(() -> one(evidence, belief, repeats));
    }

    private static String isolateReason(Clearing clearing, Clearing.Asked asked) {
        if (asked.why() == Clearing.Asked.Why.HEARD) {
            return Words.say("advisor.isolate.heard");
        }
        if (asked.why() == Clearing.Asked.Why.AMPS) {
            return Words.say("advisor.isolate.amps");
        }
        if (asked.mode() == Mode.DIODE) {
            return Words.say(asked.isSingle() ? "advisor.isolate.diode" : "advisor.isolate.diodes");
        }
        return asked.isSingle()
                ? Words.say("advisor.isolate.beside")
                : Words.say("advisor.isolate.gang",
                        Words.say("touches", clearing.left()));
    }

    /** A pair that no gang settles, because the gangs that hold it changed their minds. */
    private Optional<Proposal> one(Evidence evidence, Belief belief, Repeats repeats) {
        for (int a = 0; a < index.size(); a++) {
            for (int b = a + 1; b < index.size(); b++) {
                if (!evidence.isJoined(a, b) && !evidence.isApart(a, b) && !repeats.isEnough(a, b)) {
                    return Optional.of(proposal(evidence, belief, touch(new int[][]{{a}, {b}}), Mode.OHMS,
                            Proposal.Purpose.ISOLATE, Words.say("advisor.isolate.one")));
                }
            }
        }
        return Optional.empty();
    }

    private Proposal proposal(Evidence evidence, Belief belief, Ask ask) {
        return proposal(evidence, belief, ask.touch(), ask.mode(), ask.purpose(), ask.why());
    }

    private Proposal proposal(Evidence evidence, Belief belief, Touch touch, Mode mode,
            Proposal.Purpose purpose, String why) {
        return proposal(touch, mode, purpose, why,
                remaining.touches(evidence, belief) + remaining.secondRound(belief),
                Sweep.left(evidence, goal));
    }

    private Proposal proposal(Touch touch, Mode mode, Proposal.Purpose purpose, String why, int left,
            int sweep) {
        return new Proposal(touch, mode, purpose, why, left, remaining.seconds(left), sweep);
    }

    private Touch touch(int[][] numbers) {
        return index.touch(numbers[0], numbers[1]);
    }
}
