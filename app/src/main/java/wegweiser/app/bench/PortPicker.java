package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** Chooses a port by typing: the list below the field gets shorter, Enter takes the one that is marked. */
final class PortPicker extends VBox {
    private static final int SHOWN = 40;

    private final TextField field = new TextField();
    private final ListView<PortChoice> list = new ListView<>();
    private final PortSearch search;
    private final Consumer<PortChoice> chosen;
    private Optional<PortChoice> choice = Optional.empty();
    private boolean filling;

    PortPicker(String id, PortSearch search, Consumer<PortChoice> chosen) {
        super(4);
        this.search = search;
        this.chosen = chosen;
        field.setId(id);
        field.setPromptText(t("port.prompt"));
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

    Optional<PortChoice> choice() {
        return choice;
    }

    void begin() {
        field.requestFocus();
    }

    private void typed() {
        if (filling) {
            return;
        }
        choice = Optional.empty();
        list.getItems().setAll(search.find(field.getText(), SHOWN));
        list.getSelectionModel().selectFirst();
        list.setVisible(!list.getItems().isEmpty());
    }

    private void take() {
        PortChoice taken = list.getSelectionModel().getSelectedItem();
        if (taken == null) {
            return;
        }
        choice = Optional.of(taken);
        filling = true;
        field.setText(taken.title());
        filling = false;
        list.setVisible(false);
        chosen.accept(taken);
    }
}
