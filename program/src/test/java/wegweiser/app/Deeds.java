package wegweiser.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import wegweiser.core.advice.Fixture;
import wegweiser.core.library.Library;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.prove.Testing;
import wegweiser.files.io.FileTurn;
import wegweiser.files.job.JobFile;
import wegweiser.files.log.Logbook;
import wegweiser.files.workshop.JobFolder;
import wegweiser.files.workshop.OwnUsual;
import wegweiser.files.workshop.ShelfFile;
import wegweiser.files.workshop.Workshop;

/** A program that does things in a workshop without end and says each when it is done, for tests that kill it. */
final class Deeds {
    private final Workshop workshop;
    private final Path job;
    private final String name;

    private Deeds(Workshop workshop, Path job, String name) {
        this.workshop = workshop;
        this.job = job;
        this.name = name;
    }

    public static void main(String[] args) throws Exception {
        Deeds deeds = new Deeds(new Workshop(Path.of(args[1])), Path.of(args[2]), args[3]);
        for (int k = 0;; k++) {
            try {
                System.out.println(args[0].equals("make") ? deeds.made(k) : deeds.counted(k));
                System.out.flush();
            } catch (FileTurn.Held _) {
                // on a slow disk the other one may write for more than three seconds; a person would try again too
                continue;
            }
        }
    }

    /** Makes one more file, a duplicate, a kept cable, an entry of the library or a page of the logbook. */
    private String made(int k) throws Exception {
        String mark = name + " " + k;
        return switch (k % 4) {
            case 0 -> "job " + new JobFolder(workshop).duplicate(job, "twin").getFileName() + "|twin";
            case 1 ->
                "usual " + new OwnUsual(workshop).keep(JobFile.read(job), "kept").getFileName() + "|kept";
            case 2 -> "library " + workshop.library().add(entry(mark), "own").getFileName() + "|" + mark;
            default -> {
                try (Logbook log = Logbook.open(workshop.logbook())) {
                    yield "log " + log.add(JobFile.read(job).withTitle(mark), Testing.with(Fixture.COMB),
                            "2026-03-01T20:15:00Z").label() + "|" + mark;
                }
            }
        };
    }

    private static Library entry(String mark) {
        return new Library(
                List.of(new OwnConnector(mark.replace(' ', '-'), mark, List.of(List.of("1", "2")), 2.5,
                        false, Map.of())),
                List.of(), List.of(), List.of());
    }

    /** Counts the shelf off for one more job, and now and then puts it back. */
    private String counted(int k) throws Exception {
        ShelfFile shelf = workshop.shelf(Library.NONE);
        ShelfFile.Change change = shelf.take(Path.of("jobs", name + "-" + k), JobFile.read(job));
        if (k % 3 == 2) {
            shelf.putBack(change);
        }
        return "counted " + k;
    }
}
