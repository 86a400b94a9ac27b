package wegweiser.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;

/** Jobs that are renamed, copied, put away and removed, and found again. */
class JobFolderTest {
    @TempDir
    Path home;
    private Workshop workshop;
    private JobFolder folder;
    private JobIndex index;

    @BeforeEach
    void open() {
        workshop = new Workshop(home);
        folder = new JobFolder(workshop);
        index = new JobIndex(workshop);
    }

    private static Job job(String title) {
        return Job.of(title,
                List.of(End.of("A", "Dome drive", "dsub-9-socket", List.of(PinRow.named("3"))),
                        End.of("B", "Mast logger", "modular-8p8c-plug", List.of())),
                List.of(), List.of(Reading.beep("A.3", "B.6")));
    }

    private List<String> titles() throws IOException {
        return index.files().stream().map(index::read).map(BenchJob::title).toList();
    }

    private static void touched(Path file, int second) throws IOException {
        Files.setLastModifiedTime(file, FileTime.from(Instant.ofEpochSecond(1_000_000 + second)));
    }

    @Test
    void theOneThatWasWrittenLastComesFirst() throws IOException {
        touched(folder.add(job("first")), 1);
        touched(folder.add(job("third")), 3);
        touched(folder.add(job("second")), 2);
        assertThat(titles()).containsExactly("third", "second", "first");
    }

    @Test
    void theNumberOfACableIsNotOnACopyNorOnWhatStartsFromIt() throws Exception {
        Job redone = job("redone").withCable(CableUse.of("control-4", 1500).withCutOff(CutOff.of("A", 30))
                .withLabel(Optional.of("W-0007")));
        Path file = folder.add(redone);
        assertThat(JobFile.read(file).cable()).as("where it is meant").isEqualTo(redone.cable());
        for (Path other : List.of(folder.duplicate(file, "copy"),
                new OwnUsual(workshop).keep(redone, "to start from"))) {
            CableUse cable = JobFile.read(other).cable();
            assertThat(cable).isEqualTo(CableUse.of("control-4", 1470));
        }
    }

    @Test
    void aChangedFileIsReadAgainAndAnUnchangedOneIsNot() throws IOException {
        Path file = folder.add(job("before"));
        BenchJob read = index.read(file);
        assertThat(index.read(file)).isSameAs(read);
        assertThat(index.glance(file)).isSameAs(read);
        JobFile.write(file, job("afterwards"));
        assertThat(index.read(file).title()).isEqualTo("afterwards");
    }

    @Test
    void aFileThatIsNoJobIsListedWithTheReason() throws IOException {
        Path file = workshop.jobs().resolve("spoilt" + JobFile.ENDING);
        Files.createDirectories(workshop.jobs());
        Files.writeString(file, "{ \"format\": ");
        BenchJob read = index.read(file);
        assertThat(read.job()).isEmpty();
        assertThat(read.title()).isEqualTo("spoilt");
        assertThat(read.trouble()).contains("spoilt").endsWith(".");
    }

    @Test
    void everyWordHasToStandSomewhereInTheJob() throws IOException {
        BenchJob read = index.read(folder.add(job("Dome cable")));
        for (String typed : List.of("dome", "DRIVE logger", "8p8c", "d-sub 9", "a.3", "mast cable", "")) {
            assertThat(read.matches(typed)).as(typed).isTrue();
        }
        for (String typed : List.of("focuser", "dome focuser", "a.4")) {
            assertThat(read.matches(typed)).as(typed).isFalse();
        }
    }

    @Test
    void aNameIsGivenInTheSameFile() throws IOException, BadFile {
        Path file = folder.add(job("old"));
        assertThat(folder.rename(file, "new name")).isEqualTo("old");
        assertThat(JobFile.read(file)).isEqualTo(job("new name"));
    }

    @Test
    void aCopyIsTheSameButForItsName() throws IOException, BadFile {
        Path file = folder.add(job("one"));
        Path copy = folder.duplicate(file, "one (copy)");
        assertThat(copy).isNotEqualTo(file);
        assertThat(JobFile.read(copy)).isEqualTo(job("one (copy)"));
        assertThat(folder.duplicate(file, "one (copy)")).isNotEqualTo(copy);
    }

    @Test
    void whatIsRemovedCanBePutBack() throws IOException, BadFile {
        Path file = folder.add(job("one"));
        Path removed = folder.remove(file);
        assertThat(index.files()).isEmpty();
        assertThat(removed).exists();
        assertThat(folder.putBack(removed, file)).isEqualTo(file);
        assertThat(JobFile.read(file)).isEqualTo(job("one"));
    }

    @Test
    void neitherIsLostWhereThePlaceWasTakenMeanwhile() throws IOException, BadFile {
        Path file = folder.add(job("one"));
        Path removed = folder.remove(file);
        JobFile.write(file, job("written by somebody who had it open"));
        Path back = folder.putBack(removed, file);
        assertThat(back).isNotEqualTo(file);
        assertThat(JobFile.read(back)).isEqualTo(job("one"));
        assertThat(JobFile.read(file).title()).startsWith("written by");
        Path again = folder.remove(file);
        assertThat(folder.remove(folder.add(job("one")))).isNotEqualTo(again);
    }

    @Test
    void whatIsPutAwayStaysWhereItIs() throws IOException {
        Path file = folder.add(job("one"));
        Path other = folder.add(job("two"));
        folder.putAway(file, true);
        assertThat(folder.away()).containsExactly(file.getFileName().toString());
        assertThat(index.files()).contains(file, other);
        folder.putAway(file, false);
        assertThat(folder.away()).isEmpty();
    }

    @Test
    void ownCablesToStartFromHaveNoReadings() throws IOException {
        OwnUsual own = new OwnUsual(workshop);
        assertThat(own.all()).isEmpty();
        own.keep(job("any").withDone(List.of("x")), "My usual one");
        own.keep(job("any"), "Another");
        Files.writeString(home.resolve("usual").resolve("spoilt" + JobFile.ENDING), "nothing");
        assertThat(own.all()).extracting(k -> k.job().title()).containsExactly("Another", "My usual one");
        assertThat(own.all()).allMatch(k -> k.job().readings().isEmpty() && k.job().done().isEmpty());
    }
}
