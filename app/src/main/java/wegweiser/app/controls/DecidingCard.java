package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.core.model.PortReading;
import wegweiser.core.port.Deciding;
import wegweiser.core.port.PortMeasure;

/** A measurement on a device's port that decides between sources, and a place for its result. */
public final class DecidingCard extends VBox {
    /** The card of a proposal; a result is handed on as a reading of the port. */
    public DecidingCard(Deciding.Proposal proposal, Consumer<PortReading> read) {
        super(6);
        getStyleClass().addAll("finding", "deciding");
        Label words = new Label(proposal.words());
        words.setWrapText(true);
        getChildren().add(words);
        proposal.measure().ifPresent(measure -> getChildren().add(answer(proposal, measure, read)));
    }

    private HBox answer(Deciding.Proposal proposal, PortMeasure measure, Consumer<PortReading> read) {
        HBox line = new HBox(8);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        if (measure == PortMeasure.SHELL || measure == PortMeasure.SENDING) {
            Button yes = new Button(t("port.yes." + measure.id()));
            Button no = new Button(t("port.no." + measure.id()));
            yes.setOnAction(_ -> read.accept(measure.reading(proposal.contact(), 1)));
            no.setOnAction(_ -> read.accept(measure.reading(proposal.contact(), 0)));
            line.getChildren().addAll(yes, no);
            return line;
        }
        TextField field = new TextField();
        field.setId("decide-" + proposal.end() + "-" + proposal.contact());
        field.setPrefColumnCount(8);
        field.setPromptText(t("port.prompt." + measure.id()));
        Label error = new Label();
        error.getStyleClass().add("field-error");
        field.setOnAction(_ -> {
            OptionalDouble value = PortValue.parse(field.getText(), measure);
            error.setText(value.isPresent() ? "" : t("port.error", field.getText()));
            value.ifPresent(v -> read.accept(measure.reading(proposal.contact(), v)));
        });
        line.getChildren().addAll(field, new Label(measure == PortMeasure.OHMS ? "\u03A9" : "V"), error);
        return line;
    }
}
