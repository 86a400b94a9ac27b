package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.TableFile;
import wegweiser.core.readings.TypedLines;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;
import wegweiser.files.json.Document;

/**
 * A list typed or pasted line by line, with what was understood beside it; and as CSV, in and out.
 *
 * @param <T> what a line says
 */
public final class LinesPanel<T> extends VBox {
    private static final int SHOWN = 300;

    private final Kind<T> kind;
    private final TextArea text = new TextArea();
    private final VBox preview = new VBox(2);
    private final Label summary = Panels.quiet("");
    private final Button take = new Button();
    private final Background background = new Background();
    private TypedLines<T> read = new TypedLines<>(List.of());
    private Consumer<List<T>> onRead = _ -> {};
    private final boolean begunEmpty;
    private boolean mayBeEmpty;

    /**
     * What a list is about.
     *
     * @param id by which its texts and parts are called
     * @param read understands a text; may take long
     * @param words a line that was understood, as it is shown beside the text
     * @param take does what the button says with what was read
     * @param csv what is written into a file
     * @param file its usual name
     */
    public record Kind<T>(String id, Function<String, TypedLines<T>> read,
            Function<TypedLines.Line<T>, String> words,
            Consumer<List<T>> take,
            Supplier<String> csv, String file) {}

    /** @param begin what stands in it at first */
    public LinesPanel(Kind<T> kind, String begin, Runnable close) {
        super(10);
        this.kind = kind;
        this.begunEmpty = begin.isBlank();
        String id = kind.id();
        setId(id);
        text.setId(id + "-text");
        text.setPromptText(t(id + ".prompt"));
        text.setAccessibleText(t(id + ".title"));
        text.getStyleClass().add("mono");
        text.setPrefSize(330, 340);
        ScrollPane scroll = Panels.scroll(preview);
        scroll.getStyleClass().add("paste-preview");
        scroll.setPrefSize(430, 340);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        HBox body = new HBox(12, text, scroll);
        VBox.setVgrow(body, Priority.ALWAYS);
        take.setId(id + "-take");
        take.getStyleClass().add("dark");
        take.setOnAction(_ -> {
            kind.take().accept(read.values());
            close.run();
        });
        Button open = new Button(t("list.open"));
        open.setId(id + "-open");
        open.setOnAction(_ -> open());
        Button save = new Button(t("list.save"));
        save.setId(id + "-save");
        save.setOnAction(_ -> TableFile.toWrite(getScene().getWindow(), kind.file()).ifPresent(this::save));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren().addAll(Panels.heading(t(id + ".title")), body, summary,
                new HBox(10, open, save, space, take));
        setPrefSize(820, 500);
        text.textProperty().addListener((_, _, _) -> read());
        text.setText(begin);
        read();
    }

    /** That nothing is left may be taken too, where there was something. */
    public LinesPanel<T> mayBeEmpty() {
        mayBeEmpty = !begunEmpty;
        return this;
    }

    /** Shows something between the heading and the text. */
    public LinesPanel<T> above(Node node) {
        getChildren().add(1, node);
        return this;
    }

    /** Told what was understood, whenever that changes. */
    public void onRead(Consumer<List<T>> told) {
        onRead = told;
    }

    /** Puts another text in the place of what is there. */
    public void write(String all) {
        text.setText(all);
    }

    /** Puts the cursor into the text. */
    public void begin() {
        text.requestFocus();
    }

    private void read() {
        String all = text.getText();
        take.setDisable(true);
        background.run(() -> kind.read().apply(all), this::show);
    }

    private void show(TypedLines<T> fresh) {
        read = fresh;
        onRead.accept(fresh.values());
        List<TypedLines.Line<T>> lines = fresh.lines();
        preview.getChildren().clear();
        for (TypedLines.Line<T> line : lines.subList(0, Math.min(SHOWN, lines.size()))) {
            Label number = new Label(String.valueOf(line.number()));
            number.getStyleClass().addAll("mono", "quiet");
            number.setMinWidth(28);
            Label words = new Label(line.value().isPresent() ? kind.words().apply(line) : line.why());
            words.setWrapText(true);
            words.getStyleClass().add(line.value().isPresent() ? "mono" : "field-error");
            preview.getChildren().add(new HBox(6, number, words));
        }
        int good = fresh.values().size();
        take.setText(t(kind.id() + ".take", good));
        take.setDisable(good == 0 && !(mayBeEmpty && lines.isEmpty()));
        summary.setText(lines.isEmpty()
                ? t(kind.id() + ".hint")
                : good == lines.size()
                        ? t(kind.id() + ".all", good)
                        : t(kind.id() + ".some", good, lines.size() - good));
    }

    private void open() {
        TableFile.toRead(getScene().getWindow()).ifPresent(file -> {
            try {
                text.setText(Document.textOf(file));
            } catch (BadFile e) {
                summary.setText(e.getMessage());
            }
        });
    }

    private void save(Path file) {
        try {
            AtomicFile.write(file, kind.csv().get().getBytes(StandardCharsets.UTF_8));
            summary.setText(t("list.saved", file));
        } catch (IOException e) {
            summary.setText(t("own.error.disk", Session.reason(e)));
        }
    }
}
