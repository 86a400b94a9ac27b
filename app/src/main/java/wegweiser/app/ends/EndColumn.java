package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.FacePanel;
import wegweiser.app.controls.JobField;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.LooseLeads;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Role;
import wegweiser.core.pinout.SourceComparison;
import wegweiser.core.rules.LethalDevice;
import wegweiser.core.signals.Ambiguity;
import wegweiser.core.signals.Pin;

/** One end: device, connector on the cable, face and pinout. */
final class EndColumn extends VBox {
    private final Session session;
    private final String name;
    private final TextField device = new TextField();
    private final Button connector = new Button();
    private final ChoiceBox<Optional<Role>> role = new ChoiceBox<>();
    private final Overlay overlay;
    private final EndMenu fill;
    private final Label port = Panels.quiet("");
    private final FacePanel face = new FacePanel();
    private final VBox hint;
    private final PinoutTable table;
    private final Label doubts = Panels.quiet("");
    private final CheckBox kept = new CheckBox(t("ends.kept"));
    private final CheckBox lethal = new CheckBox(t("ends.lethal"));
    private final LethalQuestion question;
    private final Button confirm = new Button(t("ends.confirm"));
    private final TextField addLead = new TextField();
    private boolean showing;
    private String lit = "";

    EndColumn(Session session, Overlay overlay, String name) {
        this.session = session;
        this.overlay = overlay;
        this.name = name;
        this.fill = new EndMenu(session, overlay, name);
        this.table = new PinoutTable(session, name, this::light);
        getStyleClass().addAll("sheet", "end-column");
        setId("end-" + name);
        device.setPromptText(t("ends.device"));
        device.setId("device-" + name);
        device.setOnAction(_ -> keepDevice());
        device.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                keepDevice();
            }
        });
        HBox.setHgrow(device, Priority.ALWAYS);
        connector.setId("connector-" + name);
        connector.setOnAction(_ -> choose());
        role.getItems().add(Optional.empty());
        for (Role r : Role.values()) {
            role.getItems().add(Optional.of(r));
        }
        role.setConverter(new Worded<>(r -> t("role." + r.map(Role::id).orElse("none"))));
        role.setOnAction(_ -> {
            if (!showing) {
                edit(e -> e.withRole(role.getValue()));
            }
        });
        face.setOnContact(table::focus);
        Label letter = new Label(name);
        letter.getStyleClass().add("end-name");
        HBox first = new HBox(8, letter, device, role);
        first.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        port.setWrapText(true);
        HBox.setHgrow(port, Priority.ALWAYS);
        // the words have a line of their own: beside a long title they would be squeezed into a column of letters
        FlowPane second = new FlowPane(8, 4, connector, fill, kept, lethal);
        lethal.setId("lethal-" + name);
        lethal.setTooltip(new Tooltip(t("ends.lethal.what")));
        lethal.setOnAction(_ -> edit(e -> e.withDangerous(Optional.of(lethal.isSelected()))));
        question = new LethalQuestion(name, yes -> edit(e -> e.withDangerous(Optional.of(yes))));
        kept.setId("kept-" + name);
        kept.setOnAction(_ -> session.edit(job -> keeping(job, kept.isSelected())));
        connector.setMinWidth(USE_PREF_SIZE);
        fill.setMinWidth(USE_PREF_SIZE);
        face.bare();
        face.zoomable();
        face.setMinHeight(112);
        face.setPrefHeight(158);
        VBox.setVgrow(face, Priority.ALWAYS);
        addLead.setPromptText(t("ends.add-lead"));
        addLead.setId("add-lead-" + name);
        addLead.setOnAction(_ -> {
            String colour = addLead.getText().strip();
            addLead.clear();
            if (!colour.isEmpty() && !colour.contains(".")) {
                edit(e -> e.row(colour).isPresent() ? e : e.withRow(PinRow.named(colour)));
            }
        });
        addLead.managedProperty().bind(addLead.visibleProperty());
        doubts.setWrapText(true);
        doubts.getStyleClass().add("doubts");
        confirm.setId("confirm-" + name);
        confirm.setMinWidth(USE_PREF_SIZE);
        confirm.setOnAction(_ -> edit(EndColumn::confirmed));
        HBox.setHgrow(doubts, Priority.ALWAYS);
        HBox last = new HBox(8, doubts, confirm);
        last.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        last.managedProperty().bind(last.visibleProperty());
        last.visibleProperty().bind(doubts.textProperty().isNotEmpty().or(confirm.visibleProperty()));
        confirm.managedProperty().bind(confirm.visibleProperty());
        hint = Panels.hint(t("ends.blank"), t("ends.choose"), this::choose);
        hint.setId("hint-" + name);
        VBox.setVgrow(hint, Priority.ALWAYS);
        hint.setMaxHeight(Double.MAX_VALUE);
        hint.setMaxWidth(Double.MAX_VALUE);
        face.managedProperty().bind(face.visibleProperty());
        table.managedProperty().bind(table.visibleProperty());
        getChildren().addAll(first, second, question, port, addLead, hint, face, table, last);
        setPrefWidth(400);
        setMinWidth(300);
    }

    void focus(String contact) {
        table.focus(contact);
    }

    void flip() {
        face.flip();
    }

    private void edit(java.util.function.UnaryOperator<End> edit) {
        session.edit(job -> job.withEnd(name, edit));
    }

    private Job keeping(Job job, boolean stays) {
        List<String> all = new ArrayList<>(job.kept());
        all.remove(name);
        if (stays) {
            all.add(name);
        }
        return job.withKept(all);
    }

    private void keepDevice() {
        String text = device.getText().strip();
        edit(e -> e.device().equals(text) ? e : e.withDevice(text));
    }

    private void light(String contact) {
        lit = contact;
        face(session.job());
    }

    private void face(Job job) {
        job.end(name).ifPresent(end -> {
            Optional<ConnectorType> type = Catalogue.of(job).of(end);
            face.show(end, type,
                    new FaceDrawing.Marks(java.util.Map.of(), lit.isEmpty() ? Set.of() : Set.of(lit),
                            names(end)));
        });
    }

    private static Map<String, String> names(End end) {
        Map<String, String> names = new HashMap<>();
        end.pinout().forEach(row -> names.put(row.contact(), row.label()));
        return names;
    }

    void show(Job job) {
        End end = job.end(name).orElseThrow();
        showing = true;
        JobField.show(device, end.device());
        kept.setSelected(job.keeps(name));
        lethal.setSelected(end.dangerous().orElse(false));
        question.show(LethalDevice.asked(job).stream().anyMatch(e -> e.name().equals(name)));
        role.setValue(end.role());
        Optional<ConnectorType> type = Catalogue.of(job).of(end);
        connector.setText(type.map(ConnectorType::title).orElse(t("ends.leads")) + "  ▾");
        port.setText(end.port().flatMap(Catalogue.of(job)::find).map(p -> t("ends.port", p.title()))
                .orElse(t("ends.on-cable")));
        fill.show(job, end, type);
        doubts(end);
        addLead.setVisible(type.isEmpty());
        boolean blank = type.isEmpty() && end.pinout().isEmpty();
        hint.setVisible(blank);
        face.setVisible(type.isPresent());
        table.setVisible(!blank);
        face(job);
        table.show(job, end, type);
        showing = false;
    }

    /** What is not certain about this end, in words: ambiguous names, and directions that were guessed. */
    private void doubts(End end) {
        List<String> sentences = new ArrayList<>();
        boolean open = SourceComparison.of(end, Catalogue.of(session.job()).of(end)).isOpen();
        if (open) {
            sentences.add(t("ends.differ"));
        }
        end.pinout().stream().map(row -> Ambiguity.of(end, row)).flatMap(Optional::stream).limit(1)
                .forEach(s -> sentences.add(s + "."));
        doubts.setText(String.join(" ", sentences));
        confirm.setVisible(Pin.of(end).stream().anyMatch(Pin::guessed));
    }

    private static End confirmed(End end) {
        End result = end;
        for (Pin pin : Pin.of(end)) {
            if (pin.guessed()) {
                result = result.withRow(pin.row().withDirection(pin.direction().orElseThrow()));
            }
        }
        return result;
    }

    /** Opens the gallery of connectors; choosing one closes it. */
    private void choose() {
        choose("");
    }

    void choose(String words) {
        ConnectorGallery gallery = new ConnectorGallery(session.library().catalogue(), this::take,
                this::describe);
        overlay.up(gallery);
        gallery.begin(words);
    }

    private void take(String id) {
        overlay.down();
        session.edit(job -> {
            Job known = session.library().connector(id).map(job::withConnector).orElse(job);
            return known.end(name).isPresent() ? LooseLeads.given(known, name, id) : job;
        });
    }

    private void describe() {
        OwnForm form = new OwnForm(session, this::take, this::choose);
        overlay.up(form);
        form.begin();
    }

    /** The menu of this end. */
    EndMenu menu() {
        return fill;
    }
}
