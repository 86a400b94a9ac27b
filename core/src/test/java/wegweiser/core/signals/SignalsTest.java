package wegweiser.core.signals;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.model.Direction;
import wegweiser.core.model.PinRow;
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
        assertThat(Levels.between(Optional.of(Level.RS232), Optional.empty())).isEmpty();
        assertThat(Level.of(PinRow.of("1", "TX", Direction.OUT, "something else"))).isEmpty();
        assertThat(Levels.between(Optional.of(Level.CMOS_3V3), Optional.of(Level.TTL_5V))).isEmpty();
        assertThat(Levels.between(Optional.of(Level.RS232), Optional.of(Level.USB2))).get()
                .satisfies(p -> assertThat(p.clash()).isTrue());
        assertThat(Levels.between(Optional.of(Level.RS422), Optional.of(Level.RS485))).isEmpty();
    }

    @Test
    void noLevelHasATroubleWithItselfNorWithASupply() {
        for (Level level : Level.values()) {
            assertThat(Levels.between(Optional.of(level), Optional.of(level))).isEmpty();
            assertThat(Levels.between(Optional.of(level), Optional.of(Level.SUPPLY))).isEmpty();
            assertThat(Level.of(PinRow.of("1", "TX", Direction.OUT, level.id()))).contains(level);
        }
    }

    @Test
    void whatNeedsAConverterNeedsItEitherWay() {
        for (Level out : Level.values()) {
            for (Level in : Level.values()) {
                boolean clash = Levels.between(Optional.of(out), Optional.of(in))
                        .filter(Levels.Problem::clash)
                        .isPresent();
                boolean back = Levels.between(Optional.of(in), Optional.of(out)).filter(Levels.Problem::clash)
                        .isPresent();
                // 5 V harms an input of 3.3 V, and 3.3 V harms none
                boolean oneWay = out == Level.CMOS_3V3 && (in == Level.TTL_5V || in == Level.CMOS_5V)
                        || in == Level.CMOS_3V3 && (out == Level.TTL_5V || out == Level.CMOS_5V);
                assertThat(clash == back || oneWay).as("%s, %s", out, in).isTrue();
            }
        }
    }
}
