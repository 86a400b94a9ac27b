package wegweiser.app.prove;

import static wegweiser.app.texts.Texts.t;

import java.util.Comparator;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.core.faults.FaultChances;
import wegweiser.core.faults.FaultWords;
import wegweiser.core.prove.Sure;

/** The faults that are likeliest now, each with its chance and what it would do. */
final class FaultList extends VBox {
    private static final int SHOWN = 4;

    FaultList() {
        super(4);
        setId("fault-list");
        setMinHeight(USE_PREF_SIZE);
    }

    void show(List<FaultChances.Chance> chances) {
        List<FaultChances.Chance> likely = chances.stream().filter(c -> !c.isExcluded())
                .sorted(Comparator.comparingDouble(FaultChances.Chance::chance).reversed()).limit(SHOWN)
                .toList();
        getChildren().clear();
        if (!likely.isEmpty()) {
            Label heading = Panels.quiet(t("prove.likely"));
            getChildren().add(heading);
        }
        likely.forEach(c -> getChildren().add(row(c)));
    }

    private static HBox row(FaultChances.Chance chance) {
        Region bar = new Region();
        bar.getStyleClass().add("fault-bar");
        if (chance.harm()) {
            bar.getStyleClass().add("harm");
        }
        Label words = new Label(FaultWords.of(chance.fault()));
        words.getStyleClass().add("story");
        Label figure = new Label(t("prove.curve.one-in", Sure.oneIn(chance.chance())));
        figure.getStyleClass().add("figure");
        figure.setMinWidth(USE_PREF_SIZE);
        Label effect = Panels.quiet(FaultWords.effect(chance));
        HBox row = new HBox(10, bar, words, figure, effect);
        words.setPrefWidth(300);
        words.setWrapText(true);
        words.setMinHeight(USE_PREF_SIZE);
        figure.setPrefWidth(90);
        effect.setPrefWidth(240);
        return row;
    }
}
