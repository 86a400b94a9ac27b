package wegweiser.app.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.prove.Testing;

/** What the arm of Trace says is known. */
class ProgressTest {
    private static String trace(List<End> ends, Reading... readings) {
        return Progress
                .of(Derived.of(Job.of("Mast cable", ends, List.of(), List.of(readings))),
                        Testing.with(Fixture.PROBES))
                .arms()
                .get(StageId.TRACE).words();
    }

    @Test
    void aContactIsKnownByItsPartnerAtAnotherEnd() {
        End mast = End.of("A", "Mast", "jack-3.5-ts-plug", List.of());
        List<End> two = List.of(mast, End.of("B", "Dome", "jack-3.5-ts-socket", List.of()));
        assertThat(trace(two)).isEqualTo("no readings");
        assertThat(trace(two, Reading.beep("A.tip", "B.tip"))).isEqualTo("2 of 4 known");
        assertThat(trace(two, Reading.beep("A.tip", "B.tip"), Reading.beep("A.sleeve", "B.sleeve")))
                .isEqualTo("4 of 4 known");
        assertThat(trace(two, Reading.beep("A.tip", "B.tip"), Reading.beep("A.sleeve", "B.sleeve"),
                Reading.silent("A.tip", "A.sleeve"))).as("a buzzer alone").isEqualTo("all touched");
        assertThat(trace(two, ohms("A.tip", "B.tip", 0.4), ohms("A.sleeve", "B.sleeve", 0.3),
                open("A.tip", "A.sleeve"),
                open("A.sleeve", "A.tip"), Reading.of(Mode.OHMS, touch("A.tip", "A.sleeve"), Outcome.OPEN)))
                .isEqualTo("read once");
    }

    @Test
    void portsAreCountedOnceSomethingWasChosen() {
        End blank = End.of("B", "", End.LEADS, List.of());
        assertThat(ends(blank, blank)).isEqualTo("not started");
        assertThat(ends(End.of("A", "Mast", "jack-3.5-ts-plug", List.of()), blank)).isEqualTo("1 port");
        assertThat(ends(End.of("A", "Mast", End.LEADS, List.of(PinRow.named("RD"))), blank))
                .isEqualTo("1 port");
    }

    private static String ends(End... ends) {
        return Progress
                .of(Derived.of(Job.of("Mast cable", List.of(ends), List.of(), List.of())),
                        Testing.with(Fixture.PROBES))
                .arms().get(StageId.ENDS).words();
    }

    private static Touch touch(String red, String black) {
        return Touch.of(Terminal.parse(red), Terminal.parse(black));
    }

    private static Reading ohms(String red, String black, double ohms) {
        return Reading.of(Mode.OHMS, touch(red, black), new Outcome.Resistance(ohms));
    }

    private static Reading open(String anode, String cathode) {
        return Reading.of(Mode.DIODE, touch(anode, cathode), Outcome.OPEN);
    }

    @Test
    void whereThereIsNoOtherEndNothingIsKnownOfIt() {
        End mast = End.of("A", "Mast", "jack-3.5-trs-plug", List.of());
        assertThat(trace(List.of(mast), Reading.silent("A.tip", "A.ring"))).isEqualTo("0 of 3 known");
    }
}
