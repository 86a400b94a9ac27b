package wegweiser.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.model.CableStock;

class CablesTest {
    static List<CableStock> all() {
        return Cables.all();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyCableHoldsItsProperties(CableStock cable) {
        assertThat(cable.conductors()).isNotEmpty().doesNotHaveDuplicates();
        assertThat(Cables.find(cable.id())).contains(cable);
        assertThat(cable.title()).isNotBlank();
        assertThat(cable.diameterMm()).isPositive();
        assertThat(cable.conductors()).containsAll(cable.thick());
        HashSet<String> paired = new HashSet<>();
        cable.pairs().forEach(pair -> {
            assertThat(pair).hasSize(2);
            pair.forEach(c -> assertThat(paired.add(c)).as("in two pairs").isTrue());
        });
        assertThat(cable.conductors()).containsAll(paired);
        for (String conductor : cable.conductors()) {
            assertThat(ColourCode.words(conductor)).isNotBlank();
            boolean number = conductor.chars().allMatch(Character::isDigit);
            assertThat(ColourCode.hex(conductor).isEmpty()).as(conductor).isEqualTo(number);
        }
        assertThat(cable.awgOf(cable.conductors().getFirst())).isLessThanOrEqualTo(cable.awg());
    }

    @Test
    void idsAreUnique() {
        assertThat(all()).extracting(CableStock::id).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @CsvSource({"1,WH", "2,BN", "5,GY", "10,VT", "11,GY/PK", "12,RD/BU", "13,WH/GN", "20,PK/BN", "27,GY/GN",
            "36,YE/BK",
            "44,RD/BK", "45,WH.2", "61,WH/GY.2"})
    void controlCablesAreColouredInTheOrderOfTheStandard(int core, String colour) {
        assertThat(Cables.find("control-61").orElseThrow().conductors().get(core - 1)).isEqualTo(colour);
    }

    @Test
    void ribbonIsCutToAnyWidth() {
        CableStock nine = Cables.find("ribbon-9").orElseThrow();
        assertThat(nine.conductors()).hasSize(9);
        assertThat(nine.diameterMm()).isEqualTo(11.4);
        assertThat(Cables.find("rainbow-16").orElseThrow().conductors().get(10)).isEqualTo("BN.2");
        assertThat(Cables.find("ribbon-65")).isEmpty();
        assertThat(Cables.find("ribbon-1")).isEmpty();
        assertThat(Cables.find("control-62")).isEmpty();
        assertThat(Cables.find("control-3x2-screened").orElseThrow().pairs()).containsExactly(
                List.of("WH", "BN"),
                List.of("GN", "YE"), List.of("GY", "PK"));
    }

    @Test
    void aCableIsFoundByItsFormerName() {
        assertThat(Cables.find("fieldbus-4x05").orElseThrow().awg()).isEqualTo(22);
        assertThat(Cables.find("thermo-2").orElseThrow().conductors()).containsExactly("WH", "BN");
        assertThat(Cables.all()).extracting(CableStock::id).doesNotContain("fieldbus-4x05", "thermo-2");
    }

    @Test
    void theSupplyPairOfAnUsbCableIsThicker() {
        CableStock usb = Cables.find("usb2").orElseThrow();
        assertThat(usb.awgOf("RD")).isEqualTo(24);
        assertThat(usb.awgOf("WH")).isEqualTo(28);
    }
}
