package wegweiser.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;

class LadderPlugTest {
    private static final LadderPlug.Errors CLOSE = new LadderPlug.Errors(0.001, 0.003, 1.5);

    @ParameterizedTest
    @CsvSource({"E96,6", "E96_CLOSE,9", "E24,5"})
    void everyContactAndEveryPairDecodesWhateverTheErrors(LadderPlug.Series series, int contacts) {
        LadderPlug.Errors error = new LadderPlug.Errors(series.tolerance(), 0.003, 1.5);
        LadderPlug plug = LadderPlug.design(contacts, LadderPlug.Pairs.ALL, series, error, 1).plug()
                .orElseThrow();
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 4000; round++) {
            List<Double> real = plug.values().stream()
                    .map(v -> v * (1 + error.tolerance() * (2 * random.nextDouble() - 1))).toList();
            int i = random.nextInt(contacts);
            int j = random.nextInt(contacts);
            double own = i == j ? real.get(i) : real.get(i) * real.get(j) / (real.get(i) + real.get(j));
            double shown = (own + error.cableOhms() * random.nextDouble())
                    * (1 + error.meter() * (2 * random.nextDouble() - 1));
            List<Integer> truth = i == j ? List.of(i) : List.of(Math.min(i, j), Math.max(i, j));
            assertThat(plug.decode(shown)).as("%s in %s", truth, plug.values()).containsExactly(truth);
        }
    }

    @Test
    void whatCannotBeToldApartIsSaid() {
        LadderPlug.Design many = LadderPlug.design(40, LadderPlug.Pairs.ALL, LadderPlug.Series.E12,
                new LadderPlug.Errors(0.05, 0.008, 1.5), 1);
        assertThat(many.plug()).isEmpty();
        assertThat(many.most()).isBetween(2, 10);
        assertThat(LadderPlug.design(25, LadderPlug.Pairs.NONE, LadderPlug.Series.E96, CLOSE, 1).plug())
                .isPresent();
        assertThat(LadderPlug.design(0, LadderPlug.Pairs.ALL, LadderPlug.Series.E24, CLOSE, 1).plug())
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-plug,0", "box-header-10-socket,0", "modular-8p8c-plug,0", "dsub-25-plug,18"})
    void usualPlugsTellEveryTwoContactsApartWhereThereIsRoom(String connector, int atMost) {
        Job job = Samples.job("dsub-9-socket", connector, "");
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
        long shared = 0;
        for (int i = 0; i < plug.values().size(); i++) {
            double[] range = plug.error().range(plug.values().get(i));
            int most = 1;
            for (double ohms = range[0]; ohms <= range[1]; ohms += (range[1] - range[0]) / 200) {
                List<List<Integer>> fits = plug.decode(ohms);
                assertThat(fits).contains(List.of(i));
                assertThat(fits.stream().filter(m -> m.size() == 1)).hasSize(1);
                most = Math.max(most, fits.size());
            }
            shared += most > 1 ? 1 : 0;
        }
        assertThat(shared).isEqualTo(plug.ambiguous()).isLessThanOrEqualTo(atMost);
        String list = LadderList.of(plug, Terminals.of(job, job.ends().get(1)), connector);
        assertThat(list.lines().filter(l -> l.contains("Ω"))).hasSize(plug.values().size());
        assertThat(list).contains(shared == 0 ? "Every contact" : shared + " of the ");
    }

    @Test
    void resistorsAreNamedAsPrintedOnThem() {
        assertThat(Quantity.words(16_200, Unit.OHM)).isEqualTo("16.2 kΩ");
        assertThat(Quantity.words(953, Unit.OHM)).isEqualTo("953 Ω");
        assertThat(Quantity.words(1e6, Unit.OHM)).isEqualTo("1 MΩ");
        assertThat(Quantity.words(30, Unit.OHM)).isEqualTo("30 Ω");
        assertThat(Quantity.words(102_000, Unit.OHM)).isEqualTo("102 kΩ");
    }

    private static Job nineToTwentyFive() {
        return Samples.job("dsub-9-socket", "dsub-25-plug", "");
    }

    @Test
    void aValueExcludesWhatWouldHavePulledItLower() {
        Job job = nineToTwentyFive();
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
        SplittableRandom random = new SplittableRandom(8);
        int excluded = 0;
        for (int round = 0; round < 20_000; round++) {
            // one to three contacts, and something else that only makes the reading smaller
            int[] joined = random.ints(1 + random.nextInt(3), 0, plug.values().size()).distinct().toArray();
            double siemens = 1 / plug.shows(k -> IntStream.of(joined).anyMatch(j -> j == k)).orElseThrow()
                    + (random.nextBoolean() ? 0 : 1 / (100 + random.nextDouble() * 1e5));
            double ohms = (1 / siemens * (1 + 0.002 * (2 * random.nextDouble() - 1))
                    + random.nextDouble() * 1.5)
                    * (1 + 0.014 * (2 * random.nextDouble() - 1));
            for (int k : joined) {
                assertThat(plug.excludes(ohms, k)).as("%.0f ohms, %d", ohms, k).isFalse();
            }
            excluded += (int) IntStream.range(0, plug.values().size())
                    .filter(k -> plug.excludes(ohms, k)).count();
            assertThat(plug.excludes(Double.POSITIVE_INFINITY, joined[0])).isTrue();
        }
        assertThat(excluded).isGreaterThan(20_000);
    }

    @Test
    void valuesAreOfTheirSeries() {
        assertThat(LadderPlug.Series.E12.between(1000, 10000)).containsExactly(1000.0, 1200.0, 1500.0, 1800.0,
                2200.0,
                2700.0, 3300.0, 3900.0, 4700.0, 5600.0, 6800.0, 8200.0, 10000.0);
        assertThat(LadderPlug.Series.E24.between(1000, 9999)).hasSize(24);
        assertThat(LadderPlug.Series.E96.between(100, 999)).hasSize(96).contains(102.0, 499.0, 976.0);
    }
}
