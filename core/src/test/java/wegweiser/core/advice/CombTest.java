package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.belief.Belief;
import wegweiser.core.catalog.Contact;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** Tracing with a comb, where a probe may hold many contacts at once. */
class CombTest {
    private static final Job BLANK = Samples.job("dsub-9-socket", "modular-8p8c-plug", "");
    private static final TerminalIndex INDEX = Samples.index(BLANK);

    private static Advisor advisor(Goal goal) {
        return new Advisor(BLANK, INDEX, Fixture.COMB, goal, CostModel.USUAL, 4);
    }

    /** Readings of a few steps that the advisor proposes on a random cable. */
    private static List<Reading> begun(Advisor advisor, Nets truth, int steps) {
        List<Reading> readings = new ArrayList<>();
        for (int k = 0; k < steps; k++) {
            Optional<Proposal> next = advisor.next(new Evidence(INDEX, readings));
            if (next.isEmpty()) {
                break;
            }
            Touch touch = next.get().touch();
            readings.add(Reading.of(next.get().mode(), touch,
                    AdvisorTest.copper(truth).answer(touch, next.get().mode())));
        }
        return readings;
    }

    private static Nets random(SplittableRandom random) {
        return Nets.of(INDEX, Samples.random("dsub-9-socket", "modular-8p8c-plug", random).links());
    }

    /** The search for the best gang stops early; here every candidate is weighed, by the formula alone. */
    @Test
    void noCandidateIsWorthMoreThanTheChosenOne() {
        SplittableRandom random = new SplittableRandom(22);
        Advisor advisor = advisor(Goal.PROVE);
        Singles singles = new Singles(INDEX, Fixture.COMB, Goal.PROVE, CostModel.USUAL,
                Depth.of(BLANK, INDEX));
        Gangs gangs = new Gangs(BLANK, INDEX, Fixture.COMB, Goal.PROVE, CostModel.USUAL, singles);
        int chosen = 0;
        for (int round = 0; round < 30; round++) {
            Evidence evidence = new Evidence(INDEX, begun(advisor, random(random), random.nextInt(12)));
            Belief belief = advisor.belief(evidence);
            Hands hands = Hands.of(evidence);
            double progress = 1.2 - belief.other();
            double best = 0;
            for (int[][] touch : Candidates.of(BLANK, evidence, belief, belief.leader())) {
                int many = touch[0].length + touch[1].length;
                long fresh = Arrays.stream(touch[0]).mapToLong(r -> Arrays.stream(touch[1])
                        .filter(b -> !evidence.isApart(r, b)).count()).sum();
                double p = belief.joined(touch[0], touch[1]);
                double gain = Foresight.entropy(p) + progress * ((many == 2 ? p : 0)
                        + (1 - p) * Candidates.progress((int) fresh, evidence.countUnknown()));
                best = Math.max(best, gain / (4 + 0.1 * many)
                        + (gain > 1e-3 ? 1e-4 * hands.nearness(evidence, singles.depth(), touch) : 0));
            }
            Optional<Gangs.Choice> choice = gangs.best(evidence, belief, new Repeats(evidence),
                    belief.leader(), best * (1 - 1e-9) - 1e-12);
            assertThat(choice.isPresent()).as("a touch worth %s", best).isEqualTo(best > 0);
            assertThat(
                    gangs.best(evidence, belief, new Repeats(evidence), belief.leader(), best * (1 + 1e-9)))
                    .isEmpty();
            chosen += choice.isPresent() ? 1 : 0;
        }
        assertThat(chosen).isGreaterThan(20);
    }

    @Test
    void everyCandidateAsksSomethingThatIsNotKnown() {
        SplittableRandom random = new SplittableRandom(21);
        Advisor advisor = advisor(Goal.PROVE);
        for (int round = 0; round < 40; round++) {
            Evidence evidence = new Evidence(INDEX, begun(advisor, random(random), random.nextInt(20)));
            Belief belief = advisor.belief(evidence);
            for (int[][] candidate : Candidates.of(BLANK, evidence, belief, belief.leader())) {
                Set<Integer> all = new HashSet<>();
                boolean open = false;
                for (int side = 0; side < 2; side++) {
                    assertThat(candidate[side]).isNotEmpty();
                    Arrays.stream(candidate[side])
                            .forEach(i -> assertThat(all.add(i)).as("%d twice", i).isTrue());
                }
                for (int r : candidate[0]) {
                    for (int b : candidate[1]) {
                        assertThat(evidence.isJoined(r, b)).as("a beep is certain").isFalse();
                        open |= !evidence.isApart(r, b);
                    }
                }
                assertThat(open).as("silence is certain").isTrue();
            }
        }
    }

    @Test
    void amongTheCandidatesIsOneAtEvenOddsWhereLittleIsKnown() {
        Advisor advisor = advisor(Goal.PROVE);
        Evidence nothing = new Evidence(INDEX, List.of());
        Belief belief = advisor.belief(nothing);
        assertThat(Candidates.of(BLANK, nothing, belief, belief.leader()))
                .anySatisfy(c -> assertThat(belief.joined(c[0], c[1])).isBetween(0.3, 0.7));
    }

    @Test
    void whatAGangIsWorthIsTheBestOfItsCandidates() {
        SplittableRandom random = new SplittableRandom(22);
        for (Goal goal : Goal.values()) {
            Advisor advisor = advisor(goal);
            Depth depth = Depth.of(BLANK, INDEX);
            Gangs gangs = new Gangs(BLANK, INDEX, Fixture.COMB, goal, CostModel.USUAL,
                    new Singles(INDEX, Fixture.COMB, goal, CostModel.USUAL, depth));
            for (int round = 0; round < 15; round++) {
                Evidence evidence = new Evidence(INDEX, begun(advisor, random(random), random.nextInt(12)));
                Belief belief = advisor.belief(evidence);
                Repeats repeats = new Repeats(evidence);
                Optional<Gangs.Choice> best = gangs.best(evidence, belief, repeats, belief.leader(), 0);
                assertThat(gangs.best(evidence, belief, repeats, belief.leader(), 1000))
                        .as("nothing tells a thousand bits a second").isEmpty();
                if (best.isPresent() && goal == Goal.IDENTIFY) {
                    int[][] touch = best.get().touch();
                    assertThat(touch[0].length + touch[1].length).as("a gang").isGreaterThan(2);
                    Set<String> red = new HashSet<>(Arrays.stream(touch[0]).mapToObj(i -> INDEX.get(i).end())
                            .toList());
                    assertThat(Arrays.stream(touch[1]).mapToObj(i -> INDEX.get(i).end()))
                            .as("from end to end").doesNotContainAnyElementsOf(red);
                }
                best.ifPresent(b -> assertThat(b.beep())
                        .isEqualTo(belief.joined(b.touch()[0], b.touch()[1])));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket,dsub-9-plug,20", "modular-8p8c-plug,modular-8p8c-plug,30",
            "modular-6p6c-plug,modular-6p6c-plug,20", "xlr-3-plug,xlr-3-socket,40"})
    void aCableIsProvedInNotMuchMoreTouchesThanItMustTake(String near, String far, int cables) {
        SplittableRandom random = new SplittableRandom(23);
        Job blank = Samples.job(near, far, "");
        TerminalIndex index = Samples.index(blank);
        Advisor hurried = new Advisor(blank, index, Fixture.COMB, Goal.ONCE, CostModel.USUAL, 1);
        Advisor advisor = new Advisor(blank, index, Fixture.COMB, Goal.PROVE, CostModel.USUAL, 1);
        Evidence nothing = new Evidence(index, List.of());
        int told = advisor.next(nothing).orElseThrow().touchesLeft();
        int toldOnce = hurried.next(nothing).orElseThrow().touchesLeft();
        double touches = 0;
        double once = 0;
        double least = 0;
        for (int round = 0; round < cables; round++) {
            // wired straight, and now and then two contacts in each other's place
            List<Terminal> pins = index.terminals().stream().filter(t -> !t.contact().equals(Contact.SHELL))
                    .toList();
            List<Terminal> here = pins.stream().filter(t -> t.end().equals("A")).toList();
            List<Terminal> there = new ArrayList<>(pins.stream().filter(t -> t.end().equals("B")).toList());
            int joins = Math.min(here.size(), there.size()) - random.nextInt(3);
            if (random.nextBoolean()) {
                Terminal moved = there.remove(random.nextInt(joins));
                there.add(random.nextInt(joins), moved);
            }
            List<Link> links = new ArrayList<>();
            for (int k = 0; k < joins; k++) {
                links.add(Link.of(here.get(k), there.get(k)));
            }
            Nets truth = Nets.of(index, links);
            Tracer.Run run = Tracer.run(blank, advisor, Fixture.COMB, CostModel.USUAL,
                    AdvisorTest.copper(truth), 400);
            assertThat(advisor.proof(run.evidence()).isProved()).isTrue();
            assertThat(run.evidence().nets()).isEqualTo(truth);
            Tracer.Run first = Tracer.run(blank, hurried, Fixture.COMB, CostModel.USUAL,
                    AdvisorTest.copper(truth), 400);
            assertThat(hurried.proof(first.evidence()).isRead()).isTrue();
            once += first.touches();
            int nets = truth.partition().count();
            touches += run.touches();
            least += joins + Isolation.bothWays(nets).size();
        }
        // what it takes to find out which of the known cables it is comes on top
        assertThat(once).isBetween(least, 1.6 * least);
        // no reading alone: each join and each cut twice, and nothing that was learned on the way is learned again
        assertThat(touches).isBetween(once, 2 * once);
        // what is told beforehand is about what it comes to
        assertThat((double) told).isBetween(0.6 * touches / cables, 1.6 * touches / cables);
        assertThat((double) toldOnce).isBetween(0.6 * once / cables, 1.6 * once / cables);
    }
}
