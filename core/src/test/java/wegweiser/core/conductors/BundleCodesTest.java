package wegweiser.core.conductors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.catalog.ColourCode;

class BundleCodesTest {
    private static final List<String> COLOURS = List.of("WH", "BN", "GN", "YE", "GY", "PK", "BU", "RD", "BK",
            "VT");

    /** The largest numbers of sets that differ by two, from the tables of constant weight codes (Brouwer and others, 1990). */
    @ParameterizedTest
    @CsvSource({"4,2,2", "6,2,3", "6,3,4", "7,3,7", "8,4,14", "8,2,4", "9,3,12", "10,2,5"})
    void asManyAsThereCanBe(int colours, int wires, int most) {
        BundleCodes codes = BundleCodes.of(COLOURS.subList(0, colours), wires, 2);
        assertThat(codes.apart()).isEqualTo(2);
        assertThat(codes.possible()).isLessThanOrEqualTo(most).isGreaterThanOrEqualTo((2 * most + 2) / 3);
    }

    @Test
    void setsDifferByTwoAsLongAsThatReaches() {
        for (int colours = 3; colours <= 9; colours++) {
            for (int wires = 1; wires <= 3; wires++) {
                for (int devices = 1; devices <= 14; devices++) {
                    List<String> there = COLOURS.subList(0, colours);
                    BundleCodes codes = BundleCodes.of(there, wires, devices);
                    assertThat(codes.sets()).doesNotHaveDuplicates().hasSizeLessThanOrEqualTo(devices);
                    assertThat(codes.isEnough(devices)).isEqualTo(codes.possible() >= devices);
                    for (List<String> set : codes.sets()) {
                        assertThat(set).hasSize(wires).doesNotHaveDuplicates();
                        assertThat(there).containsAll(set);
                    }
                    assertApart(codes);
                }
            }
        }
    }

    private static void assertApart(BundleCodes codes) {
        for (int a = 0; a < codes.sets().size(); a++) {
            for (int b = a + 1; b < codes.sets().size(); b++) {
                Set<String> left = new HashSet<>(codes.sets().get(a));
                left.removeAll(codes.sets().get(b));
                assertThat(left.size()).isGreaterThanOrEqualTo(codes.apart());
            }
        }
    }

    @Test
    void whereOneColourMustDoItIsOneThatIsNotTakenForAnother() {
        List<String> colours = List.of("WH", "GY", "BU", "VT", "GN");
        BundleCodes codes = BundleCodes.of(colours, 2, 4);
        assertThat(codes.apart()).isEqualTo(1);
        for (List<String> one : codes.sets()) {
            for (List<String> other : codes.sets()) {
                Set<String> left = new HashSet<>(one);
                left.removeAll(other);
                Set<String> right = new HashSet<>(other);
                right.removeAll(one);
                assertThat(left.size() == 1
                        && ColourCode.areAlike(left.iterator().next(), right.iterator().next()))
                        .as("%s and %s", one, other).isFalse();
            }
        }
    }

    @Test
    void withMoreDevicesThanSetsItSaysHowManyThereAre() {
        BundleCodes codes = BundleCodes.of(COLOURS.subList(0, 3), 2, 9);
        assertThat(codes.possible()).isEqualTo(3);
        assertThat(codes.isEnough(9)).isFalse();
        assertThatThrownBy(() -> BundleCodes.of(COLOURS.subList(0, 2), 3, 1))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
