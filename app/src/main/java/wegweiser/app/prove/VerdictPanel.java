package wegweiser.app.prove;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.StageId;
import wegweiser.core.advice.Fixture;
import wegweiser.core.evidence.Contradiction;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Verdict;
import wegweiser.core.words.Words;

/** The verdict in one line, how far the plan is, and on failure the likeliest story and its repair. */
final class VerdictPanel extends VBox {
    private final Label verdict = new Label();
    private final VBox counts = new VBox(3);
    private final VBox story = new VBox(8);
    private final Button record = new Button(t("prove.record"));
    private final Label written = Panels.quiet("");
    private final Button next = new Button(t("prove.next-unit"));

    /**
     * The panel.
     *
     * @param onRecord records the unit
     * @param onNext begins with the next one
     */
    VerdictPanel(Choices choices, Runnable onRecord, Runnable onNext) {
        getStyleClass().addAll("sheet", "side");
        verdict.getStyleClass().add("verdict");
        verdict.setWrapText(true);
        verdict.setId("verdict");
        ChoiceBox<Fixture> fixture = new ChoiceBox<>();
        fixture.getItems().setAll(Fixture.values());
        fixture.setId("prove-fixture");
        fixture.setMaxWidth(Double.MAX_VALUE);
        fixture.setConverter(new Worded<>(f -> t("fixture." + f.id())));
        fixture.valueProperty().bindBidirectional(choices.fixtureProperty());
        CheckBox twice = new CheckBox(t("prove.twice"));
        twice.setId("twice");
        twice.selectedProperty().bindBidirectional(choices.twiceProperty());
        record.setId("record");
        record.getStyleClass().add("dark");
        record.setOnAction(_ -> onRecord.run());
        next.setId("next-unit");
        next.setOnAction(_ -> onNext.run());
        written.setId("recorded");
        getChildren().addAll(Panels.heading(t("prove.verdict")), verdict, Panels.rule(), counts, fixture,
                twice,
                written, new FlowPane(8, 6, record, next), Panels.rule(), story);
        showRecorded(Optional.empty());
    }

    /** Shows under which label the unit was recorded; where it was not, it can be. */
    void showRecorded(Optional<String> label) {
        written.setText(label.map(l -> t("prove.is-recorded", l)).orElse(""));
        record.setVisible(label.isEmpty());
        record.setManaged(label.isEmpty());
        written.setVisible(label.isPresent());
        written.setManaged(label.isPresent());
    }

    void show(Job job, Evidence evidence, Verdict v, List<Explanation> explanations) {
        verdict.setText(
                job.links().isEmpty()
                        ? t("prove.no-plan", StageId.ROUTE.shown())
                        : t("prove.verdict." + v.word(),
                                t("tests-left", v.open()), v.once().size()));
        verdict.getStyleClass().removeAll("pass", "fail");
        if (!job.links().isEmpty()) {
            verdict.getStyleClass().add(v.word());
        }
        counts.getChildren().clear();
        for (Test.Kind kind : Test.Kind.values()) {
            long all = v.plan().stream().filter(test -> test.kind() == kind).count();
            long answered = 0;
            for (int k = 0; k < v.plan().size(); k++) {
                answered += v.plan().get(k).kind() == kind && v.states().get(k) != Verdict.State.OPEN ? 1 : 0;
            }
            if (all > 0) {
                count("prove.kind." + kind.id(), answered, all);
            }
        }
        if (v.open() == 0 && !v.plan().isEmpty()) {
            count("prove.again", v.plan().size() - v.once().size(), v.plan().size());
        }
        story.getChildren().clear();
        for (Contradiction c : evidence.contradictions()) {
            add(t("trace.contradiction", Words.list(c.readings()), Words.list(c.settle().red()),
                    Words.list(c.settle().black())), "trouble");
        }
        for (int k = 0; k < Math.min(2, explanations.size()); k++) {
            Explanation e = explanations.get(k);
            add(t(k == 0 ? "prove.story" : "prove.story.other", Math.round(100 * e.explains())), "group");
            add(e.text(), k == 0 ? "story" : "quiet");
            e.repair().forEach(r -> add(r, "quiet"));
            add(t("prove.joints", t("joints", e.joints())), "quiet");
        }
        if (v.result() == Verdict.Result.PASS && !job.links().isEmpty()) {
            add(t("prove.blind"), "group");
            v.blind().forEach(b -> add(b, "quiet"));
        }
        boolean measured = !job.links().isEmpty() && !job.readings().isEmpty();
        record.setDisable(!measured);
        next.setVisible(measured);
        next.setManaged(measured);
        HBox.setHgrow(record, null);
    }

    private void count(String key, long done, long all) {
        Label figure = new Label(t("prove.count", done, all));
        figure.getStyleClass().add("figure");
        counts.getChildren().add(Panels.line(new Label(t(key)), figure));
    }

    /** Shows no verdict, since none could be computed. */
    void showNothing() {
        verdict.getStyleClass().removeAll("pass", "fail");
        verdict.setText(t("banner.unknown"));
        counts.getChildren().clear();
        story.getChildren().clear();
        record.setDisable(true);
        next.setVisible(false);
    }

    private void add(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        story.getChildren().add(label);
    }
}
