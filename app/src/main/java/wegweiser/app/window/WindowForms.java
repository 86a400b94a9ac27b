package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.io.File;
import java.util.List;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import wegweiser.app.controls.NameForm;
import wegweiser.app.controls.Overlay;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Keeping;
import wegweiser.app.stage.Session;
import wegweiser.core.batch.LabelNumbers;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.Job;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Wiring;

/** What a window asks before it does something: a name, a folder, a place for a copy. */
final class WindowForms {
    private final MainWindow window;
    private final Session session;
    private final Overlay overlay;

    WindowForms(MainWindow window, Session session, Overlay overlay) {
        this.window = window;
        this.session = session;
        this.overlay = overlay;
    }

    /** Puts up what a person can choose. */
    void settings() {
        overlay.up(
                new SettingsPanel(window.choices(), session.workshop().folder().toAbsolutePath().toString(),
                        this::chooseWorkshop,
                        overlay::down));
    }

    private void chooseWorkshop() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(t("settings.other-folder"));
        File chosen = chooser.showDialog(window.root().getScene().getWindow());
        if (chosen != null) {
            overlay.down();
            window.outside().workshop(chosen.toPath());
        }
    }

    /** Shows the sheet as it will be on paper. */
    void print() {
        PrintPanel panel = new PrintPanel(session.job(), window.choices().testing(),
                session.notices()::say, window::sheet, overlay::down);
        overlay.up(panel);
        panel.begin();
    }

    /** Asks for which units labels are written. */
    void labels() {
        Job job = session.job();
        NameForm form = new NameForm(t("labels.title"), t("labels.hint"), typed -> {
            try {
                List<String> numbers = LabelNumbers.parse(typed);
                Background.errand(() -> Jobs.writeLabels(job, numbers, Jobs.sheetFile(session)),
                        session.notices()::show);
                return Optional.empty();
            } catch (IllegalArgumentException e) {
                return Optional.of(e.getMessage());
            }
        }, overlay::down);
        Background.errand(() -> session.recorded(job), label -> {
            overlay.up(form);
            form.begin(label.orElse(""));
        });
    }

    /** Asks for another name of the job. */
    void rename() {
        NameForm form = new NameForm(t("rename.title"), t("rename.hint"), name -> {
            session.edit(j -> j.withTitle(name));
            return Optional.empty();
        }, overlay::down);
        overlay.up(form);
        form.begin(session.job().title());
    }

    /** Keeps a copy of the open job wherever a person wants it; it has with it all that it needs to be read. */
    void export() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(t("do.export"));
        chooser.setInitialFileName(window.file().getFileName().toString());
        File chosen = chooser.showSaveDialog(window.root().getScene().getWindow());
        if (chosen != null) {
            window.exportTo(chosen.toPath());
        }
    }

    /** Asks for a name and keeps the open job to start others from. */
    void keepUsual() {
        NameForm form = new NameForm(t("keep.usual.title"), t("keep.usual.hint"), name -> {
            Job job = session.job();
            Background.errand(() -> Jobs.keepUsual(session.workshop(), job, name),
                    session.notices()::show);
            return Optional.empty();
        }, overlay::down);
        overlay.up(form);
        form.begin(session.job().title());
    }

    /** Asks for a name and keeps the planned wiring of the first two ends in the workshop's library. */
    void keepWiring() {
        Job job = session.job();
        List<String> families = job.ends().stream().limit(2)
                .map(e -> Catalogue.of(job).of(e).map(ConnectorType::family).orElse("")).toList();
        Wiring wiring = Wiring.between(Nets.planned(job), job.ends().get(0).name(), job.ends().get(1).name());
        NameForm form = new NameForm(t("keep.wiring.title"), t("keep.wiring.hint"),
                title -> families.contains("")
                        ? Optional.of(t("keep.no-connectors"))
                        : Keeping.wiring(session, families.get(0), families.get(1), wiring, title),
                overlay::down);
        overlay.up(form);
        form.begin();
    }
}
