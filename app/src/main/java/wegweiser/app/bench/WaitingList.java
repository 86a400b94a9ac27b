package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import wegweiser.app.stage.Waits;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.model.Waiting;
import wegweiser.files.workshop.BenchJob;

/** What cures or cools in any job of the workshop, the first to be over first; nothing is shown where nothing waits. */
final class WaitingList extends VBox {
    private static final int SHOWN = 4;

    private final Consumer<Path> open;
    private final Timeline clock = new Timeline(new KeyFrame(Duration.seconds(20), _ -> say()));
    private List<Entry> entries = List.of();

    /** A time that a job waits for, and the step that does. */
    record Entry(Path file, String job, String step, Waiting waiting) {}

    /** @param open opens a job where it is made */
    WaitingList(Consumer<Path> open) {
        super(2);
        this.open = open;
        setId("bench-waiting");
        managedProperty().bind(visibleProperty());
        setVisible(false);
        clock.setCycleCount(Animation.INDEFINITE);
    }

    /** What of some jobs waits, or was waited for and can go on; takes as long as their steps, so off the interface thread. */
    static List<Entry> of(List<BenchJob> jobs, Instant now) {
        List<Entry> found = new ArrayList<>();
        for (BenchJob bench : jobs) {
            bench.job().filter(j -> !j.waiting().isEmpty()).ifPresent(job -> of(bench, job, now, found));
        }
        found.sort(Comparator.comparing(e -> e.waiting().until()));
        return found;
    }

    private static void of(BenchJob bench, Job job, Instant now, List<Entry> found) {
        List<Step> steps = BenchSteps.of(job, true);
        BenchProgress progress = new BenchProgress(steps, job, now);
        for (Step step : steps) {
            job.waitingFor(step.key()).ifPresent(w -> {
                boolean goesOn = BenchSteps.dependents(steps, step.key()).stream()
                        .anyMatch(d -> progress.state(d) == BenchProgress.State.OPEN);
                if (!w.isOver(now) || goesOn) {
                    found.add(new Entry(bench.file(), bench.title(), step.text(), w));
                }
            });
        }
    }

    void show(List<Entry> waiting) {
        entries = waiting;
        say();
        if (waiting.isEmpty()) {
            clock.stop();
        } else {
            clock.play();
        }
    }

    private void say() {
        setVisible(!entries.isEmpty());
        getChildren().clear();
        if (entries.isEmpty()) {
            return;
        }
        Label heading = new Label(t("bench.waiting"));
        heading.getStyleClass().add("group");
        getChildren().add(heading);
        Instant now = Instant.now();
        for (Entry e : entries.subList(0, Math.min(SHOWN, entries.size()))) {
            Button line = new Button(e.waiting().isOver(now)
                    ? t("bench.waited", e.job(), e.step())
                    : t("bench.waits", e.job(), e.step(), Waits.clock(e.waiting().until()),
                            Waits.length(e.waiting().secondsLeft(now))));
            line.getStyleClass().add("text-link");
            line.setWrapText(true);
            line.setMinHeight(USE_PREF_SIZE);
            line.setOnAction(_ -> open.accept(e.file()));
            getChildren().add(line);
        }
    }
}
