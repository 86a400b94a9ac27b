package wegweiser.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NodeVoltsTest {
    private static NodeVolts.Branch ohms(int from, int to, double ohms) {
        return new NodeVolts.Branch(from, to, ohms, false);
    }

    @Test
    void aDividerDivides() {
        double[] volts = NodeVolts.of(3, Map.of(0, 5.0, 2, 0.0),
                List.of(ohms(0, 1, 10_000), ohms(1, 2, 20_000)));
        assertThat(volts[1]).isCloseTo(10.0 / 3, within(1e-9));
    }

    @Test
    void aDiodeBlocksOneWay() {
        NodeVolts.Branch diode = new NodeVolts.Branch(0, 1, 0, true);
        NodeVolts.Branch load = ohms(1, 2, 10_000);
        assertThat(NodeVolts.of(3, Map.of(0, 5.0, 2, 0.0), List.of(diode, load))[1]).isCloseTo(4.4,
                within(0.01));
        assertThat(NodeVolts.of(3, Map.of(0, -5.0, 2, 0.0), List.of(diode, load))[1]).isCloseTo(0,
                within(0.01));
    }

    /** Parts between contacts that nothing holds have no volts, and take nobody else's away. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.001, 1, 1000, 1e6})
    void whatHangsOnNothingSpoilsNothing(double island) {
        double[] volts = NodeVolts.of(6, Map.of(0, 5.0, 2, 0.0),
                List.of(ohms(3, 4, island), ohms(4, 5, island),
                        ohms(0, 1, 10_000), ohms(1, 2, 20_000)));
        assertThat(volts[1]).isCloseTo(10.0 / 3, within(1e-9));
        assertThat(volts[3]).isNaN();
        assertThat(volts[5]).isNaN();
    }
}
