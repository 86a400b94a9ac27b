package wegweiser.app.controls;

import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Polygon;

/**
 * An arm of a signpost: what stands on it, and what a click, Enter or Space does. Its point takes a third of its height; its
 * looks are in the stylesheet.
 */
public final class SignArm extends StackPane {
    private final Polygon shape = new Polygon();

    /** @param content what stands on it; takes no clicks of its own */
    public SignArm(Node content, Runnable go) {
        shape.getStyleClass().add("arm-shape");
        shape.setManaged(false);
        content.setMouseTransparent(true);
        getChildren().addAll(shape, content);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("arm");
        setMinHeight(USE_PREF_SIZE);
        setAccessibleRole(AccessibleRole.BUTTON);
        setFocusTraversable(true);
        setOnMouseClicked(_ -> go.run());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                go.run();
                e.consume();
            }
        });
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        double tip = Math.min(22, getHeight() * 0.36);
        double width = getWidth();
        double height = getHeight();
        shape.getPoints().setAll(0.0, 0.0, width - tip, 0.0, width, height / 2, width - tip, height, 0.0,
                height);
    }
}
