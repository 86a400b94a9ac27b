package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.io.File;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.TextInputDialog;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/**
 * Asks for a file with a table in it, with the platform's own window for files; where the platform has none, by its path,
 * typed.
 */
public final class TableFile {
    private TableFile() {}

    /** A file to read, or empty when none was chosen. */
    public static Optional<Path> toRead(Window owner) {
        return asked(owner, "", c -> c.showOpenDialog(owner));
    }

    /** A file to write, or empty when none was chosen. */
    public static Optional<Path> toWrite(Window owner, String name) {
        return asked(owner, name, c -> c.showSaveDialog(owner));
    }

    private static Optional<Path> asked(Window owner, String name, Function<FileChooser, File> ask) {
        FileChooser chooser = new FileChooser();
        chooser.setInitialFileName(name);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("CSV", "*.csv", "*.tsv", "*.txt"));
        try {
            return Optional.ofNullable(ask.apply(chooser)).map(File::toPath);
        } catch (UnsupportedOperationException _) {
            // a platform without windows for files, such as one without a display
            return typed(owner, name);
        }
    }

    private static Optional<Path> typed(Window owner, String name) {
        TextInputDialog dialog = new TextInputDialog(name);
        dialog.initOwner(owner);
        dialog.setTitle(t("file.title"));
        dialog.setGraphic(null);
        dialog.setHeaderText(t("file.path"));
        dialog.getEditor().setId("file-path");
        dialog.getEditor().setPrefColumnCount(40);
        // the look of the window it belongs to, by day and by night
        dialog.getDialogPane().getStylesheets().addAll(owner.getScene().getStylesheets());
        dialog.getDialogPane().getStyleClass().addAll(owner.getScene().getRoot().getStyleClass());
        while (true) {
            Optional<String> path = dialog.showAndWait().map(String::strip).filter(p -> !p.isEmpty());
            try {
                return path.map(Path::of);
            } catch (InvalidPathException e) {
                // asked again, with what was typed still there
                dialog.setHeaderText(t("file.no-path", path.orElse(""), e.getReason()));
            }
        }
    }
}
