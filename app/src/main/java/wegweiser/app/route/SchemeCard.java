package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.core.route.Scheme;
import wegweiser.core.rules.Severity;
import wegweiser.core.words.Words;

/** One scheme as a card; a click or Enter makes it the plan. */
final class SchemeCard extends VBox {
    private final Runnable onChoose;

    SchemeCard(Scheme scheme, int number, boolean chosen, boolean first, Runnable onChoose,
            Runnable compare) {
        super(3);
        this.onChoose = onChoose;
        getStyleClass().add("card");
        setId("scheme-" + scheme.id());
        pseudoClassStateChanged(PseudoClass.getPseudoClass("chosen"), chosen);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(scheme.title());
        setFocusTraversable(true);
        Label title = new Label(number + "  " + scheme.title());
        title.getStyleClass().add("card-title");
        title.setWrapText(true);
        Label why = new Label(scheme.why());
        why.setWrapText(true);
        why.getStyleClass().add("card-why");
        Button beside = new Button(t("route.compare"));
        beside.setId("compare-" + scheme.id());
        beside.getStyleClass().add("text-link");
        beside.setAccessibleText(t("route.compare.with", scheme.title()));
        beside.setOnAction(_ -> compare.run());
        beside.setMinWidth(USE_PREF_SIZE);
        beside.setVisible(!chosen);
        beside.setManaged(!chosen);
        Label state = state(scheme, first);
        HBox.setHgrow(state, Priority.ALWAYS);
        state.setMaxWidth(Double.MAX_VALUE);
        HBox last = new HBox(6, state, beside);
        last.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
        getChildren().addAll(title, why, last);
        setOnMouseClicked(_ -> choose());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                choose();
                e.consume();
            }
        });
    }

    private static Label state(Scheme scheme, boolean first) {
        long errors = scheme.errors();
        long warnings = scheme.spoken().stream().filter(f -> f.severity() == Severity.WARNING).count();
        long notes = scheme.spoken().size() - errors - warnings;
        String found = errors > 0
                ? t("route.state.errors", t("errors", errors),
                        scheme.spoken().getFirst().message())
                : warnings > 0
                        ? t("warnings", warnings)
                        : notes > 0 ? t("notes", notes) : t("route.state.clean");
        Label label = new Label(
                t("route.conductors", Words.say("conductors", scheme.conductors()), scheme.joints())
                        + (first ? t("route.first") : "") + " · " + found);
        label.setWrapText(true);
        label.getStyleClass().add(errors > 0 ? "state-error" : warnings > 0 ? "state-warning" : "state-note");
        return label;
    }

    void choose() {
        onChoose.run();
    }
}
