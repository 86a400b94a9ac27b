package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.DangerLine;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.PortValue;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.port.PortAdvisor;
import wegweiser.core.port.PortBelief;
import wegweiser.core.port.PortMeasure;
import wegweiser.core.port.PortPinout;
import wegweiser.instruments.SimulatedPort;
import wegweiser.instruments.Simulation;

/** Finds out what the contacts of an unknown port are: what to measure next, what was read, what it makes of each. */
final class DetectivePanel extends VBox {
    private final Session session;
    private final String name;
    private final DangerLine danger = new DangerLine();
    private final Label question = new Label();
    private final Label why = Panels.quiet("");
    private final HBox answer = new HBox(8);
    private final Label error = new Label();
    private final GridPane grid = new GridPane();
    private final Button fill = new Button();
    private final Set<String> skipped = new HashSet<>();
    private Optional<PortAdvisor.Proposal> asked = Optional.empty();

    DetectivePanel(Session session, String name, Runnable close) {
        super(10);
        this.session = session;
        this.name = name;
        setId("detective");
        Label caution = new Label(t("detective.caution"));
        caution.setWrapText(true);
        caution.getStyleClass().add("caution");
        caution.setMinHeight(USE_PREF_SIZE);
        Panels.whole(question).getStyleClass().add("detective-question");
        question.setId("detective-question");
        question.setWrapText(true);
        error.getStyleClass().add("field-error");
        answer.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        grid.getStyleClass().add("detective");
        ScrollPane scroll = Panels.scroll(grid);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        fill.getStyleClass().add("dark");
        fill.setId("detective-fill");
        fill.setOnAction(_ -> {
            session.edit(j -> j.withEnd(name, e -> PortPinout.fill(e, belief(j, e))));
            close.run();
        });
        Button again = new Button(t("detective.again"));
        again.setOnAction(
                _ -> session.edit(j -> j.withEnd(name, e -> e.withPortReadings(List.of()))));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox last = new HBox(10, Panels.quiet(t("detective.click")), space, again, fill);
        last.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(Panels.heading(t("detective.title", name)), danger, caution, question, why,
                answer,
                scroll, last);
        setFocusTraversable(true);
        setPrefSize(900, 620);
        Panels.whileShown(this, session.jobProperty(), this::show);
    }

    private Optional<ConnectorType> type(Job job, End end) {
        return Catalogue.of(job).of(end);
    }

    private List<String> contacts(Job job, End end) {
        return type(job, end).map(ConnectorType::pinIds)
                .orElseGet(() -> end.pinout().stream().map(PinRow::contact).toList());
    }

    private PortBelief belief(Job job, End end) {
        return PortBelief.of(contacts(job, end), end.portReadings());
    }

    private void show(Job job) {
        End end = job.end(name).orElse(null);
        if (end == null) {
            return;
        }
        danger.show(job);
        PortBelief belief = belief(job, end);
        boolean shell = type(job, end).map(c -> c.has(Contact.SHELL)).orElse(false);
        boolean powered = !end.portReadings().isEmpty()
                && PortMeasure.of(end.portReadings().getLast()).map(PortMeasure::powered).orElse(false);
        asked = PortAdvisor.next(belief, powered,
                (c, m) -> (m != PortMeasure.SHELL || shell) && !skipped.contains(c + " " + m));
        table(belief);
        long sure = belief.contacts().stream().filter(belief::isSure).count();
        fill.setDisable(sure == 0);
        fill.setText(t("detective.fill", sure, belief.contacts().size()));
        if (asked.isPresent()) {
            ask(job, asked.get().contact(), asked.get().measure(), asked.get().why());
        } else {
            question.setText(sure == belief.contacts().size() ? t("detective.done") : t("detective.enough"));
            why.setText(t("detective.sure", sure, belief.contacts().size()));
            answer.getChildren().clear();
        }
    }

    private void ask(Job job, String contact, PortMeasure measure, String reason) {
        question.setText(t("detective.ask." + word(measure), contact));
        why.setText(reason);
        error.setText("");
        answer.getChildren().clear();
        if (measure == PortMeasure.SHELL || measure == PortMeasure.SENDING) {
            Button yes = new Button(t("port.yes." + word(measure)));
            Button no = new Button(t("port.no." + word(measure)));
            yes.setId("detective-yes");
            no.setId("detective-no");
            yes.setOnAction(_ -> keep(contact, measure, 1));
            no.setOnAction(_ -> keep(contact, measure, 0));
            answer.getChildren().addAll(yes, no);
        } else {
            TextField field = new TextField();
            field.setId("detective-value");
            field.setPromptText(t("port.prompt." + word(measure)));
            field.setPrefColumnCount(9);
            field.setOnAction(_ -> {
                OptionalDouble value = PortValue.parse(field.getText(), measure);
                error.setText(value.isPresent() ? "" : t("port.error", field.getText()));
                value.ifPresent(v -> keep(contact, measure, v));
            });
            answer.getChildren().addAll(field, new Label(measure == PortMeasure.OHMS ? "\u03A9" : "V"));
            javafx.application.Platform.runLater(field::requestFocus);
        }
        Button skip = new Button(t("detective.skip"));
        skip.setId("detective-skip");
        skip.setOnAction(_ -> {
            skipped.add(contact + " " + measure);
            show(session.job());
        });
        answer.getChildren().add(skip);
        job.end(name).flatMap(e -> Simulation.port(job, name, contacts(job, e))).ifPresent(port -> {
            Button simulate = new Button(t("detective.simulate"));
            simulate.setId("detective-simulate");
            simulate.setOnAction(_ -> keep(contact, measure, simulated(port, contact, measure)));
            answer.getChildren().add(simulate);
        });
        answer.getChildren().add(error);
    }

    private static double simulated(SimulatedPort port, String contact, PortMeasure measure) {
        return port.measure(contact, measure);
    }

    private void keep(String contact, PortMeasure measure, double value) {
        session.edit(j -> j.withEnd(name, e -> e.withPortReading(measure.reading(contact, value))));
    }

    private void table(PortBelief belief) {
        grid.getChildren().clear();
        int column = 0;
        Label heading = Panels.quiet(t("ends.contact"));
        heading.setMinWidth(USE_PREF_SIZE);
        heading.setWrapText(false);
        grid.add(heading, column++, 0);
        for (PortMeasure measure : PortMeasure.values()) {
            grid.add(Panels.quiet(t("detective.column." + word(measure))), column++, 0);
        }
        grid.add(Panels.quiet(t("detective.column.is")), column++, 0);
        int line = 1;
        for (String contact : belief.contacts()) {
            Label id = new Label(contact);
            id.getStyleClass().add("contact-id");
            grid.add(id, 0, line);
            column = 1;
            for (PortMeasure measure : PortMeasure.values()) {
                Button cell = new Button(
                        belief.reading(contact, measure).map(v -> PortValue.words(measure, v))
                                .orElse("\u00B7"));
                cell.getStyleClass().add("detective-cell");
                if (asked.filter(p -> p.contact().equals(contact) && p.measure() == measure).isPresent()) {
                    cell.getStyleClass().add("asked");
                }
                cell.setFocusTraversable(false);
                cell.setMaxWidth(Double.MAX_VALUE);
                cell.setOnAction(_ -> ask(session.job(), contact, measure, t("detective.chosen")));
                grid.add(cell, column++, line);
            }
            boolean known = belief.confidence(contact) >= 0.5;
            Label found = new Label(known ? belief.best(contact).words() : t("detective.unknown"));
            found.getStyleClass().add(belief.isSure(contact) ? "paste-good" : "quiet");
            found.setMinWidth(USE_PREF_SIZE);
            ProgressBar bar = new ProgressBar(known ? belief.confidence(contact) : 0);
            bar.setPrefSize(60, 7);
            Label percent = new Label(known ? Math.round(100 * belief.confidence(contact)) + " %" : "");
            percent.getStyleClass().add("figure");
            percent.setMinWidth(USE_PREF_SIZE);
            HBox result = new HBox(8, found, bar, percent);
            result.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
            grid.add(result, column, line++);
        }
    }

    private static String word(PortMeasure measure) {
        return measure.id();
    }
}
