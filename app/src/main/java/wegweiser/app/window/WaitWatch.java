package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.util.Duration;
import wegweiser.app.stage.Notices;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.Waits;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.model.Waiting;

/**
 * Tells when a time is up that a bench step had to wait for, at whatever stage the person is; and when a job is opened,
 * which times ran out while the window was closed.
 */
final class WaitWatch {
    private final Session session;
    private final Runnable changed;
    private final Supplier<Instant> time;
    private final Timeline clock = new Timeline(new KeyFrame(Duration.seconds(1), _ -> look()));
    private final Set<Waiting> told = new HashSet<>();

    /**
     * @param changed run when a time is up, since more can be done now
     * @param time what the clock says
     */
    WaitWatch(Session session, Runnable changed, Supplier<Instant> time) {
        this.session = session;
        this.changed = changed;
        this.time = time;
        clock.setCycleCount(Animation.INDEFINITE);
        session.jobProperty().addListener((_, _, _) -> heed());
        heed();
    }

    /** The clock runs while there is something to wait for. */
    private void heed() {
        if (session.job().waiting().stream().anyMatch(w -> !told.contains(w))) {
            clock.play();
            look();
        } else {
            clock.stop();
        }
    }

    private void look() {
        Job job = session.job();
        Instant now = time.get();
        List<Waiting> over = job.waiting().stream().filter(w -> w.isOver(now) && told.add(w)).toList();
        if (over.isEmpty()) {
            return;
        }
        List<Step> steps = BenchSteps.of(session.derived(job), true);
        BenchProgress progress = new BenchProgress(steps, job, now);
        Waiting last = over.getLast();
        steps.stream().filter(s -> s.key().equals(last.step())).findFirst()
                // what goes on after it may long be done
                .filter(s -> BenchSteps.dependents(steps, s.key()).stream()
                        .anyMatch(d -> progress.state(d) == BenchProgress.State.OPEN))
                .ifPresent(s -> session.notices().show(Notices.Notice.warning(
                        t("waits.over", s.text(), s.n(), Waits.clock(last.until())))));
        changed.run();
        heed();
    }

    /** The clock stands; nothing is told any more. */
    void stop() {
        clock.stop();
    }
}
