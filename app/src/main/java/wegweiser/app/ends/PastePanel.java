package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.pinout.PastedPinout;
import wegweiser.core.pinout.Sources;

/** A pinout from text, with a line-by-line account of what was understood before anything is taken. */
final class PastePanel extends VBox {
    private final TextArea text = new TextArea();
    private final TextField source = new TextField();
    private final VBox preview = new VBox(2);
    private final Label summary = Panels.quiet("");
    private final Button replace = new Button(t("paste.replace"));
    private final Button beside = new Button(t("paste.beside"));
    private final Optional<ConnectorType> type;
    private PastedPinout read;

    /** What is done with the rows: the end with them in place. */
    interface Taken {
        void take(java.util.function.UnaryOperator<End> edit);
    }

    PastePanel(End end, Optional<ConnectorType> type, String first, String firstSource, Taken taken) {
        super(10);
        this.type = type;
        setId("paste");
        text.setId("paste-text");
        text.setPromptText(t("paste.prompt"));
        text.getStyleClass().add("mono");
        text.setPrefSize(360, 360);
        text.setText(first);
        source.setId("paste-source");
        source.setPromptText(t("paste.source"));
        source.setText(firstSource);
        ScrollPane scroll = Panels.scroll(preview);
        scroll.setPrefSize(480, 360);
        scroll.getStyleClass().add("paste-preview");
        HBox.setHgrow(scroll, Priority.ALWAYS);
        HBox body = new HBox(12, text, scroll);
        VBox.setVgrow(body, Priority.ALWAYS);
        replace.setId("paste-replace");
        beside.setId("paste-beside");
        replace.getStyleClass().add("dark");
        replace.setOnAction(_ -> taken.take(e -> Sources.add(e.withPinout(List.of()), name(), read.rows())));
        beside.setOnAction(_ -> taken.take(e -> Sources.add(e, name(), read.rows())));
        boolean empty = end.pinout().stream().allMatch(r -> r.label().isEmpty());
        beside.setVisible(!empty);
        beside.setManaged(!empty);
        HBox.setHgrow(source, Priority.ALWAYS);
        source.setMinWidth(160);
        Region space = new Region();
        HBox.setHgrow(space, Priority.SOMETIMES);
        HBox last = new HBox(10, new Label(t("paste.from")), source, space, beside, replace);
        last.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(Panels.heading(t("paste.title", end.name())), body, summary, last);
        setPrefSize(900, 540);
        text.textProperty().addListener((_, _, _) -> read());
        read();
    }

    void begin() {
        text.requestFocus();
    }

    private String name() {
        String typed = source.getText().strip();
        return typed.isEmpty() ? t("paste.source.default") : typed;
    }

    private void read() {
        read = PastedPinout.read(text.getText(), type);
        preview.getChildren().clear();
        read.lines().stream().filter(l -> l.kind() != PastedPinout.Kind.EMPTY).limit(200)
                .map(PastePanel::line)
                .forEach(preview.getChildren()::add);
        int rows = read.rows().size();
        int open = read.open().size();
        summary.setText(text.getText().isBlank()
                ? t("paste.hint")
                : open == 0 ? t("paste.all", rows) : t("paste.some", rows, open));
        replace.setDisable(rows == 0);
        beside.setDisable(rows == 0);
    }

    private static Node line(PastedPinout.Line line) {
        Label number = new Label(String.valueOf(line.number()));
        number.getStyleClass().addAll("mono", "quiet");
        number.setMinWidth(26);
        String words = line.rows().stream().map(PastePanel::words).collect(Collectors.joining("   "));
        Label understood = new Label(switch (line.kind()) {
            case HEADING -> t("paste.heading");
            case NOT_UNDERSTOOD -> line.text().strip();
            default -> words;
        });
        understood.setWrapText(true);
        understood.getStyleClass().add(line.kind() == PastedPinout.Kind.UNDERSTOOD ? "mono" : "quiet");
        VBox both = new VBox(understood);
        HBox.setHgrow(both, Priority.ALWAYS);
        if (!line.why().isEmpty()) {
            Label why = new Label(line.why());
            why.setWrapText(true);
            why.getStyleClass().add("field-error");
            both.getChildren().add(why);
        }
        Label mark = new Label(switch (line.kind()) {
            case UNDERSTOOD -> line.why().isEmpty() ? "\u2713" : "?";
            case NOT_UNDERSTOOD -> "?";
            default -> "";
        });
        mark.getStyleClass().add(line.kind() == PastedPinout.Kind.UNDERSTOOD ? "paste-good" : "paste-open");
        mark.setMinWidth(18);
        return new HBox(4, number, mark, both);
    }

    private static String words(PinRow row) {
        String name = row.name().orElse("");
        String signal = row.signal().filter(s -> !s.equals(name)).map(s -> " (" + s + ")").orElse("");
        return row.contact() + " " + name + signal
                + row.direction().map(d -> " " + t("direction." + d.id())).orElse("")
                + row.level().map(l -> " " + l).orElse("");
    }
}
