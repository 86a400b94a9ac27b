package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
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
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
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

    private void key(KeyEvent e) {
        int at = list.getSelectionModel().getSelectedIndex();
        if (e.getCode() == KeyCode.DOWN && list.isVisible()) {
            list.getSelectionModel().select(Math.min(at + 1, list.getItems().size() - 1));
            list.scrollTo(Math.max(0, at - 1));
            e.consume();
        } else if (e.getCode() == KeyCode.UP && list.isVisible()) {
            list.getSelectionModel().select(Math.max(at - 1, 0));
            list.scrollTo(Math.max(0, at - 2));
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && list.isVisible()) {
            take();
            e.consume();
        }
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
