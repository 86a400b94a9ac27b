package wegweiser.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.scene.text.Font;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.window.Jobs;
import wegweiser.app.window.MainWindow;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Reading;
import wegweiser.files.log.Logbook;

/**
 * Uses each part of the window once that needs a library, where the window really runs, and prints what worked. A library
 * that is missing on the module path shows nowhere else.
 */
final class SelfCheck {
    private static final int SECONDS = Integer.getInteger("selfcheck.seconds", 30);

    private final MainWindow window;
    private final List<String> failed = new ArrayList<>();

    SelfCheck(MainWindow window) {
        this.window = window;
    }

    /** Runs all checks on a thread of its own and ends the program: with 0 when all of them passed. */
    void start() {
        Thread.ofPlatform().name("self-check").start(() -> {
            run();
            failed.forEach(f -> System.out.println("failed: " + f));
            System.out.println(failed.isEmpty() ? "all parts work" : failed.size() + " parts do not work");
            System.out.flush();
            Runtime.getRuntime().halt(failed.isEmpty() ? 0 : 1);
        });
    }

    private void run() {
        Session session = window.session();
        check("fonts", () -> {}, () -> Font.getFamilies().contains("Overpass")
                && Font.getFamilies().contains("Overpass Mono"));
        check("job", () -> {
            if (!session.isOpen()) {
                window.begin();
            }
        }, session::isOpen);
        for (StageId id : StageId.values()) {
            check("stage " + id.id(), () -> window.go(id),
                    () -> window.here() == id);
        }
        Path pdf = Jobs.sheetFile(session);
        check("sheet as HTML", window::sheet,
                () -> Files
                        .exists(pdf.resolveSibling(pdf.getFileName().toString().replace(".pdf", ".html"))));
        check("sheet as PDF", () -> {}, () -> Files.exists(pdf) && Files.size(pdf) > 1000);
        check("plan and readings", () -> {
            // a unit is recorded with a plan and readings only
            session.edit(j -> j.links().isEmpty() || j.readings().isEmpty() ? measured(j) : j);
            window.go(StageId.PROVE);
        }, () -> !session.busyProperty().get() && !session.job().readings().isEmpty());
        check("logbook", window::record, () -> units(session) > 0);
        check("saving", () -> session.edit(j -> j.withTitle(j.title() + " ")),
                () -> !session.busyProperty().get());
        if (!session.notices().words().get().isEmpty()) {
            System.out.println("notice: " + session.notices().words().get());
        }
    }

    private static Job measured(Job job) {
        String from = job.ends().getFirst().name();
        String to = job.ends().getLast().name();
        Link link = Link.of(from + ".1", to + ".1");
        return job.withLinks(List.of(link)).withReading(Reading.beep(from + ".1", to + ".1"));
    }

    private static int units(Session session) throws IOException {
        Path logbook = session.workshop().logbook();
        if (!Files.exists(logbook)) {
            return 0;
        }
        try (Logbook log = Logbook.look(logbook)) {
            return log.all().size();
        }
    }

    /** Does something in the window, and waits until what should come of it has come. */
    private void check(String part, Runnable action, Callable<Boolean> holds) {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
        try {
            onWindow(() -> {
                action.run();
                return true;
            });
            while (!onWindow(holds)) {
                if (System.nanoTime() > until) {
                    failed.add(part);
                    return;
                }
                Thread.sleep(50);
            }
            System.out.println("works: " + part);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
            failed.add(part);
        }
    }

    private boolean onWindow(Callable<Boolean> question) throws InterruptedException {
        AtomicBoolean answer = new AtomicBoolean();
        CountDownLatch asked = new CountDownLatch(1);
        Platform.runLater(() -> {
            try {
                answer.set(question.call());
            } catch (Exception e) {
                System.out.println(e);
            } finally {
                asked.countDown();
            }
        });
        return asked.await(SECONDS, TimeUnit.SECONDS) && answer.get();
    }
}
