package wegweiser.core.port;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.PortReading;
import wegweiser.core.model.Role;

class PortPinoutTest {
    private static final List<String> CONTACTS = List.of("1", "2", "3", "5");

    private static List<PortReading> readings() {
        List<PortReading> all = new ArrayList<>();
        all.add(PortMeasure.OHMS.reading("5", 0.3));
        all.add(PortMeasure.VOLTS.reading("5", 0));
        all.add(PortMeasure.OHMS.reading("3", 9000));
        all.add(PortMeasure.VOLTS.reading("3", -8.8));
        all.add(PortMeasure.LOADED.reading("3", -8.1));
        all.add(PortMeasure.SENDING.reading("3", 1));
        all.add(PortMeasure.OHMS.reading("2", 4900));
        all.add(PortMeasure.VOLTS.reading("2", 0.01));
        return all;
    }

    @Test
    void whatIsSureGoesIntoThePinoutAsMeasured() {
        PortBelief belief = PortBelief.of(CONTACTS, readings());
        End filled = PortPinout.fill(End.of("A", "Sky sensor", "dsub-9-socket", List.of()), belief);
        assertThat(filled.row("5").orElseThrow().direction()).contains(Direction.GROUND);
        assertThat(filled.row("3").orElseThrow().signal()).contains("TXD");
        assertThat(filled.row("3").orElseThrow().level()).contains("rs232");
        assertThat(filled.row("2").orElseThrow().signal()).contains("RXD");
        assertThat(filled.row("2").orElseThrow().direction()).contains(Direction.IN);
        assertThat(filled.row("1")).as("nothing was measured there").isEmpty();
        PinSource source = filled.row("3").orElseThrow().sources().getLast();
        assertThat(source.source()).isEqualTo(PinSource.MEASURED);
        assertThat(source.confidence().orElseThrow()).isBetween(0.95, 1.0);
    }

    @Test
    void aModemSendsOnTheLineCalledReceive() {
        End modem = End.of("A", "", "dsub-9-socket", List.of()).withRole(Optional.of(Role.MODEM));
        End filled = PortPinout.fill(modem, PortBelief.of(CONTACTS, readings()));
        assertThat(filled.row("3").orElseThrow().signal()).contains("RXD");
        assertThat(filled.row("3").orElseThrow().direction()).contains(Direction.OUT);
        assertThat(filled.row("2").orElseThrow().signal()).contains("TXD");
    }

    @Test
    void aPrintedNameThatFitsStaysAndOneThatDoesNotIsOutranked() {
        End printed = End.of("A", "", "dsub-9-socket",
                List.of(PinRow.named("3").withSignal("TXD"), PinRow.named("5").withSignal("DTR")))
                .withRole(Optional.of(Role.TERMINAL));
        End filled = PortPinout.fill(printed, PortBelief.of(CONTACTS, readings()));
        assertThat(filled.row("3").orElseThrow().signal()).contains("TXD");
        assertThat(filled.row("5").orElseThrow().signal()).contains("GND");
        assertThat(filled.row("5").orElseThrow().sources()).extracting(PinSource::name).contains("DTR");
    }

    @Test
    void theNextMeasurementGoesToWhatIsNotSureAndNeedsNoNeedlessSwitching() {
        PortAdvisor.Proposal first = PortAdvisor
                .next(PortBelief.of(CONTACTS, List.of()), false, (_, _) -> true)
                .orElseThrow();
        assertThat(first.measure().powered()).isFalse();
        assertThat(first.why()).isNotBlank();
        assertThat(first.bits()).isPositive();
        assertThat(PortAdvisor.next(PortBelief.of(CONTACTS, List.of()), false, (_, _) -> false)).isEmpty();
        PortBelief some = PortBelief.of(CONTACTS, readings());
        PortAdvisor.Proposal next = PortAdvisor.next(some, true, (_, _) -> true).orElseThrow();
        assertThat(some.isSure(next.contact())).isFalse();
    }

    @Test
    void sharesAddUpToOne() {
        PortBelief belief = PortBelief.of(CONTACTS, readings());
        for (String contact : CONTACTS) {
            double sum = 0;
            for (PortClass c : PortClass.values()) {
                sum += belief.share(contact, c);
            }
            assertThat(sum).isBetween(1 - 1e-9, 1 + 1e-9);
        }
    }

    @Test
    void aVoltageWhileSendingCountsAsMovementWhenItDiffers() {
        PortReading sending = PortReading.of("3", PortReading.GROUND, PortReading.Kind.VOLTS, -2,
                PortReading.State.SENDING);
        List<PortReading> rest = List.of(PortMeasure.VOLTS.reading("3", -9), sending);
        assertThat(PortBelief.of(CONTACTS, rest).reading("3", PortMeasure.SENDING)).contains(1.0);
        List<PortReading> same = List.of(PortMeasure.VOLTS.reading("3", -2.1), sending);
        assertThat(PortBelief.of(CONTACTS, same).reading("3", PortMeasure.SENDING)).contains(0.0);
    }
}
