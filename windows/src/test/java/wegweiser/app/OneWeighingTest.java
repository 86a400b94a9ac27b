package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Field;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.IntConsumer;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.core.advice.Fixture;
import wegweiser.core.evidence.Evidence;

/** One key at Trace weighs the readings once, for the board, the panel, the dock, the signpost and the words beside a cell. */
class OneWeighingTest extends WindowTest {
    @Test
    void oneKeyWeighsTheReadingsOnce() throws Exception {
        call(() -> {
            window.chooseFixture(Fixture.COMB);
            return null;
        });
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("asked", () -> shows("red probe"));
        List<Integer> weighed = new CopyOnWriteArrayList<>();
        tell(weighed::add);
        try {
            for (int k = 1; k <= 6; k++) {
                int readings = k;
                keys(KeyCode.ENTER);
                await("taken", () -> session.job().readings().size() == readings);
                await("shown", () -> lookup("#reading-" + readings).tryQuery().isPresent());
                keys(KeyCode.LEFT);
                keys(KeyCode.UP);
                sleep(300);
                assertThat(Collections.frequency(weighed, readings)).as("reading %d", readings).isEqualTo(1);
            }
        } finally {
            tell(_ -> {});
        }
    }

    /** Whom evidence tells of every weighing; nobody but this test may know. */
    private static void tell(IntConsumer whom) throws ReflectiveOperationException {
        Field weighing = Evidence.class.getDeclaredField("weighing");
        weighing.setAccessible(true);
        weighing.set(null, whom);
    }
}
