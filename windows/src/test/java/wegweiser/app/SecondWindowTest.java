package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import wegweiser.app.stage.StageId;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.job.JobFile;
import wegweiser.files.workshop.JobFolder;
import wegweiser.files.workshop.Workshop;

/** Windows that are opened from a window. */
class SecondWindowTest extends WindowTest {
    @Override
    protected Optional<Path> opened(Path workshop) throws IOException {
        return Optional.empty();
    }

    private List<Stage> stages() {
        return Window.getWindows().stream().filter(Window::isShowing).map(Stage.class::cast).toList();
    }

    private OneWindow one() {
        return call(() -> {
            Stage stage = new Stage();
            OneWindow made = new OneWindow(stage, WindowApp.session(new Workshop(folder), Optional.empty()),
                    true);
            stage.show();
            return made;
        });
    }

    private void close(OneWindow one) {
        call(() -> {
            stages().stream().filter(s -> s.getScene().getRoot() != window.root()).forEach(Stage::hide);
            return null;
        });
        one.session().close();
    }

    @Test
    void theDemoIsOfferedInAWindowOfItsOwn() {
        OneWindow first = one();
        call(() -> {
            ((Button) first.window().root().lookup("#bench-demo")).fire();
            return null;
        });
        await("a third window", () -> stages().size() == 3);
        Stage demo = call(() -> stages().getLast());
        await("the demo lies there", () -> {
            ListView<?> list = (ListView<?>) demo.getScene().lookup("#job-list");
            return list != null && list.getItems().size() == 4;
        });
        assertThat(call(demo::getTitle)).contains("Bench");
        close(first);
    }

    @Test
    void aJobIsOpenedBesideAndHasItsNameAsTheTitle() throws Exception {
        Path file = new JobFolder(new Workshop(folder)).add(UsualCable.all().getFirst().job());
        OneWindow first = one();
        call(() -> {
            first.another(file);
            return null;
        });
        await("its own title", () -> stages().stream().anyMatch(s -> s.getTitle() != null
                && s.getTitle().startsWith("Two terminals on serial")));
        call(() -> {
            first.another();
            return null;
        });
        await("and one more on the bench", () -> stages().size() == 4);
        close(first);
    }

    /** A key that goes down and up in a window, whichever is in front. */
    private void key(OneWindow one, KeyCode code) {
        call(() -> {
            Node root = one.window().root();
            Node owner = root.getScene().getFocusOwner() == null ? root : root.getScene().getFocusOwner();
            for (EventType<KeyEvent> type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
                Event.fireEvent(owner, new KeyEvent(type, code.getChar(), code.getName(), code, false,
                        code.isDigitKey(), false, false));
            }
            return null;
        });
    }

    private OneWindow on(Path file) {
        return call(() -> {
            Stage stage = new Stage();
            OneWindow made = new OneWindow(stage, WindowApp.session(new Workshop(folder), Optional.of(file)),
                    false);
            stage.show();
            made.window().go(StageId.TRACE);
            return made;
        });
    }

    private boolean asks(OneWindow one) {
        Node beep = one.window().root().lookup("#dock-beep");
        return beep != null && isShown(beep) && !beep.isDisabled() && !one.session().busyProperty().get();
    }

    @Test
    void twoWindowsOnOneJobLoseNoKey() throws Exception {
        Path file = new JobFolder(new Workshop(folder))
                .add(UsualCable.all().getFirst().job().withLinks(List.of()));
        OneWindow one = on(file);
        OneWindow other = on(file);
        int answered = 0;
        for (int k = 0; k < 12; k++) {
            OneWindow here = k % 2 == 0 ? one : other;
            call(() -> {
                // the window comes to the front, and takes in what the other one did
                here.session().lookAgain();
                return null;
            });
            int wanted = answered;
            await("what the other window did", () -> here.session().job().readings().size() == wanted
                    && !here.session().busyProperty().get());
            await("a touch is asked for", () -> asks(here));
            key(here, k % 3 == 0 ? KeyCode.B : KeyCode.N);
            answered++;
            int now = answered;
            await("answer " + k, () -> here.session().job().readings().size() == now
                    && !here.session().busyProperty().get());
        }
        assertThat(JobFile.read(file).readings()).hasSize(answered);
        // both at the same moment: neither answer goes under. A key that nothing waits for would be none
        await("both ask", () -> asks(one) && asks(other));
        key(one, KeyCode.N);
        key(other, KeyCode.N);
        await("both are written", () -> !one.session().busyProperty().get()
                && !other.session().busyProperty().get());
        int all = answered + 2;
        // whichever wrote last, the other one sees it when it looks again
        await("both have all", () -> {
            one.session().lookAgain();
            other.session().lookAgain();
            return one.session().job().readings().size() == all
                    && other.session().job().readings().size() == all;
        });
        assertThat(JobFile.read(file).readings()).hasSize(all);
        close(one);
        other.session().close();
    }
}
