package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import javafx.beans.property.BooleanProperty;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Choices;

/** What a person chooses once; kept for the next time. */
final class SettingsPanel extends VBox {
    SettingsPanel(Choices choices, Runnable close) {
        setId("settings");
        setSpacing(12);
        Button done = new Button(t("settings.close"));
        done.setDefaultButton(true);
        done.setOnAction(_ -> close.run());
        getChildren().addAll(Panels.heading(t("settings.title")), box("night", choices.nightProperty()),
                box("right-handed", choices.rightHandedProperty()), box("buzzer", choices.buzzerProperty()),
                box("simulated", choices.simulatedProperty()), done);
        getChildren().get(1).requestFocus();
    }

    private static CheckBox box(String id, BooleanProperty chosen) {
        CheckBox box = new CheckBox(t("settings." + id));
        box.setId("settings-" + id);
        box.selectedProperty().bindBidirectional(chosen);
        return box;
    }
}
