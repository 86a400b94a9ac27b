package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.belief.Hypotheses;
import wegweiser.core.belief.Hypothesis;
import wegweiser.core.evidence.Alone;
import wegweiser.core.evidence.Contradiction;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Meaning;
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
    static final double BELIEVED = 0.95;
    /** Belief in what joins the ends to each other from which a cable counts as identified. */
    public static final double IDENTIFIED = 0.985;
    /** Belief from which what is only believed is touched in turn, nearest first, instead of what tells most. */
    private static final double CLOSING = 0.97;
    private static final double LIKELY = 0.85;
    /** The same with gangs, where a wrong start costs few touches. */
    private static final double LIKELY_WITH_GANGS = 0.5;
    /** Bits a second that are worth a touch at all. */
    private static final double LEAST = 1e-4;

    private final Job job;
    private final TerminalIndex index;
    private final List<Hypothesis> hypotheses;
    private final List<Hypothesis> sound;
    private final Fixture fixture;
    private final Goal goal;
    private final CostModel cost;
    private final long seed;
    private final Depth depth;
    private final Singles singles;
    private final Gangs gangs;
    private final Closing closing;
    private final Remaining remaining;

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
        this.cost = cost;
        this.seed = seed;
        this.hypotheses = Hypotheses.of(job, index, known);
        List<Hypothesis> usual = Hypotheses.sound(job, index, known);
        // to prove, every pair is read whatever is believed, and a belief that is slow to give up a pattern costs touches
        this.sound = goal == Goal.IDENTIFY ? usual : List.of();
        this.depth = Depth.of(job, index);
        this.singles = new Singles(index, fixture, goal, cost, depth);
        this.closing = Closing.of(job, index, depth, usual);
        this.remaining = new Remaining(index, fixture, goal, cost, depth, closing);
        this.gangs = new Gangs(job, index, fixture, goal, cost, singles);
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
        Optional<Proposal> settle = settle(evidence);
        if (settle.isPresent()) {
            return settle;
        }
        Repeats repeats = new Repeats(evidence);
        Optional<Proposal> locate = Locator.next(evidence, belief, repeats)
                .map(l -> proposal(evidence, belief, l.touch(), l.mode(),
                        Proposal.Purpose.LOCATE, l.why()));
        if (locate.isPresent()) {
            return locate;
        }
        Optional<Proposal> orient = Orientation.next(evidence, job, goal)
                .or(() -> goal.isWhole() ? Optional.empty() : LikelyDiodes.byReading(evidence, job))
                .map(o -> inDiodeMode(evidence, belief, o));
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
            return identify(evidence, belief, repeats);
        }
        Belief.Leader leader = belief.leader();
        if (leader.probability() < (fixture.canGang() ? LIKELY_WITH_GANGS : LIKELY)) {
            Optional<Proposal> learn = learn(evidence.supposed(), belief, repeats, leader);
            if (learn.isPresent()) {
                return learn;
            }
        }
        return confirm(evidence, belief, repeats, leader).or(() -> isolate(evidence, belief, repeats))
                .or(() -> finish(evidence, belief, repeats));
    }

    /** Learns what joins the ends, then touches what is only believed of it, then looks for joins within the ends. */
    private Optional<Proposal> identify(Evidence evidence, Belief belief, Repeats repeats) {
        Optional<Proposal> once = onceMore(evidence, belief, repeats);
        if (once.isPresent()) {
            return once;
        }
        Evidence supposed = evidence.supposed();
        Belief.Leader across = belief.leader(true);
        Identified said = Identified.of(supposed, across);
        Optional<Proposal> close = across.probability() < CLOSING
                ? Optional.empty()
                : nearest(closing.open(said, across.hypothesis().isPresent()), evidence, repeats)
                        .map(t -> proposal(evidence, belief, t, Mode.CONTINUITY, Proposal.Purpose.CONFIRM,
                                closingReason(said, t)));
        if (close.isEmpty() && across.probability() < IDENTIFIED) {
            Optional<Proposal> learn = learn(supposed, belief, repeats, across);
            if (learn.isPresent()) {
                return learn;
            }
        }
        if (close.isEmpty() && across.hypothesis().isEmpty()) {
            close = nearest(closing.lastSilences(said, repeats), evidence, repeats)
                    .map(t -> proposal(evidence, belief, t, Mode.CONTINUITY, Proposal.Purpose.CONFIRM,
                            Words.say("advisor.last-silence", t.red().getFirst(), t.black().getFirst())));
        }
        if (close.isEmpty()) {
            close = LikelyDiodes.byName(evidence, job).map(o -> inDiodeMode(evidence, belief, o));
        }
        return close.or(() -> belief.leader().probability() >= BELIEVED
                || fixture.canGang()
                        ? Optional.empty()
                        : single(supposed, belief, repeats, true));
    }

    private Proposal inDiodeMode(Evidence evidence, Belief belief, Orientation.Asked asked) {
        return proposal(evidence, belief, asked.touch(), Mode.DIODE, Proposal.Purpose.CONFIRM, asked.why());
    }

    /** The last touch again, while the hands are there, where its reading is not what was to be expected. */
    private Optional<Proposal> onceMore(Evidence evidence, Belief belief, Repeats repeats) {
        return OnceMore.why(evidence, belief, repeats).map(why -> proposal(evidence, belief,
                evidence.readings().getLast().touch(), Mode.CONTINUITY, Proposal.Purpose.CONFIRM, why));
    }

    private String closingReason(Identified said, Touch touch) {
        int a = index.of(touch.red().getFirst());
        int b = index.of(touch.black().getFirst());
        return said.said().isJoined(a, b)
                ? Words.say("advisor.believed")
                : Words.say("advisor.free", touch.red().getFirst(), touch.black().getFirst());
    }

    /** What is said of the cable after some readings, and on what it stands; a value at a ladder plug is no touch. */
    public Identified identified(Evidence evidence, Belief belief) {
        return Identified.of(evidence, belief.leader(true));
    }

    /** When no pair is left: readings that do not fit what was found, then those that stand alone. */
    private Optional<Proposal> finish(Evidence evidence, Belief belief, Repeats repeats) {
        Proof proof = proof(evidence);
        for (int number : proof.misfits()) {
            Reading reading = evidence.readings().get(number - 1);
            if (!repeats.isEnough(reading)) {
                return Optional.of(proposal(evidence, belief, reading.touch(), reading.mode(),
                        Proposal.Purpose.SETTLE, Words.say("advisor.misfit", number)));
            }
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

    private Optional<Proposal> settle(Evidence evidence) {
        for (Contradiction contradiction : evidence.contradictions()) {
            Touch touch = contradiction.settle();
            long made = evidence.readings().stream().filter(r -> samePlace(r.touch(), touch)).count();
            if (made < 3) {
                return Optional.of(new Proposal(touch, Mode.CONTINUITY, Proposal.Purpose.SETTLE,
                        Words.say("advisor.settle", Words.list(contradiction.readings())), 1, 4, 0));
            }
        }
        return Optional.empty();
    }

    private static boolean samePlace(Touch a, Touch b) {
        return a.equals(b) || a.red().equals(b.black()) && a.black().equals(b.red());
    }

    /**
     * Whether the joins between the ends are believed and touched, whatever lies within one end. They are not while a gang has
     * beeped in which the believed wiring joins nothing, however likely that wiring is.
     */
    public boolean isTableBelieved(Evidence evidence, Belief belief) {
        Belief.Leader leader = belief.leader(true);
        Identified said = Identified.of(evidence.supposed(), leader);
        boolean named = leader.hypothesis().isPresent();
        Repeats repeats = new Repeats(evidence);
        return leader.probability() >= IDENTIFIED && closing.open(said, named).isEmpty()
                && (named || closing.lastSilences(said, repeats).isEmpty())
                && OnceMore.why(evidence, belief, repeats).isEmpty()
                && Belief.items(evidence).stream()
                        .allMatch(i -> i.meaning() != Meaning.JOINS || i.isBeeping(leader.partition()));
    }

    /** Whether readings already identify the cable, and no more is asked for. */
    public boolean isEnough(List<Reading> readings) {
        Evidence evidence = new Evidence(index, readings);
        return goal == Goal.IDENTIFY && isTableBelieved(evidence, belief(evidence));
    }

    private Optional<Proposal> single(Evidence evidence, Belief belief, Repeats repeats, boolean within) {
        return singles.best(evidence, belief, repeats, within).map(c -> learned(evidence, belief, c.move()));
    }

    private Proposal learned(Evidence evidence, Belief belief, Foresight.Move move) {
        int a = move.touch()[0][0];
        int b = move.touch()[1][0];
        return proposal(evidence, belief, touch(move.touch()), Mode.CONTINUITY, Proposal.Purpose.LEARN,
                learnReason(belief, a, b, move.beep()));
    }

    /**
     * The touch that tells most per second. To identify, a gang is made only where it tells more than single contacts do;
     * to prove, gangs count for what they set apart as well.
     */
    private Optional<Proposal> learn(Evidence evidence, Belief belief, Repeats repeats,
            Belief.Leader leader) {
        Optional<Foresight.Choice> single = goal == Goal.IDENTIFY || !fixture.canGang()
                ? singles.best(evidence, belief, repeats, false)
                : Optional.empty();
        Optional<Proposal> gang = fixture.canGang()
                ? gangs.best(evidence, belief, repeats, leader,
                        single.map(Foresight.Choice::rate).orElse(LEAST))
                        .map(c -> learned(evidence, belief, c))
                : Optional.empty();
        return gang.or(() -> single.map(c -> learned(evidence, belief, c.move())));
    }

    private Proposal learned(Evidence evidence, Belief belief, Gangs.Choice choice) {
        int[][] numbers = choice.touch();
        String why = numbers[0].length + numbers[1].length > 2
                ? Words.say("advisor.learn.gang", Math.round(100 * choice.beep()))
                : learnReason(belief, numbers[0][0], numbers[1][0], choice.beep());
        return proposal(evidence, belief, touch(numbers), Mode.OHMS, Proposal.Purpose.LEARN, why);
    }

    private String learnReason(Belief belief, int a, int b, double p) {
        Optional<Belief.Share> forIt = belief.shares().stream()
                .filter(s -> s.hypothesis().partition().isJoined(a, b))
                .findFirst();
        Optional<Belief.Share> against = belief.shares().stream()
                .filter(s -> !s.hypothesis().partition().isJoined(a, b))
                .findFirst();
        if (forIt.isPresent() && against.isPresent() && forIt.get().probability() > 0.02) {
            return Words.say("advisor.learn.between", forIt.get().hypothesis().title(),
                    against.get().hypothesis().title());
        }
        return Words.say("advisor.learn.chance", Math.round(100 * p));
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
        return nearest(pairs, evidence, repeats).map(t -> proposal(evidence, belief, t, mode,
                Proposal.Purpose.CONFIRM, Words.say("advisor.confirm", title)));
    }

    /** Of some pairs the one nearest to where the hands are, of different ends sooner than of one. */
    private Optional<Touch> nearest(List<int[]> pairs, Evidence evidence, Repeats repeats) {
        Hands hands = Hands.of(evidence);
        int[][] best = null;
        double bestScore = Double.MAX_VALUE;
        for (int[] pair : pairs) {
            if (repeats.isEnough(pair[0], pair[1])) {
                continue;
            }
            int[][] candidate = {{pair[0]}, {pair[1]}};
            boolean sameEnd = index.get(pair[0]).end().equals(index.get(pair[1]).end());
            double score = cost.seconds(hands.last(), touch(candidate), fixture)
                    - 0.01 * hands.nearness(evidence, depth, candidate) + (sameEnd ? 3 : 0);
            if (score < bestScore) {
                bestScore = score;
                best = candidate;
            }
        }
        return best == null ? Optional.empty() : Optional.of(touch(best));
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
        if (asked.heard()) {
            return Words.say("advisor.isolate.heard");
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
