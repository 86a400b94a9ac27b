package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.SignArm;
import wegweiser.core.usual.UsualCable;

/** What lies before a person, as arms of a signpost on the keys 1 to 5; below them cables that others build too. */
final class WaysIn extends ScrollPane {
    private final List<Action> actions = new ArrayList<>();
    private final VBox content = new VBox(10);

    WaysIn(Beginnings beginnings) {
        content.getStyleClass().addAll("sheet", "ways-in");
        content.getChildren().add(Panels.heading(t("bench.ways")));
        arm(1, "join", beginnings::join);
        arm(2, "unknown", beginnings::unknown);
        arm(3, "test", beginnings::test);
        arm(4, "which", beginnings::which);
        arm(5, "redo", beginnings::redo);
        content.getChildren().add(Panels.rule());
        Label usual = new Label(t("bench.usual"));
        usual.getStyleClass().add("group");
        Panels.whole(usual);
        VBox links = new VBox(1, usual);
        for (UsualCable cable : UsualCable.all().stream().filter(UsualCable::first).toList()) {
            links.getChildren().add(
                    link("usual-" + cable.id(), cable.title(), () -> beginnings.usual(Optional.of(cable))));
        }
        links.getChildren().add(link("usual-all", t("bench.usual-all", UsualCable.all().size()),
                () -> beginnings.usual(Optional.empty())));
        content.getChildren().add(links);
        setContent(content);
        setFitToWidth(true);
        setFitToHeight(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        content.setMinHeight(Region.USE_PREF_SIZE);
        getStyleClass().addAll("plain-scroll", "sheet-scroll");
        setMinWidth(300);
        setPrefWidth(324);
    }

    private void arm(int number, String id, Runnable go) {
        Label name = new Label(t("way." + id));
        name.getStyleClass().add("arm-name");
        Label what = new Label(t("way." + id + ".what"));
        what.getStyleClass().add("arm-state");
        Panels.whole(name);
        Panels.whole(what);
        VBox words = new VBox(name, what);
        words.setAlignment(Pos.CENTER_LEFT);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        Label key = new Label(String.valueOf(number));
        key.getStyleClass().add("key-cap");
        key.setMinWidth(Region.USE_PREF_SIZE);
        HBox line = new HBox(8, words, key);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("way-words");
        SignArm arm = new SignArm(line, go);
        arm.getStyleClass().add("way");
        arm.setId("way-" + id);
        arm.setMaxWidth(Double.MAX_VALUE);
        arm.setAccessibleText(t("way." + id) + ", " + t("way." + id + ".what"));
        content.getChildren().add(arm);
        actions.add(Action.of("way-" + id,
                Keys.plain(KeyCode.valueOf("DIGIT" + number), KeyCode.valueOf("NUMPAD" + number)), go));
    }

    private static Button link(String id, String text, Runnable go) {
        Button link = new Button(text);
        link.setId(id);
        link.getStyleClass().add("text-link");
        link.setMaxWidth(Double.MAX_VALUE);
        link.setWrapText(true);
        link.setMinHeight(Region.USE_PREF_SIZE);
        link.setOnAction(_ -> go.run());
        return link;
    }

    /** The arms by their keys. */
    List<Action> actions() {
        return actions;
    }
}
