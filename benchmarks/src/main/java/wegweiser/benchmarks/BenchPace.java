package wegweiser.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.scene.Scene;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import wegweiser.app.WindowApp;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.window.MainWindow;
import wegweiser.app.window.Outside;
import wegweiser.core.model.Job;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.job.JobFile;
import wegweiser.files.workshop.Workshop;
import wegweiser.headless.RowCopy;

/**
 * The first screen over a workshop of many jobs: from nothing but the toolkit to the cards laid out, in a program that has
 * shown an empty one before, which is the first time that classes for jobs are loaded; then again, in windows that are opened
 * one after the other; then from a letter in the search field to the cards that are left. Argument: how many jobs.
 */
public final class BenchPace {
    private static final String[] TYPED = {"m", "mi", "mic", "micr", "a.", "a.3", "sensor", "sensor 17",
            "rs232", "usb c",
            "balanced", ""};
    private static final int ROUNDS = 8;
    private static final int WINDOWS = 10;
    private static final long PATIENCE = TimeUnit.SECONDS.toNanos(20);

    private BenchPace() {}

    public static void main(String[] args) throws Exception {
        int jobs = Integer.parseInt(args[0]);
        Path folder = Files.createTempDirectory("wegweiser-bench");
        List<UsualCable> usual = UsualCable.all();
        Path last = folder;
        Files.createDirectories(folder.resolve("jobs"));
        for (int k = 0; k < jobs; k++) {
            Job job = usual.get(k % usual.size()).job();
            last = folder.resolve("jobs").resolve("job-" + k + JobFile.ENDING);
            Files.writeString(last, JobFile.text(job.withTitle(job.title() + " " + k)));
        }
        Path open = last;
        CountDownLatch started = new CountDownLatch(1);
        RowCopy.install();
        Platform.startup(started::countDown);
        Platform.setImplicitExit(false);
        started.await();
        // the same program has shown a window before, over an empty workshop: what is measured is what the jobs take
        Path empty = Files.createTempDirectory("wegweiser-empty");
        Scene before = shown(WindowApp.session(new Workshop(empty), Optional.empty()));
        Thread.sleep(2500);
        on(() -> {
            before.getWindow().hide();
            return null;
        });
        List<Double> screens = new ArrayList<>();
        for (int window = 0; window < WINDOWS; window++) {
            long from = System.nanoTime();
            Scene next = screen(folder, open, jobs);
            screens.add(ms(from));
            Thread.sleep(1500);
            on(() -> {
                next.getWindow().hide();
                return null;
            });
        }
        System.out.printf(Locale.ROOT, "first screen with %d jobs: %.0f ms, then a median of %.0f ms%n", jobs,
                screens.getFirst(), median(screens.subList(1, WINDOWS)));
        Scene scene = screen(folder, open, jobs);
        ListView<?> list = on(() -> (ListView<?>) scene.lookup("#job-list"));
        Thread.sleep(6000);
        TextField field = on(() -> (TextField) scene.lookup("#bench-search"));
        List<Double> times = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (String typed : TYPED) {
                CountDownLatch listed = new CountDownLatch(1);
                long key = System.nanoTime();
                on(() -> {
                    InvalidationListener once = _ -> listed.countDown();
                    list.getItems().addListener(once);
                    field.setText(typed);
                    return null;
                });
                if (!listed.await(3, TimeUnit.SECONDS)) {
                    System.out.println("nothing came for " + typed);
                }
                on(() -> {
                    scene.getRoot().layout();
                    return null;
                });
                if (round > 1) {
                    times.add(ms(key));
                }
            }
        }
        Collections.sort(times);
        System.out.printf(Locale.ROOT,
                "a letter in the search field: median %.1f ms, 95th percentile %.1f ms%n", median(times),
                times.get(times.size() * 95 / 100));
        Runtime.getRuntime().halt(0);
    }

    /** A window over a workshop, from its files to the cards laid out. */
    private static Scene screen(Path folder, Path open, int jobs) throws Exception {
        Scene scene = shown(WindowApp.session(new Workshop(folder), Optional.of(open)));
        ListView<?> list = on(() -> (ListView<?>) scene.lookup("#job-list"));
        until(() -> list.getItems().size() == jobs && list.lookup(".job-card") != null);
        return scene;
    }

    private static double median(List<Double> times) {
        return times.stream().sorted().toList().get(times.size() / 2);
    }

    private static Scene shown(Session session) throws Exception {
        return on(() -> {
            Scene made = WindowApp.scene(new MainWindow(session, StageId.BENCH, Outside.NONE));
            Stage stage = new Stage();
            stage.setScene(made);
            stage.show();
            return made;
        });
    }

    private static double ms(long from) {
        return (System.nanoTime() - from) / 1e6;
    }

    private static void until(Callable<Boolean> holds) throws Exception {
        long end = System.nanoTime() + PATIENCE;
        while (!on(holds)) {
            if (System.nanoTime() > end) {
                throw new IllegalStateException("the cards never came");
            }
            Thread.sleep(2);
        }
    }

    private static <T> T on(Callable<T> work) throws Exception {
        FutureTask<T> task = new FutureTask<>(work);
        Platform.runLater(task);
        return task.get();
    }
}
