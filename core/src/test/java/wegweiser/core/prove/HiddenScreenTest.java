package wegweiser.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.advice.AdvisorTest;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** A screen that is joined at one end is touched by nothing once that end is closed. */
class HiddenScreenTest {
    private static final Job PAIR = TextJob.of("A terminal-2; 1 SIG out; 2 GND ground",
            "B terminal-2; 1 IN in; 2 GND ground", "links 1-1:RD 2-2:WH", "cable audio-2-screened 2");

    private static Job screenAt(String... contacts) {
        List<Link> links = new ArrayList<>(PAIR.links());
        for (String contact : contacts) {
            links.add(new Link(Terminal.parse(contact), Optional.empty(), Optional.of(Link.SCREEN),
                    Optional.empty(), Optional.empty(), Map.of()));
        }
        return PAIR.withLinks(links);
    }

    private static Verdict provedAsGood(Job job) {
        Job tested = Prover.run(job, Fixture.PROBES, AdvisorTest.copper(Derived.of(job).nets()), 1);
        return Verdict.of(tested, Fixture.PROBES);
    }

    @Test
    void itDoesNotPassBeforeSomebodyBeepedTheScreenWhileTheEndWasOpen() {
        Verdict verdict = provedAsGood(screenAt("B.2"));
        assertThat(verdict.result()).isEqualTo(Verdict.Result.INCOMPLETE);
        assertThat(verdict.open()).isZero();
        assertThat(verdict.hidden()).containsExactly(Terminal.parse("B.2"));
        assertThat(verdict.blind()).first().asString().contains("B.2").contains("braid");
    }

    @Test
    void theStepThatTestsTheEndSaysSoAndSettlesIt() {
        Job job = screenAt("B.2");
        Step test = BenchSteps.of(job, true).stream().filter(s -> s.key().equals("B:test")).findFirst()
                .orElseThrow();
        assertThat(test.detail()).contains("braid");
        assertThat(BenchSteps.of(job, true).stream().filter(s -> s.key().equals("A:test")).findFirst()
                .orElseThrow()
                .detail()).doesNotContain("braid");
        assertThat(provedAsGood(job.withDone(List.of("A:test"))).isPassed()).isFalse();
        assertThat(provedAsGood(job.withDone(List.of("B:test"))).isPassed()).isTrue();
    }

    @Test
    void aScreenThatTouchesFindOrThatWasThereBeforeNeedsNoTick() {
        assertThat(provedAsGood(PAIR).isPassed()).isTrue();
        assertThat(provedAsGood(screenAt("B.2").withKept(List.of("B"))).isPassed()).isTrue();
    }
}
