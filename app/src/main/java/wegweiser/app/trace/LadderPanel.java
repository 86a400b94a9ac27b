package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.PortValue;
import wegweiser.app.shell.Session;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.port.PortMeasure;
import wegweiser.core.trace.LadderPlug;
import wegweiser.core.trace.LadderTrace;

/** A plug with a resistor on each contact of the second end: what to build, and one reading a contact to know the cable. */
final class LadderPanel extends VBox {
    private final Session session;
    private final Optional<LadderPlug> plug;
    private final List<Terminal> near;
    private final List<Terminal> far;
    private final Label question = new Label();
    private final TextField field = new TextField();
    private final Label answer = Panels.quiet("");
    private int at;

    LadderPanel(Session session, Job job, Runnable close) {
        super(10);
        this.session = session;
        this.near = Terminals.of(job, job.ends().get(0));
        this.far = Terminals.of(job, job.ends().get(1));
        this.plug = LadderTrace.plug(job, job.ends().get(1), 1);
        setId("ladder");
        getChildren().addAll(Panels.heading(t("ladder.title", job.ends().get(1).name())));
        if (plug.isEmpty()) {
            getChildren().add(new Label(t("ladder.impossible", far.size())));
            return;
        }
        GridPane list = new GridPane();
        list.getStyleClass().add("detective");
        for (int k = 0; k < far.size(); k++) {
            Label contact = new Label(far.get(k).toString());
            contact.getStyleClass().add("contact-id");
            Label value = new Label(PortValue.words(PortMeasure.OHMS, plug.get().values().get(k)));
            value.getStyleClass().add("mono");
            list.add(contact, k / 13 * 2, k % 13);
            list.add(value, k / 13 * 2 + 1, k % 13);
        }
        question.getStyleClass().add("detective-question");
        field.setId("ladder-value");
        field.setPromptText(t("port.prompt.ohms"));
        field.setPrefColumnCount(9);
        field.setOnAction(_ -> enter());
        answer.setId("ladder-answer");
        Button done = new Button(t("ladder.close"));
        done.setOnAction(_ -> close.run());
        ScrollPane scroll = Panels.scroll(list);
        scroll.setPrefSize(330, 340);
        HBox entry = new HBox(8, field, new Label("\u03A9"));
        entry.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        VBox right = new VBox(10, question, entry, answer, done);
        HBox.setHgrow(right, Priority.ALWAYS);
        Label build = Panels.quiet(t("ladder.build"));
        getChildren().addAll(build, new HBox(18, scroll, right));
        setPrefSize(820, 500);
        ask();
    }

    void begin() {
        field.requestFocus();
    }

    private void ask() {
        question.setText(at < near.size() ? t("ladder.ask", near.get(at)) : t("ladder.done"));
        field.setDisable(at >= near.size());
        field.clear();
    }

    private void enter() {
        OptionalDouble value = PortValue.parse(field.getText(), PortMeasure.OHMS);
        if (value.isEmpty()) {
            answer.setText(t("port.error", field.getText()));
            return;
        }
        Terminal contact = near.get(at);
        boolean open = value.getAsDouble() > plug.orElseThrow().openOhms();
        List<List<Integer>> fits = open ? List.of(List.of()) : plug.get().decode(value.getAsDouble());
        if (fits.size() != 1) {
            // nothing is written that the reading does not prove
            answer.setText(fits.isEmpty()
                    ? t("ladder.nothing", contact)
                    : t("ladder.several", contact,
                            String.join(", ", fits.stream().map(this::words).toList())));
        } else {
            List<Reading> said = LadderTrace.said(contact, fits.getFirst(), far);
            session.edit(j -> {
                List<Reading> all = new ArrayList<>(j.readings());
                all.addAll(said);
                return j.withReadings(all);
            });
            answer.setText(fits.getFirst().isEmpty()
                    ? t("ladder.open", contact)
                    : t("ladder.joined", contact, words(fits.getFirst())));
        }
        at++;
        ask();
    }

    private String words(List<Integer> positions) {
        return String.join(" + ", positions.stream().map(k -> far.get(k).toString()).toList());
    }
}
