package wegweiser.core.signals;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.data.Data;

/** Every spelling of the table, as careless people write it. */
class SpellingsTest {
    static Stream<Arguments> canons() {
        return Data.lines("signals.txt").stream().map(line -> {
            String[] parts = line.split("=", 2);
            List<String> spellings = new ArrayList<>();
            for (String one : parts[1].split(",")) {
                spellings.add(one.strip());
            }
            return Arguments.of(parts[0].strip(), spellings);
        });
    }

    @ParameterizedTest
    @MethodSource("canons")
    void everySpellingMeansItsSignalInAnyCase(String canonical, List<String> spellings) {
        for (String spelling : spellings) {
            for (String written : List.of(spelling, spelling.toUpperCase(Locale.ROOT),
                    spelling.toLowerCase(Locale.ROOT), " " + spelling + " ", spelling.replace(' ', '_'),
                    spelling.replace(" ", ""))) {
                assertThat(Signals.canonical(written)).as("“%s”", written).isEqualTo(canonical);
                assertThat(Signals.isKnown(written)).as("“%s”", written).isTrue();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("canons")
    void aCanonMeansItselfAndItsPartnerComesBack(String canonical, List<String> spellings) {
        assertThat(Signals.canonical(canonical)).isEqualTo(canonical);
        Signals.partner(canonical).ifPresent(partner -> {
            assertThat(Signals.partner(partner)).as("partner of %s", partner).contains(canonical);
            assertThat(Signals.canonical(partner)).isEqualTo(partner);
        });
        assertThat(Half.of(canonical).map(Half::polarity).orElse(0)).isBetween(-1, 1);
        assertThat(spellings).isNotEmpty();
    }

    @Test
    void noSpellingMeansTwoSignals() {
        Map<String, String> seen = new HashMap<>();
        canons().forEach(a -> {
            String canonical = (String) a.get()[0];
            for (Object spelling : (List<?>) a.get()[1]) {
                String plain = spelling.toString().toUpperCase(Locale.ROOT);
                String other = seen.put(plain, canonical);
                assertThat(other == null || other.equals(canonical))
                        .as("%s: %s or %s", spelling, canonical, other)
                        .isTrue();
            }
        });
        assertThat(seen.size()).isGreaterThan(300);
        assertThat(Signals.spellings()).isGreaterThan(300);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "FOO", "Dome relay 4", "!?", "MUTE", "AZIMUTH ENCODER 12"})
    void whatIsNotInTheTableIsStillTheSameHoweverItIsWritten(String printed) {
        assertThat(Signals.isKnown(printed)).isFalse();
        String canonical = Signals.canonical(printed);
        assertThat(Signals.canonical(canonical)).isEqualTo(canonical);
        assertThat(Signals.canonical(printed.toLowerCase(Locale.ROOT).replace(' ', '_')))
                .isEqualTo(canonical);
    }
}
