package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Form;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.Worded;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.make.Redo;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/** Which connector of a cable is put on anew, and how much of the cable is cut off for it. */
final class RedoForm extends VBox {
    private final Job job;
    private final Consumer<Job> begin;
    private final ChoiceBox<End> end = new ChoiceBox<>();
    private final TextField cut = new TextField("30");
    private final TextField label = new TextField();

    /**
     * @param recorded the number under which the cable was recorded
     * @param halve asks where the cable is cut in two instead
     */
    RedoForm(Job job, Optional<String> recorded, Consumer<Job> begin, Runnable halve, Runnable close) {
        this.job = job;
        this.begin = begin;
        end.getItems().setAll(job.ends());
        end.setValue(job.ends().getFirst());
        end.setId("redo-end");
        end.setConverter(new Worded<>(this::words));
        label.setId("redo-label");
        label.setText(job.cable().label().or(() -> recorded).map(RedoForm::firstPage).orElse(""));
        label.setOnAction(_ -> go());
        cut.setId("redo-cut");
        cut.setOnAction(_ -> go());
        Label reserve = Panels.quiet("");
        reserve.setId("redo-reserve");
        cut.textProperty().addListener((_, _, _) -> reserve.setText(reserve()));
        reserve.setText(reserve());
        Form form = new Form("redo-form", job.title(), t("redo.form.hint"), t("redo.go"), this::go, close,
                Form.asked(t("redo.which"), end), Form.asked(t("redo.cut"), cut), reserve,
                Form.asked(t("redo.label"), label));
        Button two = new Button(t("redo.halve"));
        two.setId("redo-halve");
        two.getStyleClass().add("text-link");
        two.setOnAction(_ -> halve.run());
        two.setVisible(job.ends().size() == 2);
        getChildren().addAll(form, two);
    }

    private String words(End of) {
        String connector = Catalogue.of(job).of(of).map(ConnectorType::title).orElse(t("ends.leads"));
        return t("redo.end", of.name(), of.device().isBlank() ? connector : of.device() + " · " + connector);
    }

    /** The number without the page of it. */
    private static String firstPage(String number) {
        return number.replaceFirst("/[0-9]+$", "");
    }

    void begin() {
        end.requestFocus();
    }

    /** A bare number is one of millimetres, which is how such a length is measured. */
    private double typedMm() {
        String typed = cut.getText().strip();
        return typed.matches(".*[a-zA-Z]")
                ? 1000 * Quantity.parse(typed, Unit.METRE)
                : 1000 * Quantity.parse(typed + " mm", Unit.METRE);
    }

    /** How long the cable will be, and what is left of what was spared for this. */
    private String reserve() {
        try {
            double mm = Math.max(0, typedMm());
            double left = Redo.reserveMm(job) - mm;
            String reserve = left < 0
                    ? t("redo.no-reserve", Words.number(-left))
                    : t("redo.reserve", Words.number(left), (int) Math.floor(left / Math.max(1, mm)));
            return job.cable().lengthMm().isPresent()
                    ? t("redo.new-length", Words.number((job.cable().lengthMm().getAsDouble() - mm) / 1000))
                            + " "
                            + reserve
                    : reserve;
        } catch (IllegalArgumentException _) {
            return "";
        }
    }

    private Optional<String> go() {
        try {
            double mm = typedMm();
            if (mm < 0) {
                return Optional.of(t("redo.bad-cut"));
            }
            begin.accept(Redo.of(job, end.getValue().name(), mm,
                    t("redo.title", job.title(), end.getValue().name()),
                    Optional.of(firstPage(label.getText().strip())).filter(l -> !l.isEmpty())));
            return Optional.empty();
        } catch (IllegalArgumentException _) {
            return Optional.of(t("redo.bad-cut"));
        }
    }
}
