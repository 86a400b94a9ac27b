package wegweiser.core.signals;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Role;

class SignalsTest {
    @ParameterizedTest
    @CsvSource({"TX,TXD", "td,TXD", "SOUT,TXD", "Sendedaten,TXD", "Masse,GND", "SG,GND", "0V,GND", "USBDP,D+",
            "+5V,V+", "vbus,VBUS", "CANH,CAN-H", "MUTE,MUTE"})
    void spellingsHaveOneCanon(String printed, String canonical) {
        assertThat(Signals.canonical(printed)).isEqualTo(canonical);
    }

    @Test
    void partnersArePartnersBothWays() {
        for (String signal : new String[]{"TXD", "RXD", "RTS", "CTS", "DTR", "DSR", "TX+", "TX-"}) {
            assertThat(Signals.partner(Signals.partner(signal).orElseThrow())).contains(signal);
        }
    }

    @Test
    void aModemKeepsTheTerminalsNamesAndTurnsTheirDirections() {
        assertThat(Pin.guess(Optional.of(Role.TERMINAL), "TXD")).contains(Direction.OUT);
        assertThat(Pin.guess(Optional.of(Role.MODEM), "TXD")).contains(Direction.IN);
        assertThat(Pin.guess(Optional.empty(), "RXD")).contains(Direction.IN);
        assertThat(Pin.guess(Optional.of(Role.HOST), "VBUS")).contains(Direction.SUPPLY_OUT);
        assertThat(Pin.guess(Optional.empty(), "VBUS")).isEmpty();
        assertThat(Pin.guess(Optional.empty(), "MUTE")).isEmpty();
    }

    @Test
    void levelsThatAreUnknownAreNotJudged() {
        assertThat(Levels.between("rs232", "")).isEmpty();
        assertThat(Levels.between("rs232", "something else")).isEmpty();
        assertThat(Levels.between("cmos-3v3", "ttl-5v")).isEmpty();
        assertThat(Levels.between("rs232", "usb2")).get().satisfies(p -> assertThat(p.clash()).isTrue());
        assertThat(Levels.between("rs422", "rs485")).isEmpty();
    }
}
