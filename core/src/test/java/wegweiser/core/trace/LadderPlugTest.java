package wegweiser.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

class LadderPlugTest {
    private static final LadderPlug.Error CLOSE = new LadderPlug.Error(0.001, 0.003, 1.5);

    @ParameterizedTest
    @CsvSource({"E96,6", "E96_CLOSE,9", "E24,5"})
    void everyContactAndEveryPairDecodesWhateverTheErrors(LadderPlug.Series series, int contacts) {
        LadderPlug.Error error = new LadderPlug.Error(series.tolerance(), 0.003, 1.5);
        LadderPlug plug = LadderPlug.design(contacts, LadderPlug.Pairs.ALL, series, error, 1).plug()
                .orElseThrow();
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 4000; round++) {
            List<Double> real = plug.values().stream()
                    .map(v -> v * (1 + error.tolerance() * (2 * random.nextDouble() - 1))).toList();
            int i = random.nextInt(contacts);
            int j = random.nextInt(contacts);
            double own = i == j ? real.get(i) : real.get(i) * real.get(j) / (real.get(i) + real.get(j));
            double shown = (own + error.cableOhms() * random.nextDouble())
                    * (1 + error.meter() * (2 * random.nextDouble() - 1));
            List<Integer> truth = i == j ? List.of(i) : List.of(Math.min(i, j), Math.max(i, j));
            assertThat(plug.decode(shown)).as("%s in %s", truth, plug.values()).containsExactly(truth);
        }
    }

    @Test
    void whatCannotBeToldApartIsSaid() {
        LadderPlug.Design many = LadderPlug.design(40, LadderPlug.Pairs.ALL, LadderPlug.Series.E12,
                new LadderPlug.Error(0.05, 0.008, 1.5), 1);
        assertThat(many.plug()).isEmpty();
        assertThat(many.most()).isBetween(2, 10);
        assertThat(LadderPlug.design(25, LadderPlug.Pairs.NONE, LadderPlug.Series.E96, CLOSE, 1).plug())
                .isPresent();
        assertThat(LadderPlug.design(0, LadderPlug.Pairs.ALL, LadderPlug.Series.E24, CLOSE, 1).plug())
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-plug,0", "box-header-10-socket,0", "modular-8p8c-plug,0", "dsub-25-plug,18"})
    void usualPlugsTellEveryTwoContactsApartWhereThereIsRoom(String connector, int atMost) {
        Job job = Samples.job("dsub-9-socket", connector, "");
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
        long shared = 0;
        for (int i = 0; i < plug.values().size(); i++) {
            double[] range = plug.error().range(plug.values().get(i));
            int most = 1;
            for (double ohms = range[0]; ohms <= range[1]; ohms += (range[1] - range[0]) / 200) {
                List<List<Integer>> fits = plug.decode(ohms);
                assertThat(fits).contains(List.of(i));
                assertThat(fits.stream().filter(m -> m.size() == 1)).hasSize(1);
                most = Math.max(most, fits.size());
            }
            shared += most > 1 ? 1 : 0;
        }
        assertThat(shared).isEqualTo(plug.ambiguous()).isLessThanOrEqualTo(atMost);
        String list = LadderList.of(plug, Terminals.of(job, job.ends().get(1)), connector);
        assertThat(list.lines().filter(l -> l.contains("Ω"))).hasSize(plug.values().size());
        assertThat(list).contains(shared == 0 ? "Every contact" : shared + " of the ");
    }

    @Test
    void resistorsAreNamedAsPrintedOnThem() {
        assertThat(Words.ohms(16_200)).isEqualTo("16.2 kΩ");
        assertThat(Words.ohms(953)).isEqualTo("953 Ω");
        assertThat(Words.ohms(1e6)).isEqualTo("1 MΩ");
        assertThat(Words.ohms(30)).isEqualTo("30 Ω");
        assertThat(Words.ohms(102_000)).isEqualTo("102 kΩ");
    }

    private static Job nineToTwentyFive() {
        return Samples.job("dsub-9-socket", "dsub-25-plug", "");
    }

    @Test
    void aDoubtfulReadingIsSettledByAboutOneTouch() {
        Job job = nineToTwentyFive();
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        Terminal near = new Terminal("A", "1");
        int touches = 0;
        for (int k = 0; k < far.size(); k++) {
            int at = k;
            LadderTrace trace = LadderTrace.run(job, plug, CostModel.USUAL, _ -> false,
                    a -> a.equals(near)
                            ? OptionalDouble.of(plug.values().get(at) + 0.4)
                            : OptionalDouble.empty(),
                    (a, b) -> a.equals(near) && b.equals(far.get(at)));
            touches += trace.touches();
            assertThat(trace.readings()).anyMatch(r -> r.red().equals(List.of(near))
                    && r.black().equals(List.of(far.get(at))) && r.outcome() == Outcome.BEEP);
            Evidence evidence = new Evidence(Samples.index(job), trace.readings());
            assertThat(evidence.contradictions()).isEmpty();
        }
        // ten readings, and one touch more where the reading is one of those that are shared
        assertThat(touches / (double) far.size()).isBetween(10.0, 11.2);
    }

    @Test
    void moreThanTwoThatAreJoinedAreNeverTakenForProved() {
        Job job = nineToTwentyFive();
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        Terminal near = new Terminal("A", "1");
        int doubtful = 0;
        for (int k = 0; k < far.size(); k++) {
            double ohms = plug.values().get(k) + 0.4;
            doubtful += plug.decode(ohms).size() > 1 ? 1 : 0;
            // none of the meanings holds: whatever is touched stays silent
            LadderTrace trace = LadderTrace.run(job, plug, CostModel.USUAL, _ -> false,
                    a -> a.equals(near) ? OptionalDouble.of(ohms) : OptionalDouble.empty(),
                    (_, _) -> false);
            if (plug.decode(ohms).size() > 1) {
                assertThat(trace.readings().stream().filter(r -> r.red().equals(List.of(near))))
                        .as("contact %s", far.get(k))
                        .noneMatch(r -> r.outcome() == Outcome.BEEP);
            }
        }
        assertThat(doubtful).isPositive();
    }

    @Test
    void aWiringWithoutTheShortThatAReadingShowsIsNotBelieved() {
        Job job = Samples.job("dsub-25-socket", "dsub-25-plug", "");
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
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
                int[] believed = advisor.believed(evidence, belief);
                if (advisor.isTableBelieved(evidence, belief)) {
                    sure++;
                    wrong += believed[index.of(near.get(j))] == believed[index.of(far.get(i))] ? 0 : 1;
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
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
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
        for (int round = 0; round < 2000; round++) {
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

    @Test
    void aValueExcludesWhatWouldHavePulledItLower() {
        Job job = nineToTwentyFive();
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
        SplittableRandom random = new SplittableRandom(8);
        int excluded = 0;
        for (int round = 0; round < 20_000; round++) {
            // one to three contacts, and something else that only makes the reading smaller
            int[] joined = random.ints(1 + random.nextInt(3), 0, plug.values().size()).distinct().toArray();
            double siemens = IntStream.of(joined).mapToDouble(k -> 1 / plug.values().get(k)).sum()
                    + (random.nextBoolean() ? 0 : 1 / (100 + random.nextDouble() * 1e5));
            double ohms = (1 / siemens * (1 + 0.002 * (2 * random.nextDouble() - 1))
                    + random.nextDouble() * 1.5)
                    * (1 + 0.014 * (2 * random.nextDouble() - 1));
            Set<Integer> known = random.nextBoolean() ? Set.of() : Set.of(joined[0]);
            for (int k : joined) {
                assertThat(plug.excludes(ohms, k, known)).as("%.0f ohms, %d of %s", ohms, k, known).isFalse();
            }
            excluded += (int) IntStream.range(0, plug.values().size())
                    .filter(k -> plug.excludes(ohms, k, known)).count();
            assertThat(plug.excludes(Double.POSITIVE_INFINITY, joined[0], Set.of())).isTrue();
        }
        assertThat(excluded).isGreaterThan(20_000);
    }

    @Test
    void valuesAreOfTheirSeries() {
        assertThat(LadderPlug.Series.E12.between(1000, 10000)).containsExactly(1000.0, 1200.0, 1500.0, 1800.0,
                2200.0,
                2700.0, 3300.0, 3900.0, 4700.0, 5600.0, 6800.0, 8200.0, 10000.0);
        assertThat(LadderPlug.Series.E24.between(1000, 9999)).hasSize(24);
        assertThat(LadderPlug.Series.E96.between(100, 999)).hasSize(96).contains(102.0, 499.0, 976.0);
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket,dsub-9-plug", "dsub-9-socket,dsub-25-plug",
            "modular-8p8c-plug,modular-8p8c-plug"})
    void aCableIsKnownAfterAboutOneReadingAContact(String near, String far) {
        SplittableRandom random = new SplittableRandom(11);
        int open = 0;
        int pairs = 0;
        Job job = Samples.job(near, far, "");
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
        for (int round = 0; round < 60; round++) {
            TerminalIndex index = new TerminalIndex(Terminals.of(job));
            Nets truth = matching(job, index, random);
            boolean settled = round % 2 == 1;
            List<Terminal> farContacts = Terminals.of(job, job.ends().get(1));
            LadderTrace trace = LadderTrace.run(job, plug, CostModel.USUAL, _ -> settled, a -> {
                double siemens = 0;
                for (int k = 0; k < farContacts.size(); k++) {
                    siemens += truth.joined(a, farContacts.get(k)) ? 1 / plug.values().get(k) : 0;
                }
                return siemens == 0
                        ? OptionalDouble.empty()
                        : OptionalDouble.of((1 / siemens + 0.4) * (1 + 0.01 * (random.nextDouble() - 0.5)));
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
