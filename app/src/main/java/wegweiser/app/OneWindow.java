package wegweiser.app;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.window.MainWindow;
import wegweiser.app.window.Outside;
import wegweiser.files.workshop.Workshop;

/** One of the program's windows: its place on the screen, and the others that are opened from it. */
final class OneWindow implements Outside {
    private static final double LEAST_WIDTH = 1024;
    private static final double LEAST_HEIGHT = 700;
    /** By how much a further window lies beside the one from which it was opened. */
    private static final double BESIDE = 32;

    private final Stage stage;
    private final MainWindow window;
    private Session session;

    /** @param bench whether the bench is shown first, and not the job that is open */
    OneWindow(Stage stage, Session open, boolean bench) {
        this.stage = stage;
        this.session = open;
        this.window = window(bench);
        session.file().ifPresent(f -> remember(Map.of("job", f.toAbsolutePath().toString())));
        Background.tell(session.notices()::warn);
        stage.setScene(WindowApp.scene(window));
        stage.titleProperty().bind(window.titleProperty());
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
        stage.focusedProperty().addListener((_, _, focused) -> {
            window.focused(focused);
            if (focused) {
                Background.tell(session.notices()::warn);
            }
        });
    }

    /** The window of a session; a job that no stage can show makes room for the bench, and the notice says so. */
    private MainWindow window(boolean bench) {
        try {
            return bench || !session.isOpen()
                    ? new MainWindow(session, StageId.BENCH, this)
                    : new MainWindow(session, MainWindow.start(session.job()), this);
        } catch (RuntimeException e) {
            String said = t("notice.not-shown", session.file().map(Path::getFileName).orElse(Path.of("")),
                    Background.reason(e));
            session.close();
            session = WindowApp.nothing(session.workshop(), said);
            return new MainWindow(session, StageId.BENCH, this);
        }
    }

    MainWindow window() {
        return window;
    }

    Session session() {
        return session;
    }

    @Override
    public void another() {
        open(session.workshop(), Optional.empty(), true);
    }

    @Override
    public void another(Path job) {
        open(session.workshop(), Optional.of(job), false);
    }

    @Override
    public void demo() {
        try {
            Workshop demo = new Workshop(WindowApp.passing());
            open(demo, Optional.of(DemoWorkshop.create(demo.folder())), true);
        } catch (IOException e) {
            session.notices().warn(t("notice.no-demo", Session.reason(e)));
        }
    }

    @Override
    public void workshop(Path folder) {
        try {
            Workshop.choose(folder);
        } catch (IOException e) {
            session.notices().warn(t("notice.settings", Session.reason(e)));
        }
        open(new Workshop(folder), Optional.empty(), true);
    }

    private void open(Workshop workshop, Optional<Path> job, boolean bench) {
        Stage more = new Stage();
        OneWindow another = new OneWindow(more, WindowApp.session(workshop, job), bench);
        more.setX(stage.getX() + BESIDE);
        more.setY(stage.getY() + BESIDE);
        more.setWidth(stage.getWidth());
        more.setHeight(stage.getHeight());
        more.setOnHidden(_ -> {
            another.window.closed();
            another.session.close();
        });
        more.show();
    }

    /** Puts the window where it was last time, where there still is a screen. */
    void place() {
        session.workshop().setting("window").flatMap(OneWindow::numbers)
                .filter(p -> p.length == 4
                        && !Screen.getScreensForRectangle(p[0], p[1], p[2], p[3]).isEmpty())
                .ifPresent(p -> {
                    stage.setX(p[0]);
                    stage.setY(p[1]);
                    stage.setWidth(p[2]);
                    stage.setHeight(p[3]);
                });
    }

    private static Optional<double[]> numbers(String text) {
        try {
            double[] numbers = Arrays.stream(text.split(" ")).mapToDouble(Double::parseDouble).toArray();
            return Arrays.stream(numbers).allMatch(Double::isFinite)
                    ? Optional.of(numbers)
                    : Optional.empty();
        } catch (NumberFormatException _) {
            return Optional.empty();
        }
    }

    /** Waits for what is still to be written, and remembers where the window was. */
    void closed() {
        window.closed();
        session.close();
        String place = stage.getX() + " " + stage.getY() + " " + stage.getWidth() + " " + stage.getHeight();
        if (numbers(place).isPresent()) {
            remember(Map.of("window", place));
        }
    }

    /** Keeps a setting; where that fails, the next start does without it. */
    private void remember(Map<String, String> values) {
        try {
            session.workshop().remember(values);
        } catch (IOException _) {
            // the window opens in its usual place next time
            return;
        }
    }
}
