package wegweiser.core.pinout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.signals.Ambiguity;

/** Lines of manuals that would kill a device, or join the wrong wires, if they were read carelessly. */
class HarmPastedTest {
    private static PinRow only(String line) {
        return only(line, "dsub-9-socket");
    }

    private static PinRow only(String line, String connector) {
        List<PinRow> rows = PastedPinout.read(line, Catalogue.standard().find(connector)).rows();
        assertThat(rows).as(line).hasSize(1);
        return rows.getFirst();
    }

    @ParameterizedTest
    @CsvSource({"5 -12V,5,V-,-12,-12", "5 +12V,5,V+,12,12", "1 10-30 V,1,V+,10,30", "1 5-24V,1,V+,5,24",
            "2 230 V,2,V+,230,230", "3 3V3,3,V+,3.3,3.3", "4 \u221215 V,4,V-,-15,-15", "9: +5V,9,V+,5,5"})
    void voltsKeepTheirSignAndRange(String line, String contact, String signal, double least, double most) {
        PinRow row = only(line);
        assertThat(row.contact()).isEqualTo(contact);
        assertThat(row.signal()).contains(signal);
        assertThat(row.volts()).hasValue(least);
        assertThat(row.voltsMax().orElse(row.volts().getAsDouble())).isEqualTo(most);
    }

    @Test
    void theCurrentOfASupplyIsRead() {
        PinRow row = only("9 +5V DC out max. 500mA");
        assertThat(row.signal()).contains("V+");
        assertThat(row.direction()).contains(Direction.SUPPLY_OUT);
        assertThat(row.volts()).hasValue(5);
        assertThat(row.amps()).hasValue(0.5);
        assertThat(only("9 +12 V, 1.5 A").amps()).hasValue(1.5);
        assertThat(only("9 +12 V").amps()).isEqualTo(OptionalDouble.empty());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"3 TXD O|OUT", "3 TXD I|IN", "4 DATA I/O|BOTH", "3 TXD ->|OUT",
            "2 RXD <-|IN",
            "2 RXD input|IN", "3 TXD output|OUT", "4 DATA <->|BOTH"})
    void directionsStandInAColumnOfTheirOwn(String line, Direction direction) {
        assertThat(only(line).direction()).as(line).contains(direction);
        assertThat(only(line.replace(" ", "\t")).direction()).as("by tabs").contains(direction);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"3 ...... TX|3|TX", "3 . . . . TX|3|TX", "3\u2026TX|3|TX",
            "(9) RI|9|RI", "2.) RX|2|RX",
            "2.) \"RX\"|2|RX", "7 - RTS;|7|RTS", "8: CTS.|8|CTS", "5 \u201CGND\u201D|5|GND",
            "1 not connected|1|not connected"})
    void leadersBracketsAndPunctuationAreNoPartOfAName(String line, String contact, String name) {
        PinRow row = only(line);
        assertThat(row.contact()).isEqualTo(contact);
        assertThat(row.name()).contains(name);
    }

    @ParameterizedTest
    @CsvSource({"2 TD(A),TX-", "3 TD(B),TX+", "4 RD(A),RX-", "5 RD(B),RX+", "6 TXD(A),TX-",
            "1 not connected,NC",
            "7 SPK+,SPK+", "8 SPK-,SPK-", "9 COM,COM", "9 -VE,V-"})
    void aNameKeepsWhatTellsItFromItsTwin(String line, String signal) {
        assertThat(only(line).signal()).contains(signal);
    }

    @Test
    void theOldNamesOfCircuitsAreReadByTheirCompany() {
        List<PinRow> rows = PastedPinout.read("1 AA\n2 BA\n3 BB\n4 CA\n5 CB\n6 CC\n7 AB\n8 CF\n20 CD",
                Catalogue.standard().find("dsub-25-plug")).rows();
        assertThat(rows).extracting(r -> r.signal().orElse("")).containsExactly("SHIELD", "TXD", "RXD", "RTS",
                "CTS", "DSR",
                "GND", "DCD", "DTR");
        assertThat(PastedPinout.read("1 CD\n2 RX\n3 TX", Catalogue.standard().find("dsub-9-plug")).rows()
                .getFirst().signal())
                .contains("DCD");
    }

    @ParameterizedTest
    @CsvSource({"COM", "CD", "SDI", "SDO", "L", "-VE", "VREF", "DIN", "MINUS"})
    void aNameOfTwoMeaningsIsAsked(String name) {
        PinRow row = only("4 " + name);
        assertThat(Ambiguity.of(End.of("A", "Mast logger", "dsub-9-socket", List.of(row)), row)).as(name)
                .isPresent();
        assertThat(row.direction()).as("no direction is made up for %s", name).isEqualTo(Optional.empty());
    }
}
