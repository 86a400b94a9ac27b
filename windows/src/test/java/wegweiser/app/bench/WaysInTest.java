package wegweiser.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.usual.UsualCable;

/** What may lie before a person, each of it from the first screen to where the work begins, by keys. */
class WaysInTest extends OnTheBench {
    @Test
    void twoDevicesAreJoinedByTheirPorts() {
        keys(KeyCode.DIGIT1);
        type("Dome drive");
        keys(KeyCode.ENTER);
        type("rs-232 9 terminal");
        keys(KeyCode.ENTER);
        type("Focuser");
        keys(KeyCode.ENTER);
        type("rs232 9 modem");
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("schemes",
                () -> window.here() == StageId.ROUTE && job().title().equals("Dome drive to Focuser"));
        Job job = job();
        assertThat(job.ends().get(0).port()).contains("dsub-9-plug");
        assertThat(job.ends().get(0).connector()).isEqualTo("dsub-9-socket");
        assertThat(job.ends().get(1).port()).contains("dsub-9-socket");
        assertThat(job.ends().get(1).connector()).isEqualTo("dsub-9-plug");
        assertThat(files()).isEqualTo(5);
    }

    @Test
    void aPortThatIsMissingIsAskedForAndNothingIsLost() {
        keys(KeyCode.DIGIT1);
        type("Dome drive");
        call(() -> {
            lookup("#join-go").<Button>query().fire();
            return null;
        });
        assertThat(call(() -> shows("Choose a port for both devices"))).isTrue();
        assertThat(call(() -> lookup("#device-a").<TextField>query().getText())).isEqualTo("Dome drive");
        assertThat(files()).isEqualTo(4);
    }

    @Test
    void anUnknownCableWithLooseWiresGoesToTrace() {
        keys(KeyCode.DIGIT2);
        type("d-sub 9 socket");
        keys(KeyCode.ENTER);
        type("loose nothing like it");
        call(() -> {
            lookup("#unknown-b-list").<ListView<PortChoice>>query().getSelectionModel().selectLast();
            return null;
        });
        keys(KeyCode.ENTER);
        type("red, white, black");
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("touching", () -> window.here() == StageId.TRACE && job().ends().size() == 2);
        assertThat(job().ends().get(1).pinout()).extracting(r -> r.contact()).containsExactly("red", "white",
                "black");
    }

    @Test
    void aGoodCableBecomesThePlanForOthers() {
        keys(KeyCode.DIGIT3);
        call(() -> {
            lookup("#test-instead").<Button>query().fire();
            return null;
        });
        type("xlr 3 plug");
        keys(KeyCode.ENTER);
        type("xlr 3 socket");
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("touching", () -> window.here() == StageId.TRACE && job().ends().size() == 2);
        edit(j -> j.withReadings(
                List.of(Reading.beep("A.1", "B.1"), Reading.beep("A.2", "B.2"), Reading.beep("A.3", "B.3"))));
        call(() -> window.actions(StageId.TRACE).stream().filter(a -> a.id().equals("as-plan")).findFirst()
                .orElseThrow()
                .run());
        await("the plan", () -> window.here() == StageId.PROVE && job().links().size() == 3);
        assertThat(job().readings()).as("those of the first cable of this plan").hasSize(3);
        await("shown", () -> lookup("#next-unit").tryQuery().isPresent());
        call(() -> {
            lookup("#next-unit").<Button>query().fire();
            return null;
        });
        await("the next cable", () -> job().readings().isEmpty() && job().links().size() == 3);
    }

    @Test
    void aUsualCableOpensWithItsPlan() {
        call(() -> {
            lookup("#usual-microphone").<Button>query().fire();
            return null;
        });
        await("its pitfalls", () -> shows("Contact 1 takes the screen") && shows("Ask before you trust it"));
        keys(KeyCode.ENTER);
        await("planned", () -> window.here() == StageId.ROUTE && job().title().equals("Balanced microphone"));
        assertThat(job().links()).isEqualTo(
                UsualCable.all().stream().filter(c -> c.id().equals("microphone")).findFirst().orElseThrow()
                        .job().links());
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        await("it lies on the bench", () -> titles().size() == 5);
    }

    private void redoThePlannedOne() {
        edit(j -> UsualCable.all().getFirst().job());
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        keys(KeyCode.DIGIT5);
        await("the planned one",
                () -> call(() -> lookup("#redo-list").<ListView<?>>query().getItems().size()) == 1);
        keys(KeyCode.ENTER);
        await("the questions", () -> lookup("#redo-cut").tryQuery().isPresent());
    }

    @Test
    void aConnectorIsRedone() {
        redoThePlannedOne();
        call(() -> {
            lookup("#redo-cut").<TextField>query().setText("4 cm of it");
            lookup("#redo-form-go").<Button>query().fire();
            return null;
        });
        assertThat(call(() -> shows("Type how many millimetres"))).isTrue();
        call(() -> {
            lookup("#redo-cut").<TextField>query().setText("40");
            lookup("#redo-label").<TextField>query().setText("W-0042/2");
            lookup("#redo-form-go").<Button>query().fire();
            return null;
        });
        await("the steps of that end",
                () -> window.here() == StageId.MAKE && job().title().contains("end A anew"));
        assertThat(job().cable().lengthMm().getAsDouble()).isEqualTo(1960);
        assertThat(job().kept()).containsExactly("B");
        assertThat(job().done()).isEmpty();
        assertThat(job().cable().label()).as("the number, not a page of it").contains("W-0042");
    }

    @Test
    void aCableIsCutInTwo() {
        redoThePlannedOne();
        await("what is spared for it", () -> shows("The cable will be 1.97 m long."));
        call(() -> {
            lookup("#redo-halve").<Button>query().fire();
            lookup("#halve-where").<TextField>query().setText("5");
            lookup("#halve-go").<Button>query().fire();
            return null;
        });
        assertThat(call(() -> shows("Type a length in metres between end A"))).isTrue();
        call(() -> {
            lookup("#halve-where").<TextField>query().setText("0.5");
            lookup("#halve-go").<Button>query().fire();
            return null;
        });
        await("the half at A",
                () -> window.here() == StageId.ENDS && job().title().contains("the half at A"));
        assertThat(job().cable().lengthMm().getAsDouble()).isEqualTo(500);
        assertThat(job().kept()).containsExactly("A");
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        await("the other half", () -> shows("the half at B"));
    }

    @Test
    void whichCableWouldDoIsLookedUpInTheLog() {
        edit(j -> UsualCable.all().getFirst().job().withReading(Reading.beep("A.5", "B.5")));
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        keys(KeyCode.R);
        await("recorded", () -> shows("Recorded as W-0001"));
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        keys(KeyCode.DIGIT4);
        keys(KeyCode.ENTER);
        type("rs232 9 terminal");
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        type("rs232 9 terminal");
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("the unit with the reason",
                () -> shows("W-0001") && shows("None of the 1 unit in the log would do")
                        && shows("its test said: not finished"));
    }
}
