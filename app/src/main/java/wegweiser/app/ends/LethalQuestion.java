package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import wegweiser.app.controls.Panels;

/** Asks whether the device of an end can kill, where its words sound like it and nobody has said yet. */
final class LethalQuestion extends FlowPane {
    LethalQuestion(String end, Consumer<Boolean> said) {
        super(8, 4);
        setId("lethal-question-" + end);
        getStyleClass().add("caution");
        setAlignment(Pos.CENTER_LEFT);
        Label words = Panels.whole(new Label(t("ends.lethal.ask")));
        Button yes = new Button(t("ends.lethal.yes"));
        yes.setId("lethal-yes-" + end);
        yes.setOnAction(_ -> said.accept(true));
        Button no = new Button(t("ends.lethal.no"));
        no.setId("lethal-no-" + end);
        no.setOnAction(_ -> said.accept(false));
        getChildren().addAll(words, yes, no);
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    void show(boolean asked) {
        setVisible(asked);
    }
}
