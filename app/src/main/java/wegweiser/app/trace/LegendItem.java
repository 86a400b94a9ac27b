package wegweiser.app.trace;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;

/** One mark of the pegboard with its meaning. */
final class LegendItem extends HBox {
    /** The marks. */
    enum Kind {
        JOINED,
        FOLLOWS,
        JOINED_ASSUMED,
        APART,
        APART_FOLLOWS,
        ASSUMED,
        UNKNOWN,
        NOW
    }

    LegendItem(Kind kind, String words) {
        super(6);
        setAlignment(Pos.CENTER_LEFT);
        Pane mark = new Pane();
        mark.setMinSize(18, 18);
        mark.setMaxSize(18, 18);
        switch (kind) {
            case JOINED -> mark.getChildren().addAll(styled(new Circle(9, 9, 8), "mark-proved"),
                    styled(new Circle(9, 9, 3), "mark-sheet"));
            case FOLLOWS -> mark.getChildren().addAll(styled(new Circle(9, 9, 8), "mark-proved"),
                    styled(new Circle(9, 9, 5.6), "mark-sheet"));
            case JOINED_ASSUMED -> mark.getChildren().add(styled(new Circle(9, 9, 7), "mark-assumed"));
            case APART -> mark.getChildren().add(styled(new Rectangle(2, 8, 14, 2), "mark-ink"));
            case APART_FOLLOWS -> mark.getChildren().addAll(styled(new Rectangle(2, 8, 5.5, 2), "mark-ink"),
                    styled(new Rectangle(10.5, 8, 5.5, 2), "mark-ink"));
            case ASSUMED -> {
                for (int k = 0; k < 3; k++) {
                    mark.getChildren().add(styled(new Rectangle(2 + 5 * k, 8.5, 3, 1), "mark-quiet"));
                }
            }
            case UNKNOWN -> mark.getChildren().add(styled(new Rectangle(7.5, 7.5, 3, 3), "mark-quiet"));
            case NOW -> mark.getChildren().add(styled(new Rectangle(1, 1, 16, 16), "mark-now"));
        }
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        label.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(mark, label);
    }

    private static Shape styled(Shape shape, String style) {
        shape.getStyleClass().add(style);
        return shape;
    }
}
