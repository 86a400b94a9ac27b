package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.prove.Diagnosis;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Verdict;

class TurnedOverTest {
    private static Job turned(int wires, int from, int to) {
        return TextJob.of("A box-header-%d-socket".formatted(wires),
                "B box-header-%d-socket".formatted(wires),
                "cable ribbon-%d 0.5".formatted(wires), "links " + IntStream.rangeClosed(1, wires)
                        .mapToObj(k -> k + "-" + (k >= from && k <= to ? from + to - k : k) + ":" + k)
                        .collect(Collectors.joining(" ")));
    }

    private static List<TurnedOver> at(Job job, String end) {
        Derived derived = Derived.of(job);
        return TurnedOver.at(derived, job.end(end).orElseThrow(),
                Catalogue.of(job).of(job.end(end).orElseThrow()).orElseThrow(),
                derived.cable().orElseThrow());
    }

    @Test
    void aRunThatIsTurnedOverIsFoundAtTheEndWhereItIs() {
        for (int from = 1; from < 15; from++) {
            for (int to = from + 1; to <= 16; to++) {
                Job job = turned(16, from, to);
                assertThat(at(job, "A")).isEmpty();
                assertThat(at(job, "B")).hasSize(1);
                TurnedOver run = at(job, "B").getFirst();
                assertThat(List.of(run.first(), run.last(), run.contact()))
                        .containsExactly(String.valueOf(from), String.valueOf(to), String.valueOf(from));
                assertThat(run.contacts()).hasSize(to - from + 1).contains(run.contact());
            }
        }
    }

    @Test
    void theOuterWiresOfATurnedRunEndShortest() {
        Job job = turned(34, 10, 16);
        TurnedOver run = at(job, "B").getFirst();
        CableStock cable = Derived.of(job).cable().orElseThrow();
        // seven wires 1.27 mm apart, split 25 mm back: the outer ones lie 3.81 mm from the middle, and the square root of
        // 25² + (3.1416 x 3.81)² is 27.71
        assertThat(run.splitMm(cable)).isEqualTo(25);
        assertThat(run.shortMm(cable, 0)).isCloseTo(2.71, within(0.1));
        assertThat(run.shortMm(cable, 6)).isCloseTo(run.shortMm(cable, 0), within(1e-9));
        assertThat(run.shortMm(cable, 3)).isZero();
        assertThat(run.costMm(cable)).isEqualTo(20);
        assertThat(at(turned(34, 1, 34), "B").getFirst().costMm(cable)).isBetween(42.0, 45.0);
        String detail = BenchSteps.of(job, true).stream().filter(s -> s.key().startsWith("B:turn"))
                .findFirst()
                .orElseThrow().detail();
        assertThat(detail).contains("20 mm longer", "10 and 16 by 2.", "13 by 0");
    }

    @Test
    void thePressComesBeforeTheSquareCut() {
        List<String> texts = BenchSteps.of(turned(34, 10, 16), true).stream()
                .filter(s -> "B".equals(s.end())).map(Step::text).toList();
        int turn = first(texts, "turn them over");
        int press = first(texts, "Press the");
        int square = first(texts, "square");
        assertThat(turn).isBetween(0, press);
        assertThat(press).isLessThan(square);
        assertThat(texts.get(turn)).contains("wires 10 to 16", "wire 16 lies at contact 10");
    }

    private static int first(List<String> texts, String word) {
        return IntStream.range(0, texts.size()).filter(k -> texts.get(k).contains(word)).findFirst()
                .orElse(-1);
    }

    /** Whichever run was to be turned and was not, that is the first story. */
    @Test
    void aRunThatWasForgottenIsTheStory() {
        for (int from = 1; from < 9; from += 2) {
            for (int to = from + 3; to <= 10; to += 2) {
                Job plan = turned(10, from, to);
                Job made = plan;
                for (int a = 1; a <= 10; a++) {
                    for (int b = 1; b <= 10; b++) {
                        made = made.withReading(a == b
                                ? Reading.beep("A." + a, "B." + b)
                                : Reading.silent("A." + a, "B." + b));
                    }
                }
                Evidence evidence = Evidence.of(made);
                Explanation first = Diagnosis.of(made, evidence, Verdict.of(made, Fixture.PROBES).faults())
                        .getFirst();
                assertThat(first.kind()).as("%d to %d", from, to).isEqualTo("twist");
                assertThat(first.text()).contains(String.valueOf(from), String.valueOf(to), "turned over");
            }
        }
    }
}
