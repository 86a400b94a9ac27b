package wegweiser.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.SnapshotParameters;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wegweiser.app.controls.PegCell;
import wegweiser.app.controls.PegModel;
import wegweiser.app.controls.Pegboard;
import wegweiser.core.model.Terminal;

/**
 * Painting a board of 64 x 64 on the software pipeline. A snapshot of a single pixel makes the pipeline carry out
 * all that was drawn, without the copying of the picture.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgsAppend = {"-Dglass.platform=Headless", "-Dprism.order=sw"})
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class PegboardBenchmark {
    private static final int N = 64;

    private Pegboard board;
    private PegModel one;
    private PegModel otherTarget;
    private PegModel otherCell;
    private boolean turn;
    private SnapshotParameters pixel;
    private WritableImage image;

    @Setup
    public void prepare() throws InterruptedException {
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        one = model(0, PegCell.EMPTY);
        otherTarget = model(1, PegCell.EMPTY);
        otherCell = model(0, PegCell.JOINED);
        onInterfaceThread(() -> {
            board = new Pegboard();
            board.setPrefSize(720, 640);
            new Scene(new StackPane(board), 720, 640);
            board.applyCss();
            board.resize(720, 640);
            board.setModel(one);
            pixel = new SnapshotParameters();
            pixel.setViewport(new Rectangle2D(0, 0, 1, 1));
            image = new WritableImage(1, 1);
        });
    }

    private static PegModel model(int target, PegCell first) {
        List<PegModel.Head> rows = new ArrayList<>();
        List<PegModel.Head> columns = new ArrayList<>();
        List<List<PegCell>> cells = new ArrayList<>();
        PegCell[] all = PegCell.values();
        for (int r = 0; r < N; r++) {
            rows.add(new PegModel.Head(new Terminal("A", String.valueOf(r + 1)), "", ""));
            columns.add(new PegModel.Head(new Terminal("B", String.valueOf(r + 1)), "", ""));
            List<PegCell> row = new ArrayList<>();
            for (int c = 0; c < N; c++) {
                row.add(r == 0 && c == 0 ? first : r == c ? PegCell.JOINED : all[(r * 7 + c * 3) % 6]);
            }
            cells.add(row);
        }
        return new PegModel(rows, columns, cells,
                Optional.of(new PegModel.Target(List.of(30 + target), List.of(20))), List.of(), List.of());
    }

    private static void onInterfaceThread(Runnable work) throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            work.run();
            done.countDown();
        });
        done.await();
    }

    private void paint(PegModel next) throws InterruptedException {
        onInterfaceThread(() -> {
            board.setModel(next);
            board.snapshot(pixel, image);
        });
    }

    /** Another target: everything is painted again. */
    @Benchmark
    public void fullRepaint() throws InterruptedException {
        turn = !turn;
        paint(turn ? one : otherTarget);
    }

    /** One cell with another state. */
    @Benchmark
    public void oneCell() throws InterruptedException {
        turn = !turn;
        paint(turn ? one : otherCell);
    }
}
