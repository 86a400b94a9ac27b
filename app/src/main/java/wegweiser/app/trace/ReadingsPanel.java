package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
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
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.readings.ReadingList;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;
import wegweiser.files.json.Document;

/** Readings typed or pasted as a list, with what was understood beside it; and as CSV, in and out. */
final class ReadingsPanel extends VBox {
    private final Session session;
    private final TextArea text = new TextArea();
    private final VBox preview = new VBox(2);
    private final Label summary = Panels.quiet("");
    private final Button take = new Button();
    private final Background background = new Background();
    private ReadingList read = new ReadingList(List.of());

    ReadingsPanel(Session session, Runnable close) {
        super(10);
        this.session = session;
        setId("readings");
        text.setId("readings-text");
        text.setPromptText(t("readings.prompt"));
        text.getStyleClass().add("mono");
        text.setPrefSize(330, 340);
        ScrollPane scroll = Panels.scroll(preview);
        scroll.getStyleClass().add("paste-preview");
        scroll.setPrefSize(430, 340);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        HBox body = new HBox(12, text, scroll);
        VBox.setVgrow(body, Priority.ALWAYS);
        take.setId("readings-take");
        take.getStyleClass().add("dark");
        take.setOnAction(_ -> {
            List<Reading> fresh = read.readings();
            session.edit(j -> {
                List<Reading> all = new ArrayList<>(j.readings());
                all.addAll(fresh);
                return j.withReadings(all);
            });
            close.run();
        });
        Button open = new Button(t("readings.open"));
        open.setId("readings-open");
        open.setOnAction(_ -> open());
        Button save = new Button(t("readings.save"));
        save.setId("readings-save");
        save.setOnAction(_ -> save());
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren().addAll(Panels.heading(t("readings.title")), body, summary,
                new HBox(10, open, save, space, take));
        setPrefSize(820, 500);
        text.textProperty().addListener((_, _, _) -> read());
        read();
    }

    void begin() {
        text.requestFocus();
    }

    private void read() {
        String all = text.getText();
        Job job = session.job();
        take.setDisable(true);
        background.run(() -> ReadingList.read(all, job), this::show);
    }

    private void show(ReadingList list) {
        read = list;
        preview.getChildren().clear();
        for (ReadingList.Line line : read.lines().subList(0, Math.min(300, read.lines().size()))) {
            Label number = new Label(String.valueOf(line.number()));
            number.getStyleClass().addAll("mono", "quiet");
            number.setMinWidth(28);
            Label words = new Label(line.reading().isPresent() ? line.text() : line.why());
            words.setWrapText(true);
            words.getStyleClass().add(line.reading().isPresent() ? "mono" : "field-error");
            preview.getChildren().add(new HBox(6, number, words));
        }
        int count = read.readings().size();
        take.setText(t("readings.take", count));
        take.setDisable(count == 0);
        summary.setText(read.lines().isEmpty()
                ? t("readings.hint")
                : read.open().isEmpty()
                        ? t("readings.all", count)
                        : t("readings.some", count, read.open().size()));
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

    private void save() {
        TableFile.toWrite(getScene().getWindow(), "readings.csv").ifPresent(this::save);
    }

    /** Writes the job's readings as CSV. */
    void save(Path file) {
        try {
            AtomicFile.write(file,
                    ReadingList.csv(session.job().readings()).getBytes(StandardCharsets.UTF_8));
            summary.setText(t("readings.saved", session.job().readings().size(), file));
        } catch (IOException e) {
            summary.setText(t("own.error.disk", e.getMessage()));
        }
    }
}
