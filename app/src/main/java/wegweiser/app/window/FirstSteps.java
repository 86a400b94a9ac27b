package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.files.workshop.Workshop;

/**
 * Teaches in place, with one sentence at the thing it is about. A sentence is gone for good once what it speaks of was done;
 * it lies over the window, takes no clicks and moves nothing.
 */
final class FirstSteps extends Pane {
    private static final String SETTING = "taught.";
    private static final double WIDTH = 250;
    private static final double GAP = 6;

    /**
     * One sentence.
     *
     * @param target the selector of what it is about
     * @param side where it stands, so that it covers nothing that is needed there
     * @param fits whether it says something to who has this job
     * @param done whether a change of the job was what it speaks of
     */
    private record Lesson(String target, Side side, Predicate<Job> fits, BiPredicate<Job, Job> done) {}

    private enum Side {
        ABOVE,
        BESIDE,
        BELOW
    }

    private static final Map<StageId, Lesson> LESSONS = new EnumMap<>(Map.of(
            StageId.BENCH, new Lesson("#way-unknown", Side.BESIDE, _ -> true, (a, b) -> false),
            StageId.ENDS,
            new Lesson("#add-lead-A", Side.BELOW, job -> job.ends().stream().allMatch(End::isBlank),
                    (a, b) -> !a.ends().equals(b.ends())),
            StageId.TRACE,
            new Lesson("#dock-beep", Side.ABOVE, _ -> true,
                    (a, b) -> b.readings().size() > a.readings().size()),
            StageId.ROUTE,
            new Lesson(".card", Side.ABOVE, job -> job.links().isEmpty(),
                    (a, b) -> !a.links().equals(b.links())),
            StageId.MAKE,
            new Lesson("#step-done", Side.BELOW, _ -> true, (a, b) -> b.done().size() > a.done().size())));

    private final Workshop workshop;
    private final Node window;
    private final Label words = new Label();
    private final Runnable placing = this::place;
    private final Set<StageId> open = EnumSet.noneOf(StageId.class);
    private Optional<StageId> here = Optional.empty();
    private Optional<Path> file = Optional.empty();
    private Job job = Job.of("", List.of(), List.of(), List.of());

    /** @param window in which the things are looked for */
    FirstSteps(Workshop workshop, Node window) {
        this.workshop = workshop;
        this.window = window;
        LESSONS.keySet().stream().filter(id -> workshop.setting(SETTING + id.id()).isEmpty())
                .forEach(open::add);
        setMouseTransparent(true);
        setPickOnBounds(false);
        words.setId("lesson");
        words.getStyleClass().add("lesson");
        words.setWrapText(true);
        words.setMaxWidth(WIDTH);
        words.setVisible(false);
        getChildren().add(words);
        // whatever moves the thing moves the sentence
        sceneProperty().addListener((_, before, scene) -> {
            if (before != null) {
                before.removePostLayoutPulseListener(placing);
            }
            if (scene != null) {
                scene.addPostLayoutPulseListener(placing);
            }
        });
    }

    /** A stage is shown, with a job. */
    void show(StageId stage, Job shown, Optional<Path> where) {
        job = shown;
        file = where;
        if (here.equals(Optional.of(StageId.BENCH)) && stage.needsJob()) {
            learned(StageId.BENCH);
        }
        here = Optional.of(stage);
        words.setVisible(false);
        Platform.requestNextPulse();
    }

    /** The job has changed; where it is another one than before, nobody did what a sentence speaks of. */
    void changed(Job before, Job after, Optional<Path> where) {
        job = after;
        if (!where.equals(file)) {
            file = where;
            return;
        }
        here.filter(open::contains).filter(id -> LESSONS.get(id).done().test(before, after)).ifPresent(id -> {
            learned(id);
            words.setVisible(false);
        });
    }

    /** Says nothing more, to somebody who knows it all. */
    void skip() {
        Set.copyOf(open).forEach(this::learned);
        words.setVisible(false);
    }

    private void learned(StageId stage) {
        if (!open.remove(stage)) {
            return;
        }
        try {
            workshop.remember(Map.of(SETTING + stage.id(), "true"));
        } catch (IOException _) {
            // the sentence is said once more next time
            return;
        }
    }

    private void place() {
        Optional<Node> target = here.filter(open::contains).filter(id -> LESSONS.get(id).fits().test(job))
                .flatMap(id -> Optional.ofNullable(window.lookup(LESSONS.get(id).target())))
                .filter(FirstSteps::isSeen);
        words.setVisible(target.isPresent());
        if (target.isEmpty()) {
            return;
        }
        words.setText(t("lesson." + here.orElseThrow().id()));
        words.applyCss();
        double width = Math.min(WIDTH, words.prefWidth(-1));
        double height = words.prefHeight(width);
        Bounds there = sceneToLocal(target.get().localToScene(target.get().getBoundsInLocal()));
        Side side = LESSONS.get(here.orElseThrow()).side();
        boolean beside = side == Side.BESIDE && there.getMaxX() + GAP + width <= getWidth();
        Point2D at = beside
                ? new Point2D(there.getMaxX() + GAP, there.getMinY())
                : new Point2D(Math.min(there.getMinX(), getWidth() - width - GAP),
                        side == Side.BELOW ? there.getMaxY() + GAP : there.getMinY() - height - GAP);
        words.resizeRelocate(Math.max(0, at.getX()), Math.max(0, at.getY()), width, height);
    }

    /** Whether it is there and can be used. */
    private static boolean isSeen(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible() || at.isDisabled()) {
                return false;
            }
        }
        return node.getScene() != null;
    }
}
