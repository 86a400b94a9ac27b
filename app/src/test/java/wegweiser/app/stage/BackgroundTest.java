package wegweiser.app.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;
import wegweiser.core.model.Superseded;

/** Computations that fail, that are overtaken, and that are left alone. */
class BackgroundTest extends ApplicationTest {
    private final List<String> told = new CopyOnWriteArrayList<>();

    @Override
    public void start(Stage stage) {
        // only the interface thread is needed
    }

    @BeforeEach
    void listen() {
        Background.tell(told::add);
    }

    private void await(java.util.function.BooleanSupplier holds) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, holds::getAsBoolean);
    }

    @Test
    void aFailureIsToldAndItsPictureTakenAway() throws Exception {
        for (Throwable failure : List.of(new IllegalStateException("no verdict"),
                new NoClassDefFoundError("a library"))) {
            told.clear();
            AtomicInteger emptied = new AtomicInteger();
            new Background().run(() -> {
                if (failure instanceof Error e) {
                    throw e;
                }
                throw (RuntimeException) failure;
            }, _ -> emptied.addAndGet(100), emptied::incrementAndGet);
            await(() -> !told.isEmpty());
            assertThat(emptied).hasValue(1);
            assertThat(told).singleElement().asString().contains(failure.getMessage());
        }
    }

    @Test
    void aPictureThatCannotBePaintedIsTakenAwayToo() throws Exception {
        AtomicInteger emptied = new AtomicInteger();
        new Background().run(() -> 1, _ -> {
            throw new IllegalArgumentException("a name that cannot be laid out");
        }, emptied::incrementAndGet);
        await(() -> !told.isEmpty());
        assertThat(emptied).hasValue(1);
        assertThat(told).hasSize(1);
    }

    @Test
    void whatIsOvertakenEndsAndShowsNothing() throws Exception {
        Background background = new Background();
        CountDownLatch began = new CountDownLatch(1);
        CountDownLatch ended = new CountDownLatch(1);
        List<String> shown = new ArrayList<>();
        background.run(() -> {
            began.countDown();
            try {
                while (true) {
                    Superseded.check();
                }
            } finally {
                ended.countDown();
            }
        }, _ -> shown.add("old"));
        assertThat(began.await(20, TimeUnit.SECONDS)).isTrue();
        background.run(() -> "new", shown::add);
        assertThat(ended.await(20, TimeUnit.SECONDS)).as("a superseded computation ends").isTrue();
        await(() -> shown.size() == 1);
        assertThat(shown).containsExactly("new");
        assertThat(told).isEmpty();
    }
}
