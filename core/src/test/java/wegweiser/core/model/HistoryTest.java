package wegweiser.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;

class HistoryTest {
    @Test
    void undoAndRedoGoThroughEveryEdit() {
        History<Integer> history = History.of(0);
        for (int k = 1; k <= 5; k++) {
            int value = k;
            history = history.edit(_ -> value);
        }
        for (int k = 4; k >= 0; k--) {
            history = history.undo().orElseThrow();
            assertThat(history.present()).isEqualTo(k);
        }
        assertThat(history.undo()).isEmpty();
        for (int k = 1; k <= 5; k++) {
            history = history.redo().orElseThrow();
            assertThat(history.present()).isEqualTo(k);
        }
        assertThat(history.redo()).isEmpty();
    }

    @Test
    void anEditAfterUndoForgetsTheFutureAndAnEmptyEditLeavesNoTrace() {
        History<String> history = History.of("a").edit(s -> s + "b").undo().orElseThrow().edit(s -> s + "c");
        assertThat(history.present()).isEqualTo("ac");
        assertThat(history.redo()).isEmpty();
        assertThat(history.edit(s -> s)).isSameAs(history);
    }

    @Test
    void contactsAreOrderedAsPeopleReadThem() {
        assertThat(
                List.of("10", "shell", "9", "A5", "A12", "1").stream().sorted(ContactOrder.PRINTED).toList())
                .containsExactly("1", "9", "10", "A5", "A12", "shell");
    }

    @Test
    void readingsSetAsideAreKept() {
        Job job = Samples.readings(Samples.job("dsub-9-socket", "dsub-9-socket", ""), "A.1 B.1 beep");
        Job aside = job.withReadingsSetAside("another cable");
        assertThat(aside.readings()).isEmpty();
        assertThat(aside.setAside()).singleElement()
                .satisfies(s -> assertThat(s.readings()).isEqualTo(job.readings()));
        assertThat(aside.withReadingsSetAside("again")).isSameAs(aside);
    }

    @Test
    void aTerminalIsReadFromItsFirstDot() {
        assertThat(Terminal.parse("A.shell")).isEqualTo(new Terminal("A", "shell"));
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> Terminal.parse("A2"))
                .hasMessageContaining("A2");
    }
}
