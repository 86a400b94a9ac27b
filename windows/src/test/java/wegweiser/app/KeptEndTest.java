package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.stage.StageId;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;

/** From a moulded plug with loose wires behind it to a plan whose colours are those that were measured. */
class KeptEndTest extends WindowTest {
    private void go(StageId stage) {
        call(() -> {
            window.go(stage);
            return null;
        });
    }

    @Test
    void theColoursThatWereMeasuredRuleThePlan() {
        go(StageId.BENCH);
        keys(KeyCode.DIGIT2);
        write("audio jack 3.5 three plug");
        await("found", () -> lookup("#unknown-a-list").tryQuery().map(n -> n.isVisible()).orElse(false));
        keys(KeyCode.ENTER);
        write("loose");
        keys(KeyCode.ENTER);
        write("red, white, black");
        keys(KeyCode.ENTER);
        clickOn("#unknown-go");
        await("a job", () -> job().title().equals("Unknown cable"));
        assertThat(job().kept()).containsExactly("A");
        edit(j -> j.withReading(Reading.beep("A.tip", "B.black"))
                .withReading(Reading.beep("A.ring", "B.white"))
                .withReading(Reading.beep("A.sleeve", "B.red")));
        go(StageId.ENDS);
        await("the ends", () -> lookup("#connector-B").tryQuery().isPresent());
        clickOn("#connector-B").clickOn("#connector-search").write("d-sub 9 socket");
        keys(KeyCode.ENTER);
        await("a connector", () -> job().end("B").orElseThrow().connector().equals("dsub-9-socket"));
        assertThat(job().readings()).isEmpty();
        edit(j -> j.withEnd("A", e -> e.withPinout(List.of(PinRow.of("tip", "TXD", Direction.OUT, "ttl-5v"),
                PinRow.of("ring", "RXD", Direction.IN, "ttl-5v"),
                PinRow.of("sleeve", "GND", Direction.GROUND, ""))))
                .withEnd("B", e -> e.withPinout(List.of(PinRow.of("2", "RXD", Direction.IN, "ttl-5v"),
                        PinRow.of("3", "TXD", Direction.OUT, "ttl-5v"),
                        PinRow.of("5", "GND", Direction.GROUND, "")))));
        go(StageId.ROUTE);
        await("a way", () -> lookup("#scheme-direct").tryQuery().isPresent());
        keys(KeyCode.DIGIT1);
        await("planned", () -> job().links().size() == 3);
        Map<String, String> colours = job().links().stream()
                .collect(Collectors.toMap(l -> l.from().contact(), l -> l.conductor().orElse("")));
        assertThat(colours).containsEntry("tip", "BK").containsEntry("ring", "WH").containsEntry("sleeve",
                "RD");
        assertThat(BenchSteps.of(job(), true))
                .noneMatch(s -> "A".equals(s.end()) && s.key().startsWith("joint"))
                .anyMatch(s -> "B".equals(s.end()) && s.conductor().filter("BK"::equals).isPresent());
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("the leads are there again", () -> job().readings().size() == 3);
    }

    @Test
    void theLeadsOfACableAreNamedByTheMenu() {
        edit(j -> j.withEnds(List.of(j.ends().getFirst(),
                j.ends().get(1).withConnector("leads").withPinout(List.of()))).withLinks(List.<Link>of()));
        go(StageId.ENDS);
        clickOn("#fill-B");
        clickOn("Name the wires of the cable");
        await("named", () -> job().end("B").orElseThrow().pinout().size() == 8);
        assertThat(lookup("#signal-B-OG").tryQueryAs(TextField.class)).isPresent();
    }
}
