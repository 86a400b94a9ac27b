package wegweiser.files.workshop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.SetAside;
import wegweiser.core.shelf.Cover;
import wegweiser.core.shelf.Need;
import wegweiser.core.shelf.Shelf;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.words.Words;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;
import wegweiser.files.io.FileTurn;
import wegweiser.files.json.Document;

/**
 * The shelf of a workshop, in {@code shelf.csv}, and beside it {@code shelf-taken.txt}, which says for which cables it has
 * been counted off already. Both change as one: what is about to be written stands in a {@link ShelfJournal} first, and
 * whoever comes next finishes what was begun. A shelf that cannot be read is never written over.
 *
 * @param library the person's own cables and connectors, which may lie there too
 */
public record ShelfFile(Workshop workshop, Library library) {
    /**
     * A change of the shelf, so that it can be taken back.
     *
     * @param mark of the cable that it was counted off for; empty for a change by hand
     */
    public record Change(Shelf before, Shelf after, String mark, List<Cover> covers) {
        public Change {
            covers = List.copyOf(covers);
        }

        public boolean isNone() {
            return before.equals(after);
        }
    }

    private Path file() {
        return workshop.folder().resolve("shelf.csv");
    }

    private Path taken() {
        return workshop.folder().resolve("shelf-taken.txt");
    }

    /**
     * What lies on the shelf. Where nothing was ever put on it, those are the pieces of cable that the library gives a length.
     *
     * @throws BadFile with a plain sentence when the file makes no sense
     */
    public Shelf read() throws BadFile, IOException {
        finish();
        return asItIs();
    }

    /** Brings to its end what a program that was killed had begun. */
    private void finish() throws BadFile, IOException {
        if (journal().isBegun()) {
            FileTurn.<Path, BadFile>take(file(), () -> {
                journal().finish();
                return file();
            });
        }
    }

    private ShelfJournal journal() {
        return new ShelfJournal(workshop.folder().resolve("shelf-journal.txt"), file(), taken());
    }

    private Shelf asItIs() throws BadFile, IOException {
        if (Files.exists(file())) {
            return ShelfCsv.parse(Document.textOf(file()), file().getFileName().toString(), library);
        }
        List<ShelfLine> pieces = new ArrayList<>();
        for (CableStock cable : library.cables()) {
            cable.lengthMm().ifPresent(
                    mm -> pieces.add(ShelfLine.of(new Article(Article.Kind.CABLE, cable.id()), cable.title(),
                            mm / 1000)));
        }
        return new Shelf(pieces);
    }

    /** Changes what lies there, as it is when the change's turn has come. */
    public Change change(UnaryOperator<Shelf> edit) throws BadFile, IOException {
        return FileTurn.<Change, BadFile>take(file(), () -> {
            Shelf before = read();
            Shelf after = edit.apply(before);
            if (!after.equals(before)) {
                write(after);
            }
            return new Change(before, after, "", List.of());
        });
    }

    private void write(Shelf shelf) throws IOException {
        AtomicFile.write(file(), ShelfCsv.text(shelf).getBytes(StandardCharsets.UTF_8));
    }

    /** Whether the shelf was counted off for the cable that the job in a file is about now. */
    public boolean isTaken(Path file, Job job) throws BadFile, IOException {
        finish();
        return marks().contains(mark(file, job));
    }

    private List<String> marks() throws IOException {
        return Files.exists(taken()) ? Files.readAllLines(taken(), StandardCharsets.UTF_8) : List.of();
    }

    /**
     * A job and which of its units: one for each that was set aside for the next one. A job is known by its file, whose name
     * stays when the title changes and is not given to another.
     */
    private static String mark(Path file, Job job) {
        long unit = 1 + job.setAside().stream().map(SetAside::why)
                .filter(why -> why.equals(SetAside.OTHER_UNIT) || why.equals(SetAside.BEFORE_BUILDING))
                .count();
        return unit + " " + file.toAbsolutePath().normalize();
    }

    /** Counts off what the job in a file takes, as far as it is there, and once only for each cable that is made of it. */
    public Change take(Path jobFile, Job job) throws BadFile, IOException {
        return FileTurn.<Change, BadFile>take(file(), () -> {
            Shelf before = read();
            String mark = mark(jobFile, job);
            List<String> marks = new ArrayList<>(marks());
            if (before.lines().isEmpty() || marks.contains(mark)) {
                return new Change(before, before, mark, List.of());
            }
            List<Cover> covers = before.covers(Need.of(job));
            Shelf after = before.without(covers);
            marks.add(mark);
            journal().write(ShelfCsv.text(after), text(marks));
            return new Change(before, after, mark, covers);
        });
    }

    /**
     * Takes a change back: what was counted off is put where it was, and what others did meanwhile stays.
     *
     * @throws IOException too when the change was one by hand and the shelf is not as it left it
     */
    public void putBack(Change change) throws BadFile, IOException {
        FileTurn.<Path, BadFile>take(file(), () -> {
            Shelf now = read();
            if (change.mark().isEmpty() && !now.equals(change.after())) {
                throw new IOException(Words.say("shelf.changed"));
            }
            List<String> marks = new ArrayList<>(marks());
            marks.remove(change.mark());
            Shelf back = now.equals(change.after()) ? change.before() : returned(now, change);
            journal().write(ShelfCsv.text(back), text(marks));
            return file();
        });
    }

    /** What was taken, put back as lines of their own where somebody changed the shelf since. */
    private static Shelf returned(Shelf now, Change change) {
        Shelf all = now;
        for (Cover cover : change.covers()) {
            for (int k = 0; k < cover.lines().size(); k++) {
                ShelfLine line = change.before().lines().get(cover.lines().get(k));
                all = all.with(line.withAmount(cover.amounts().get(k)).withLow(OptionalDouble.empty()));
            }
        }
        return all;
    }

    private static String text(List<String> marks) {
        return String.join("\n", marks) + "\n";
    }
}
