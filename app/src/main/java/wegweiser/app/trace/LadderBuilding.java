package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.PortValue;
import wegweiser.core.ladder.LadderList;
import wegweiser.core.ladder.LadderPlug;
import wegweiser.core.model.Terminal;
import wegweiser.core.port.PortMeasure;
import wegweiser.files.io.AtomicFile;

/** Which resistor goes to which contact of a ladder plug, to be read here, written to a file or copied. */
final class LadderBuilding extends VBox {
    private static final double LINE = 24;
    private static final double MOST_HEIGHT = 330;

    private final LadderPlug plug;
    private final List<Terminal> contacts;
    private final String connector;
    private final Label said = Panels.quiet("");

    /** @param sheets the folder for the list */
    LadderBuilding(LadderPlug plug, List<Terminal> contacts, String connector, Path sheets) {
        super(10);
        this.plug = plug;
        this.contacts = contacts;
        this.connector = connector;
        ScrollPane scroll = Panels.scroll(list());
        scroll.setMinWidth(USE_PREF_SIZE);
        scroll.setPrefHeight(Math.min(MOST_HEIGHT, LINE * Math.min(rows(), contacts.size()) + LINE / 2));
        Button copy = new Button(t("ladder.copy"));
        copy.setId("ladder-copy");
        copy.setOnAction(_ -> copy());
        Button write = new Button(t("ladder.write"));
        write.setId("ladder-write");
        write.setOnAction(_ -> write(sheets.resolve("ladder-" + connector + ".txt")));
        List.of(write, copy).forEach(b -> {
            b.getStyleClass().add("small");
            b.setFocusTraversable(false);
        });
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        FlowPane ways = new FlowPane(8, 6, write, copy);
        ways.setPrefWrapLength(200);
        getChildren().addAll(scroll, ways, said);
        said.setMaxWidth(260);
    }

    private int rows() {
        return Math.max(13, (contacts.size() + 1) / 2);
    }

    private GridPane list() {
        GridPane list = new GridPane();
        list.getStyleClass().add("detective");
        // room for the bar beside the values
        list.setPadding(new Insets(0, 18, 0, 0));
        int rows = rows();
        for (int k = 0; k < contacts.size(); k++) {
            Label contact = new Label(contacts.get(k).toString());
            contact.getStyleClass().add("contact-id");
            Label value = new Label(PortValue.words(PortMeasure.OHMS, plug.values().get(k)));
            value.getStyleClass().add("mono");
            // what is built from must be read whole
            contact.setMinWidth(USE_PREF_SIZE);
            value.setMinWidth(USE_PREF_SIZE);
            list.add(contact, k / rows * 2, k % rows);
            list.add(value, k / rows * 2 + 1, k % rows);
        }
        return list;
    }

    /** Writes the list beside the sheets of the workshop, to be printed or taken to the bench. */
    private void write(Path file) {
        try {
            AtomicFile.write(file, LadderList.of(plug, contacts, connector).getBytes(StandardCharsets.UTF_8));
            said.setText(t("ladder.written", file));
        } catch (IOException e) {
            said.setText(t("ladder.not-written", file, e.getMessage()));
        }
    }

    private void copy() {
        ClipboardContent content = new ClipboardContent();
        content.putString(LadderList.of(plug, contacts, connector));
        Clipboard.getSystemClipboard().setContent(content);
        said.setText(t("ladder.copied"));
    }
}
