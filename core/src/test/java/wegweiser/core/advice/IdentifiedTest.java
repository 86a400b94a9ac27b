package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.catalog.Contact;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Recogniser;

/** What identification says of cables that are on no list: nothing that was not touched, and what was not looked at. */
class IdentifiedTest {
    private static final int MOST = 600;

    private static Tracer.Run trace(Job blank, Advisor advisor, Nets truth) {
        return Tracer.run(blank, advisor, Fixture.PROBES, CostModel.USUAL, AdvisorTest.copper(truth), MOST);
    }

    private static Advisor advisor(Job blank, TerminalIndex index, List<NamedWiring> known) {
        return new Advisor(blank, index, Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1, known);
    }

    /** No false join; every contact that is said to be open is open to the other end but for a short at a taken one. */
    private static Identified mustBeTrue(Advisor advisor, Tracer.Run run, Nets truth) {
        Identified said = advisor.identified(run.evidence(), run.belief());
        TerminalIndex index = truth.index();
        assertThat(said.onlyBelieved()).isZero();
        for (int a = 0; a < index.size(); a++) {
            for (int b = 0; b < index.size(); b++) {
                if (said.said().isJoined(a, b)) {
                    assertThat(truth.partition().isJoined(a, b)).as("%s %s", index.get(a), index.get(b))
                            .isTrue();
                }
            }
        }
        for (Terminal open : said.open()) {
            for (Terminal other : said.open()) {
                assertThat(other.end().equals(open.end()) || !truth.joined(open, other))
                        .as("%s and %s are said to be open: %s", open, other, said.words()).isTrue();
            }
        }
        return said;
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket,dsub-9-plug,40,0", "modular-6p6c-plug,modular-6p6c-plug,60,0",
            "box-header-10-socket,dsub-9-plug,30,0"})
    void aCableJoinedAtRandomIsFoundWhole(String near, String far, int cables, int missed) {
        Job blank = Samples.job(near, far, "");
        TerminalIndex index = Samples.index(blank);
        Advisor advisor = advisor(blank, index, NamedWiring.standard());
        SplittableRandom random = new SplittableRandom(15);
        int wrong = 0;
        for (int k = 0; k < cables; k++) {
            List<String> ends = new ArrayList<>();
            List<Terminal> left = new ArrayList<>(pins(index, "A"));
            List<Terminal> right = new ArrayList<>(pins(index, "B"));
            for (int joins = 1 + random.nextInt(Math.min(left.size(), right.size())); joins > 0; joins--) {
                ends.add(left.remove(random.nextInt(left.size())).contact() + "-"
                        + right.remove(random.nextInt(right.size())).contact());
            }
            Nets truth = Nets.of(index, Samples.job(near, far, String.join(" ", ends)).links());
            Tracer.Run run = trace(blank, advisor, truth);
            assertThat(run.finished()).isTrue();
            wrong += mustBeTrue(advisor, run, truth).said().equals(truth.partition()) ? 0 : 1;
        }
        assertThat(wrong).isEqualTo(missed);
    }

    private static List<Terminal> pins(TerminalIndex index, String end) {
        return index.terminals().stream()
                .filter(t -> t.end().equals(end) && !t.contact().equals(Contact.SHELL)).toList();
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket,dsub-9-plug", "dsub-9-socket,dsub-25-plug", "box-header-10-socket,dsub-9-plug",
            "modular-8p8c-plug,modular-8p8c-plug", "modular-6p6c-plug,modular-6p6c-plug"})
    void eachNamedWiringIsFoundByAnAdvisorThatDoesNotKnowIt(String near, String far) {
        Job blank = Samples.job(near, far, "");
        TerminalIndex index = Samples.index(blank);
        for (Recogniser.Candidate one : Recogniser.candidates(family(near), family(far))) {
            List<NamedWiring> known = NamedWiring.standard().stream()
                    .filter(n -> !n.id().equals(one.named().id())).toList();
            Advisor advisor = advisor(blank, index, known);
            Nets truth = Nets.of(index, one.wiring(), "A", "B");
            Tracer.Run run = trace(blank, advisor, truth);
            Identified said = mustBeTrue(advisor, run, truth);
            assertThat(across(said, truth)).as("%s: %s", one.named().title(), said.words()).isTrue();
        }
    }

    private static String family(String connector) {
        return connector.substring(0, connector.lastIndexOf('-'));
    }

    private static boolean across(Identified said, Nets truth) {
        for (int a = 0; a < truth.index().size(); a++) {
            for (int b = 0; b < truth.index().size(); b++) {
                boolean apart = !truth.index().get(a).end().equals(truth.index().get(b).end());
                if (apart && said.said().isJoined(a, b) != truth.partition().isJoined(a, b)) {
                    return false;
                }
            }
        }
        return true;
    }

    @Test
    void whatWasNotTouchedIsSaid() {
        Job blank = Samples.job("dsub-9-socket", "dsub-9-plug", "");
        TerminalIndex index = Samples.index(blank);
        Advisor advisor = advisor(blank, index, NamedWiring.standard());
        Nets truth = Nets.of(index, Samples.job("dsub-9-socket", "dsub-9-plug", "1-1 2-2 3-3").links());
        Tracer.Run early = Tracer.run(blank, advisor, Fixture.PROBES, CostModel.USUAL,
                AdvisorTest.copper(truth), 3);
        Identified said = advisor.identified(early.evidence(), early.belief());
        assertThat(said.isTouched()).isFalse();
        assertThat(said.words()).contains("measured").contains("not touched");
        Tracer.Run whole = trace(blank, advisor, Nets.of(index,
                Samples.job("dsub-9-socket", "dsub-9-plug", "1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8 9-9").links()));
        assertThat(advisor.identified(whole.evidence(), whole.belief()).words()).contains("9 joins measured")
                .contains("where a short or a jumper would not show").doesNotContain("believed");
    }
}
