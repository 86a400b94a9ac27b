package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.Reading;

/** Whoever uses keys sees where they are, and whoever listens is told what a thing is. */
class ReachTest extends WindowTest {
    /** The same pixel, but for the blur of letters. */
    private static final int MANY = 8;

    private List<Node> reached(Node node) {
        List<Node> found = new ArrayList<>();
        if (!node.isVisible() || node.isDisabled()) {
            return found;
        }
        if (node.isFocusTraversable() && !(node instanceof ScrollPane)) {
            found.add(node);
        }
        if (node instanceof Parent parent && !(node instanceof ComboBoxBase)) {
            parent.getChildrenUnmodifiable().forEach(c -> found.addAll(reached(c)));
        }
        return found;
    }

    private Scene scene() {
        return listTargetWindows().getFirst().getScene();
    }

    private static boolean differs(WritableImage one, WritableImage other, Bounds at) {
        PixelReader a = one.getPixelReader();
        PixelReader b = other.getPixelReader();
        int differ = 0;
        for (int x = (int) Math.max(0, at.getMinX() - 4); x < Math.min(one.getWidth(),
                at.getMaxX() + 4); x++) {
            for (int y = (int) Math.max(0, at.getMinY() - 4); y < Math.min(one.getHeight(),
                    at.getMaxY() + 4); y++) {
                differ += a.getArgb(x, y) == b.getArgb(x, y) ? 0 : 1;
            }
        }
        return differ > MANY;
    }

    /** Whether all of it is in the window, and in each part that scrolls. */
    private static boolean isInSight(Node node, Scene scene) {
        Bounds at = node.localToScene(node.getBoundsInLocal());
        for (Parent up = node.getParent(); up != null; up = up.getParent()) {
            if (up instanceof ScrollPane && !up.localToScene(up.getBoundsInLocal()).contains(at)) {
                return false;
            }
        }
        return new BoundingBox(0, 0, scene.getWidth(), scene.getHeight()).contains(at);
    }

    /** What a thing is called by whoever reads it aloud. */
    private static String spoken(Node node) {
        if (node.getAccessibleText() != null && !node.getAccessibleText().isBlank()) {
            return node.getAccessibleText();
        }
        return switch (node) {
            case Labeled labeled when labeled.getText() != null && !labeled.getText().isBlank() ->
                labeled.getText();
            case TextInputControl field when field.getPromptText() != null
                    && !field.getPromptText().isBlank() ->
                field.getPromptText();
            default -> {
                Object words = node.queryAccessibleAttribute(javafx.scene.AccessibleAttribute.TEXT);
                yield words == null ? "" : words.toString();
            }
        };
    }

    private void focus(Node node) {
        call(() -> {
            node.requestFocus();
            return null;
        });
    }

    /** Whether a picture soon shows that a thing has the focus; styles follow it in one of the next pulses. */
    private boolean isSeen(Node node, WritableImage without) {
        focus(node);
        Bounds at = call(() -> node.localToScene(node.getBoundsInLocal()));
        for (int pulse = 0; pulse < 20; pulse++) {
            sleep(30);
            if (differs(without, call(() -> scene().snapshot(null)), at)) {
                return true;
            }
        }
        return !node.isFocused();
    }

    private List<String> unseen() {
        List<Node> nodes = call(() -> reached(scene().getRoot()).stream()
                .filter(n -> isInSight(n, scene()) && !n.getStyleClass().contains("stage")).toList());
        focus(scene().getRoot());
        sleep(300);
        WritableImage without = call(() -> scene().snapshot(null));
        return nodes.stream().filter(n -> !isSeen(n, without)).map(Node::toString).toList();
    }

    private List<String> unspoken() {
        return call(
                () -> reached(scene().getRoot()).stream().filter(n -> spoken(n).isBlank()).map(Node::toString)
                        .toList());
    }

    @Test
    void whateverIsReachedByTabIsSeenAndHasWords() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        await("schemes", () -> shows("Full handshake"));
        keys(KeyCode.DIGIT1);
        await("planned", () -> !job().links().isEmpty());
        edit(j -> j.withReading(Reading.beep("A.5", "B.5")));
        List<String> unseen = new ArrayList<>();
        List<String> unspoken = new ArrayList<>();
        for (StageId id : StageId.values()) {
            call(() -> {
                window.knowsAll();
                window.go(id);
                return null;
            });
            sleep(1200);
            unspoken().forEach(n -> unspoken.add(id.id() + " " + n));
            unseen().forEach(n -> unseen.add(id.id() + " " + n));
        }
        assertThat(unspoken).as("things without words").isEmpty();
        assertThat(unseen).as("things whose focus is not seen").isEmpty();
    }
}
