package wegweiser.app.controls;

import java.util.function.Consumer;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The few building blocks that every stage uses. */
public final class Panels {
    private Panels() {}

    /** A sheet with things below one another. */
    public static VBox sheet(Node... children) {
        VBox box = new VBox(children);
        box.getStyleClass().add("sheet");
        return box;
    }

    public static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("heading");
        return label;
    }

    public static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        return whole(label);
    }

    /** The same label, which takes as many lines as it needs. */
    public static Label whole(Label label) {
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** Words at the left, a figure at the right. */
    public static HBox line(Node words, Node figure) {
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        if (words instanceof Label label) {
            whole(label);
        }
        HBox box = new HBox(8, words, space, figure);
        box.getStyleClass().add("figure-line");
        return box;
    }

    /** Fields and the words for them side by side, at one height. */
    public static HBox beside(Node... fields) {
        HBox box = new HBox(8, fields);
        box.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return box;
    }

    /** A heading that gives way, and a hint that does not. */
    public static HBox titleLine(Label title, Label hint, Node... more) {
        hint.setWrapText(false);
        hint.setMinWidth(Region.USE_PREF_SIZE);
        title.setMinWidth(60);
        HBox line = line(title, hint);
        line.getChildren().addAll(more);
        return line;
    }

    /** A thin line between groups. */
    public static Region rule() {
        Region rule = new Region();
        rule.getStyleClass().add("rule");
        return rule;
    }

    /** A column at the side: as high as there is room, and scrolling where there is less than it needs. */
    public static ScrollPane side(Region content) {
        ScrollPane scroll = scroll(content);
        scroll.setFitToHeight(true);
        scroll.getStyleClass().add("sheet-scroll");
        content.setMinHeight(Region.USE_PREF_SIZE);
        scroll.setMinWidth(270);
        scroll.setPrefWidth(336);
        return scroll;
    }

    /** A sentence and one button, for a place where there is nothing to show yet. */
    public static VBox hint(String words, String action, Runnable does) {
        Label label = new Label(words);
        label.getStyleClass().add("empty-words");
        label.setWrapText(true);
        Button button = new Button(action);
        button.getStyleClass().add("dark");
        button.setOnAction(_ -> does.run());
        VBox box = new VBox(12, label, button);
        box.setAlignment(Pos.CENTER);
        box.setMaxSize(420, Region.USE_PREF_SIZE);
        box.managedProperty().bind(box.visibleProperty());
        return box;
    }

    /** Shows a value now and whenever it changes, as long as the node is in a window. */
    public static <T> void whileShown(Node node, ObservableValue<T> value, Consumer<T> show) {
        ChangeListener<T> follow = (_, _, now) -> show.accept(now);
        node.sceneProperty().addListener((_, before, scene) -> {
            if (before == null && scene != null) {
                value.addListener(follow);
            } else if (scene == null) {
                value.removeListener(follow);
            }
        });
        show.accept(value.getValue());
    }

    /** A column that scrolls when it must. */
    public static ScrollPane scroll(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("plain-scroll");
        return scroll;
    }
}
