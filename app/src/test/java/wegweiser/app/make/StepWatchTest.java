package wegweiser.app.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.make.Deed;
import wegweiser.core.make.Step;

class StepWatchTest {
    private final List<String> learned = new ArrayList<>();
    private Instant now = Instant.parse("2026-03-01T20:00:00Z");
    private final StepWatch watch = new StepWatch((deed, seconds) -> learned.add(deed.end() + " " + seconds),
            () -> now);

    private static Step step(String key, String end) {
        return new Step(1, key, new Deed.Cut(end), new Step.Said("", "", "", "", "", ""), List.of());
    }

    private void after(int seconds) {
        now = now.plusSeconds(seconds);
    }

    @Test
    void aStepTakesFromWhenItIsShownUntilItIsDone() {
        watch.shown(step("A:cut", "A"));
        after(70);
        watch.done(step("A:cut", "A"));
        watch.shown(step("B:cut", "B"));
        after(40);
        watch.shown(step("B:cut", "B"));
        after(10);
        watch.done(step("B:cut", "B"));
        assertThat(learned).containsExactly("A 70.0", "B 50.0");
    }

    @Test
    void whatWasNotShownOrIsDoneTwiceTellsNoTime() {
        watch.done(step("A:cut", "A"));
        watch.shown(step("A:cut", "A"));
        after(70);
        watch.done(step("B:cut", "B"));
        watch.done(step("A:cut", "A"));
        watch.done(step("A:cut", "A"));
        assertThat(learned).containsExactly("A 70.0");
    }
}
