package wegweiser.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.electrical.ResistorNetwork.Branch;

class GrowingNetworkTest {
    private static final int NODES = 9;

    @Test
    void itSaysWhatANetworkThatIsSolvedFromTheStartSays() {
        SplittableRandom random = new SplittableRandom(8);
        for (int round = 0; round < 300; round++) {
            GrowingNetwork network = new GrowingNetwork(NODES);
            List<Branch> same = new ArrayList<>();
            for (int step = 0; step < 25; step++) {
                int what = same.isEmpty() ? 0 : random.nextInt(4);
                if (what < 2) {
                    int a = random.nextInt(NODES);
                    int b = (a + 1 + random.nextInt(NODES - 1)) % NODES;
                    double ohms = Math.pow(10, 1 + 5 * random.nextDouble());
                    network.add(a, b, 1 / ohms);
                    same.add(new Branch(a, b, ohms));
                } else {
                    int at = random.nextInt(same.size());
                    Branch old = same.get(at);
                    if (what == 2) {
                        network.change(at, 0.5 / old.ohms());
                        same.set(at, new Branch(old.from(), old.to(), old.ohms() / 1.5));
                    } else {
                        network.remove(at);
                        same.remove(at);
                    }
                }
                int from = random.nextInt(NODES);
                int to = (from + 1 + random.nextInt(NODES - 1)) % NODES;
                double wanted = ResistorNetwork.between(same, from, to);
                double said = network.ohms(from, to);
                assertThat(Double.isInfinite(said)).isEqualTo(Double.isInfinite(wanted));
                if (!Double.isInfinite(wanted)) {
                    assertThat(Math.abs(said - wanted)).isLessThanOrEqualTo(0.01 + 1e-4 * wanted);
                }
            }
        }
    }

    @Test
    void whatLiesBesideAResistorIsKnown() {
        GrowingNetwork network = new GrowingNetwork(3);
        network.add(0, 1, 1 / 100.0);
        assertThat(network.ohmsWithout(0)).isInfinite();
        network.add(0, 2, 1 / 200.0);
        network.add(2, 1, 1 / 300.0);
        assertThat(network.ohmsWithout(0)).isBetween(499.9, 500.1);
    }
}
