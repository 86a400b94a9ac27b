package wegweiser.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import wegweiser.app.stage.StageId;
import wegweiser.files.workshop.Workshop;
import wegweiser.headless.RowCopy;

/**
 * A program of its own with a window in which keys are pressed without end. What the screen shows as done is said on
 * standard output, for tests that kill it.
 */
final class KeyedWindow {
    private final OneWindow one;

    private KeyedWindow(OneWindow one) {
        this.one = one;
    }

    public static void main(String[] args) throws Exception {
        RowCopy.install();
        CountDownLatch running = new CountDownLatch(1);
        Platform.startup(running::countDown);
        running.await();
        KeyedWindow keyed = call(() -> {
            Stage stage = new Stage();
            OneWindow one = new OneWindow(stage,
                    WindowApp.session(new Workshop(Path.of(args[0])), Optional.of(Path.of(args[1]))), false);
            stage.show();
            return new KeyedWindow(one);
        });
        for (int k = Integer.parseInt(args[2]);; k++) {
            switch (k % 4) {
                case 0 -> keyed.duplicate();
                case 1 -> keyed.answer();
                case 2 -> keyed.record();
                default -> keyed.countOff();
            }
        }
    }

    private void answer() throws Exception {
        go(StageId.TRACE);
        await(() -> shown("#dock-beep").isPresent());
        int before = call(() -> one.session().job().readings().size());
        key(KeyCode.N);
        await(() -> one.session().job().readings().size() > before && !one.session().busyProperty().get());
        say("readings " + (before + 1));
    }

    private void duplicate() throws Exception {
        go(StageId.BENCH);
        ListView<?> list = call(() -> (ListView<?>) one.window().root().lookup("#job-list"));
        await(() -> !list.getItems().isEmpty());
        int before = call(() -> list.getItems().size());
        call(() -> {
            list.requestFocus();
            list.getSelectionModel().select(0);
            return null;
        });
        key(KeyCode.D, true);
        await(() -> list.getItems().size() > before);
        say("jobs " + (before + 1));
    }

    private void record() throws Exception {
        go(StageId.PROVE);
        String before = call(() -> one.session().notices().words().get());
        key(KeyCode.R);
        await(() -> !before.equals(one.session().notices().words().get())
                && one.session().notices().words().get().contains("W-"));
        say("unit " + call(() -> one.session().notices().words().get()).replaceAll("(?s).*(W-\\d+).*", "$1"));
    }

    /** Off the shelf, and on it again. */
    private void countOff() throws Exception {
        go(StageId.MAKE);
        press("#shelf-take");
        await(() -> shown("#notice-way").isPresent());
        say("counted");
        press("#notice-way");
        await(() -> shown("#shelf-take").isPresent());
        say("put back");
    }

    private static void say(String what) {
        System.out.println(what);
        System.out.flush();
    }

    private void go(StageId stage) throws Exception {
        call(() -> {
            one.window().go(stage);
            return null;
        });
    }

    private Optional<Node> shown(String id) {
        return Optional.ofNullable(one.window().root().lookup(id))
                .filter(n -> !n.isDisabled() && isVisible(n));
    }

    private static boolean isVisible(Node node) {
        return node == null || node.isVisible() && isVisible(node.getParent());
    }

    private void press(String button) throws Exception {
        await(() -> shown(button).isPresent());
        call(() -> {
            shown(button).ifPresent(b -> ((Button) b).fire());
            return null;
        });
    }

    private void key(KeyCode code) throws Exception {
        key(code, false);
    }

    private void key(KeyCode code, boolean shortcutAndShift) throws Exception {
        call(() -> {
            // the list that had the focus may just have left the window
            Node root = one.window().root();
            for (EventType<KeyEvent> type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
                Event.fireEvent(root, new KeyEvent(type, code.getChar(), code.getName(), code,
                        shortcutAndShift, shortcutAndShift, false, false));
            }
            return null;
        });
    }

    private static <T> T call(Callable<T> question) throws Exception {
        FutureTask<T> asked = new FutureTask<>(question);
        Platform.runLater(asked);
        return asked.get();
    }

    /** For as long as it takes: whoever started this watches the time. Asked too often, nothing else would get its turn. */
    private static void await(BooleanSupplier condition) throws Exception {
        while (!call(condition::getAsBoolean)) {
            Thread.sleep(15);
        }
    }
}
