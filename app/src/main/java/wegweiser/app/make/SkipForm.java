package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import wegweiser.app.controls.Form;
import wegweiser.core.make.Step;
import wegweiser.core.words.Words;

/** Asks why a step is left out, and says what stands on it. Skipping needs a reason, since somebody else will read it. */
record SkipForm(Form form, TextField reason) {
    /** @param dependents the steps that cannot be done, or prove nothing, without it */
    static SkipForm of(Step step, List<Step> dependents, Consumer<String> skip, Runnable close) {
        TextField reason = new TextField();
        reason.setId("skip-reason");
        reason.setPromptText(t("skip.prompt"));
        String lost = dependents.isEmpty()
                ? t("skip.nothing")
                : t("skip.lost", dependents.size(), Words.list(dependents.stream().map(Step::n).toList()));
        Form form = new Form("skip", t("skip.title", step.text()), lost, t("skip.go"), () -> {
            if (reason.getText().isBlank()) {
                return Optional.of(t("skip.no-reason"));
            }
            close.run();
            skip.accept(reason.getText().strip());
            return Optional.empty();
        }, close, Form.asked(t("skip.why"), reason));
        reason.setOnAction(_ -> form.press());
        return new SkipForm(form, reason);
    }
}
