package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.ConnectorFace;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.library.Library;
import wegweiser.core.model.Extra;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.quantity.Quantity;
import wegweiser.files.io.BadFile;

/** Describes a connector that the catalogue does not have, and keeps it in the workshop's library. */
final class OwnForm extends VBox {
    private final Session session;
    private final TextField title = new TextField();
    private final TextArea rows = new TextArea();
    private final TextField pitch = new TextField("2.54");
    private final ChoiceBox<String> gender = new ChoiceBox<>();
    private final CheckBox shell = new CheckBox(t("own.shell"));
    private final Label error = new Label();
    private final ConnectorFace face = new ConnectorFace();

    OwnForm(Session session, Consumer<String> made, Runnable cancel) {
        super(10);
        this.session = session;
        setId("own-form");
        title.setId("own-title");
        title.setPromptText(t("own.title.prompt"));
        rows.setId("own-rows");
        rows.setPromptText(t("own.rows.prompt"));
        rows.setPrefSize(380, 110);
        rows.getStyleClass().add("mono");
        pitch.setPrefColumnCount(5);
        pitch.setId("own-pitch");
        gender.getItems().setAll("plug", "socket", "none");
        gender.setConverter(new Worded<>(id -> t("own.gender." + id)));
        gender.setValue("plug");
        error.getStyleClass().add("field-error");
        error.setWrapText(true);
        error.setId("own-error");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("key-list");
        grid.addRow(0, new Label(t("own.name")), title);
        grid.addRow(1, new Label(t("own.rows")), rows);
        HBox third = new HBox(8, pitch, new Label("mm"), gender, shell);
        third.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        grid.addRow(2, new Label(t("own.pitch")), third);
        Button keep = new Button(t("own.keep"));
        keep.getStyleClass().add("dark");
        keep.setId("own-keep");
        keep.setOnAction(_ -> keep().ifPresent(made));
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> cancel.run());
        face.setPrefSize(380, 110);
        face.setMinHeight(90);
        for (javafx.beans.Observable field : List.of(rows.textProperty(), pitch.textProperty(),
                shell.selectedProperty(),
                gender.valueProperty())) {
            field.addListener(_ -> preview());
        }
        getChildren().addAll(Panels.heading(t("own.heading")), Panels.quiet(t("own.hint")), grid, face, error,
                new HBox(10, keep, back));
        setPrefWidth(560);
    }

    void begin() {
        title.requestFocus();
    }

    private void preview() {
        error.setText("");
        try {
            OwnConnector own = own();
            face.show(Catalogue.standard().with(List.of(own)).find(own.id()), Side.MATING,
                    FaceDrawing.Marks.NONE);
        } catch (IllegalArgumentException _) {
            face.show(Optional.empty(), Side.MATING, FaceDrawing.Marks.NONE);
        }
    }

    private OwnConnector own() {
        List<List<String>> lines = new ArrayList<>();
        rows.getText().lines().filter(l -> !l.isBlank()).forEach(l -> lines
                .add(Arrays.stream(l.strip().split("[\\s,;]+")).map(id -> id.equals("_") ? "" : id)
                        .toList()));
        if (lines.isEmpty()) {
            throw new IllegalArgumentException(t("own.error.rows"));
        }
        double mm;
        try {
            mm = Quantity.parse(pitch.getText()).value();
        } catch (IllegalArgumentException _) {
            throw new IllegalArgumentException(t("own.error.pitch", pitch.getText()));
        }
        if (!(mm >= 0.2 && mm <= 100)) {
            throw new IllegalArgumentException(t("own.error.pitch", pitch.getText()));
        }
        String stem = title.getText().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String id = "own-"
                + (stem.isEmpty() ? "connector-" + Integer.toHexString(title.getText().hashCode()) : stem)
                + (gender.getValue().equals("none") ? "" : "-" + gender.getValue());
        return new OwnConnector(id, title.getText().strip().isEmpty() ? id : title.getText().strip(), lines,
                mm,
                shell.isSelected(), Extra.NONE);
    }

    private Optional<String> keep() {
        try {
            if (title.getText().isBlank()) {
                throw new IllegalArgumentException(t("own.error.title"));
            }
            OwnConnector own = own();
            session.workshop().library().add(new Library(List.of(own), List.of(), List.of(), List.of()),
                    own.id());
            session.readLibrary();
            return Optional.of(own.id());
        } catch (IllegalArgumentException | BadFile e) {
            error.setText(e.getMessage());
        } catch (IOException e) {
            error.setText(t("own.error.disk", e.getMessage()));
        }
        return Optional.empty();
    }
}
