package wegweiser.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

class EvidenceTest {
    private static final Job BLANK = Samples.job("dsub-9-socket", "dsub-9-socket", "");

    private static Evidence of(String readings) {
        return Evidence.of(Samples.readings(BLANK, readings));
    }

    private static PairState state(Evidence evidence, String a, String b) {
        return evidence.state(Terminal.parse(a), Terminal.parse(b));
    }

    private static List<Integer> because(Evidence evidence, String a, String b) {
        return evidence.because(Terminal.parse(a), Terminal.parse(b));
    }

    @Test
    void whatIsAssumedIsSupposedAndProvesNothing() {
        Reading assumed = Reading.beep("A.2", "B.3").by(Provenance.ASSUMED);
        Job job = BLANK.withReading(assumed).withReading(Reading.beep("A.2", "A.7"));
        Evidence evidence = Evidence.of(job);
        assertThat(state(evidence, "A.2", "B.3")).isEqualTo(PairState.UNKNOWN);
        assertThat(state(evidence, "A.7", "B.3")).isEqualTo(PairState.UNKNOWN);
        assertThat(state(evidence.supposed(), "A.7", "B.3")).isEqualTo(PairState.JOINED_FOLLOWS);
        assertThat(evidence.supposed().supposed()).isSameAs(evidence.supposed());
        Evidence measured = Evidence.of(job.withReading(Reading.silent("A.2", "B.3")));
        assertThat(state(measured, "A.2", "B.3")).isEqualTo(PairState.APART_MEASURED);
        assertThat(measured.contradictions()).isEmpty();
        assertThat(measured.intermittent()).isEmpty();
        assertThat(measured.disputed(Terminal.parse("A.2"), Terminal.parse("B.3"))).isEmpty();
    }

    @Test
    void joinsChainAndSeparationsCarryOver() {
        Evidence evidence = of("A.2 B.3 beep; A.2 A.7 beep; A.3 A.7 silent");
        assertThat(state(evidence, "A.2", "B.3")).isEqualTo(PairState.JOINED_MEASURED);
        assertThat(state(evidence, "A.7", "B.3")).isEqualTo(PairState.JOINED_FOLLOWS);
        assertThat(state(evidence, "A.3", "B.3")).isEqualTo(PairState.APART_FOLLOWS);
        assertThat(because(evidence, "A.3", "B.3")).containsExactly(1, 2, 3);
        assertThat(state(evidence, "A.5", "B.5")).isEqualTo(PairState.UNKNOWN);
    }

    @Test
    void whatIsOnlyAssumedIsNeverCalledProved() {
        Evidence evidence = of("A.2 B.3 beep");
        assertThat(state(evidence, "A.2", "B.4")).isEqualTo(PairState.APART_ASSUMED);
        assertThat(state(evidence, "A.2", "B.4").isProved()).isFalse();
        assertThat(evidence.claims()).hasSize(1);
    }

    @Test
    void aContradictionNamesItsReadingsAndSpoilsNothingElse() {
        Evidence evidence = of("A.2 B.3 beep; A.2 B.4 beep; A.9 B.9 beep; B.3 B.4 silent");
        assertThat(evidence.contradictions()).singleElement()
                .satisfies(c -> assertThat(c.readings()).containsExactly(1, 2, 4));
        assertThat(state(evidence, "A.9", "B.9")).isEqualTo(PairState.JOINED_MEASURED);
        assertThat(state(evidence, "B.3", "B.4").isProved()).isFalse();
    }

    @Test
    void aDisputedPairNamesItsOwnReadings() {
        Evidence evidence = of(
                "A.2 B.3 beep; A.2 A.7 beep; A.7 B.3 silent; A.4 B.4 beep; A.4 B.4 silent; A.5 B.5 beep");
        Terminal a2 = Terminal.parse("A.2");
        assertThat(evidence.disputed(a2, Terminal.parse("B.3"))).containsExactly(1);
        assertThat(evidence.disputed(Terminal.parse("B.3"), Terminal.parse("A.7"))).containsExactly(3);
        assertThat(evidence.disputed(Terminal.parse("A.4"), Terminal.parse("B.4"))).containsExactly(4, 5);
        assertThat(evidence.disputed(Terminal.parse("A.5"), Terminal.parse("B.5"))).isEmpty();
        assertThat(evidence.disputed(a2, Terminal.parse("B.9"))).isEmpty();
    }

    @Test
    void aTouchThatGaveBothResultsIsIntermittentAndProvesNothing() {
        Evidence evidence = of("A.1 B.1 beep; B.1 A.1 silent; A.2 B.2 beep");
        assertThat(evidence.intermittent()).containsExactly(Terminal.parse("A.1"), Terminal.parse("B.1"));
        assertThat(state(evidence, "A.1", "B.1")).isEqualTo(PairState.UNKNOWN);
        assertThat(state(evidence, "A.2", "B.2")).isEqualTo(PairState.JOINED_MEASURED);
    }

    @Test
    void aSilentGangSeparatesEveryPairAndABeepingOneLeavesTheLast() {
        Evidence evidence = of("A.1+A.2+A.3 B.1+B.2 silent; A.1 B.3+B.4 beep; A.1 B.3 silent");
        assertThat(state(evidence, "A.3", "B.1")).isEqualTo(PairState.APART_MEASURED);
        assertThat(state(evidence, "A.1", "B.4")).isEqualTo(PairState.JOINED_FOLLOWS);
        assertThat(because(evidence, "A.1", "B.4")).containsExactly(2, 3);
    }

    @Test
    void gangsWaitForOneAnother() {
        Evidence evidence = of("A.1 B.1+B.2 beep; A.2 B.2+B.3 beep; A.1 A.2 silent; A.2 B.3 silent");
        assertThat(state(evidence, "A.2", "B.2")).isEqualTo(PairState.JOINED_FOLLOWS);
        assertThat(state(evidence, "A.1", "B.1")).isEqualTo(PairState.JOINED_FOLLOWS);
        assertThat(because(evidence, "A.1", "B.1")).containsExactly(1, 2, 3, 4);
    }

    @Test
    void aGangThatBeepsWhereEveryPairIsApartContradicts() {
        Evidence evidence = of("A.1 B.1 silent; A.1 B.2 silent; A.1 B.1+B.2 beep");
        assertThat(evidence.contradictions()).singleElement()
                .satisfies(c -> assertThat(c.readings()).containsExactly(1, 2, 3));
    }

    @Test
    void aResistanceIsAPartAndSetsApart() {
        Evidence evidence = of("A.2 A.7 120.4; A.2 B.2 0.4; A.7 B.7 beep; B.2 B.7 120.6");
        assertThat(state(evidence, "A.2", "A.7")).isEqualTo(PairState.APART_MEASURED);
        assertThat(state(evidence, "A.2", "B.2")).isEqualTo(PairState.JOINED_MEASURED);
        assertThat(evidence.parts()).singleElement().satisfies(p -> {
            assertThat(p.kind()).isEqualTo(PartKind.RESISTOR);
            assertThat(p.ohms()).isCloseTo(120, within(0.2));
            assertThat(p.because()).containsExactly(1, 4);
        });
    }

    @Test
    void aSeriesOfKnownResistorsIsNoPartOfItsOwn() {
        Evidence evidence = of("A.1 A.2 100.5; A.2 A.3 220.5; A.1 A.3 320.6");
        assertThat(evidence.parts()).hasSize(2);
    }

    @Test
    void aBeepThroughASmallResistorIsExplainedByTheOhms() {
        Evidence evidence = of("A.1 B.1 beep; A.1 B.1 33.5");
        assertThat(evidence.intermittent()).isEmpty();
        assertThat(state(evidence, "A.1", "B.1")).isEqualTo(PairState.APART_MEASURED);
        assertThat(evidence.parts()).singleElement()
                .satisfies(p -> assertThat(p.ohms()).isCloseTo(33, within(0.1)));
    }

    @Test
    void aDiodeKnowsItsAnode() {
        Evidence evidence = of("B.1 A.3 0.61 V");
        assertThat(evidence.parts()).singleElement().satisfies(p -> {
            assertThat(p.kind()).isEqualTo(PartKind.DIODE);
            assertThat(p.a()).isEqualTo(Terminal.parse("B.1"));
        });
        assertThat(state(evidence, "A.3", "B.1").isApart()).isTrue();
    }

    private static Job lead() {
        return Job.of("lead",
                List.of(End.of("A", "", "jack-3.5-trs-plug", List.of()),
                        End.of("B", "", End.LEADS, List.of(wire("RD"), wire("WH"), wire("YE")))),
                List.of(), List.of());
    }

    private static PinRow wire(String colour) {
        return PinRow.of(colour, colour, wegweiser.core.model.Direction.UNUSED, "");
    }

    private static Reading trial(String a, String b, boolean reacts) {
        return Reading.of(Mode.REACTION, Touch.of(Terminal.parse(a), Terminal.parse(b)),
                reacts ? Outcome.REACTS : Outcome.NOTHING);
    }

    @Test
    void twoReactionsSettleThreeWires() {
        Evidence evidence = Evidence
                .of(lead().withReadings(List.of(trial("B.WH", "B.YE", true), trial("B.RD", "B.YE", true))));
        assertThat(state(evidence, "B.WH", "B.RD")).isEqualTo(PairState.JOINED_FOLLOWS);
        assertThat(because(evidence, "B.WH", "B.RD")).containsExactly(1, 2);
    }

    @Test
    void anOddRoundOfReactionsContradicts() {
        Evidence evidence = Evidence.of(lead()
                .withReadings(List.of(trial("B.WH", "B.YE", true), trial("B.RD", "B.YE", true),
                        trial("B.RD", "B.WH", true))));
        assertThat(evidence.contradictions()).singleElement()
                .satisfies(c -> assertThat(c.readings()).containsExactly(1, 2, 3));
        assertThat(state(evidence, "B.WH", "B.RD").isProved()).isFalse();
    }

    /** The reaction puzzle against its definition: every assignment of two sides that fits the trials. */
    @Test
    void reactionsProveExactlyWhatEveryFittingAssignmentSays() {
        SplittableRandom random = new SplittableRandom(41);
        String[] colours = {"RD", "WH", "YE", "GN", "BU"};
        List<PinRow> rows = java.util.Arrays.stream(colours).map(EvidenceTest::wire).toList();
        Job base = Job.of("lead", List.of(End.of("B", "", End.LEADS, rows)), List.of(), List.of());
        for (int round = 0; round < 800; round++) {
            List<int[]> trials = new java.util.ArrayList<>();
            Job job = base;
            for (int k = random.nextInt(7); k > 0; k--) {
                int a = random.nextInt(5);
                int b = (a + 1 + random.nextInt(4)) % 5;
                boolean reacts = random.nextBoolean();
                if (trials.stream().noneMatch(x -> x[0] == a && x[1] == b || x[0] == b && x[1] == a)) {
                    trials.add(new int[]{a, b, reacts ? 1 : 0});
                    job = job.withReading(trial("B." + colours[a], "B." + colours[b], reacts));
                }
            }
            List<Integer> fitting = java.util.stream.IntStream.range(0, 32)
                    .filter(sides -> trials.stream()
                            .allMatch(x -> ((sides >> x[0] ^ sides >> x[1]) & 1) == x[2]))
                    .boxed()
                    .toList();
            Evidence evidence = Evidence.of(job);
            assertThat(evidence.contradictions().isEmpty()).isEqualTo(!fitting.isEmpty());
            for (int a = 0; a < 5 && !fitting.isEmpty(); a++) {
                for (int b = a + 1; b < 5; b++) {
                    int x = a;
                    int y = b;
                    boolean same = fitting.stream().allMatch(s -> ((s >> x ^ s >> y) & 1) == 0);
                    boolean other = fitting.stream().allMatch(s -> ((s >> x ^ s >> y) & 1) == 1);
                    PairState state = state(evidence, "B." + colours[a], "B." + colours[b]);
                    assertThat(state.isJoined()).isEqualTo(same);
                    assertThat(state.isApart()).isEqualTo(other);
                }
            }
        }
    }
}
