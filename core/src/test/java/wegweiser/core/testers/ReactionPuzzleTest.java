package wegweiser.core.testers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Touch;

class ReactionPuzzleTest {
    private static Job leads(int count) {
        List<PinRow> rows = IntStream.range(0, count).mapToObj(i -> PinRow.named("w" + i)).toList();
        return Job.of("talkback headset", List.of(End.of("A", "", "jack-3.5-3-plug", List.of()),
                End.of("B", "", "", rows)), List.of(), List.of());
    }

    private static boolean reacts(boolean[] side, Touch touch) {
        return side[number(touch, true)] != side[number(touch, false)];
    }

    private static int number(Touch touch, boolean red) {
        return Integer.parseInt((red ? touch.red() : touch.black()).getFirst().contact().substring(1));
    }

    private static Job tried(Job job, Touch touch, boolean reacts) {
        return job.withReading(
                Reading.of(Mode.REACTION, touch, reacts ? Outcome.REACTS : Outcome.NOTHING));
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 7, 12})
    void nWiresTakeOneTrialLessWhateverTheirSides(int n) {
        for (int mask = 0; mask < Math.min(1 << n, 512); mask++) {
            boolean[] side = new boolean[n];
            for (int i = 0; i < n; i++) {
                side[i] = (mask >> i & 1) == 1;
            }
            Job job = leads(n);
            int trials = 0;
            ReactionPuzzle puzzle = ReactionPuzzle.of(job, "B");
            while (puzzle.next().isPresent()) {
                assertThat(puzzle.trialsLeft()).isEqualTo(n - 1 - trials);
                job = tried(job, puzzle.next().get(), reacts(side, puzzle.next().get()));
                trials++;
                puzzle = ReactionPuzzle.of(job, "B");
            }
            assertThat(trials).isEqualTo(n - 1);
            ReactionPuzzle.Group all = puzzle.groups().getFirst();
            for (var one : all.one()) {
                assertThat(side[Integer.parseInt(one.contact().substring(1))])
                        .isEqualTo(side[Integer.parseInt(all.one().getFirst().contact().substring(1))]);
            }
            for (var other : all.other()) {
                assertThat(side[Integer.parseInt(other.contact().substring(1))])
                        .isNotEqualTo(side[Integer.parseInt(all.one().getFirst().contact().substring(1))]);
            }
            assertThat(all.one().size() + all.other().size()).isEqualTo(n);
        }
    }

    @Test
    void threeWiresSayWhichStandsAlone() {
        Job job = leads(3);
        job = tried(job, Touch.of(job.ends().get(1).terminal("w0"), job.ends().get(1).terminal("w2")), false);
        job = tried(job, Touch.of(job.ends().get(1).terminal("w1"), job.ends().get(1).terminal("w2")), true);
        ReactionPuzzle puzzle = ReactionPuzzle.of(job, "B");
        assertThat(puzzle.words()).isEqualTo("w0 and w2 belong together; w1 stands alone.");
        assertThat(puzzle.because(job.ends().get(1).terminal("w0"), job.ends().get(1).terminal("w1")))
                .containsExactly(1, 2);
    }

    @Test
    void trialsThatCannotAllBeTrueAreReportedAndDecideNothing() {
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 200; round++) {
            boolean[] side = {random.nextBoolean(), random.nextBoolean(), random.nextBoolean()};
            Job job = leads(3);
            End end = job.ends().get(1);
            List<Touch> all = new ArrayList<>(List.of(Touch.of(end.terminal("w0"), end.terminal("w1")),
                    Touch.of(end.terminal("w1"), end.terminal("w2")),
                    Touch.of(end.terminal("w2"), end.terminal("w0"))));
            int lie = random.nextInt(3);
            for (int k = 0; k < 3; k++) {
                job = tried(job, all.get(k), reacts(side, all.get(k)) != (k == lie));
            }
            ReactionPuzzle puzzle = ReactionPuzzle.of(job, "B");
            assertThat(puzzle.contradictions()).singleElement()
                    .satisfies(c -> assertThat(c.readings()).containsExactly(1, 2, 3));
            assertThat(puzzle.groups()).hasSize(3);
            assertThat(puzzle.next()).isPresent();
            assertThat(ReactionPuzzle.of(job.withReadingSetAside(lie + 1, "doubtful"), "B").next()).isEmpty();
        }
    }

    @Test
    void anEndWithoutLeadsAsksForTheirNames() {
        ReactionPuzzle puzzle = ReactionPuzzle.of(leads(0), "B");
        assertThat(puzzle.next()).isEqualTo(Optional.empty());
        assertThat(puzzle.words()).contains("no wires");
    }
}
