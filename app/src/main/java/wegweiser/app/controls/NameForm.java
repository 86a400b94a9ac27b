package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Asks for one name and keeps something under it. */
public final class NameForm extends VBox {
    private final TextField field = new TextField();

    /**
     * The form.
     *
     * @param keep keeps it under a name; returns a sentence when it could not
     * @param close takes the form away
     */
    public NameForm(String heading, String hint, Function<String, Optional<String>> keep, Runnable close) {
        super(10);
        setId("name-form");
        field.setId("name-field");
        Label error = new Label();
        error.getStyleClass().add("field-error");
        error.setWrapText(true);
        Button button = new Button(t("own.keep"));
        button.getStyleClass().add("dark");
        button.setId("name-keep");
        Runnable done = () -> {
            Optional<String> trouble = field.getText().isBlank()
                    ? Optional.of(t("own.error.title"))
                    : keep.apply(field.getText().strip());
            error.setText(trouble.orElse(""));
            if (trouble.isEmpty()) {
                close.run();
            }
        };
        button.setOnAction(_ -> done.run());
        field.setOnAction(_ -> done.run());
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> close.run());
        getChildren().addAll(Panels.heading(heading), Panels.quiet(hint), field, error,
                new HBox(10, button, back));
        setPrefWidth(440);
    }

    /** Begins with a name that is there already. */
    public void begin(String name) {
        field.setText(name);
        field.selectAll();
        begin();
    }

    /** Puts the cursor into the field. */
    public void begin() {
        field.requestFocus();
    }
}
