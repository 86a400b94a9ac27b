package wegweiser.app;

import static wegweiser.app.texts.Texts.t;

import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Screen;
import javafx.stage.Stage;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.tour.DemoStory;
import wegweiser.app.tour.Screenshots;
import wegweiser.app.window.Jobs;
import wegweiser.app.window.MainWindow;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;
import wegweiser.files.sheet.Fonts;
import wegweiser.files.workshop.Workshop;

/** The window: finds the workshop and the job to open, and remembers its own place and size. */
public final class WindowApp extends Application {
    private static final double LEAST_WIDTH = 1024;
    private static final double LEAST_HEIGHT = 700;

    private Session session;
    private Stage stage;

    /** Starts the window and returns when it is closed. */
    public static void start(String[] args) {
        launch(WindowApp.class, args);
    }

    @Override
    public void start(Stage primary) throws IOException {
        List<String> args = getParameters().getRaw();
        stage = primary;
        session = open(args);
        MainWindow window = window();
        Background.tell(session.noticeProperty()::set);
        Thread.currentThread().setUncaughtExceptionHandler(
                (_, e) -> session.noticeProperty().set(t("notice.failed", Background.reason(e))));
        Scene scene = scene(window);
        stage.setTitle(t("window.title"));
        stage.setScene(scene);
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
        place();
        if (args.contains("screenshots")) {
            stage.setX(0);
            stage.setY(0);
            option(args, "--size").map(size -> size.split("x")).ifPresent(size -> {
                stage.setWidth(Double.parseDouble(size[0]));
                stage.setHeight(Double.parseDouble(size[1]));
            });
            stage.show();
            Path out = option(args, "--out").map(Path::of).orElse(Path.of("docs", "screenshots"));
            DemoStory story = new DemoStory(window);
            boolean ofOneJob = args.stream().anyMatch(a -> a.endsWith(JobFile.ENDING));
            new Screenshots(scene, out, ofOneJob ? story.stages() : story.scenes()).run();
            return;
        }
        stage.show();
        remember(Map.of("job", session.file().toAbsolutePath().toString()));
        stage.focusedProperty().addListener((_, _, focused) -> window.focused(focused));
        if (args.contains("--close")) {
            // for measuring the start: the window is shown and painted, and closes again
            Platform.runLater(() -> Platform.runLater(Platform::exit));
        }
        if (args.contains("--self-check")) {
            new SelfCheck(window).start();
        }
        if (args.contains("--train")) {
            new Thread(() -> trained(window), "training").start();
        }
    }

    private static Optional<String> option(List<String> args, String name) {
        int at = args.indexOf(name);
        return at >= 0 && at + 1 < args.size() ? Optional.of(args.get(at + 1)) : Optional.empty();
    }

    /** Shows every stage once, so that a start cache learns their classes, and ends. */
    private static void trained(MainWindow window) {
        for (StageId id : StageId.values()) {
            Platform.runLater(() -> window.go(id));
            try {
                Thread.sleep(250);
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
            }
        }
        Platform.runLater(Platform::exit);
    }

    /** The scene of a window with its styles and fonts. */
    public static Scene scene(MainWindow window) {
        for (Fonts font : Fonts.all()) {
            try (InputStream in = font.open()) {
                Font.loadFont(in, 12);
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheetBSS());
        Scene scene = new Scene(window.root(), 1280, 800);
        scene.getStylesheets().add(WindowApp.class.getResource("wegweiser.css").toExternalForm());
        return scene;
    }

    private static Session open(List<String> args) throws IOException {
        boolean demo = args.contains("demo") || args.contains("screenshots") || args.contains("--train");
        int given = args.indexOf("--workshop");
        Workshop workshop;
        if (given >= 0 && given + 1 < args.size()) {
            workshop = new Workshop(Path.of(args.get(given + 1)));
        } else {
            workshop = demo ? new Workshop(passing()) : Workshop.usual();
        }
        Optional<Path> first = demo && workshop.jobFiles().isEmpty()
                ? Optional.of(DemoWorkshop.create(workshop.folder()))
                : Optional.empty();
        Optional<Path> named = args.stream().filter(a -> a.endsWith(JobFile.ENDING)).map(Path::of)
                .findFirst().or(() -> first);
        return session(workshop, named);
    }

    /** A folder that is gone again when the program ends. */
    private static Path passing() throws IOException {
        Path folder = Files.createTempDirectory("wegweiser-demo");
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            try (Stream<Path> all = Files.walk(folder)) {
                all.sorted(Comparator.reverseOrder()).forEach(f -> f.toFile().delete());
            } catch (IOException _) {
                // the platform clears such folders in its own time
                return;
            }
        }));
        return folder;
    }

    /**
     * A session for the job that was named, else the last one, else the first there is, else a new one. Where nothing can be
     * written the job is shown all the same, and the notice says that changes will not be kept.
     */
    public static Session session(Workshop workshop, Optional<Path> named) {
        List<Path> wanted = new java.util.ArrayList<>();
        named.ifPresent(wanted::add);
        String trouble = "";
        try {
            workshop.setting("job").map(Path::of).filter(Files::exists).ifPresent(wanted::add);
            wanted.addAll(workshop.jobFiles());
        } catch (IOException | InvalidPathException e) {
            trouble = t("notice.jobs", Session.reason(e));
        }
        for (Path file : wanted) {
            try {
                Session session = new Session(workshop, file, JobFile.load(file));
                if (!trouble.isEmpty()) {
                    session.noticeProperty().set(trouble);
                } else if (!Files.isWritable(file)) {
                    session.noticeProperty().set(t("notice.not-writable", file));
                }
                return session;
            } catch (BadFile e) {
                trouble = trouble.isEmpty() ? t("notice.instead", e.getMessage()) : trouble;
            }
        }
        return fresh(workshop, trouble);
    }

    /** A session for a new, empty job. */
    private static Session fresh(Workshop workshop, String trouble) {
        Path file = workshop.freshFile(t("job.new"));
        String said = trouble;
        JobFile.Stored stored = new JobFile.Stored(Jobs.blank(), "");
        try {
            JobFile.write(file, Jobs.blank());
            stored = JobFile.load(file);
        } catch (IOException | BadFile e) {
            said = (trouble + " " + t("notice.no-workshop", workshop.folder(), Session.reason(e))).strip();
        }
        Session session = new Session(workshop, file, stored);
        if (!said.isEmpty()) {
            session.noticeProperty().set(said);
        }
        return session;
    }

    /** The window of a session; a job that no stage can show makes room for a new one, and the notice says so. */
    private MainWindow window() {
        try {
            return new MainWindow(session);
        } catch (RuntimeException e) {
            String said = t("notice.not-shown", session.file().getFileName(), Background.reason(e));
            session.close();
            session = fresh(session.workshop(), said);
            return new MainWindow(session);
        }
    }

    private void place() {
        Optional<double[]> place = session.workshop().setting("window").flatMap(WindowApp::numbers);
        place.filter(p -> p.length == 4 && !Screen.getScreensForRectangle(p[0], p[1], p[2], p[3]).isEmpty())
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

    @Override
    public void stop() {
        if (session == null) {
            return;
        }
        session.close();
        String place = stage.getX() + " " + stage.getY() + " " + stage.getWidth() + " " + stage.getHeight();
        String job = session.file().toAbsolutePath().toString();
        remember(numbers(place).isPresent() ? Map.of("window", place, "job", job) : Map.of("job", job));
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
