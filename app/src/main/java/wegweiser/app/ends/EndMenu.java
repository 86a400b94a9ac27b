package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import wegweiser.app.controls.NameForm;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.TableFile;
import wegweiser.app.stage.Keeping;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.derived.LooseLeads;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.pinout.Sources;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;
import wegweiser.files.json.Document;
import wegweiser.files.library.PinoutCsv;

/** Where a pinout can come from and go to. */
final class EndMenu extends MenuButton {
    private final Session session;
    private final Overlay overlay;
    private final String name;

    EndMenu(Session session, Overlay overlay, String name) {
        super(t("ends.fill"));
        this.session = session;
        this.overlay = overlay;
        this.name = name;
        setId("fill-" + name);
    }

    void show(Job job, End end, Optional<ConnectorType> type) {
        getItems().clear();
        String family = type.map(ConnectorType::family).orElse(End.LEADS);
        List<NamedPinout> fitting = session.library().allPinouts().stream()
                .filter(p -> p.family().equals(family))
                .toList();
        for (NamedPinout pinout : fitting) {
            item(pinout.title(), "", () -> named(pinout));
        }
        if (!fitting.isEmpty()) {
            getItems().add(new SeparatorMenuItem());
        }
        if (type.isEmpty()) {
            item(t("ends.name-leads"), "menu-name-leads",
                    () -> session.edit(j -> LooseLeads.named(j, name)))
                    .setDisable(Cables.of(job).isEmpty());
        }
        item(t("pinout.paste"), "menu-paste", () -> paste("", ""));
        item(t("pinout.detective"), "menu-detective", this::detective);
        item(t("pinout.compare"), "menu-compare", this::compare).setDisable(Sources.of(end).size() < 2);
        getItems().add(new SeparatorMenuItem());
        item(t("pinout.csv-in"), "", this::readCsv);
        item(t("pinout.csv-out"), "", this::writeCsv);
        item(t("pinout.keep"), "menu-keep", () -> keep(family));
        getItems().add(new SeparatorMenuItem());
        item(t("pinout.clear"), "menu-clear", () -> edit(e -> e.withPinout(List.of())));
        item(t("ends.remove", name), "menu-remove", this::remove).setDisable(job.ends().size() < 2);
    }

    private MenuItem item(String text, String id, Runnable action) {
        MenuItem item = new MenuItem(text);
        if (!id.isEmpty()) {
            item.setId(id + "-" + name);
        }
        item.setOnAction(_ -> action.run());
        getItems().add(item);
        return item;
    }

    private void edit(UnaryOperator<End> edit) {
        session.edit(job -> job.withEnd(name, edit));
    }

    /** Takes a named pinout; where one is there already, it becomes a source beside it. */
    private void named(NamedPinout pinout) {
        edit(e -> {
            boolean empty = e.pinout().stream().allMatch(r -> r.label().isEmpty());
            End filled = empty
                    ? e.withPinout(pinout.rows().stream()
                            .map(r -> r.withSources(List.of(PinSource.of(pinout.title(),
                                    r.name().or(r::signal).orElse(""), r.signal()))))
                            .toList())
                    : Sources.add(e, pinout.title(), pinout.rows());
            return empty && e.role().isEmpty() ? filled.withRole(pinout.role()) : filled;
        });
        if (session.job().end(name).filter(e -> e.pinout().stream().anyMatch(r -> !r.label().isEmpty()))
                .isPresent()) {
            javafx.application.Platform.runLater(this::compare);
        }
    }

    void paste(String text, String source) {
        End end = session.job().end(name).orElseThrow();
        PastePanel panel = new PastePanel(end, Catalogue.of(session.job()).of(end), text, source, edit -> {
            overlay.down();
            edit(edit);
        });
        overlay.up(panel);
        panel.begin();
    }

    void compare() {
        overlay.up(new ComparePanel(session, name));
    }

    void detective() {
        overlay.up(new DetectivePanel(session, name, overlay::down));
    }

    private void keep(String family) {
        NameForm form = new NameForm(t("pinout.keep.title"), t("pinout.keep.hint"),
                title -> Keeping.pinout(session, session.job().end(name).orElseThrow(), family, title),
                overlay::down);
        overlay.up(form);
        form.begin();
    }

    private void remove() {
        if (session.job().ends().size() == 1) {
            session.notices().say(t("ends.last"));
            return;
        }
        if (isUsed(session.job())) {
            session.notices().say(t("ends.in-use", name));
            return;
        }
        session.edit(job -> isUsed(job) || job.ends().size() == 1
                ? job
                : job.withEnds(job.ends().stream().filter(e -> !e.name().equals(name)).toList()));
    }

    private boolean isUsed(Job job) {
        return job.mentioned().stream().anyMatch(x -> x.end().equals(name));
    }

    private void readCsv() {
        TableFile.toRead(getScene().getWindow()).ifPresent(this::readCsv);
    }

    /** Opens the preview with the text of a file. */
    void readCsv(Path file) {
        try {
            paste(Document.textOf(file), file.getFileName().toString());
        } catch (BadFile e) {
            session.notices().warn(t("notice.kept", e.getMessage()));
        }
    }

    private void writeCsv() {
        TableFile.toWrite(getScene().getWindow(), "pinout-" + name + ".csv").ifPresent(this::writeCsv);
    }

    void writeCsv(Path file) {
        List<PinRow> rows = session.job().end(name).orElseThrow().pinout();
        try {
            AtomicFile.write(file, PinoutCsv.text(rows).getBytes(StandardCharsets.UTF_8));
            session.notices().say(t("pinout.written", file, Files.size(file)));
        } catch (IOException e) {
            session.notices().warn(t("own.error.disk", e.getMessage()));
        }
    }
}
