package wegweiser.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;

/** What "none of these" draws. */
class OtherWiringsTest {
    private static final Job BLANK = Samples.job("dsub-9-socket", "modular-8p8c-plug", "");
    private static final TerminalIndex INDEX = Samples.index(BLANK);

    private static Evidence seen(Nets truth, int count, SplittableRandom random) {
        List<Reading> readings = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            Terminal a = INDEX.get(random.nextInt(INDEX.size()));
            Terminal b = INDEX.get(random.nextInt(INDEX.size()));
            if (!a.equals(b)) {
                readings.add(truth.joined(a, b)
                        ? Reading.beep(a.toString(), b.toString())
                        : Reading.silent(a.toString(), b.toString()));
            }
        }
        return new Evidence(INDEX, readings);
    }

    @Test
    void everySampleFitsTheEvidence() {
        SplittableRandom random = new SplittableRandom(6);
        for (int round = 0; round < 60; round++) {
            Nets truth = Nets.of(INDEX, Samples.random("dsub-9-socket", "modular-8p8c-plug", random).links());
            Evidence evidence = seen(truth, 40, random);
            for (double[] share : OtherWirings.OPEN_SHARES) {
                for (int[] drawn : new OtherWirings(INDEX, share[0]).draw(evidence, 20, random)) {
                    for (int a = 0; a < INDEX.size(); a++) {
                        for (int b = a + 1; b < INDEX.size(); b++) {
                            assertThat(evidence.isJoined(a, b) && drawn[a] != drawn[b]).isFalse();
                            assertThat(evidence.isApart(a, b) && drawn[a] == drawn[b]).isFalse();
                        }
                    }
                }
            }
        }
    }

    @Test
    void asManyContactsAreOpenAsTheShareSays() {
        Evidence nothing = new Evidence(INDEX, List.of());
        for (double[] share : OtherWirings.OPEN_SHARES) {
            double open = 0;
            int drawn = 0;
            for (int[] labels : new OtherWirings(INDEX, share[0]).draw(nothing, 600,
                    new SplittableRandom(2))) {
                for (int i = 0; i < labels.length; i++) {
                    int own = labels[i];
                    if (INDEX.get(i).end().equals("B")) {
                        open += java.util.Arrays.stream(labels).filter(l -> l == own).count() == 1 ? 1 : 0;
                        drawn++;
                    }
                }
            }
            assertThat(open / drawn).as("share %s", share[0]).isCloseTo(share[0], within(0.2));
        }
    }

    @Test
    void theSharesAreDistributed() {
        assertThat(java.util.Arrays.stream(OtherWirings.OPEN_SHARES).mapToDouble(s -> s[1]).sum())
                .isCloseTo(1, within(1e-9));
    }
}
