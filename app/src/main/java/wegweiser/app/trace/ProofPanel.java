package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.core.evidence.Proof;
import wegweiser.core.words.Words;

/** Every pair that is not proved, by what it lacks. */
final class ProofPanel extends VBox {
    private final Button done = new Button(t("own.cancel"));

    ProofPanel(Proof proof, Runnable close) {
        super(10);
        setId("proof-panel");
        VBox groups = new VBox(10);
        group(groups, "proof.unknown", proof.unknown());
        group(groups, "proof.heard", proof.heard());
        group(groups, "proof.undioded", proof.undioded());
        group(groups, "proof.unsettled", proof.unsettled());
        group(groups, "proof.unnamed", proof.unnamed());
        group(groups, "proof.resting", proof.resting());
        ScrollPane scroll = Panels.scroll(groups);
        scroll.setPrefSize(620, 380);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        done.setOnAction(_ -> close.run());
        done.setDefaultButton(true);
        getChildren().addAll(Panels.heading(t("proof.title", proof.unproved(), proof.pairs())),
                Panels.quiet(proof.reach()), scroll, done);
        setPrefWidth(660);
    }

    /** Puts the focus where Enter and Escape close it. */
    void begin() {
        done.requestFocus();
    }

    private static void group(VBox into, String key, List<Proof.Pair> pairs) {
        if (pairs.isEmpty()) {
            return;
        }
        Label heading = new Label(t(key, Words.say("pairs", pairs.size())));
        heading.getStyleClass().add("group");
        heading.setWrapText(true);
        Label names = new Label(String.join(",  ", pairs.stream().map(Proof.Pair::toString).toList()));
        names.getStyleClass().add("mono");
        names.setWrapText(true);
        into.getChildren().addAll(heading, names);
    }
}
