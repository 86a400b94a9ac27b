package wegweiser.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import wegweiser.app.WindowApp;
import wegweiser.app.controls.PegModel;
import wegweiser.app.controls.Pegboard;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.window.MainWindow;
import wegweiser.core.model.Job;
import wegweiser.files.job.JobFile;
import wegweiser.files.workshop.Workshop;
import wegweiser.headless.RowCopy;

/**
 * From a key to the new picture in the running window: N is pressed at Trace, and the time is taken until the pegboard has
 * a new model and a pulse has laid it out. The writing to disk, which comes before the picture, is part of it. Arguments:
 * connector, readings there are already, keys. Prints median and 95th percentile in milliseconds.
 */
public final class WindowPace {
    private static final int WARM = 20;
    private static final long PATIENCE = TimeUnit.SECONDS.toNanos(20);

    private WindowPace() {}

    public static void main(String[] args) throws Exception {
        String connector = args[0];
        int before = Integer.parseInt(args[1]);
        int keys = Integer.parseInt(args[2]);
        Path folder = Files.createTempDirectory("wegweiser-pace");
        Job truth = Cables.random(connector, 3);
        Job job = truth.withLinks(List.of()).withReadings(Cables.readings(truth, before, 5));
        Path file = folder.resolve("jobs").resolve("pace" + JobFile.ENDING);
        Files.createDirectories(file.getParent());
        JobFile.write(file, job);
        CountDownLatch started = new CountDownLatch(1);
        RowCopy.install();
        Platform.startup(started::countDown);
        started.await();
        Session session = WindowApp.session(new Workshop(folder), Optional.of(file));
        Scene scene = on(() -> {
            MainWindow window = new MainWindow(session);
            Scene made = WindowApp.scene(window);
            Stage stage = new Stage();
            stage.setScene(made);
            stage.show();
            window.go(StageId.TRACE);
            return made;
        });
        Thread.sleep(4000);
        long[] kept = new long[1];
        long[] drawn = new long[1];
        Pegboard pegs = on(() -> (Pegboard) scene.lookup(".pegboard"));
        on(() -> {
            session.jobProperty().addListener(_ -> kept[0] = System.nanoTime());
            pegs.modelProperty().addListener(_ -> drawn[0] = drawn[0] == 0 ? System.nanoTime() : drawn[0]);
            return null;
        });
        List<Double> disk = new ArrayList<>();
        List<Double> computing = new ArrayList<>();
        List<Double> times = new ArrayList<>();
        for (int k = 0; k < WARM + keys; k++) {
            drawn[0] = 0;
            long from = System.nanoTime();
            double ms = key(scene);
            if (k >= WARM) {
                times.add(ms);
                disk.add((kept[0] - from) / 1e6);
                computing.add((drawn[0] - kept[0]) / 1e6);
            }
            Thread.sleep(120);
        }
        List.of(disk, computing, times).forEach(Collections::sort);
        int half = times.size() / 2;
        System.out.printf(Locale.ROOT,
                "%s, %d readings: median %.1f ms (%.1f until it is on the disk, %.1f more until it is computed), 95th %.1f ms%n",
                connector, before, times.get(half), disk.get(half), computing.get(half),
                times.get(times.size() * 95 / 100));
        System.exit(0);
    }

    private static double key(Scene scene) throws Exception {
        Pegboard board = on(() -> (Pegboard) scene.lookup(".pegboard"));
        CountDownLatch painted = new CountDownLatch(1);
        long[] at = new long[2];
        PegModel before = board.getModel();
        Runnable pulse = () -> {
            if (board.getModel() != before && at[1] == 0) {
                at[1] = System.nanoTime();
                painted.countDown();
            }
        };
        on(() -> {
            scene.addPostLayoutPulseListener(pulse);
            at[0] = System.nanoTime();
            var whom = scene.getFocusOwner() == null ? scene.getRoot() : scene.getFocusOwner();
            for (var type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
                Event.fireEvent(whom, new KeyEvent(type, "", "", KeyCode.N, false, false, false, false));
            }
            return null;
        });
        if (!painted.await(PATIENCE, TimeUnit.NANOSECONDS)) {
            throw new IllegalStateException("no new picture came");
        }
        on(() -> {
            scene.removePostLayoutPulseListener(pulse);
            return null;
        });
        return (at[1] - at[0]) / 1e6;
    }

    private static <T> T on(java.util.concurrent.Callable<T> work) throws Exception {
        FutureTask<T> task = new FutureTask<>(work);
        Platform.runLater(task);
        return task.get();
    }
}
