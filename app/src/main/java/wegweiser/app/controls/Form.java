package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A few questions and the button that goes on; what is missing is said below them. */
public final class Form extends VBox {
    private final Label error = new Label();
    private final Button go;

    /**
     * @param goes goes on; returns a sentence when something is missing
     */
    public Form(String id, String title, String hint, String button, Supplier<Optional<String>> goes,
            Runnable close,
            Node... questions) {
        super(10);
        setId(id);
        go = new Button(button);
        go.setId(id + "-go");
        go.getStyleClass().add("dark");
        go.setOnAction(_ -> error.setText(goes.get().orElse("")));
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> close.run());
        error.getStyleClass().add("field-error");
        Panels.whole(error);
        error.managedProperty().bind(error.textProperty().isNotEmpty());
        getChildren().addAll(Panels.heading(title), Panels.quiet(hint));
        getChildren().addAll(questions);
        getChildren().addAll(error, new HBox(10, go, back));
        setPrefWidth(560);
    }

    /** Goes on, as the button does. */
    public void press() {
        go.fire();
    }

    /** Puts the focus on the button, so that Enter goes on. */
    public void toButton() {
        go.requestFocus();
    }

    /** A question above what answers it. */
    public static VBox asked(String question, Node answer) {
        Label label = new Label(question);
        label.getStyleClass().add("group");
        label.setLabelFor(answer);
        return new VBox(3, label, answer);
    }
}
