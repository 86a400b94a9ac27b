package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import wegweiser.app.stage.Waits;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.Deed;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;

/** The numbered steps in groups, each with how it stands: open, ticked, waiting, or left out. */
final class StepList extends VBox {
    private final IntConsumer onSelect;
    private int marked;

    StepList(IntConsumer onSelect) {
        super(1);
        this.onSelect = onSelect;
    }

    void show(BenchProgress progress, int current) {
        getChildren().clear();
        String group = null;
        List<Step> steps = progress.steps();
        int first = before(steps);
        int lastAtEnd = lastAtEnd(steps);
        for (int k = 0; k < steps.size(); k++) {
            Step step = steps.get(k);
            String heading = heading(progress.job(), step, k < first, k < lastAtEnd);
            if (!heading.equals(group)) {
                group = heading;
                Label head = new Label(heading);
                head.getStyleClass().add("group");
                getChildren().add(head);
            }
            getChildren().add(row(step, k, progress, k == current));
        }
        reveal(current);
    }

    /** How many steps come before anything is opened. */
    private static int before(List<Step> steps) {
        int k = 0;
        while (k < steps.size() && (steps.get(k).deed() instanceof Deed.Look
                || steps.get(k).deed() instanceof Deed.Cut || steps.get(k).deed() instanceof Deed.Peel
                || steps.get(k).deed() instanceof Deed.Slide)) {
            k++;
        }
        return k;
    }

    /** The place of the last step that is made at an end; 0 where none is. */
    private static int lastAtEnd(List<Step> steps) {
        int k = steps.size() - 1;
        while (k > 0 && steps.get(k).end().isEmpty()) {
            k--;
        }
        return Math.max(0, k);
    }

    private static String heading(Job job, Step step, boolean first, boolean amid) {
        if (first) {
            return t("make.group.first");
        }
        if (!step.end().isEmpty()) {
            return t("make.group.end", step.end(), job.end(step.end()).map(e -> e.device()).orElse(""));
        }
        boolean between = step.deed() instanceof Deed.Open || step.deed() instanceof Deed.Sever
                || step.deed() instanceof Deed.InLine || step.deed() instanceof Deed.PutBack;
        return t(between ? "make.group.between" : amid ? "make.group.loom" : "make.group.last");
    }

    private Node row(Step step, int k, BenchProgress progress, boolean here) {
        BenchProgress.State state = progress.state(step);
        Label number = new Label(String.valueOf(step.n()));
        number.getStyleClass().add("mono");
        number.setMinWidth(24);
        Label text = new Label(switch (state) {
            case SKIPPED -> t("make.skipped", step.text(), progress.job().skipped().stream()
                    .filter(s -> s.step().equals(step.key())).findFirst().orElseThrow().reason());
            case RUNNING -> t("make.until", step.text(),
                    Waits.clock(progress.job().waitingFor(step.key()).orElseThrow().until()));
            case OPEN, BLOCKED, DONE -> step.text();
        });
        text.setWrapText(true);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox row = new HBox(8, mark(state), number, text);
        row.getStyleClass().add("step");
        row.setId("step-" + step.n());
        boolean settled = state == BenchProgress.State.DONE || state == BenchProgress.State.SKIPPED;
        row.pseudoClassStateChanged(PseudoClass.getPseudoClass("here"), here);
        row.pseudoClassStateChanged(PseudoClass.getPseudoClass("done"),
                settled || state == BenchProgress.State.BLOCKED);
        row.setAccessibleText(
                t("make.state." + state.name().toLowerCase(java.util.Locale.ROOT), step.text()));
        row.setOnMouseClicked(_ -> onSelect.accept(k));
        return row;
    }

    private static Pane mark(BenchProgress.State state) {
        Pane box = new Pane();
        box.setMinSize(16, 16);
        switch (state) {
            case DONE -> {
                Polygon tick = new Polygon(1, 8, 3, 6, 6, 10, 13, 2, 15, 4, 6, 14);
                tick.getStyleClass().add("tick");
                box.getChildren().add(tick);
            }
            case SKIPPED -> {
                Line dash = new Line(2, 8, 14, 8);
                dash.getStyleClass().add("skipped-mark");
                box.getChildren().add(dash);
            }
            case RUNNING -> {
                Circle clock = new Circle(7.5, 8.5, 6.5);
                clock.getStyleClass().add("untick");
                Polyline hands = new Polyline(7.5, 4, 7.5, 8.5, 11, 8.5);
                hands.getStyleClass().add("clock-hands");
                box.getChildren().addAll(clock, hands);
            }
            case OPEN, BLOCKED -> {
                Rectangle open = new Rectangle(1, 2, 13, 13);
                open.getStyleClass().add("untick");
                box.getChildren().add(open);
            }
        }
        return box;
    }

    /** Scrolls so that a step is in view. */
    void reveal(int k) {
        marked = k;
        javafx.application.Platform.runLater(() -> {
            Node at = getParent();
            while (at != null && !(at instanceof ScrollPane)) {
                at = at.getParent();
            }
            Node row = lookup("#step-" + (marked + 1));
            // who went to another stage meanwhile sees none of it
            if (at instanceof ScrollPane scroll && scroll.getScene() != null && row != null) {
                // rows that were just made have no place yet
                scroll.applyCss();
                scroll.layout();
                double y = row.getBoundsInParent().getMinY();
                double all = getHeight() - scroll.getViewportBounds().getHeight();
                scroll.setVvalue(all <= 0
                        ? 0
                        : Math.clamp((y - scroll.getViewportBounds().getHeight() / 2) / all, 0, 1));
            }
        });
    }
}
