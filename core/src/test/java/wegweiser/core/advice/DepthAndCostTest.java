package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.Samples;
import wegweiser.core.belief.Belief;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.PairState;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** What bare probes must touch at least, what touches cost, and which gangs are worth weighing. */
class DepthAndCostTest {
    private static Touch touch(String red, String black) {
        return new Touch(java.util.Arrays.stream(red.split(" ")).map(Terminal::parse).toList(),
                java.util.Arrays.stream(black.split(" ")).map(Terminal::parse).toList());
    }

    @ParameterizedTest
    @CsvSource({"'', '', A.1, B.1, PROBES, 4", "A.1, B.1, A.1, B.1, PROBES, 0",
            "A.1, B.1, A.1, B.2, PROBES, 2",
            "A.1, B.1, A.2, B.2, PROBES, 4", "A.1, B.1, A.1, B.2, CLIP, 2", "A.1, B.1, A.2, B.1, CLIP, 6",
            "A.1, B.1, A.1 A.2, B.1, COMB, 3", "A.1 A.2, B.1, A.1 A.2 A.3 A.4, B.1, COMB, 6",
            "A.1 A.2 A.3, B.1, A.1 A.2, B.1, COMB, 3"})
    void aTouchCostsWhatTheHandsHaveToDo(String heldRed, String heldBlack, String red, String black,
            Fixture fixture, double seconds) {
        Optional<Touch> held = heldRed.isEmpty() ? Optional.empty() : Optional.of(touch(heldRed, heldBlack));
        assertThat(CostModel.USUAL.seconds(held, touch(red, black), fixture)).isEqualTo(seconds);
        assertThat(CostModel.USUAL.seconds(held, touch(red, black), fixture, Mode.OHMS))
                .isEqualTo(seconds + CostModel.USUAL.readValue());
        assertThat(CostModel.USUAL.seconds(held, touch(red, black), fixture, Mode.CONTINUITY))
                .isEqualTo(seconds);
    }

    @ParameterizedTest
    @ValueSource(strings = {"dsub-9-socket", "modular-8p8c-plug", "xlr-3-plug", "box-header-10-socket"})
    void bareProbesGoToEveryNeighbourAndToContactsThatNothingJoins(String connector) {
        SplittableRandom random = new SplittableRandom(connector.length());
        ConnectorType type = Catalogue.standard().find(connector).orElseThrow();
        for (int round = 0; round < 10; round++) {
            Job truth = Samples.random(connector, connector, random);
            Job blank = truth.withLinks(List.of());
            TerminalIndex index = Samples.index(blank);
            Nets nets = Nets.of(index, truth.links());
            Depth depth = Depth.of(blank, index);
            List<Reading> readings = new ArrayList<>();
            Evidence evidence = new Evidence(index, readings);
            int left = depth.open(evidence).size();
            Optional<Touch> next = Nearest.of(evidence, depth, new Repeats(evidence));
            while (next.isPresent()) {
                Touch touch = next.get();
                readings.add(Reading.of(Mode.OHMS, touch, AdvisorTest.copper(nets).answer(touch, Mode.OHMS)));
                evidence = new Evidence(index, readings);
                assertThat(depth.open(evidence).size()).as("every touch gets nearer to the end")
                        .isLessThan(left);
                left = depth.open(evidence).size();
                next = Nearest.of(evidence, depth, new Repeats(evidence));
            }
            assertThat(left).isZero();
            assertThat(depth.open(evidence)).isEmpty();
            for (String end : List.of("A", "B")) {
                for (String id : type.ids()) {
                    for (String other : type.neighbours(id)) {
                        PairState state = evidence.state(new Terminal(end, id), new Terminal(end, other));
                        assertThat(state.isProved()).as("%s.%s and %s", end, id, other).isTrue();
                    }
                }
            }
            assertThat(readings.size()).isLessThan(index.size() * (index.size() - 1) / 2 + 1);
        }
    }

    @Test
    void noGangIsWeighedWhoseAnswerIsKnown() {
        SplittableRandom random = new SplittableRandom(9);
        for (int round = 0; round < 40; round++) {
            Job truth = Samples.random("dsub-9-socket", "dsub-9-plug", random);
            Job blank = truth.withLinks(List.of());
            TerminalIndex index = Samples.index(blank);
            Nets nets = Nets.of(index, truth.links());
            Advisor advisor = new Advisor(blank, index, Fixture.COMB, Goal.PROVE, CostModel.USUAL, round);
            List<Reading> readings = new ArrayList<>();
            for (int k = 0; k < 12; k++) {
                Evidence evidence = new Evidence(index, readings);
                Belief belief = advisor.belief(evidence);
                for (int[][] candidate : Candidates.of(blank, evidence, belief, belief.leader())) {
                    boolean open = false;
                    for (int r : candidate[0]) {
                        for (int b : candidate[1]) {
                            assertThat(r).as("a contact on both probes").isNotEqualTo(b);
                            assertThat(evidence.isJoined(r, b)).as("it would beep in any case").isFalse();
                            open |= !evidence.isApart(r, b);
                        }
                    }
                    assertThat(open).as("it would be silent in any case").isTrue();
                }
                Optional<Proposal> next = advisor.next(evidence, belief);
                if (next.isEmpty()) {
                    break;
                }
                readings.add(Reading.of(next.get().mode(), next.get().touch(),
                        AdvisorTest.copper(nets).answer(next.get().touch(), next.get().mode())));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"dsub-9-socket", "modular-8p8c-plug"})
    void bareProbesFindAPartBetweenAnyTwoNeighbours(String connector) {
        Job blank = Samples.job(connector, connector, "");
        TerminalIndex index = Samples.index(blank);
        ConnectorType type = Catalogue.standard().find(connector).orElseThrow();
        Advisor advisor = new Advisor(blank, index, Fixture.PROBES, Goal.PROVE, CostModel.USUAL, 1);
        int parts = 0;
        for (String one : type.pinIds()) {
            for (String other : type.neighbours(one)) {
                if (!type.pinIds().contains(other) || one.compareTo(other) > 0) {
                    continue;
                }
                parts++;
                List<String> ends = List.of(one, other);
                Tracer.Run run = Tracer.run(blank, advisor, Fixture.PROBES, CostModel.USUAL,
                        (touch, mode) -> {
                            String red = touch.red().getFirst().contact();
                            String black = touch.black().getFirst().contact();
                            boolean joined = red.equals(black) && type.pinIds().contains(red);
                            if (mode == Mode.CONTINUITY) {
                                return joined ? Outcome.BEEP : Outcome.SILENT;
                            }
                            boolean part = !joined && ends.contains(red) && ends.contains(black);
                            return joined || part ? new Outcome.Resistance(part ? 120.4 : 0.4) : Outcome.OPEN;
                        }, 400);
                assertThat(run.finished()).isTrue();
                assertThat(run.evidence().parts()).as("between %s", ends).hasSize(1);
                assertThat(run.evidence().parts().getFirst().ohms()).isBetween(119.0, 121.0);
            }
        }
        assertThat(parts).isGreaterThanOrEqualTo(type.pinIds().size() - 1);
    }
}
