package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.robot.BaseRobot;
import org.testfx.util.WaitForAsyncUtils;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.app.stage.Session;
import wegweiser.app.window.MainWindow;
import wegweiser.core.model.Job;
import wegweiser.files.workshop.Workshop;
import wegweiser.headless.RowCopy;

/** The real window over a workshop in a temporary folder, driven by keys and clicks. */
public abstract class WindowTest extends ApplicationTest {
    static {
        RowCopy.install();
    }

    protected Path folder;
    protected Session session;
    protected MainWindow window;
    private Stage stage;

    /** The job that is open at first, in a workshop that this fills; the demo unless a test says otherwise. */
    protected Optional<Path> opened(Path workshop) throws IOException {
        return Optional.of(fill(workshop));
    }

    /** What the workshop holds when the window opens; the demo unless a test says otherwise. */
    protected Path fill(Path workshop) throws IOException {
        return DemoWorkshop.create(workshop);
    }

    @Override
    public void start(Stage newStage) throws IOException {
        stage = newStage;
        folder = Files.createTempDirectory("wegweiser-test");
        open(opened(folder));
    }

    private void open(Optional<Path> job) throws IOException {
        session = WindowApp.session(new Workshop(folder), job);
        window = new MainWindow(session);
        if (session.isOpen()) {
            session.workshop().remember(Map.of("job", session.file().orElseThrow().toString()));
        }
        Scene scene = WindowApp.scene(window);
        stage.setScene(scene);
        stage.setX(0);
        stage.setY(0);
        stage.show();
        stage.toFront();
    }

    /** Ends the session and opens the window again on the same folder. */
    protected void restart() {
        session.close();
        WaitForAsyncUtils.waitForAsyncFx(25_000, () -> {
            open(Optional.empty());
            return null;
        });
    }

    @AfterEach
    void clean() {
        session.close();
        // who looks into the log just then takes files away, or makes new ones
        for (int k = 0; k < 50 && !isGone(); k++) {
            sleep(20);
        }
    }

    private boolean isGone() {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(file);
            }
            return true;
        } catch (IOException | UncheckedIOException _) {
            return false;
        }
    }

    protected Job job() {
        return call(() -> session.job());
    }

    /** Something asked on the interface thread. */
    protected <T> T call(Callable<T> question) {
        return WaitForAsyncUtils.waitForAsyncFx(25_000, question);
    }

    /** Waits until something holds; fails with the words when it does not in good time. */
    protected void await(String what, BooleanSupplier condition) {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(25);
        while (System.nanoTime() < until) {
            boolean holds = call(condition::getAsBoolean);
            if (holds) {
                return;
            }
            sleep(15);
        }
        assertThat(call(condition::getAsBoolean)).as("%s; at %s the screen says %s", what,
                call(() -> window.here()), call(this::said)).isTrue();
    }

    private List<String> said() {
        return lookup(
                n -> n instanceof Label l && l.getText() != null && !l.getText().isBlank() && isShown(l))
                .queryAllAs(Label.class).stream().map(Label::getText).toList();
    }

    /** Presses keys together; the robot's own way waits for a twentieth of a second at each of them. */
    protected void keys(KeyCode... codes) {
        BaseRobot robot = robotContext().getBaseRobot();
        for (KeyCode code : codes) {
            robot.pressKeyboard(code);
        }
        for (int k = codes.length - 1; k >= 0; k--) {
            robot.releaseKeyboard(codes[k]);
        }
        WaitForAsyncUtils.waitForFxEvents(3);
    }

    /** Answers the dock by a key, once it asks. */
    protected void answer(KeyCode key) {
        await("a touch is asked for", this::isAsked);
        keys(key);
    }

    /** Does something while the open job can be neither read nor written. */
    protected void whileTheDiskRefuses(Runnable what) throws IOException {
        Path file = call(() -> session.file().orElseThrow());
        Path aside = file.resolveSibling("aside");
        Files.move(file, aside);
        Files.createDirectory(file);
        try {
            what.run();
        } finally {
            Files.delete(file);
            Files.move(aside, file);
        }
    }

    /** Text of a labelled control. */
    protected String text(String query) {
        return call(() -> lookup(query).<Labeled>query().getText());
    }

    /** Whether any visible label on the screen contains a text. */
    protected boolean shows(String text) {
        // on the interface thread, where nobody moves what is being looked at
        return Platform.isFxApplicationThread() ? isOnScreen(text) : call(() -> isOnScreen(text));
    }

    private boolean isOnScreen(String text) {
        return lookup(
                n -> n instanceof Label l && l.getText() != null && l.getText().contains(text) && isShown(l))
                .tryQuery().isPresent();
    }

    /** Whether the dock asks for a touch and takes an answer. */
    protected boolean isAsked() {
        return lookup("#dock-beep").tryQuery().filter(n -> isShown(n) && !n.isDisabled()).isPresent();
    }

    /** Whether nothing hides it, or what it lies in. */
    protected static boolean isShown(javafx.scene.Node node) {
        for (javafx.scene.Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return node.getScene() != null;
    }

    /** Changes the job as if it had been edited elsewhere, and waits until it is shown. */
    protected void edit(java.util.function.UnaryOperator<Job> edit) {
        Platform.runLater(() -> session.edit(edit));
        WaitForAsyncUtils.waitForFxEvents();
        await("saved", () -> !session.busyProperty().get());
    }
}
