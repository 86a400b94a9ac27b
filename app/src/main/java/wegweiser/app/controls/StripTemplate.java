package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import javafx.beans.property.DoubleProperty;
import javafx.scene.Group;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import wegweiser.core.words.Words;

/**
 * How far sheath and wires are stripped, in true size: hold the cable against the screen. How many pixels make a
 * millimetre is the screen's own word, corrected once against something of known size.
 */
public final class StripTemplate extends Pane {
    private static final double SHEATH_MM = 12;
    private static final double WIRE_MM = 1.6;
    private static final double GAP_MM = 0.7;
    private static final int MOST_WIRES = 8;
    private static final double RULER = 22;

    private final DoubleProperty pixelsPerMm;
    private Runnable again = () -> {};

    public StripTemplate(DoubleProperty pixelsPerMm) {
        this.pixelsPerMm = pixelsPerMm;
        getStyleClass().add("strip-template");
        pixelsPerMm.addListener(_ -> again.run());
    }

    /**
     * Shows an end.
     *
     * @param sheathMm how much sheath comes off, 0 for none
     * @param bareMm how much of each wire is bared, 0 for none
     * @param wires their colour codes
     */
    public void show(double sheathMm, double bareMm, List<String> wires) {
        again = () -> draw(sheathMm, bareMm, wires.stream().limit(MOST_WIRES).toList());
        again.run();
        setAccessibleText(t("strip.spoken", Words.number(sheathMm), Words.number(bareMm)));
    }

    private void draw(double sheathMm, double bareMm, List<String> wires) {
        double mm = pixelsPerMm.get();
        double height = Math.max(1, wires.size()) * (WIRE_MM + GAP_MM) + GAP_MM;
        Group all = new Group();
        double left = SHEATH_MM * mm;
        Rectangle sheath = new Rectangle(0, RULER, left, height * mm);
        sheath.getStyleClass().add("strip-sheath");
        all.getChildren().add(sheath);
        double insulated = Math.max(0, sheathMm - bareMm) * mm;
        for (int k = 0; k < wires.size(); k++) {
            double y = RULER + (GAP_MM + k * (WIRE_MM + GAP_MM)) * mm;
            WireSwatch wire = new WireSwatch(wires.get(k), insulated, WIRE_MM * mm);
            wire.relocate(left, y);
            Rectangle copper = new Rectangle(left + insulated, y + 0.3 * WIRE_MM * mm, bareMm * mm,
                    0.4 * WIRE_MM * mm);
            copper.getStyleClass().add("strip-copper");
            all.getChildren().addAll(wire, copper);
        }
        if (bareMm > 0) {
            measure(all, left + insulated, left + insulated + bareMm * mm, RULER - 6, Words.number(bareMm),
                    -4);
        }
        double below = RULER + height * mm + 8;
        measure(all, left, left + sheathMm * mm, below, Words.number(sheathMm) + " mm", 14);
        getChildren().setAll(all);
        setMinHeight(below + 20);
        setPrefHeight(below + 20);
        setPrefWidth(left + sheathMm * mm + 4);
    }

    private static void measure(Group all, double from, double to, double y, String words, double shift) {
        Line line = new Line(from, y, to, y);
        Line start = new Line(from, y - 4, from, y + 4);
        Line end = new Line(to, y - 4, to, y + 4);
        for (Line l : List.of(line, start, end)) {
            l.getStyleClass().add("strip-line");
        }
        Text text = new Text(words);
        text.getStyleClass().add("strip-words");
        text.applyCss();
        text.setX(Math.max(0, (from + to - text.getLayoutBounds().getWidth()) / 2));
        text.setY(y + shift);
        all.getChildren().addAll(line, start, end, text);
    }
}
