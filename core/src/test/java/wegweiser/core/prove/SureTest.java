package wegweiser.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

class SureTest {
    private static final Job FEED = TextJob.of("A terminal-2; 1 V+ supply-out 12V 2A; 2 GND ground",
            "B terminal-2; 1 V+ supply-in 12V 2A; 2 GND ground", "links 1-1:RD 2-2:BK", "cable twin-2x22 2");

    private static Reading ohms(String red, String black, double ohms) {
        return Reading.of(Mode.OHMS, Touch.of(Terminal.parse(red), Terminal.parse(black)),
                new Outcome.Resistance(ohms));
    }

    private static Sure sure(Job job, double most) {
        Derived derived = Derived.of(job);
        return Sure.of(derived, Verdict.of(derived, Fixture.PROBES), most);
    }

    @Test
    void everyWireIsLookedAtHoweverSureItIs() {
        Job one = FEED.withReading(ohms("A.1", "B.1", 0.3));
        assertThat(sure(one, 0.5).id()).isEqualTo("incomplete");
        Job both = one.withReading(ohms("A.2", "B.2", 0.3));
        assertThat(sure(both, 0.5).id()).isEqualTo("tested");
        assertThat(sure(both, 0.5).words()).startsWith("Tested: 1 in ");
        assertThat(sure(both, 1e-9).words()).startsWith("Not yet: 1 in ");
    }

    @Test
    void aSupplyJointAboveItsLimitFailsThoughItIsCopper() {
        Job bad = FEED.withReading(ohms("A.1", "B.1", 2.3)).withReading(ohms("A.2", "B.2", 0.3));
        assertThat(sure(bad, 0.5).id()).isEqualTo("fail");
        assertThat(sure(bad, 0.5).chanceLeft()).isEqualTo(1);
        // and a cable that is touched until it is sure ends there
        Prover.Touched touched = Prover.untilSure(FEED, Fixture.PROBES, (touch, mode) -> mode == Mode.OHMS
                && touch.red().getFirst().contact().equals(touch.black().getFirst().contact())
                        ? new Outcome.Resistance(2.3)
                        : Outcome.OPEN,
                0.01);
        assertThat(touched.fits()).isFalse();
        assertThat(touched.job().readings()).isNotEmpty();
    }

    @Test
    void readingsThatDisagreeAreNeverCalledTested() {
        Job doubtful = FEED.withReading(ohms("A.1", "B.1", 0.3)).withReading(ohms("A.2", "B.2", 0.3))
                .withReading(Reading.of(Mode.OHMS, Touch.of(Terminal.parse("A.1"), Terminal.parse("B.1")),
                        Outcome.OPEN));
        assertThat(sure(doubtful, 0.5).isTested()).isFalse();
        assertThat(sure(doubtful, 0.5).chanceLeft()).isEqualTo(1);
    }
}
