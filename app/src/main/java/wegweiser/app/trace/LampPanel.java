package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Session;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.testers.LampTester;
import wegweiser.core.wiring.Nets;

/** A lamp tester: in which order its lamps should light for the plan, and an order that was seen read back in. */
final class LampPanel extends VBox {
    private final TextField seen = new TextField();

    LampPanel(Session session, Job job, Runnable close) {
        super(10);
        setId("lamps");
        String near = job.ends().get(0).name();
        String far = job.ends().get(1).name();
        getChildren().addAll(Panels.heading(t("lamps.title")), Panels.quiet(t("lamps.hint", near, far)));
        if (!job.links().isEmpty()) {
            Label order = new Label(LampTester.words(LampTester.order(job, Nets.planned(job))));
            order.getStyleClass().add("mono");
            order.setWrapText(true);
            order.setId("lamps-order");
            getChildren().addAll(new Label(t("lamps.planned")), order);
        }
        seen.setId("lamps-seen");
        seen.setPromptText(t("lamps.prompt"));
        Label error = new Label();
        error.getStyleClass().add("field-error");
        error.setWrapText(true);
        Button take = new Button(t("lamps.take"));
        take.getStyleClass().add("dark");
        Runnable read = () -> {
            try {
                List<Reading> readings = LampTester.read(seen.getText(), job);
                session.edit(j -> {
                    List<Reading> all = new ArrayList<>(j.readings());
                    all.addAll(readings);
                    return j.withReadings(all);
                });
                close.run();
            } catch (IllegalArgumentException e) {
                error.setText(e.getMessage());
            }
        };
        take.setOnAction(_ -> read.run());
        seen.setOnAction(_ -> read.run());
        getChildren().addAll(new Label(t("lamps.seen")), seen, error, take);
        setPrefWidth(560);
    }

    void begin() {
        seen.requestFocus();
    }
}
