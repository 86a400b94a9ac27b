package wegweiser.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.belief.Belief;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Partition;

/** Cables traced with a ladder plug on one end: what is known in the end, after how many touches, and that none of it is false. */
class LadderTraceTest {
    private static final int ROUNDS = Integer.getInteger("ladder.rounds", 700);
    private static final Job WIDE = Samples.job("dsub-9-socket", "dsub-25-plug", "");
    private static final LadderPlug PLUG = LadderTrace.plug(WIDE, WIDE.ends().get(1), 1).orElseThrow();
    /** Designed once for each connector, since that takes longer than to trace with it. */
    private static final Map<String, LadderPlug> PLUGS = new ConcurrentHashMap<>();

    private static final List<Terminal> FAR = Terminals.of(WIDE, WIDE.ends().get(1));
    private static final Terminal NEAR = new Terminal("A", "1");

    /** The trace of a cable in which a single contact shows anything. */
    private static LadderTrace one(double ohms, Predicate<Terminal> beeps) {
        return LadderTrace.run(WIDE, PLUG, CostModel.USUAL, _ -> false,
                a -> a.equals(NEAR) ? OptionalDouble.of(ohms) : OptionalDouble.empty(),
                (a, b) -> a.equals(NEAR) && beeps.test(b));
    }

    private static LadderPlug plug(Job job) {
        End far = job.ends().get(1);
        return PLUGS.computeIfAbsent(far.connector(), _ -> LadderTrace.plug(job, far, 1).orElseThrow());
    }

    @Test
    void aDoubtfulReadingIsSettledByAboutOneTouch() {
        int touches = 0;
        for (int k = 0; k < FAR.size(); k++) {
            Terminal contact = FAR.get(k);
            LadderTrace trace = one(PLUG.values().get(k) + 0.4, contact::equals);
            touches += trace.touches();
            assertThat(trace.readings()).anyMatch(r -> r.red().equals(List.of(NEAR))
                    && r.black().equals(List.of(contact)) && r.outcome() == Outcome.BEEP);
            Evidence evidence = new Evidence(Samples.index(WIDE), trace.readings());
            assertThat(evidence.contradictions()).isEmpty();
        }
        // ten readings, and one touch more where the reading is one of those that are shared
        assertThat(touches / (double) FAR.size()).isBetween(10.0, 11.2);
    }

    @Test
    void moreThanTwoThatAreJoinedAreNeverTakenForProved() {
        int doubtful = 0;
        for (int k = 0; k < FAR.size(); k++) {
            double ohms = PLUG.values().get(k) + 0.4;
            doubtful += PLUG.decode(ohms).size() > 1 ? 1 : 0;
            // none of the meanings holds: whatever is touched stays silent
            LadderTrace trace = one(ohms, _ -> false);
            if (PLUG.decode(ohms).size() > 1) {
                assertThat(trace.readings().stream().filter(r -> r.red().equals(List.of(NEAR))))
                        .as("contact %s", FAR.get(k))
                        .noneMatch(r -> r.outcome() == Outcome.BEEP);
            }
        }
        assertThat(doubtful).isPositive();
    }

    @Test
    void aWiringWithoutTheShortThatAReadingShowsIsNotBelieved() {
        Job job = Samples.job("dsub-25-socket", "dsub-25-plug", "");
        LadderPlug plug = plug(job);
        List<Terminal> near = Terminals.of(job, job.ends().get(0));
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        TerminalIndex index = Samples.index(job);
        Advisor advisor = new Advisor(job, index, Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1);
        int unlikeSingles = 0;
        int sure = 0;
        int wrong = 0;
        for (int i = 0; i < far.size(); i++) {
            for (int j = i % 3; j < i; j += 3) {
                List<Integer> both = List.of(j, i);
                double ohms = 1 / (1 / plug.values().get(i) + 1 / plug.values().get(j)) + 0.4;
                if (plug.decode(ohms).stream().anyMatch(m -> m.size() == 1)) {
                    continue;
                }
                unlikeSingles++;
                LadderTrace trace = LadderTrace.run(job, plug, CostModel.USUAL, _ -> true,
                        a -> both.contains(near.indexOf(a))
                                ? OptionalDouble.of(ohms)
                                : OptionalDouble.of(plug.values().get(near.indexOf(a)) + 0.4),
                        (a, b) -> near.indexOf(a) == far.indexOf(b)
                                || both.contains(near.indexOf(a)) && both.contains(far.indexOf(b)));
                Evidence evidence = new Evidence(index, trace.readings());
                Belief belief = advisor.belief(evidence);
                Partition believed = belief.leader().partition();
                if (advisor.isTableBelieved(evidence, belief)) {
                    sure++;
                    wrong += believed.isJoined(index.of(near.get(j)), index.of(far.get(i))) ? 0 : 1;
                }
            }
        }
        assertThat(sure).isPositive();
        assertThat(wrong).as("of %d", sure).isLessThanOrEqualTo(sure / 50);
        assertThat(unlikeSingles).isGreaterThan(60);
    }

    /**
     * What the meter shows at two wires with a part between them.
     *
     * @param wired whether the second wire goes to the plug at all
     */
    private static OptionalDouble shown(double own, double other, double part, boolean first, boolean wired) {
        if (!wired) {
            return OptionalDouble.of((first ? own : other + part) + 0.4);
        }
        double way = other + part;
        return OptionalDouble.of(own * way / (own + way) + 0.4);
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket,dsub-9-plug,true", "dsub-9-socket,dsub-9-plug,false",
            "modular-8p8c-plug,modular-8p8c-plug,true", "dsub-9-socket,dsub-25-plug,true",
            "dsub-9-socket,dsub-25-plug,false"})
    void whateverPartLiesInTheCableNothingFalseIsProved(String from, String to, boolean wired) {
        Job job = Samples.job(from, to, "");
        LadderPlug plug = plug(job);
        List<Terminal> near = Terminals.of(job, job.ends().get(0));
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        TerminalIndex index = Samples.index(job);
        int bent = 0;
        int feigned = 0;
        int apart = 0;
        for (double part : new double[]{47, 60, 100, 120, 150, 1000, 3309, 4700, 10_000, 10_097, 47_000}) {
            for (int i = 0; i < near.size(); i++) {
                for (int j = 0; j < near.size(); j++) {
                    if (i == j) {
                        continue;
                    }
                    int one = i;
                    int other = j;
                    LadderTrace trace = LadderTrace.run(job, plug, CostModel.USUAL, _ -> false, a -> {
                        int at = near.indexOf(a);
                        return at == one || at == other
                                ? shown(plug.values().get(at), plug.values().get(at == one ? other : one),
                                        part,
                                        at == one, wired)
                                : OptionalDouble.of(plug.values().get(at) + 0.4);
                    }, (a, b) -> near.indexOf(a) == far.indexOf(b) && (wired || near.indexOf(a) != other));
                    Evidence evidence = new Evidence(index, trace.readings());
                    bent += trace.touches() > near.size() ? 1 : 0;
                    for (Terminal a : near) {
                        for (Terminal b : far) {
                            boolean joined = near.indexOf(a) == far.indexOf(b)
                                    && (wired || near.indexOf(a) != other);
                            int x = index.of(a);
                            int y = index.of(b);
                            assertThat(evidence.isJoined(x, y) && !joined || evidence.isApart(x, y) && joined)
                                    .as("%s and %s with %.0f ohms between %d and %d", a, b, part, i, j)
                                    .isFalse();
                            feigned += evidence.supposed().isJoined(x, y) && !joined ? 1 : 0;
                            apart += evidence.isApart(x, y) ? 1 : 0;
                        }
                    }
                }
            }
        }
        assertThat(bent).isGreaterThan(100);
        assertThat(apart).isPositive();
        if (to.equals("dsub-25-plug")) {
            // which is why a value alone proves no join
            assertThat(feigned).isPositive();
        }
    }

    @Test
    void whatAReadingSaysHoldsForItsMeaningsAndForNoOtherContacts() {
        SplittableRandom random = new SplittableRandom(3);
        Terminal near = new Terminal("A", "1");
        List<Terminal> far = IntStream.range(0, 7).mapToObj(k -> new Terminal("B", String.valueOf(k)))
                .toList();
        for (int round = 0; round < ROUNDS; round++) {
            List<List<Integer>> meanings = IntStream.range(0, 1 + random.nextInt(4)).mapToObj(_ -> {
                int one = random.nextInt(far.size());
                int other = random.nextInt(far.size());
                return one == other ? List.of(one) : List.of(Math.min(one, other), Math.max(one, other));
            }).distinct().toList();
            List<Reading> said = LadderSays.of(near, meanings, far);
            for (int joined = 0; joined < 1 << far.size(); joined++) {
                int set = joined;
                List<Integer> contacts = IntStream.range(0, far.size()).filter(k -> (set >> k & 1) == 1)
                        .boxed()
                        .toList();
                boolean holds = said.stream()
                        .allMatch(r -> r.outcome().equals(Outcome.BEEP) == r.black().stream()
                                .anyMatch(b -> contacts.contains(far.indexOf(b))));
                boolean meant = meanings.stream().anyMatch(contacts::containsAll)
                        && contacts.stream().allMatch(c -> meanings.stream().anyMatch(m -> m.contains(c)));
                assertThat(holds).as("%s of %s", contacts, meanings).isEqualTo(meant);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket,dsub-9-plug", "dsub-9-socket,dsub-25-plug",
            "modular-8p8c-plug,modular-8p8c-plug"})
    void aCableIsKnownAfterAboutOneReadingAContact(String near, String far) {
        SplittableRandom random = new SplittableRandom(11);
        int open = 0;
        int pairs = 0;
        Job job = Samples.job(near, far, "");
        LadderPlug plug = plug(job);
        for (int round = 0; round < 60; round++) {
            TerminalIndex index = new TerminalIndex(Terminals.of(job));
            Nets truth = matching(job, index, random);
            boolean settled = round % 2 == 1;
            List<Terminal> farContacts = Terminals.of(job, job.ends().get(1));
            LadderTrace trace = LadderTrace.run(job, plug, CostModel.USUAL, _ -> settled, a -> {
                OptionalDouble ohms = plug.shows(k -> truth.joined(a, farContacts.get(k)));
                return ohms.isEmpty()
                        ? ohms
                        : OptionalDouble
                                .of((ohms.getAsDouble() + 0.4) * (1 + 0.01 * (random.nextDouble() - 0.5)));
            }, truth::joined);
            assertThat(trace.unsure()).isEmpty();
            Evidence evidence = new Evidence(index, trace.readings());
            assertThat(evidence.contradictions()).isEmpty();
            assertThat(evidence.supposed().contradictions()).isEmpty();
            int known = 0;
            for (Terminal a : Terminals.of(job, job.ends().get(0))) {
                for (Terminal b : farContacts) {
                    boolean joined = evidence.supposed().isJoined(index.of(a), index.of(b));
                    boolean apart = evidence.supposed().isApart(index.of(a), index.of(b));
                    assertThat(joined && !truth.joined(a, b)).as("%s %s", a, b).isFalse();
                    assertThat(apart && truth.joined(a, b)).as("%s %s", a, b).isFalse();
                    known += joined || apart ? 1 : 0;
                }
            }
            int n = Terminals.of(job, job.ends().get(0)).size();
            if (round % 2 == 1) {
                assertThat(trace.touches()).isEqualTo(n);
                open += n * farContacts.size() - known;
                pairs += n * farContacts.size();
            } else {
                assertThat(known).isEqualTo(n * farContacts.size());
            }
        }
        assertThat(open).as("of %d pairs", pairs).isLessThan(pairs / 8);
    }

    private static Nets matching(Job job, TerminalIndex index, SplittableRandom random) {
        List<Terminal> far = new ArrayList<>(Terminals.of(job, job.ends().get(1)));
        List<wegweiser.core.model.Link> links = new ArrayList<>();
        for (Terminal a : Terminals.of(job, job.ends().get(0))) {
            if (random.nextDouble() < 0.7 && !far.isEmpty()) {
                links.add(wegweiser.core.model.Link.of(a, far.remove(random.nextInt(far.size()))));
            }
        }
        return Nets.of(index, links);
    }
}
