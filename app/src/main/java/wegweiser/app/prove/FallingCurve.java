package wegweiser.app.prove;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.text.Text;
import wegweiser.core.prove.Sure;

/**
 * How the chance that a fault is left falls with each touch: what was reached, what is ahead, and what somebody reaches who
 * beeps the joins and then the neighbours. The chance is drawn on a scale of ratios.
 */
final class FallingCurve extends Region {
    private static final double LEFT = 66;
    private static final double RIGHT = 12;
    private static final double TOP = 10;
    private static final double BELOW = 22;
    private static final int LEAST_TOUCHES = 10;

    /**
     * What is drawn.
     *
     * @param before the chance before the first touch
     * @param reached after each touch that was made
     * @param ahead after each touch to come
     * @param byHand after each touch of the plain way
     * @param most the chance that is enough; zero where none is
     */
    record Falling(double before, List<Double> reached, List<Double> ahead, List<Double> byHand,
            double most) {
        static final Falling NONE = new Falling(0, List.of(), List.of(), List.of(), 0);

        Falling {
            reached = List.copyOf(reached);
            ahead = List.copyOf(ahead);
            byHand = List.copyOf(byHand);
        }
    }

    private Falling shown = Falling.NONE;
    private double least;
    private double largest;
    private int touches;

    FallingCurve() {
        setId("falling-curve");
        getStyleClass().add("falling-curve");
        setMinHeight(120);
        setPrefHeight(190);
    }

    void show(Falling newShown) {
        if (!newShown.equals(shown)) {
            shown = newShown;
            setAccessibleText(shown.before() <= 0
                    ? ""
                    : t("prove.curve.spoken", shown.reached().size(),
                            Sure.oneIn(
                                    shown.reached().isEmpty() ? shown.before() : shown.reached().getLast()),
                            shown.ahead().size()));
            requestLayout();
        }
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        if (shown.before() <= 0) {
            return;
        }
        int made = shown.reached().size();
        int known = made + shown.ahead().size();
        touches = Math.max(LEAST_TOUCHES, Math.max(known, Math.min(shown.byHand().size(), known * 3 / 2)));
        largest = shown.before() * 1.3;
        double lowest = shown.ahead().isEmpty() ? shown.before() : shown.ahead().getLast();
        lowest = made > 0 ? Math.min(lowest, shown.reached().getLast()) : lowest;
        least = Math.min(lowest, shown.most() > 0 ? shown.most() : lowest) / 1.6;
        axes();
        List<Double> reached = new ArrayList<>(List.of(shown.before()));
        reached.addAll(shown.reached());
        List<Double> ahead = new ArrayList<>(List.of(reached.getLast()));
        ahead.addAll(shown.ahead());
        List<Double> hand = new ArrayList<>(List.of(shown.before()));
        hand.addAll(shown.byHand().subList(0, Math.min(touches, shown.byHand().size())));
        line(hand, 0, "curve-by-hand");
        line(ahead, made, "curve-ahead");
        line(reached, 0, "curve-reached");
        Circle here = new Circle(x(made), y(reached.getLast()), 5);
        here.getStyleClass().add("curve-here");
        getChildren().add(here);
        if (hand.size() > 2) {
            // every line falls, so there is room at the top right
            label(t("prove.curve.by-hand"), getWidth() - RIGHT, TOP + 6, "curve-words", 1);
        }
        applyCss();
    }

    private void axes() {
        Line down = new Line(LEFT, TOP, LEFT, getHeight() - BELOW);
        Line along = new Line(LEFT, getHeight() - BELOW, getWidth() - RIGHT, getHeight() - BELOW);
        down.getStyleClass().add("curve-axis");
        along.getStyleClass().add("curve-axis");
        getChildren().addAll(down, along);
        for (int k = 1; k <= 9; k++) {
            double chance = Math.pow(10, -k);
            if (chance <= largest && chance >= least) {
                label(t("prove.curve.one-in", Sure.oneIn(chance)), LEFT - 6, y(chance), "curve-words", 1);
            }
        }
        if (shown.most() > 0) {
            Line enough = new Line(LEFT, y(shown.most()), getWidth() - RIGHT, y(shown.most()));
            enough.getStyleClass().add("curve-enough");
            getChildren().add(enough);
        }
        int step = touches > 80 ? 40 : touches > 40 ? 20 : touches > 16 ? 10 : 5;
        // the last of them would lie under the word
        for (int n = 0; n <= touches * 0.75; n += step) {
            label(String.valueOf(n), x(n), getHeight() - BELOW / 2, "curve-words", 0.5);
        }
        label(t("prove.curve.touches"), getWidth() - RIGHT, getHeight() - BELOW / 2, "curve-words", 1);
    }

    private double x(double n) {
        return LEFT + (getWidth() - RIGHT - LEFT) * n / touches;
    }

    private double y(double chance) {
        double share = Math.log(largest / Math.max(least, chance)) / Math.log(largest / least);
        return TOP + (getHeight() - BELOW - TOP) * share;
    }

    private void line(List<Double> chances, int from, String style) {
        Polyline line = new Polyline();
        for (int k = 0; k < chances.size(); k++) {
            line.getPoints().addAll(x(from + k), y(chances.get(k)));
        }
        line.getStyleClass().add(style);
        getChildren().add(line);
    }

    /** @param share how much of the width lies left of the point */
    private void label(String words, double x, double y, String style, double share) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        text.setTextOrigin(VPos.CENTER);
        text.applyCss();
        text.setX(Math.min(x - share * text.getLayoutBounds().getWidth(),
                getWidth() - text.getLayoutBounds().getWidth()));
        text.setY(y);
        Node node = text;
        getChildren().add(node);
    }
}
