package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import wegweiser.app.controls.FacePanel;
import wegweiser.app.controls.Panels;
import wegweiser.app.shell.Session;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Role;

/** One end: device, connector on the cable, face and pinout. */
final class EndColumn extends VBox {
    private final Session session;
    private final String name;
    private final TextField device = new TextField();
    private final Button connector = new Button();
    private final ChoiceBox<Optional<Role>> role = new ChoiceBox<>();
    private final MenuButton fill = new MenuButton(t("ends.fill"));
    private final Label port = Panels.quiet("");
    private final FacePanel face = new FacePanel();
    private final PinoutTable table;
    private final VBox chooserPlace = new VBox();
    private final TextField addLead = new TextField();
    private boolean showing;
    private String lit = "";

    EndColumn(Session session, String name) {
        this.session = session;
        this.name = name;
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
        role.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<Role> r) {
                return r == null ? "" : t("role." + r.map(Role::id).orElse("none"));
            }

            @Override
            public Optional<Role> fromString(String text) {
                throw new IllegalStateException("the list is not typed into");
            }
        });
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
        HBox second = new HBox(8, connector, fill, port);
        second.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        connector.setMinWidth(USE_PREF_SIZE);
        fill.setMinWidth(USE_PREF_SIZE);
        face.bare();
        face.setMinWidth(166);
        face.setPrefWidth(240);
        face.setMaxHeight(330);
        HBox.setHgrow(table, Priority.ALWAYS);
        HBox body = new HBox(14, face, table);
        VBox.setVgrow(body, Priority.ALWAYS);
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
        getChildren().addAll(first, second, chooserPlace, addLead, body);
        setPrefWidth(400);
        setMinWidth(300);
    }

    String endName() {
        return name;
    }

    void focus(String contact) {
        table.focus(contact);
    }

    void flip() {
        face.flip();
    }

    private void edit(java.util.function.UnaryOperator<End> edit) {
        session.edit(job -> job.end(name).map(e -> job.withEnd(edit.apply(e))).orElse(job));
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
                    new FaceDrawing.Marks(java.util.Map.of(), lit.isEmpty() ? Set.of() : Set.of(lit)));
        });
    }

    void show(Job job) {
        End end = job.end(name).orElseThrow();
        showing = true;
        if (!device.isFocused()) {
            device.setText(end.device());
        }
        role.setValue(end.role());
        Optional<ConnectorType> type = Catalogue.of(job).of(end);
        connector.setText(type.map(ConnectorType::title).orElse(t("ends.leads")) + "  ▾");
        port.setText(end.port().flatMap(Catalogue.of(job)::find).map(p -> t("ends.port", p.title()))
                .orElse(t("ends.on-cable")));
        fill.getItems().clear();
        String family = type.map(ConnectorType::family).orElse("");
        List<NamedPinout> fitting = NamedPinout.standard().stream()
                .filter(p -> p.family().equals(family)).toList();
        fill.setDisable(fitting.isEmpty());
        for (NamedPinout pinout : fitting) {
            MenuItem item = new MenuItem(pinout.title());
            item.setOnAction(_ -> edit(e -> e.withPinout(pinout.rows())));
            fill.getItems().add(item);
        }
        addLead.setVisible(type.isEmpty());
        face(job);
        table.show(job, end, type);
        showing = false;
    }

    /** Opens the list of connectors below the button; choosing one closes it. */
    private void choose() {
        if (!chooserPlace.getChildren().isEmpty()) {
            chooserPlace.getChildren().clear();
            return;
        }
        ConnectorChooser chooser = new ConnectorChooser(id -> {
            chooserPlace.getChildren().clear();
            edit(e -> e.withConnector(id));
        });
        chooserPlace.getChildren().setAll(chooser);
        chooser.begin();
    }
}
