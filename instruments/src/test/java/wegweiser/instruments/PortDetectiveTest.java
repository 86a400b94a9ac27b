package wegweiser.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.model.PortReading;
import wegweiser.core.port.PortAdvisor;
import wegweiser.core.port.PortBelief;
import wegweiser.core.port.PortClass;
import wegweiser.core.port.PortMeasure;

/** The detective at made-up ports, which it knows only through a meter. */
class PortDetectiveTest {
    private static final int PORTS = 400;

    private record Case(SimulatedPort port, PortBelief belief) {}

    private static Case solve(long seed) {
        SimulatedPort port = SimulatedPort.of(seed);
        List<PortReading> readings = new ArrayList<>();
        boolean powered = false;
        PortBelief belief = PortBelief.of(port.contacts(), readings);
        for (Optional<PortAdvisor.Proposal> next = PortAdvisor.next(belief, powered, (_, _) -> true); next
                .isPresent(); next = PortAdvisor.next(belief, powered, (_, _) -> true)) {
            PortAdvisor.Proposal p = next.get();
            readings.add(p.measure().reading(p.contact(), port.measure(p.contact(), p.measure())));
            powered = p.measure().powered();
            belief = PortBelief.of(port.contacts(), readings);
            assertThat(readings.size()).as("measurements at seed " + seed)
                    .isLessThanOrEqualTo(5 * port.contacts().size());
        }
        return new Case(port, belief);
    }

    @Test
    void isRightWhenItIsSureAndIsSureOften() {
        int contacts = 0;
        int sure = 0;
        int right = 0;
        int surePorts = 0;
        int rightPorts = 0;
        for (long seed = 1; seed <= PORTS; seed++) {
            Case solved = solve(seed);
            boolean all = true;
            boolean allRight = true;
            for (String c : solved.port().contacts()) {
                contacts++;
                boolean isSure = solved.belief().isSure(c);
                boolean isRight = solved.belief().best(c) == solved.port().truth(c);
                sure += isSure ? 1 : 0;
                right += isSure && isRight ? 1 : 0;
                all &= isSure;
                allRight &= isRight;
            }
            surePorts += all ? 1 : 0;
            rightPorts += all && allRight ? 1 : 0;
        }
        String figures = "%d contacts, sure %d, right %d; ports sure %d, right %d".formatted(contacts, sure,
                right,
                surePorts, rightPorts);
        assertThat((double) right / sure).as(figures).isGreaterThanOrEqualTo(0.95);
        assertThat((double) sure / contacts).isGreaterThanOrEqualTo(0.8);
        assertThat((double) surePorts / PORTS).isGreaterThanOrEqualTo(0.8);
        assertThat((double) rightPorts / surePorts).as(figures).isGreaterThanOrEqualTo(0.95);
    }

    @Test
    void oneGroundAndOneTransmitterAreTheRule() {
        List<PortReading> readings = List.of(PortMeasure.VOLTS.reading("1", -6),
                PortMeasure.VOLTS.reading("2", -6),
                PortMeasure.SENDING.reading("1", 1));
        PortBelief belief = PortBelief.of(List.of("1", "2", "3"), readings);
        assertThat(belief.best("1")).isEqualTo(PortClass.RS232_TRANSMIT);
        assertThat(belief.best("2")).isEqualTo(PortClass.RS232_OUTPUT);
        assertThat(belief.share("2", PortClass.RS232_TRANSMIT)).isLessThan(0.02);
    }
}
