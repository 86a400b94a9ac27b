package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import wegweiser.core.batch.Schedule;

/** An order of work, drawn: a line for each cable, hands solid, waiting hollow; time runs to the right. */
final class Timetable extends Pane {
    private static final double ROW = 16;
    private static final double NAMES = 34;
    private static final double WIDTH = 740;
    private static final double LEAST = 1;
    private static final PseudoClass WAITING = PseudoClass.getPseudoClass("waiting");

    Timetable() {
        getStyleClass().add("timetable");
        setMinWidth(WIDTH);
    }

    void show(Schedule plan) {
        getChildren().clear();
        int rows = plan.readySeconds().size();
        double scale = (WIDTH - NAMES) / Math.max(1, plan.seconds());
        for (int u = 0; u < rows; u++) {
            Text name = new Text(0, (u + 1) * ROW - 4, String.valueOf(u + 1));
            name.getStyleClass().add("timetable-name");
            getChildren().add(name);
        }
        blocks(plan.waits(), scale, true);
        blocks(plan.works(), scale, false);
        setMinHeight(rows * ROW + 4);
        setPrefHeight(rows * ROW + 4);
        setAccessibleText(t("batch.spoken", rows));
    }

    /** Works that follow each other without a break are one block, or a batch would be thousands of shapes. */
    private void blocks(List<Schedule.Work> works, double scale, boolean waiting) {
        int k = 0;
        while (k < works.size()) {
            Schedule.Work first = works.get(k);
            int to = first.to();
            while (!waiting && k + 1 < works.size() && works.get(k + 1).unit() == first.unit()
                    && works.get(k + 1).from() == to) {
                to = works.get(++k).to();
            }
            getChildren()
                    .add(block(first.unit(), first.from() * scale, (to - first.from()) * scale, waiting));
            k++;
        }
    }

    private static Node block(int unit, double x, double width, boolean waiting) {
        Rectangle block = new Rectangle(NAMES + x, unit * ROW + (waiting ? 6 : 3), Math.max(LEAST, width),
                waiting ? ROW - 12 : ROW - 6);
        block.getStyleClass().add("timetable-block");
        block.pseudoClassStateChanged(WAITING, waiting);
        return block;
    }
}
