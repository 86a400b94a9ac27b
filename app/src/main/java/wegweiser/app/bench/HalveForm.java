package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import wegweiser.app.controls.Form;
import wegweiser.core.make.Redo;
import wegweiser.core.model.Job;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;

/** Where a cable is cut in two; each half becomes a job of its own. */
record HalveForm(Form form, TextField where) {
    /** @param halves told the two jobs, that of the first end first */
    static HalveForm of(Job job, Consumer<List<Job>> halves, Runnable close) {
        TextField where = new TextField();
        where.setId("halve-where");
        where.setPromptText(t("halve.prompt"));
        String end = job.ends().getFirst().name();
        Form form = new Form("halve", t("halve.title", job.title()), t("halve.hint"), t("halve.go"), () -> {
            try {
                halves.accept(Redo.inTwo(job, 1000 * Quantity.parse(where.getText(), Unit.METRE)));
                return Optional.empty();
            } catch (IllegalArgumentException _) {
                return Optional.of(t("halve.bad", end));
            }
        }, close, Form.asked(t("halve.where", end), where));
        where.setOnAction(_ -> form.press());
        return new HalveForm(form, where);
    }

    void begin() {
        where.requestFocus();
    }
}
