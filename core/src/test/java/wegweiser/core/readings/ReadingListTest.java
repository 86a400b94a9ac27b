package wegweiser.core.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Proposal;
import wegweiser.core.advice.WhyNot;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.testers.LampTester;
import wegweiser.core.wiring.Nets;

class ReadingListTest {
    private static final Job JOB = Samples.job("dsub-9-socket", "dsub-9-plug", "2-3 3-2 5-5");

    @Test
    void linesAreReadOneByOneAndWhatIsNotUnderstoodIsTold() {
        TypedLines<Reading> list = ReadingList.read("""
                red,black,result,at
                A.1,B.1,beep,2026-03-01T20:15:00Z
                # a remark
                A2 B3 silent
                A2+A3 B4+B5 open
                A12 B3 beep
                A1 A1 beep
                A.2 A.7 119.6
                A.4 B.ring
                A.1 B.1 beep 2026-03-01T20:15
                """, JOB);
        assertThat(list.values()).hasSize(4);
        assertThat(list.values().getFirst().at()).contains(Instant.parse("2026-03-01T20:15:00Z"));
        assertThat(list.values().get(2).red()).hasSize(2);
        assertThat(list.open()).extracting(TypedLines.Line::number).containsExactly(6, 7, 9, 10);
        assertThat(list.open()).allSatisfy(l -> assertThat(l.why()).isNotBlank());
    }

    @Test
    void csvReadsBack() {
        List<Reading> readings = ReadingList
                .read("A1 B1 beep\nA1+A2 B3 silent\nA1 A2 4700\nA3 B3 0.61 V\nA4 B4 open", JOB)
                .values();
        assertThat(readings).hasSize(5);
        assertThat(ReadingList.read(ReadingList.csv(readings), JOB).values()).isEqualTo(readings);
        assertThat(ReadingList.csv(List.of())).isEqualTo("red,black,result,at\n");
    }

    @Test
    void lampsLightInTheOrderOfThePlanAndAnOrderThatWasSeenIsRead() {
        Nets planned = Nets.planned(JOB);
        String words = LampTester.words(LampTester.order(JOB, planned));
        assertThat(words).isEqualTo("- 3 2 - 5 - - - - -");
        List<Reading> seen = LampTester.read(words, JOB);
        Evidence evidence = new Evidence(new TerminalIndex(planned.index().terminals()), seen);
        for (Terminal a : planned.index().terminals()) {
            for (Terminal b : planned.index().terminals()) {
                if (a.end().equals("A") && b.end().equals("B")) {
                    int i = evidence.index().of(a);
                    int j = evidence.index().of(b);
                    assertThat(evidence.isJoined(i, j)).isEqualTo(planned.joined(a, b));
                    assertThat(evidence.isApart(i, j)).isEqualTo(!planned.joined(a, b));
                }
            }
        }
        assertThat(LampTester.read("1+2", JOB).stream().filter(r -> r.outcome() == Outcome.BEEP)).hasSize(2);
        assertThatThrownBy(() -> LampTester.read("1 2 3 4 5 6 7 8 9 - -", JOB))
                .hasMessageContaining("11 steps");
        assertThatThrownBy(() -> LampTester.read("1 lamp", JOB)).hasMessageContaining("“lamp”");
        assertThatThrownBy(() -> LampTester.read(" ", JOB)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatIsAssumedGoesOutAsARemark() {
        String csv = ReadingList.csv(List.of(Reading.beep("A.1", "B.1"),
                Reading.beep("A.2", "B.2").by(Provenance.ASSUMED)));
        assertThat(csv).contains("# assumed: A.2,B.2,beep");
        TypedLines<Reading> back = ReadingList.read(csv, JOB);
        assertThat(back.values()).containsExactly(Reading.beep("A.1", "B.1"));
        assertThat(back.open()).isEmpty();
    }

    @Test
    void whyNotSaysWhatATouchIsWorth() {
        TerminalIndex index = new TerminalIndex(wegweiser.core.catalog.Terminals.of(JOB));
        Advisor advisor = new Advisor(JOB, index, Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1);
        Evidence evidence = new Evidence(index, List.of(Reading.silent("A.1", "B.1")));
        Belief belief = advisor.belief(evidence);
        var next = advisor.next(evidence, belief);
        assertThat(why(evidence, belief, next, "A.1", "B.1")).contains("known");
        assertThat(why(evidence, belief, next, "A.1", "A.1")).contains("itself");
        assertThat(why(evidence, belief, next, "A.9", "B.8")).contains("% chance");
        Terminal red = next.orElseThrow().touch().red().getFirst();
        Terminal black = next.orElseThrow().touch().black().getFirst();
        assertThat(why(evidence, belief, next, black.toString(), red.toString())).contains("touch to make");
    }

    private static String why(Evidence evidence, Belief belief, java.util.Optional<Proposal> next, String a,
            String b) {
        return WhyNot.words(evidence, belief, next, CostModel.USUAL, Fixture.PROBES, Terminal.parse(a),
                Terminal.parse(b));
    }
}
