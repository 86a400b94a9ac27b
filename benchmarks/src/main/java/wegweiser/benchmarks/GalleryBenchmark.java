package wegweiser.benchmarks;

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
import wegweiser.app.ends.ConnectorGallery;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorSearch;

/** Filtering the connectors as one types: the search alone, and the gallery with its pictures laid out and drawn. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgsAppend = {"-Dglass.platform=Headless", "-Dprism.order=sw"})
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class GalleryBenchmark {
    private static final String[] TYPED = {"s", "se", "ser", "seri", "serial", "serial ", "serial n",
            "serial nine", ""};

    private ConnectorSearch search;
    private ConnectorGallery gallery;
    private SnapshotParameters pixel;
    private WritableImage image;
    private int at;

    @Setup
    public void prepare() throws InterruptedException {
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        search = new ConnectorSearch(Catalogue.standard().all());
        onInterfaceThread(() -> {
            gallery = new ConnectorGallery(Catalogue.standard(), _ -> {}, () -> {});
            new Scene(new StackPane(gallery), 960, 600);
            pixel = new SnapshotParameters();
            pixel.setViewport(new Rectangle2D(0, 0, 1, 1));
            image = new WritableImage(1, 1);
        });
    }

    private static void onInterfaceThread(Runnable work) throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            work.run();
            done.countDown();
        });
        done.await();
    }

    /** One more letter, the search alone. */
    @Benchmark
    public int search() {
        at = (at + 1) % TYPED.length;
        return search.find(TYPED[at]).size();
    }

    /** One more letter in the gallery, everything laid out and drawn. */
    @Benchmark
    public void letter() throws InterruptedException {
        at = (at + 1) % TYPED.length;
        onInterfaceThread(() -> {
            gallery.begin(TYPED[at]);
            gallery.snapshot(pixel, image);
        });
    }
}
