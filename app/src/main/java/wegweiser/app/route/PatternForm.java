package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Facing;
import wegweiser.app.controls.Form;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Session;
import wegweiser.core.model.Job;
import wegweiser.core.route.Patterns;
import wegweiser.core.route.Patterns.Pattern;

/** A wiring told in a word: straight, reversed, a run turned over, two exchanged. */
final class PatternForm extends VBox {
    private final ChoiceBox<Pattern> pattern = new ChoiceBox<>();
    private final ChoiceBox<String> from = new ChoiceBox<>();
    private final ChoiceBox<String> to = new ChoiceBox<>();

    PatternForm(Session session, Facing facing, Runnable close) {
        Job job = session.job();
        List<String> contacts = Patterns.contacts(job, job.end(facing.columns()).orElseThrow());
        pattern.getItems().setAll(Pattern.values());
        pattern.setConverter(new Worded<>(p -> t("pattern." + p.name().toLowerCase(Locale.ROOT))));
        pattern.setValue(Pattern.STRAIGHT);
        from.getItems().setAll(contacts);
        to.getItems().setAll(contacts);
        if (!contacts.isEmpty()) {
            from.setValue(contacts.getFirst());
            to.setValue(contacts.getLast());
        }
        pattern.setId("pattern");
        from.setId("pattern-from");
        to.setId("pattern-to");
        HBox run = new HBox(8, from, new Label("–"), to);
        run.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().add(new Form("pattern-form", t("pattern.title", facing.rows(), facing.columns()),
                t("pattern.hint"), t("pattern.go"), () -> {
                    if (from.getValue() == null || to.getValue() == null) {
                        return Optional.of(t("pattern.none", facing.columns()));
                    }
                    Pattern chosen = pattern.getValue();
                    String first = from.getValue();
                    String last = to.getValue();
                    close.run();
                    session.edit(j -> Patterns.of(j, chosen, facing.rows(), facing.columns(), first, last));
                    return Optional.empty();
                }, close, Form.asked(t("pattern.which"), pattern),
                Form.asked(t("pattern.contacts", facing.columns()), run)));
    }

    void begin() {
        pattern.requestFocus();
    }
}
