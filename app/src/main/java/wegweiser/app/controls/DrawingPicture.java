package wegweiser.app.controls;

import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.drawing.FaceDrawing;

/**
 * A drawing as one picture that is only looked at: a connector's face, a loom. A list shows many of them: painted at once they
 * cost a tenth of as many shapes with styles of their own.
 */
public final class DrawingPicture extends Region {
    private static final StyleablePropertyFactory<DrawingPicture> FACTORY = new StyleablePropertyFactory<>(
            Region.getClassCssMetaData());
    private static final double LEAST_LETTERS = 5;
    private static final double LEAST = 120;
    private static final double USUAL = 560;
    /** Pixels a mm at most where there is much room; what is drawn without a scale need not fill the window. */
    private static final double LARGEST = 9;
    /** Pixels a mm at which its words can be read. */
    private static final double READABLE = 4.2;

    private final StyleableProperty<Color> ink = FACTORY.createStyleableColorProperty(this, "ink",
            "-face-ink",
            f -> f.ink, Color.BLACK);
    private final StyleableProperty<Color> sheet = FACTORY.createStyleableColorProperty(this, "sheet",
            "-face-sheet", f -> f.sheet, Color.WHITE);
    private final StyleableProperty<Color> body = FACTORY.createStyleableColorProperty(this, "body",
            "-face-body", f -> f.body, Color.BEIGE);
    private final StyleableProperty<Color> lit = FACTORY.createStyleableColorProperty(this, "lit",
            "-face-lit", f -> f.lit, Color.GOLD);
    private final Canvas canvas = new Canvas();
    private Optional<Drawing> drawing = Optional.empty();
    private double most = Double.MAX_VALUE;

    /** @param width and {@code height} in px; it keeps this size */
    public DrawingPicture(double width, double height) {
        getStyleClass().add("drawing-picture");
        setMinSize(width, height);
        setPrefSize(width, height);
        setMaxSize(width, height);
        setMouseTransparent(true);
        canvas.setWidth(width);
        canvas.setHeight(height);
        getChildren().add(canvas);
        List.of(ink, sheet, body, lit).forEach(p -> ((ObservableValue<?>) p).addListener(_ -> paint()));
    }

    /** One that takes the room that there is. */
    public static DrawingPicture filling() {
        DrawingPicture picture = new DrawingPicture(LEAST, LEAST);
        picture.most = LARGEST;
        picture.setPrefSize(USUAL, USUAL / 2);
        picture.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
        return picture;
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            paint();
        }
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return FACTORY.getCssMetaData();
    }

    /** The mating face of a connector as it is shown in lists. */
    public static Drawing faceOf(ConnectorType type) {
        return FaceDrawing.of(type, Side.MATING, FaceDrawing.Marks.NONE);
    }

    /** Shows a drawing, or nothing. */
    public void draw(Optional<Drawing> newDrawing) {
        if (!newDrawing.equals(drawing)) {
            drawing = newDrawing;
            paint();
        }
    }

    /** The same at a scale at which it can be read: its height follows, its width stays. */
    public void drawReadable(Drawing newDrawing, double leastHeight) {
        double k = Math.min(LARGEST, (getMinWidth() - 4) / newDrawing.widthMm());
        double height = Math.max(leastHeight, Math.min(k, READABLE) * newDrawing.heightMm() + 4);
        setMinHeight(height);
        setPrefHeight(height);
        setMaxHeight(height);
        canvas.setHeight(height);
        most = LARGEST;
        draw(Optional.of(newDrawing));
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        drawing.ifPresent(d -> paint(g, d));
    }

    private void paint(GraphicsContext g, Drawing shown) {
        double k = Math.min(most, Math.min((canvas.getWidth() - 4) / shown.widthMm(),
                (canvas.getHeight() - 4) / shown.heightMm()));
        double dx = canvas.getWidth() / 2 - (shown.leftMm() + shown.widthMm() / 2) * k;
        double dy = canvas.getHeight() / 2 - (shown.topMm() + shown.heightMm() / 2) * k;
        g.setStroke(ink.getValue());
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        for (Drawing.Shape shape : shown.shapes()) {
            g.setLineWidth(shape.role() == Drawing.Role.BODY ? 1.5 : 1.2);
            g.setFill(fill(shape.role()));
            draw(g, shape, k, dx, dy);
        }
    }

    private Color fill(Drawing.Role role) {
        return switch (role) {
            case BODY -> body.getValue();
            case INSULATION, LEADER, NUMBER, NUMBER_LIT, NAME -> ink.getValue();
            case CONTACT_LIT -> lit.getValue();
            case KEY, CABLE, CONTACT, CONTACT_USED, CONTACT_DIM, WIRE, STRIPE -> sheet.getValue();
        };
    }

    private static void draw(GraphicsContext g, Drawing.Shape shape, double k, double dx, double dy) {
        switch (shape) {
            case Drawing.Circle c -> {
                double r = c.radius() * k;
                g.fillOval(dx + c.x() * k - r, dy + c.y() * k - r, 2 * r, 2 * r);
                g.strokeOval(dx + c.x() * k - r, dy + c.y() * k - r, 2 * r, 2 * r);
            }
            case Drawing.Box b -> {
                double arc = 2 * b.corner() * k;
                g.fillRoundRect(dx + b.x() * k, dy + b.y() * k, b.width() * k, b.height() * k, arc, arc);
                g.strokeRoundRect(dx + b.x() * k, dy + b.y() * k, b.width() * k, b.height() * k, arc, arc);
            }
            case Drawing.Polygon p -> {
                int n = p.points().size() / 2;
                double[] x = new double[n];
                double[] y = new double[n];
                for (int i = 0; i < n; i++) {
                    x[i] = dx + p.points().get(2 * i) * k;
                    y[i] = dy + p.points().get(2 * i + 1) * k;
                }
                g.fillPolygon(x, y, n);
                g.strokePolygon(x, y, n);
            }
            case Drawing.Label l -> {
                if (l.size() * k >= LEAST_LETTERS) {
                    g.setFont(Font.font("Overpass Mono SemiBold", Math.clamp(l.size() * k, 6, 26)));
                    g.fillText(l.text(), dx + l.x() * k, dy + l.y() * k + 0.5);
                }
            }
            case Drawing.Swatch s -> {
                g.setFill(Color.web(s.hex()));
                g.fillRect(dx + s.x() * k, dy + s.y() * k, s.width() * k, s.height() * k);
                g.setLineWidth(0.5);
                g.strokeRect(dx + s.x() * k, dy + s.y() * k, s.width() * k, s.height() * k);
            }
        }
    }
}
