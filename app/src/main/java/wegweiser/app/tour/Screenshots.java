package wegweiser.app.tour;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/** Takes pictures of views, one after another, and ends the program. */
public final class Screenshots {
    private final Scene scene;
    private final Path folder;
    private final Deque<DemoStory.Scene> scenes = new ArrayDeque<>();

    public Screenshots(Scene scene, Path folder, List<DemoStory.Scene> wanted) {
        this.scene = scene;
        this.folder = folder;
        scenes.addAll(wanted);
    }

    public void run() {
        next();
    }

    private void next() {
        DemoStory.Scene now = scenes.poll();
        if (now == null) {
            Platform.exit();
            return;
        }
        now.prepare().run();
        PauseTransition settle = new PauseTransition(Duration.millis(900));
        settle.setOnFinished(_ -> {
            if (!now.name().isEmpty()) {
                save(scene.snapshot(null), folder.resolve(now.name() + ".png"));
            }
            next();
        });
        settle.play();
    }

    /** Writes a picture as PNG. */
    public static void save(WritableImage image, Path file) {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                copy.setRGB(x, y, image.getPixelReader().getArgb(x, y));
            }
        }
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            ImageIO.write(copy, "png", file.toFile());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
