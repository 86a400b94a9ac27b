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
    void linesOfDifferentKindsNeedAConverterEitherWay() {
        for (Level out : Level.values()) {
            for (Level in : Level.values()) {
                boolean switched = (out == Level.LED || out == Level.COIL || in == Level.LED
                        || in == Level.COIL)
                        && (out.isLogic() || in.isLogic());
                boolean alike = out.kind() == in.kind() || out.isLogic() && in.isLogic() || switched;
                boolean free = out == Level.SUPPLY || in == Level.SUPPLY || out == Level.CONTACT
                        || in == Level.CONTACT;
                assertThat(clash(out, in)).as("%s, %s", out, in)
                        .satisfies(c -> assertThat(c || alike || free).isTrue());
                if (!alike) {
                    assertThat(clash(out, in)).as("%s, %s", out, in).isEqualTo(clash(in, out));
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"cmos-5v,cmos-3v3,true", "cmos-3v3,cmos-5v,false", "pnp-24v,cmos-3v3,true",
            "pnp-24v,plc-24v,false",
            "plc-24v,cmos-5v,true", "cmos-3v3,plc-24v,true", "telephone,ethernet,true",
            "cmos-3v3,cmos-1v8,true",
            "audio-speaker,audio-line,true", "k-line,cmos-5v,true", "sdi-12,cmos-3v3,true",
            "usb2,ethernet,true",
            "rs232,rs422,true", "open-drain,cmos-1v8,false", "npn-24v,plc-24v,false"})
    void whatHarmsOrNeverReachesClashes(String out, String in, boolean clash) {
        assertThat(clash(Level.of(out).orElseThrow(), Level.of(in).orElseThrow())).isEqualTo(clash);
    }

    private static boolean clash(Level out, Level in) {
        return Levels.between(Optional.of(out), Optional.of(in)).filter(Levels.Problem::clash).isPresent();
    }

    @ParameterizedTest
    @CsvSource({"RS-232,rs232", "sdi12,sdi-12", "TTL,ttl-5v", "3V3,cmos-3v3", "1-Wire,one-wire",
            "DMX512,rs485",
            "speaker,audio-speaker", "4-20 mA,loop-4-20ma", "PNP,pnp-24v"})
    void aLevelIsFoundHoweverItIsWritten(String written, String id) {
        assertThat(Level.of(written)).map(Level::id).contains(id);
    }

    @Test
    void everyWordStandsForOneLevel() {
        for (Level level : Level.values()) {
            assertThat(Level.of(level.id())).contains(level);
            assertThat(Level.of(level.id().toUpperCase(java.util.Locale.ROOT).replace("-", " ")))
                    .contains(level);
        }
    }

    @ParameterizedTest
    @CsvSource({"-12V,V-,-12,-12", "10-30 V,V+,10,30", "230 V,V+,230,230", "3V3,V+,3.3,3.3", "+5,V+,5,5",
            "5-24V,V+,5,24", "-12 V,V-,-12,-12", "9 ... 36 V,V+,9,36", "\u221215V,V-,-15,-15"})
    void voltsAreReadWithTheirSignAndRange(String name, String signal, double least, double most) {
        assertThat(Signals.canonical(name)).isEqualTo(signal);
        assertThat(Volts.of(PinRow.named("1").withName(name))).contains(new Volts(least, most));
    }

    @ParameterizedTest
    @CsvSource({"5,5,5,5,false,false", "12,12,5,5,true,false", "-12,-12,12,12,true,false",
            "-12,-12,-12,-12,false,false",
            "24,24,10,30,false,false", "3.3,3.3,10,30,false,true", "5.4,5.4,5,5,false,false",
            "5.6,5.6,5,5,true,false"})
    void aSourceIsHeldAgainstItsSink(double gl, double gm, double wl, double wm, boolean above,
            boolean below) {
        Volts given = new Volts(gl, gm);
        Volts wanted = new Volts(wl, wm);
        assertThat(given.exceeds(wanted)).isEqualTo(above);
        assertThat(given.fallsShort(wanted, 0)).isEqualTo(below);
    }
}
