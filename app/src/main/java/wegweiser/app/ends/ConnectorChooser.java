package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.End;

/** Finds a connector as one types: its family, count and gender in any order. */
final class ConnectorChooser extends VBox {
    private final TextField field = new TextField();
    private final ListView<String> list = new ListView<>();
    private final Consumer<String> chosen;
    private final List<ConnectorType> all = Catalogue.standard().all();

    ConnectorChooser(Consumer<String> chosen) {
        super(4);
        this.chosen = chosen;
        getStyleClass().add("chooser");
        field.setPromptText(t("ends.search"));
        field.setId("connector-search");
        list.setPrefHeight(140);
        list.setId("connector-list");
        field.textProperty().addListener(_ -> filter());
        field.setOnKeyPressed(e -> {
            int at = list.getSelectionModel().getSelectedIndex();
            switch (e.getCode()) {
                case DOWN -> list.getSelectionModel().select(Math.min(at + 1, list.getItems().size() - 1));
                case UP -> list.getSelectionModel().select(Math.max(at - 1, 0));
                case ENTER -> take();
                default -> {
                }
            }
        });
        list.setOnMouseClicked(_ -> take());
        getChildren().addAll(field, list);
        filter();
    }

    void begin() {
        field.requestFocus();
    }

    private void filter() {
        String[] words = field.getText().toLowerCase(Locale.ROOT).strip().split("\\s+");
        list.getItems().setAll(all.stream()
                .filter(type -> Arrays.stream(words)
                        .allMatch((type.title() + " " + type.id()).toLowerCase(Locale.ROOT)::contains))
                .map(ConnectorType::title)
                .toList());
        if (Arrays.stream(words).allMatch(t("ends.leads").toLowerCase(Locale.ROOT)::contains)) {
            list.getItems().add(t("ends.leads"));
        }
        list.getSelectionModel().selectFirst();
    }

    private void take() {
        String title = list.getSelectionModel().getSelectedItem();
        if (title == null) {
            return;
        }
        chosen.accept(all.stream().filter(type -> type.title().equals(title)).map(ConnectorType::id)
                .findFirst().orElse(End.LEADS));
    }
}
