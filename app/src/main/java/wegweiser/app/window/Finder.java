package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.stage.FileChooser;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Overlay.Entry;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.files.job.JobFile;
import wegweiser.files.log.Logbook;

/** What the finder lists: what can be done, ends and contacts of the job, other jobs. */
final class Finder {
    private Finder() {}

    static List<Entry> entries(MainWindow window) {
        List<Entry> entries = new ArrayList<>(Overlay.entries(window.everywhere()));
        entries.addAll(Overlay.entries(window.actions(window.here())));
        Job job = window.session().job();
        for (End end : job.ends()) {
            String name = end.name();
            entries.add(new Entry(t("find.connector", name), () -> window.ends().gallery(name, "")));
            entries.add(new Entry(t("find.paste", name), () -> window.ends().paste(name, "", "")));
            entries.add(new Entry(t("find.detective", name), () -> window.ends().detective(name)));
            entries.add(new Entry(t("find.compare", name), () -> window.ends().compare(name)));
        }
        for (End end : job.ends()) {
            for (PinRow row : end.pinout()) {
                entries.add(
                        new Entry(t("find.contact", end.terminal(row.contact()), row.label(), end.device()),
                                () -> window.contact(end.name(), row.contact())));
            }
        }
        entries.addAll(jobs(window));
        return entries;
    }

    /** The units of the log, by the numbers on their labels; reads the log, so not on the interface thread. */
    static List<Entry> units(MainWindow window) {
        Path logbook = window.session().workshop().logbook();
        if (!Files.exists(logbook)) {
            return List.of();
        }
        try (Logbook log = Logbook.look(logbook)) {
            return log.all().stream().map(u -> new Entry(t("find.unit", u.label(), u.job()),
                    () -> window.unit(u.label()))).toList();
        } catch (IOException _) {
            // the log itself says what is wrong with it
            return List.of();
        }
    }

    /** The jobs of the workshop, and any other file. */
    static List<Entry> jobs(MainWindow window) {
        List<Entry> entries = new ArrayList<>();
        for (Path file : Jobs.all(window.session())) {
            entries.add(new Entry(t("find.job", file.getFileName().toString().replace(JobFile.ENDING, "")),
                    () -> window.open(file)));
        }
        entries.add(new Entry(t("find.file"), () -> chosen(window).ifPresent(window::open)));
        return entries;
    }

    private static Optional<Path> chosen(MainWindow window) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(t("find.file"));
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(t("find.file.kind"), "*" + JobFile.ENDING));
        return Optional.ofNullable(chooser.showOpenDialog(window.root().getScene().getWindow()))
                .map(File::toPath);
    }
}
