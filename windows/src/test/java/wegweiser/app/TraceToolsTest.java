package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;

/** Ways of entering many readings at once, through the interface. */
class TraceToolsTest extends WindowTest {
    private void trace() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a touch", this::isAsked);
    }

    @Test
    void aListOfReadingsIsTakenAndWhatIsNotUnderstoodIsTold() {
        trace();
        clickOn("#trace-list");
        await("the list is up", () -> lookup("#readings").tryQuery().isPresent());
        call(() -> {
            lookup("#readings-text").<TextArea>query().setText("A1 B2 beep\nA99 B1 beep\nA2 B5 silent");
            return null;
        });
        await("told", () -> shows("“A99” is not a terminal"));
        clickOn("#readings-take");
        await("taken", () -> session.job().readings().size() == 2);
        assertThat(job().readings().getLast().outcome()).isEqualTo(Outcome.SILENT);
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("undone", () -> session.job().readings().isEmpty());
    }

    private void filePath(Path file) {
        await("a path is asked for", () -> lookup("#file-path").tryQuery().isPresent());
        call(() -> {
            lookup("#file-path").<TextField>query().setText(file.toString());
            return null;
        });
        clickOn("OK");
        await("answered", () -> lookup("#file-path").tryQuery().isEmpty());
    }

    @Test
    void readingsGoOutToAFileAndComeBackFromIt() {
        Path file = folder.resolve("readings.csv");
        trace();
        edit(j -> j.withReadings(List.of(Reading.beep("A.1", "B.2"), Reading.silent("A.2", "B.2"))));
        List<Reading> before = job().readings();
        clickOn("#trace-list");
        await("the list is up", () -> lookup("#readings").tryQuery().isPresent());
        clickOn("#readings-save");
        filePath(file);
        await("written", () -> Files.exists(file) && shows("readings.csv"));
        edit(j -> j.withReadings(List.of()));
        clickOn("#readings-open");
        filePath(folder.resolve("nowhere.csv"));
        await("told", () -> shows("nowhere.csv"));
        clickOn("#readings-open");
        filePath(file);
        await("read", () -> shows("B.2"));
        clickOn("#readings-take");
        await("taken", () -> session.job().readings().size() == 2);
        assertThat(job().readings()).extracting(Reading::touch, Reading::outcome)
                .isEqualTo(before.stream()
                        .map(r -> org.assertj.core.groups.Tuple.tuple(r.touch(), r.outcome())).toList());
    }

    @Test
    void aWiringThatAReadingSpeaksAgainstIsNotGivenWithoutSayingSo() {
        Job straight = Job.of("Mast cable", List.of(End.of("A", "Mast", "dsub-9-socket", List.of()),
                End.of("B", "Dome", "dsub-9-plug", List.of())), List.of(), List.of());
        trace();
        edit(_ -> straight.withReadings(IntStream.rangeClosed(1, 9)
                .mapToObj(k -> Reading.beep("A." + k, "B." + k)).toList()));
        await("believed", () -> shows("straight, "));
        assertThat(call(() -> shows("otherwise"))).isFalse();
        edit(j -> j.withReadings(Stream.concat(j.readings().stream(),
                Stream.of(Reading.beep("A.1", "B.9"))).toList()));
        await("told", () -> shows("; reading 10 says otherwise"));
    }

    @Test
    void lampsThatWereSeenAreRead() {
        trace();
        clickOn("#trace-lamps");
        await("the tester is up", () -> lookup("#lamps").tryQuery().isPresent());
        clickOn("#lamps-seen").write("2 nonsense").type(KeyCode.ENTER);
        await("told", () -> shows("There is no lamp"));
        call(() -> {
            lookup("#lamps-seen").<TextField>query().setText("2 5");
            return null;
        });
        clickOn("#lamps-seen").type(KeyCode.ENTER);
        await("read", () -> session.job().readings().size() == 4);
    }

    @Test
    void everyCellSaysWhyItIsNotTheNextTouch() {
        trace();
        await("the first cell", () -> shows("A.1 and B.1: not known. Why not this one"));
        keys(KeyCode.RIGHT);
        await("the cell beside it", () -> shows("A.1 and B.2: not known."));
        keys(KeyCode.DOWN);
        await("the one below", () -> shows("A.2 and B.2: not known. Why not this one"));
        answer(KeyCode.N);
        await("the answer keys still answer", () -> session.job().readings().size() == 1);
    }

    @Test
    void whatIsNotProvedIsListedPairByPair() {
        edit(j -> j.withEnds(List.of(End.of("A", "Mast", "terminal-2", List.of()),
                End.of("B", "Dome", "terminal-2", List.of())))
                .withReadings(List.of(Reading.beep("A.1", "B.1"),
                        Reading.beep("A.2", "B.2"), Reading.silent("A.1", "A.2"),
                        Reading.silent("A.1", "B.2"), Reading.silent("A.2", "B.1"),
                        Reading.silent("B.1", "B.2"))));
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        clickOn("#goal").clickOn("identified");
        await("the end", () -> lookup("#proof-which").tryQuery().isPresent());
        clickOn("#proof-which");
        await("the list", () -> shows("Not proved: 6 of 6 pairs") && shows("6 pairs only heard"));
        assertThat(call(() -> shows("A.1\u2013A.2"))).isTrue();
        keys(KeyCode.ESCAPE);
        await("closed", () -> lookup("#proof-panel").tryQuery().isEmpty());
    }

    @Test
    void theFinderNamesTheJobAndWhatItPutsUpCanBeTypedInto() {
        keys(KeyCode.CONTROL, KeyCode.K);
        write("name this");
        keys(KeyCode.ENTER);
        await("a field", () -> lookup("#name-field").tryQuery().isPresent());
        write("focuser lead");
        keys(KeyCode.ENTER);
        await("named", () -> session.job().title().equals("focuser lead"));
    }
}
