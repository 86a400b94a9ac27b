package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
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
import wegweiser.core.trace.LadderPlug;
import wegweiser.core.trace.LadderTrace;

/** Ways of entering many readings at once, through the interface. */
class TraceToolsTest extends WindowTest {
    private void trace() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a touch", () -> shows("Next touch"));
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
    void theLadderPlugNamesTheContactThatAReadingMeans() {
        trace();
        clickOn("#trace-ladder");
        await("the plug is up", () -> lookup("#ladder-value").tryQuery().isPresent());
        clickOn("#ladder-write");
        await("the list is written", () -> Files.exists(
                session.workshop().folder().resolve("sheets").resolve("ladder-modular-8p8c-plug.txt")));
        clickOn("#ladder-value").write("OL").type(KeyCode.ENTER);
        await("open", () -> session.job().readings().size() == 1);
        assertThat(job().readings().getFirst().black()).hasSize(8);
        assertThat(job().readings().getFirst().extra().members()).containsEntry(Reading.LADDER, "open");
        clickOn("#ladder-value").write("rubbish").type(KeyCode.ENTER);
        await("told", () -> shows("is not a value"));
        assertThat(job().readings()).hasSize(1);
    }

    @Test
    void whatAPartCouldFeignIsNotWrittenDownAsJoined() {
        trace();
        LadderPlug plug = LadderTrace.plug(job(), job().ends().get(1), 1).orElseThrow();
        clickOn("#trace-ladder");
        await("the plug is up", () -> lookup("#ladder-value").tryQuery().isPresent());
        double both = 1 / (1 / plug.values().get(1) + 1 / plug.values().get(4));
        clickOn("#ladder-value").write(String.format(Locale.ROOT, "%.1f", both)).type(KeyCode.ENTER);
        await("two contacts", () -> shows("A.1 seems to be joined to two contacts: B.2 + B.5."));
        assertThat(job().readings().getFirst().black()).hasSize(2);
        assertThat(job().readings()).noneMatch(r -> r.touch().isSingle());
        for (int k = 0; k < 2; k++) {
            clickOn("#ladder-value").write(String.format(Locale.ROOT, "%.1f", plug.values().get(2)))
                    .type(KeyCode.ENTER);
        }
        await("told", () -> shows("A.3 reads like B.3, and so did A.2."));
        assertThat(job().readings()).filteredOn(r -> r.touch().isSingle())
                .containsExactly(Reading.beep("A.2", "B.3").withExtra(job().readings().get(2).extra()));
    }

    @Test
    void aLadderPlugForNoContactsIsNotOffered() {
        trace();
        edit(_ -> Job.of("Mast cable", List.of(End.of("A", "Mast", "dsub-9-socket", List.of()),
                End.of("B", "Panel", End.LEADS, List.of())), List.of(), List.of()));
        clickOn("#trace-ladder");
        await("told", () -> shows("End B has no contacts yet"));
        clickOn("#ladder-close");
        await("closed", () -> lookup("#ladder").tryQuery().isEmpty());
    }

    @Test
    void aReadingThatOnlyShortsExplainSaysSo() {
        Job wide = Job.of("Dome cable", List.of(End.of("A", "Mast", "dsub-9-socket", List.of()),
                End.of("B", "Dome", "dsub-25-plug", List.of())), List.of(), List.of());
        call(() -> {
            session.edit(_ -> wide);
            return null;
        });
        trace();
        clickOn("#trace-ladder");
        await("the plug is up", () -> lookup("#ladder-value").tryQuery().isPresent());
        LadderPlug plug = LadderTrace.plug(wide, wide.ends().get(1), 1).orElseThrow();
        double ohms = IntStream.range(0, 25 * 26)
                .mapToDouble(k -> 1 / (1 / plug.values().get(k % 26) + 1 / plug.values().get(k / 26)))
                .filter(v -> plug.decode(v).size() > 1 && LadderTrace.isShort(plug.decode(v)))
                .findFirst().orElseThrow();
        clickOn("#ladder-value").write(String.format(Locale.ROOT, "%.1f", ohms)).type(KeyCode.ENTER);
        await("told", () -> shows("A.1 seems to be joined to two contacts: B."));
        assertThat(job().readings()).isNotEmpty();
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
        keys(KeyCode.N);
        await("the answer keys still answer", () -> session.job().readings().size() == 1);
    }
}
