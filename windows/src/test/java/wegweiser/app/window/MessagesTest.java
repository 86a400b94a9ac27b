package wegweiser.app.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import org.junit.jupiter.api.Test;
import wegweiser.app.WindowTest;
import wegweiser.app.stage.Notices;

/** Messages lie over the window at one place. */
class MessagesTest extends WindowTest {
    private Bounds place(String query) {
        return call(() -> {
            Node node = lookup(query).query();
            return node.localToScene(node.getBoundsInLocal());
        });
    }

    private void say(Runnable what) {
        call(() -> {
            what.run();
            window.root().applyCss();
            window.root().layout();
            return null;
        });
    }

    @Test
    void nothingMovesForAMessage() {
        Bounds before = place(".stage");
        say(() -> session.notices().warn("Something of the mast logger could not be saved."));
        await("it is shown", () -> shows("could not be saved"));
        assertThat(place(".stage")).isEqualTo(before);
        Bounds first = place("#notice");
        assertThat(call(() -> window.root().getLayoutBounds()).contains(first)).isTrue();
        say(() -> session.notices().say("Done."));
        assertThat(place("#notice").getMaxY()).isEqualTo(first.getMaxY());
        assertThat(place("#notice").getCenterX()).isCloseTo(first.getCenterX(), within(1.0));
    }

    @Test
    void whatOnlyInformsGoesByItselfAndWhatHasToBeDoneStays() {
        say(() -> session.notices().say("Brief."));
        await("gone", () -> session.notices().words().get().isEmpty());
        say(() -> session.notices().warn("Brief."));
        sleep(4500);
        assertThat(call(() -> shows("Brief."))).isTrue();
        call(() -> {
            lookup("#notice-close").<Button>query().fire();
            return null;
        });
        await("closed", () -> !shows("Brief."));
    }

    @Test
    void aWayOutCanBeTakenAtOnce() {
        boolean[] taken = new boolean[1];
        say(() -> session.notices().say("Removed.", new Notices.Way("Undo", () -> taken[0] = true)));
        call(() -> {
            lookup("#notice-way").<Button>query().fire();
            return null;
        });
        await("taken and gone", () -> taken[0] && session.notices().words().get().isEmpty());
    }
}
