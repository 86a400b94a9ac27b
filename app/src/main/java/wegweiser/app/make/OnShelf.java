package wegweiser.app.make;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import wegweiser.core.make.Article;
import wegweiser.core.model.Job;
import wegweiser.core.shelf.Cover;
import wegweiser.core.shelf.Need;
import wegweiser.core.shelf.Shelf;
import wegweiser.files.io.BadFile;
import wegweiser.files.workshop.ShelfFile;

/**
 * What of a job's needs lies on the shelf.
 *
 * @param shelf empty where nobody keeps one
 * @param taken whether it was counted off for this cable already
 */
record OnShelf(Shelf shelf, List<Cover> covers, boolean taken) {
    private static final OnShelf NOTHING = new OnShelf(Shelf.EMPTY, List.of(), false);

    /** Reads the shelf, so not on the interface thread; where it cannot be read, the bench says why. */
    static OnShelf of(Path file, Job job, ShelfFile kept) {
        try {
            Shelf shelf = kept.read();
            return new OnShelf(shelf, shelf.covers(Need.of(job)), kept.isTaken(file, job));
        } catch (BadFile | IOException _) {
            return NOTHING;
        }
    }

    boolean isKept() {
        return !shelf.lines().isEmpty();
    }

    /** How an article is covered, where it is needed. */
    Optional<Cover> cover(Article article) {
        return covers.stream().filter(c -> c.need().article().equals(article)).findFirst();
    }

    /** How the cable is covered, where it is known how much of it is needed. */
    Optional<Cover> cable() {
        return covers.stream().filter(c -> c.need().article().isMeasured()).findFirst();
    }
}
