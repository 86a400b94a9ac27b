package wegweiser.app.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.ListKeys;
import wegweiser.app.controls.WholeLine;

/**
 * Chooses something by typing: the list below the field gets shorter, Enter takes the one that is marked.
 *
 * @param <T> what is chosen; it prints as its title
 */
final class Picker<T> extends VBox {
    private static final int SHOWN = 40;

    private final TextField field = new TextField();
    private final ListView<T> list = new ListView<>();
    private final BiFunction<String, Integer, List<T>> search;
    private final Consumer<T> chosen;
    private Optional<T> choice = Optional.empty();
    private boolean filling;

    /**
     * @param search what some words mean, at most so many, the best first
     * @param chosen told what was taken
     */
    Picker(String id, String prompt, BiFunction<String, Integer, List<T>> search, Consumer<T> chosen) {
        super(4);
        this.search = search;
        this.chosen = chosen;
        field.setId(id);
        field.setPromptText(prompt);
        list.setId(id + "-list");
        list.setFocusTraversable(false);
        list.getStyleClass().add("titles");
        list.setCellFactory(_ -> new WholeLine<>());
        list.setPrefHeight(132);
        list.setMinHeight(132);
        list.managedProperty().bind(list.visibleProperty());
        list.setVisible(false);
        field.textProperty().addListener(_ -> typed());
        field.focusedProperty().addListener((_, _, on) -> {
            if (on && choice.isEmpty()) {
                typed();
            } else if (!on && !list.isHover()) {
                list.setVisible(false);
            }
        });
        ListKeys.join(field, list, this::take);
        list.setOnMouseClicked(_ -> take());
        getChildren().addAll(field, list);
    }

    Optional<T> choice() {
        return choice;
    }

    /** What stands in the field. */
    String text() {
        return field.getText();
    }

    void begin() {
        field.requestFocus();
    }

    private void typed() {
        if (filling) {
            return;
        }
        choice = Optional.empty();
        list.getItems().setAll(search.apply(field.getText(), SHOWN));
        list.getSelectionModel().selectFirst();
        list.setVisible(!list.getItems().isEmpty());
    }

    private void take() {
        T taken = list.getSelectionModel().getSelectedItem();
        if (taken == null) {
            return;
        }
        choice = Optional.of(taken);
        filling = true;
        field.setText(taken.toString());
        filling = false;
        list.setVisible(false);
        chosen.accept(taken);
    }
}
