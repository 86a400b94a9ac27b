package wegweiser.app.prove;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.EnoughChoice;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Choices;
import wegweiser.core.advice.Fixture;
import wegweiser.core.evidence.Contradiction;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Verdict;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.words.Words;

/** How sure is enough and how sure it is, what can be recorded, and on failure the likeliest story and its repair. */
final class SurePanel extends VBox {
    /** Stories whose chances differ by less are called as likely. */
    private static final double ALIKE = 1.5;

    private final FallingCurve curve = new FallingCurve();
    private final VBox story = new VBox(8);
    private final Button record = new Button();
    private final Label written = Panels.quiet("");
    private final Button next = new Button(t("prove.next-unit"));
    private final Button repaired = new Button(t("prove.repaired"));

    /**
     * The panel.
     *
     * @param onRecord records the unit
     * @param onNext begins with the next one
     * @param onRepaired goes on with the same one, put right as the first story tells
     */
    SurePanel(Choices choices, Runnable onRecord, Runnable onNext, Runnable onRepaired) {
        getStyleClass().addAll("sheet", "side");
        ChoiceBox<Fixture> fixture = new ChoiceBox<>();
        fixture.getItems().setAll(Fixture.values());
        fixture.setId("prove-fixture");
        fixture.setMaxWidth(Double.MAX_VALUE);
        fixture.setConverter(new Worded<>(f -> t("fixture." + f.id())));
        fixture.valueProperty().bindBidirectional(choices.fixtureProperty());
        record.setId("record");
        record.getStyleClass().add("dark");
        record.setOnAction(_ -> onRecord.run());
        next.setId("next-unit");
        next.setOnAction(_ -> onNext.run());
        repaired.setId("repaired");
        repaired.setOnAction(_ -> onRepaired.run());
        written.setId("recorded");
        curve.managedProperty().bind(curve.visibleProperty());
        getChildren().addAll(Panels.heading(t("prove.enough")), new EnoughChoice(choices.enoughProperty()),
                curve,
                fixture, written, new FlowPane(8, 6, record, next, repaired), Panels.rule(), story);
        showRecorded(Optional.empty());
    }

    /** Shows under which label the unit was recorded; where it was not, it can be. */
    private void showRecorded(Optional<String> label) {
        written.setText(label.map(l -> t("prove.is-recorded", l)).orElse(""));
        record.setVisible(label.isEmpty());
        record.setManaged(label.isEmpty());
        written.setVisible(label.isPresent());
        written.setManaged(label.isPresent());
    }

    void show(Proving p) {
        Job job = p.derived().job();
        Sure sure = p.sure();
        Verdict v = sure.verdict();
        curve.show(p.falling());
        curve.setVisible(!p.falling().equals(FallingCurve.Falling.NONE));
        record.setText(t("prove.record." + sure.id(), Sure.oneIn(sure.chanceLeft())));
        story.getChildren().clear();
        for (Contradiction c : p.derived().evidence().contradictions()) {
            add(t("trace.contradiction", Words.list(c.readings()), Words.list(c.settle().red()),
                    Words.list(c.settle().black())), "trouble");
        }
        for (int k = 0; k < Math.min(2, p.explanations().size()); k++) {
            Explanation e = p.explanations().get(k);
            add(heading(p.explanations(), k), "group");
            add(e.text(), k == 0 ? "story" : "quiet");
            e.repair().forEach(r -> add(r, "quiet"));
            add(t("prove.joints", t("joints", e.joints())), "quiet");
        }
        boolean told = !p.explanations().isEmpty() && p.explanations().getFirst().isWhole();
        repaired.setVisible(told);
        repaired.setManaged(told);
        boolean measured = !job.links().isEmpty() && !job.readings().isEmpty();
        if (measured && v.result() != Verdict.Result.FAIL) {
            add(t("prove.blind"), "group");
            v.blind().forEach(b -> add(b, "quiet"));
        }
        record.setDisable(!measured);
        next.setVisible(measured);
        next.setManaged(measured);
        showRecorded(p.recorded());
    }

    /** How likely a story is: beside the first where it accounts for everything, else by what it accounts for. */
    private static String heading(List<Explanation> all, int k) {
        Explanation e = all.get(k);
        if (!e.isWhole()) {
            return t(k > 0 ? "prove.story.other" : "prove.story", Math.round(100 * e.explains()));
        }
        double less = all.getFirst().share() / e.share();
        return k == 0
                ? t("prove.story.all")
                : less < ALIKE
                        ? t("prove.story.alike")
                        : t("prove.story.less", Words.number(Quantity.twoDigits(less)));
    }

    /** Shows nothing, since nothing could be computed. */
    void showNothing() {
        curve.setVisible(false);
        story.getChildren().clear();
        record.setDisable(true);
        next.setVisible(false);
        repaired.setVisible(false);
    }

    private void add(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        story.getChildren().add(label);
    }
}
