package wegweiser.app.window;

import static org.assertj.core.api.Assertions.assertThat;
import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;
import wegweiser.app.WindowTest;
import wegweiser.app.actions.Action;
import wegweiser.app.controls.Overlay;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.Reading;

/** Everything that can be done stands in one list; keys, finder, help, caps and the README agree because of it. */
class ActionsTest extends WindowTest {
    private static final Path README = Path.of("../README.md");
    private static final String BEGIN = "<!-- keys -->\n";
    private static final String END = "<!-- end of keys -->";

    private List<Action> all() {
        return Stream.concat(window.everywhere().stream(),
                Arrays.stream(StageId.values()).flatMap(id -> window.actions(id).stream())).toList();
    }

    /** When a list is filled anew, what had the focus is in no window any more, and the scene alone gets the keys. */
    @Test
    void keysAreHeardWhileNothingHasTheFocus() {
        for (StageId stage : List.of(StageId.TRACE, StageId.ROUTE, StageId.MAKE)) {
            KeyCode digit = KeyCode.getKeyCode(String.valueOf(stage.ordinal()));
            call(() -> {
                for (EventType<KeyEvent> type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
                    Event.fireEvent(window.root().getScene(),
                            new KeyEvent(type, "", "", digit, false, true, false, false));
                }
                return null;
            });
            await(stage.shown(), () -> window.here() == stage);
        }
    }

    @Test
    void noTwoActionsOfOnePlaceHaveOneKey() {
        for (StageId id : StageId.values()) {
            List<Action> here = call(() -> new ArrayList<>(window.actions(id)));
            here.addAll(window.everywhere());
            for (Action one : here) {
                for (Action other : here) {
                    boolean inWiggle = one.id().startsWith("wiggle") || other.id().startsWith("wiggle");
                    boolean loose = one.id().equals("reacts") || one.id().equals("nothing")
                            || other.id().equals("reacts") || other.id().equals("nothing")
                            || one.id().startsWith("reaction") || other.id().startsWith("reaction");
                    if (one != other && !inWiggle && !loose && !one.id().equals(other.id())) {
                        List<KeyCombination> shared = new ArrayList<>(one.keys());
                        shared.retainAll(other.keys());
                        assertThat(shared).as("%s: %s and %s", id, one.id(), other.id()).isEmpty();
                    }
                }
            }
        }
    }

    @Test
    void theTableInTheReadmeIsTheListOfActions() throws IOException {
        String text = Files.readString(README);
        int from = text.indexOf(BEGIN) + BEGIN.length();
        int to = text.indexOf(END);
        String table = call(this::table);
        if (System.getenv("WRITE_README") != null) {
            Files.writeString(README, text.substring(0, from) + table + text.substring(to));
            return;
        }
        assertThat(text.substring(from, to)).isEqualTo(table);
    }

    private String table() {
        Map<String, Set<String>> places = new LinkedHashMap<>();
        window.everywhere().forEach(a -> line("everywhere", a, places));
        for (StageId id : StageId.values()) {
            window.actions(id).forEach(a -> line(t(id.key()), a, places));
        }
        StringBuilder table = new StringBuilder("| key | does | where |\n| --- | --- | --- |\n");
        places.forEach((line, where) -> table.append(line).append(String.join(", ", where)).append(" |\n"));
        return table.toString();
    }

    private static void line(String where, Action action, Map<String, Set<String>> places) {
        if (!action.shown().isEmpty()) {
            places.computeIfAbsent("| " + action.shown() + " | " + action.words().get() + " | ",
                    _ -> new LinkedHashSet<>()).add(where);
        }
    }

    @Test
    void capsOnButtonsAreTheKeysOfTheActions() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("asked", () -> lookup("#dock-beep").tryQuery().isPresent());
        List<String> caps = call(
                () -> lookup(".key-cap").<Label>queryAll().stream().map(Label::getText).toList());
        List<String> keys = call(() -> all().stream().map(Action::shown).toList());
        assertThat(caps).isNotEmpty().allSatisfy(cap -> assertThat(keys).anyMatch(k -> k.contains(cap)));
    }

    @Test
    void undoAndRedoNameWhatTheyTakeBackAndAreGreyWhereThereIsNothing() {
        assertThat(entry("Undo").enabled()).isFalse();
        edit(j -> j.withReading(Reading.beep("A.2", "B.5")));
        assertThat(entry("Undo").words()).isEqualTo("Undo: the reading of A.2 and B.5");
        assertThat(entry("Redo").enabled()).isFalse();
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("taken back", () -> job().readings().isEmpty());
        assertThat(entry("Redo").words()).isEqualTo("Redo: the reading of A.2 and B.5");
        assertThat(entry("Redo").enabled()).isTrue();
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        await("done again", () -> job().readings().size() == 1);
    }

    private Overlay.Entry entry(String begins) {
        return call(
                () -> Finder.entries(window).stream().filter(e -> e.words().startsWith(begins)).findFirst()
                        .orElseThrow());
    }

    @Test
    void theUsualShortcutsWork() {
        String before = job().title();
        keys(KeyCode.CONTROL, KeyCode.N);
        await("a new job", () -> !job().title().equals(before));
        keys(KeyCode.CONTROL, KeyCode.O);
        await("jobs", () -> lookup("#find-field").tryQuery().isPresent());
        write("mast");
        keys(KeyCode.ENTER);
        await("the old job", () -> job().title().equals(before));
        keys(KeyCode.CONTROL, KeyCode.COMMA);
        await("settings", () -> lookup("#settings").tryQuery().isPresent());
        clickOn("#settings-night");
        await("night", () -> window.choices().nightProperty().get());
        keys(KeyCode.ESCAPE);
        await("gone", () -> lookup("#settings").tryQuery().isEmpty());
        keys(KeyCode.CONTROL, KeyCode.L);
        await("the log", () -> lookup("#log-filter").tryQuery().isPresent());
        keys(KeyCode.CONTROL, KeyCode.F);
        await("typing filters", () -> lookup("#log-filter").query().isFocused());
        keys(KeyCode.CONTROL, KeyCode.K);
        await("all is found", () -> lookup("#finder .list-view").<ListView<?>>query().getItems().size() > 30);
    }

    @Test
    void everythingThatCanBeDoneIsSaidInWordsOnce() {
        List<Action> found = call(() -> window.everywhere().stream().filter(Action::isFound).toList());
        assertThat(found).extracting(a -> a.words().get()).doesNotHaveDuplicates()
                .allMatch(w -> !w.isBlank());
        assertThat(found).extracting(Action::id).contains("undo", "redo", "new", "open", "search", "settings",
                "quit");
    }
}
