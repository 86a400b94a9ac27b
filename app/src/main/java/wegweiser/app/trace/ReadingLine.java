package wegweiser.app.trace;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** A reading on one line: which touch at the left, its result at the right, and between them what there is room for. */
final class ReadingLine extends Region {
    private static final double GAP = 8;

    private final Label touch;
    private final Label result;
    private final List<Label> between;

    /** @param between what may be left out where the line is short, the most wanted first */
    ReadingLine(Label touch, Label result, Label... between) {
        this.touch = touch;
        this.result = result;
        this.between = List.of(between);
        getChildren().addAll(touch, result);
        getChildren().addAll(between);
    }

    @Override
    protected double computePrefWidth(double height) {
        return touch.prefWidth(-1) + GAP + result.prefWidth(-1);
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.max(touch.prefHeight(-1), result.prefHeight(-1));
    }

    @Override
    protected void layoutChildren() {
        double right = getWidth() - result.prefWidth(-1);
        double left = Math.min(touch.prefWidth(-1), Math.max(0, right - GAP));
        place(touch, 0, left);
        place(result, right, result.prefWidth(-1));
        for (Label label : between) {
            double wide = label.prefWidth(-1);
            boolean fits = wide > 0 && right - GAP - wide >= left + GAP;
            label.setVisible(fits);
            right -= fits ? GAP + wide : 0;
            place(label, right, wide);
        }
    }

    private void place(Label label, double x, double width) {
        double height = label.prefHeight(-1);
        label.resizeRelocate(x, Math.round((getHeight() - height) / 2), width, height);
    }
}
