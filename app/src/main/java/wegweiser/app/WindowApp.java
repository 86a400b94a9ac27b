package wegweiser.app;

import static wegweiser.app.texts.Texts.t;

import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.text.Font;
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
import wegweiser.files.workshop.JobIndex;
import wegweiser.files.workshop.Workshop;

/** The program with its windows: finds the workshop and the job to open. */
public final class WindowApp extends Application {
    private OneWindow first;

    /** Starts the window and returns when it is closed. */
    public static void start(String[] args) {
        launch(WindowApp.class, args);
    }

    @Override
    public void start(Stage primary) throws IOException {
        List<String> args = getParameters().getRaw();
        boolean pictures = args.contains("screenshots");
        boolean named = args.stream().anyMatch(a -> a.endsWith(JobFile.ENDING));
        first = new OneWindow(primary, open(args), !named && !pictures);
        Thread.currentThread().setUncaughtExceptionHandler(
                (_, e) -> first.session().notices().warn(t("notice.failed", Background.reason(e))));
        first.place();
        MainWindow window = first.window();
        if (pictures) {
            window.knowsAll();
            primary.setX(0);
            primary.setY(0);
            option(args, "--size").map(size -> size.split("x")).ifPresent(size -> {
                primary.setWidth(Double.parseDouble(size[0]));
                primary.setHeight(Double.parseDouble(size[1]));
            });
            primary.show();
            Path out = option(args, "--out").map(Path::of).orElse(Path.of("docs", "screenshots"));
            DemoStory story = new DemoStory(window);
            new Screenshots(primary.getScene(), out, named ? story.stages() : story.scenes()).run();
            return;
        }
        primary.show();
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
        window.dress(scene);
        return scene;
    }

    private static Session open(List<String> args) throws IOException {
        boolean demo = args.contains("demo") || args.contains("screenshots") || args.contains("--train");
        int given = args.indexOf("--workshop");
        Workshop workshop;
        if (given >= 0 && given + 1 < args.size()) {
            workshop = new Workshop(Path.of(args.get(given + 1)));
        } else {
            workshop = demo ? new Workshop(passing()) : Workshop.chosen();
        }
        Optional<Path> first = demo && workshop.jobFiles().isEmpty()
                ? Optional.of(DemoWorkshop.create(workshop.folder()))
                : Optional.empty();
        Optional<Path> named = args.stream().filter(a -> a.endsWith(JobFile.ENDING)).map(Path::of)
                .findFirst().or(() -> first);
        return session(workshop, named);
    }

    /** A folder that is gone again when the program ends. */
    static Path passing() throws IOException {
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
     * A session for the job that was named, else the last one, else the first there is, else none. Where nothing can be
     * written the job is shown all the same, and the notice says that changes will not be kept.
     */
    public static Session session(Workshop workshop, Optional<Path> named) {
        List<Path> wanted = new java.util.ArrayList<>();
        named.ifPresent(wanted::add);
        String trouble = "";
        try {
            workshop.setting("job").map(Path::of).filter(Files::exists).ifPresent(wanted::add);
            wanted.addAll(new JobIndex(workshop).files());
        } catch (IOException | InvalidPathException e) {
            trouble = t("notice.jobs", Session.reason(e));
        }
        for (Path file : wanted) {
            try {
                Session session = new Session(workshop, file, JobFile.load(file));
                if (!trouble.isEmpty()) {
                    session.notices().warn(trouble);
                } else if (!Files.isWritable(file)) {
                    session.notices().warn(t("notice.not-writable", file));
                }
                return session;
            } catch (BadFile e) {
                trouble = trouble.isEmpty() ? t("notice.instead", e.getMessage()) : trouble;
            }
        }
        return nothing(workshop, trouble);
    }

    /**
     * A session in which no job is open. Where nothing can be kept in the workshop an empty job is open all the same, to look
     * around with, and it is said.
     */
    static Session nothing(Workshop workshop, String trouble) {
        Session session;
        try {
            Files.createDirectories(workshop.jobs());
            if (!Files.isWritable(workshop.jobs())) {
                throw new java.nio.file.AccessDeniedException(workshop.jobs().toString());
            }
            session = new Session(workshop);
            session.notices().warn(trouble);
        } catch (IOException e) {
            session = new Session(workshop, workshop.freshFile(t("job.new")),
                    new JobFile.Stored(Jobs.blank(), ""));
            session.notices().warn(
                    (trouble + " " + t("notice.no-workshop", workshop.folder(), Session.reason(e))).strip());
        }
        return session;
    }

    @Override
    public void stop() {
        if (first != null) {
            first.closed();
        }
    }
}
