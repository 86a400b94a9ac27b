package wegweiser.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;

/** What is said to have passed was there to be judged. */
class PassedTest {
    private static String passed(Job job) {
        return String.join(" | ", Passed.of(Derived.of(job)));
    }

    @Test
    void withoutPinoutsNothingPasses() {
        Job bare = TextJob.of("A dsub-9-socket", "B dsub-9-plug", "links 1-1 2-2 shell-shell");
        assertThat(passed(bare)).isEmpty();
        assertThat(Passed.unknown(Derived.of(bare))).hasSize(4);
    }

    @Test
    void aSerialLeadPassesWhatItHas() {
        Job lead = TextJob.of("A dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground",
                "B dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground", "links 2-3 3-2 5-5");
        assertThat(passed(lead)).contains("Levels agree", "No ground is missing", "No output meets an output")
                .doesNotContain("Supply").doesNotContain("reading").doesNotContain("Capacitance");
        assertThat(Passed.unknown(Derived.of(lead))).isEmpty();
    }

    @Test
    void levelsOfWhichOneIsNotKnownDoNotAgree() {
        Job lead = TextJob.of("A terminal-2; 1 TXD out moonlight; 2 GND ground",
                "B terminal-2; 1 RXD in rs232; 2 GND ground", "links 1-1 2-2");
        assertThat(passed(lead)).doesNotContain("Levels");
    }
}
