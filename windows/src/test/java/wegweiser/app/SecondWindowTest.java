package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import wegweiser.core.usual.UsualCable;
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
}
