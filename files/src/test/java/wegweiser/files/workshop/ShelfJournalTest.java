package wegweiser.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wegweiser.files.io.Digest;

class ShelfJournalTest {
    @TempDir
    private Path folder;
    private Path shelf;
    private Path taken;
    private Path journal;
    private ShelfJournal kept;

    @BeforeEach
    void files() {
        shelf = folder.resolve("shelf.csv");
        taken = folder.resolve("shelf-taken.txt");
        journal = folder.resolve("journal");
        kept = new ShelfJournal(journal, shelf, taken);
    }

    /** A change that was begun by a program that did not live to end it. */
    private void begun(String before, String after, String marks) throws Exception {
        Files.writeString(journal, Digest.of(before) + "\n" + after.length() + "\n" + after + marks);
    }

    @Test
    void bothFilesChange() throws Exception {
        kept.write("one\ntwo\n", "1 a\n");
        assertThat(shelf).hasContent("one\ntwo\n");
        assertThat(taken).hasContent("1 a\n");
        assertThat(journal).doesNotExist();
    }

    @Test
    void whatWasBegunIsEndedWhereverItStopped() throws Exception {
        for (String there : new String[]{"before\n", "after\n"}) {
            Files.writeString(shelf, there);
            Files.writeString(taken, "");
            begun("before\n", "after\n", "1 a\n");
            kept.finish();
            assertThat(shelf).hasContent("after\n");
            assertThat(taken).hasContent("1 a\n");
            assertThat(kept.isBegun()).isFalse();
        }
    }

    @Test
    void aShelfThatSomebodyWroteMeanwhileIsTheirs() throws Exception {
        Files.writeString(shelf, "by hand\n");
        begun("before\n", "after\n", "1 a\n");
        kept.finish();
        assertThat(shelf).hasContent("by hand\n");
        assertThat(taken).hasContent("1 a\n");
    }

    @Test
    void whatIsNoJournalIsPutAside() throws Exception {
        Files.writeString(shelf, "as it is\n");
        Files.writeString(journal, "nonsense");
        kept.finish();
        assertThat(shelf).hasContent("as it is\n");
        assertThat(taken).doesNotExist();
        assertThat(journal).doesNotExist();
    }
}
