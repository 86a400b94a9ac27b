package wegweiser.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.electrical.PartNetwork.Diode;
import wegweiser.core.electrical.ResistorNetwork.Branch;

class PartNetworkTest {
    private static final double AMPS = 1e-3;

    private static double volts(PartNetwork network, int red, int black) {
        return network.volts(Set.of(red), Set.of(black), AMPS);
    }

    @Test
    void aResistorShowsItsOhmsAndWhatTheCurrentTakes() {
        PartNetwork network = new PartNetwork(List.of(new Branch(0, 1, 470)), List.of());
        assertThat(network.ohms(Set.of(0), Set.of(1))).isCloseTo(470, within(1e-6));
        assertThat(volts(network, 0, 1)).isCloseTo(0.47, within(1e-4));
        assertThat(volts(network, 0, 2)).isInfinite();
    }

    @Test
    void aDiodeConductsOneWay() {
        PartNetwork network = new PartNetwork(List.of(), List.of(new Diode(0, 1, 0.6)));
        assertThat(volts(network, 0, 1)).isCloseTo(0.6, within(0.01));
        assertThat(volts(network, 1, 0)).isInfinite();
        assertThat(network.ohms(Set.of(0), Set.of(1))).isInfinite();
    }

    @Test
    void aClampBesideAResistorShowsTheLess() {
        PartNetwork network = new PartNetwork(List.of(new Branch(0, 1, 1000)),
                List.of(new Diode(0, 1, 0.6), new Diode(1, 0, 0.3)));
        assertThat(volts(network, 0, 1)).isCloseTo(0.6, within(0.01));
        assertThat(volts(network, 1, 0)).isCloseTo(0.3, within(0.01));
        PartNetwork small = new PartNetwork(List.of(new Branch(0, 1, 100)), List.of(new Diode(0, 1, 0.6)));
        assertThat(volts(small, 0, 1)).isCloseTo(0.1, within(1e-3));
    }

    @Test
    void whatLiesInARowAddsUp() {
        PartNetwork network = new PartNetwork(List.of(new Branch(1, 2, 200)),
                List.of(new Diode(0, 1, 0.6), new Diode(2, 3, 0.6)));
        assertThat(volts(network, 0, 3)).isCloseTo(1.4, within(0.01));
        assertThat(volts(network, 3, 0)).isInfinite();
    }

    @Test
    void aBridgeOfFourDiodesShowsTwoOfThemWhicheverWayItIsFed() {
        PartNetwork bridge = new PartNetwork(List.of(), List.of(new Diode(0, 2, 0.6), new Diode(1, 2, 0.6),
                new Diode(3, 0, 0.6), new Diode(3, 1, 0.6)));
        assertThat(volts(bridge, 3, 2)).isCloseTo(1.2, within(0.01));
        assertThat(volts(bridge, 2, 3)).isInfinite();
        assertThat(volts(bridge, 0, 1)).isInfinite();
    }

    @Test
    void gangsAreOnePieceOfMetal() {
        PartNetwork network = new PartNetwork(List.of(new Branch(0, 2, 1000), new Branch(1, 3, 1000)),
                List.of());
        assertThat(network.ohms(Set.of(0, 1), Set.of(2, 3))).isCloseTo(500, within(1e-6));
        assertThat(network.volts(Set.of(0, 1), Set.of(2, 3), AMPS)).isCloseTo(0.5, within(1e-3));
        assertThat(network.volts(Set.of(0, 1), Set.of(1), AMPS)).isZero();
    }

    /** Of any network: it never takes more volts than its resistors alone, nor than any of its diodes across. */
    @Test
    void partsBesideOnlyTakeVoltsAway() {
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 2000; round++) {
            List<Branch> resistors = new ArrayList<>();
            List<Diode> diodes = new ArrayList<>();
            for (int k = 2 + random.nextInt(8); k > 0; k--) {
                int a = random.nextInt(6);
                int b = (a + 1 + random.nextInt(5)) % 6;
                if (random.nextInt(3) > 0) {
                    resistors.add(new Branch(a, b, Math.pow(10, 1 + 4 * random.nextDouble())));
                } else {
                    diodes.add(new Diode(a, b, 0.2 + 2 * random.nextDouble()));
                }
            }
            PartNetwork network = new PartNetwork(resistors, diodes);
            double shown = volts(network, 0, 1);
            double alone = volts(new PartNetwork(resistors, List.of()), 0, 1);
            assertThat(shown).as("round %d: %s %s", round, resistors, diodes)
                    .isLessThanOrEqualTo(alone + 1e-3);
            for (Diode diode : diodes) {
                if (diode.anode() == 0 && diode.cathode() == 1) {
                    assertThat(shown).isLessThanOrEqualTo(diode.volts() + 0.01);
                }
            }
            assertThat(network.volts(Set.of(0), Set.of(1), 2 * AMPS)).isGreaterThanOrEqualTo(shown - 1e-6);
        }
    }
}
