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
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;

/** The numbered steps with their ticks, in groups. */
final class StepList extends VBox {
    private final IntConsumer onSelect;
    private int marked;

    StepList(IntConsumer onSelect) {
        super(1);
        this.onSelect = onSelect;
    }

    void show(Job job, List<Step> steps, int current) {
        getChildren().clear();
        String group = null;
        for (int k = 0; k < steps.size(); k++) {
            Step step = steps.get(k);
            if (!step.end().equals(group)) {
                group = step.end();
                Label head = new Label(group.isEmpty()
                        ? t(k == 0 ? "make.group.first" : "make.group.last")
                        : t("make.group.end", group, job.end(group).map(e -> e.device()).orElse("")));
                head.getStyleClass().add("group");
                getChildren().add(head);
            }
            getChildren().add(row(step, k, job.done().contains(step.key()), k == current));
        }
        reveal(current);
    }

    private Node row(Step step, int k, boolean done, boolean here) {
        Label number = new Label(String.valueOf(step.n()));
        number.getStyleClass().add("mono");
        number.setMinWidth(24);
        Label text = new Label(step.text());
        text.setWrapText(true);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox row = new HBox(8, tick(done), number, text);
        row.getStyleClass().add("step");
        row.setId("step-" + step.n());
        row.pseudoClassStateChanged(PseudoClass.getPseudoClass("here"), here);
        row.pseudoClassStateChanged(PseudoClass.getPseudoClass("done"), done);
        row.setOnMouseClicked(_ -> onSelect.accept(k));
        return row;
    }

    private static Pane tick(boolean done) {
        Pane box = new Pane();
        box.setMinSize(16, 16);
        if (done) {
            Polygon tick = new Polygon(1, 8, 3, 6, 6, 10, 13, 2, 15, 4, 6, 14);
            tick.getStyleClass().add("tick");
            box.getChildren().add(tick);
        } else {
            Rectangle open = new Rectangle(1, 2, 13, 13);
            open.getStyleClass().add("untick");
            box.getChildren().add(open);
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
            if (at instanceof ScrollPane scroll && row != null) {
                double y = row.getBoundsInParent().getMinY();
                double all = getHeight() - scroll.getViewportBounds().getHeight();
                scroll.setVvalue(all <= 0
                        ? 0
                        : Math.clamp((y - scroll.getViewportBounds().getHeight() / 2) / all, 0, 1));
            }
        });
    }
}
