package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import wegweiser.app.stage.Notices.Notice;
import wegweiser.core.model.Job;
import wegweiser.files.io.BadFile;
import wegweiser.files.workshop.ShelfFile;

/**
 * Counts off the shelf what a cable takes, and puts it back.
 *
 * @param changed run on the interface thread when something was put back
 */
public record CountingOff(Session session, Runnable changed) {
    /**
     * Counts off, and says what; touches the disk, so not on the interface thread.
     *
     * @param file of the job
     * @param before what is to be said before it; may be empty
     * @param nothing what is said where nothing was there to be taken; may be empty
     */
    public Notice off(Path file, Job job, String before, String nothing) {
        try {
            ShelfFile.Change change = session.shelf().take(file, job);
            String taken = ShelfWords.taken(change, session.library());
            return taken.isEmpty()
                    ? Notice.of((before + " " + nothing).strip())
                    : new Notice((before + " " + taken).strip(), false,
                            Optional.of(new Notices.Way(t("shelf.put-back"), () -> putBack(change))));
        } catch (BadFile e) {
            return Notice.warning((before + " " + t("shelf.not-taken", e.getMessage())).strip());
        } catch (IOException e) {
            return Notice.warning((before + " " + t("shelf.not-taken", Session.reason(e))).strip());
        }
    }

    private void putBack(ShelfFile.Change change) {
        Background.errand(() -> {
            try {
                session.shelf().putBack(change);
                return Notice.of(t("shelf.is-back"));
            } catch (BadFile e) {
                return Notice.warning(t("shelf.not-taken", e.getMessage()));
            } catch (IOException e) {
                return Notice.warning(t("shelf.not-taken", Session.reason(e)));
            }
        }, notice -> {
            session.notices().show(notice);
            changed.run();
        });
    }
}
