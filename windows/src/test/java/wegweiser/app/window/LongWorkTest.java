package wegweiser.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.WindowTest;
import wegweiser.app.stage.Background;
import wegweiser.core.model.Superseded;

/** What takes long is said, and can be stopped. */
class LongWorkTest extends WindowTest {
    private final AtomicBoolean given = new AtomicBoolean();
    private final AtomicInteger shown = new AtomicInteger();
    private final AtomicInteger away = new AtomicInteger();

    private void begin() {
        call(() -> {
            new Background().run(() -> {
                try {
                    while (true) {
                        Superseded.check();
                        Thread.onSpinWait();
                    }
                } catch (CancellationException e) {
                    given.set(true);
                    throw e;
                }
            }, _ -> shown.incrementAndGet(), away::incrementAndGet);
            return null;
        });
    }

    private boolean isSaid() {
        return lookup("#work").query().isVisible();
    }

    @Test
    void aLongComputationIsStoppedByTheButtonAndByTheKey() {
        await("nothing runs", () -> Background.longest().isZero());
        assertThat(call(this::isSaid)).isFalse();
        begin();
        await("it is said", () -> isSaid() && shows("Working …"));
        clickOn("#work-stop");
        await("given up", () -> given.get() && !isSaid() && shows("Stopped."));
        given.set(false);
        begin();
        await("it is said again", this::isSaid);
        keys(KeyCode.CONTROL, KeyCode.PERIOD);
        await("given up again", () -> given.get() && !isSaid());
        assertThat(shown).hasValue(0);
        assertThat(away).as("what cannot be shown is taken away").hasValue(2);
    }
}
