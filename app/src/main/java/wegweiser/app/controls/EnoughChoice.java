package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import javafx.beans.property.ObjectProperty;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import wegweiser.core.prove.Enough;

/** How sure is enough: one button for each step, the same wherever it is asked. */
public final class EnoughChoice extends HBox {
    private final ToggleGroup group = new ToggleGroup();

    public EnoughChoice(ObjectProperty<Enough> enough) {
        getStyleClass().add("enough");
        setId("enough");
        for (Enough one : Enough.values()) {
            ToggleButton button = new ToggleButton(t("enough.word." + one.id()) + "\n"
                    + one.oneIn().map(n -> t("enough.one-in", n)).orElseGet(() -> t("enough.every")));
            button.setId("enough-" + one.id());
            button.setUserData(one);
            button.getStyleClass().add("side-switch");
            button.setToggleGroup(group);
            button.setMaxWidth(Double.MAX_VALUE);
            button.setMinWidth(USE_PREF_SIZE);
            button.setFocusTraversable(false);
            button.setOnAction(_ -> {
                enough.set(one);
                select(one);
            });
            HBox.setHgrow(button, Priority.ALWAYS);
            getChildren().add(button);
        }
        enough.addListener((_, _, now) -> select(now));
        select(enough.get());
    }

    /** A step stays chosen when it is pressed again. */
    private void select(Enough now) {
        group.getToggles().forEach(toggle -> toggle.setSelected(toggle.getUserData() == now));
    }
}
