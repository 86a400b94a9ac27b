package wegweiser.files.workshop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;
import wegweiser.files.io.Digest;
import wegweiser.files.json.Document;

/**
 * Changes two files as if they were one. Both new contents are written into a third file first; from then on they count, and
 * whoever comes next writes what is still missing. Its first line is the mark of the first file as it was, its second how
 * many letters of what follows are the first file's. All of it by whoever has the turn at the first file.
 */
record ShelfJournal(Path journal, Path shelf, Path taken) {
    private static final String NONE = "none";

    /** Whether something was begun and not ended. */
    boolean isBegun() {
        return Files.exists(journal);
    }

    /** Writes both files; when this returns they are on the disk, and after a crash both are or neither is. */
    void write(String shelfText, String takenText) throws IOException, BadFile {
        finish();
        String both = mark() + "\n" + shelfText.length() + "\n" + shelfText + takenText;
        AtomicFile.write(journal, both.getBytes(StandardCharsets.UTF_8));
        finish();
    }

    /** Writes what was begun. A shelf that somebody else changed since stays as they left it. */
    void finish() throws IOException, BadFile {
        if (!isBegun()) {
            return;
        }
        String[] parts = Document.textOf(journal).split("\n", 3);
        if (parts.length == 3 && parts[1].matches("\\d{1,9}")
                && Integer.parseInt(parts[1]) <= parts[2].length()) {
            int length = Integer.parseInt(parts[1]);
            if (mark().equals(parts[0])) {
                AtomicFile.write(shelf, parts[2].substring(0, length).getBytes(StandardCharsets.UTF_8));
            }
            AtomicFile.write(taken, parts[2].substring(length).getBytes(StandardCharsets.UTF_8));
        }
        Files.deleteIfExists(journal);
    }

    private String mark() throws BadFile {
        return Files.exists(shelf) ? Digest.of(Document.textOf(shelf)) : NONE;
    }
}
