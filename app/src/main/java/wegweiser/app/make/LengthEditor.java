package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Overlay;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Cables;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.route.Allocation;

/** Which cable, and how long a way it takes. */
final class LengthEditor extends VBox {
    LengthEditor(Session session, Overlay overlay, Job job) {
        super(4);
        ComboBox<String> stock = new ComboBox<>();
        stock.setId("cable-stock");
        stock.getItems().setAll(session.library().allCables().stream().map(CableStock::title).toList());
        Cables.of(job).ifPresent(c -> stock.setValue(c.title()));
        stock.setMaxWidth(Double.MAX_VALUE);
        stock.setOnAction(
                _ -> session.library().allCables().stream().filter(c -> c.title().equals(stock.getValue()))
                        .findFirst()
                        .ifPresent(c -> session.edit(j -> recoloured(j.withCable(
                                j.cable().withStock(c.id(), own(session, c)))))));
        TextField length = new TextField(MakeStage.lengthWords(job));
        length.setId("cable-length");
        length.setPrefColumnCount(5);
        Label error = new Label();
        error.getStyleClass().add("field-error");
        error.managedProperty().bind(error.textProperty().isNotEmpty());
        length.setOnAction(_ -> {
            Optional<Double> metres = MakeStage.metresTyped(length.getText());
            error.setText(metres.isPresent() ? "" : t("make.length.error", length.getText()));
            metres.ifPresent(m -> session.edit(j -> j.withCable(j.cable().withLengthMm(1000 * m))));
        });
        Button piece = new Button(t("make.piece"));
        piece.setId("cable-piece");
        piece.setOnAction(_ -> {
            CableForm form = new CableForm(session, cable -> {
                overlay.down();
                session.edit(
                        j -> recoloured(j.withCable(j.cable().withStock(cable.id(), Optional.of(cable)))));
            }, overlay::down);
            overlay.up(form);
            form.begin();
        });
        Label way = new Label(t("make.way"));
        way.setMinWidth(USE_PREF_SIZE);
        Label unit = new Label("m");
        unit.setMinWidth(USE_PREF_SIZE);
        HBox line = new HBox(8, way, length, unit);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(stock, piece, line, error);
    }

    /** The description goes along with the job where the catalogue does not have the cable. */
    private static Optional<CableStock> own(Session session, CableStock cable) {
        return session.library().cables().contains(cable) ? Optional.of(cable) : Optional.empty();
    }

    /** Another cable has other colours, so conductors are given anew. */
    private static Job recoloured(Job job) {
        return job.withLinks(Allocation.of(job, job.links().stream()
                .map(l -> l.to().isPresent() ? l.withConductor(Optional.empty()) : l).toList()));
    }
}
