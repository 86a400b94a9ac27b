package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.rules.Finding;

class PlanCheckTest {
    private static final String LOGGER = "A dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground";

    private static List<String> errors(Job job) {
        return PlanCheck.of(Derived.of(job)).stream().filter(Finding::isError).map(Finding::rule).toList();
    }

    @Test
    void aPlanOfGroundsAloneIsNotCleanWhereTheSignalsCannotMeet() {
        Job job = TextJob.of(LOGGER, "B row-254-3-plug; 1 GND ground; 2 TXD out ttl-5v; 3 RXD in ttl-5v");
        Scheme first = Router.schemes(job).getFirst();
        assertThat(errors(first.applyTo(job))).containsExactly("level-clash", "level-clash");
        assertThat(first.why()).contains("Not all that belongs together");
        assertThat(errors(job)).as("nothing is planned yet").isEmpty();
        // told once, whether the clash is in the plan or left out of it
        Job joined = job.withLinks(List.of(Link.of("A.3", "B.3"), Link.of("A.5", "B.1")));
        assertThat(errors(joined)).containsExactly("level-clash", "level-clash");
    }

    @Test
    void aPlanInWhichAllMeetsIsToldWhatTheRulesSay() {
        Job job = TextJob.of(LOGGER, "B dsub-9-plug; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground");
        Job planned = Router.schemes(job).getFirst().applyTo(job);
        assertThat(errors(planned)).isEmpty();
        assertThat(PlanCheck.of(Derived.of(planned)))
                .containsExactlyElementsOf(wegweiser.core.rules.Rules.check(planned));
    }
}
