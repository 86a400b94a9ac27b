package wegweiser.core.pinout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.PinRow;

/** Pinouts as manuals print them. */
class PastedPinoutTest {
    private static Arguments shape(String connector, String expected, String... lines) {
        return Arguments.of(connector, String.join("\n", lines), expected);
    }

    static Stream<Arguments> shapes() {
        return Stream.of(
                shape("dsub-9-plug", "1=DCD 2=RXD 3=TXD", "1 - DCD", "2 - RXD", "3 - TXD"),
                shape("dsub-9-plug", "1=DCD 2=RXD:in 3=TXD:out", "1: DCD", "2: RXD (in)", "3: TXD (out)"),
                shape("dsub-9-plug", "5=GND 3=TXD", "GND = 5, TX = 3"),
                shape("dsub-9-plug", "5=GND 3=TXD 2=RXD", "GND=5; TX=3; RX=2"),
                shape("dsub-9-plug", "1=DCD 2=RXD", "1. DCD", "2. RxD"),
                shape("dsub-9-plug", "1=DCD 2=RXD", "1) Carrier Detect", "2) Receive Data"),
                shape("dsub-9-plug", "1=DCD 2=RXD:in", "Pin,Signal,Direction", "1,DCD,", "2,RXD,in"),
                shape("dsub-9-plug", "1=DCD:in 2=RXD:in 3=TXD:out", "| Pin | Name | Dir |",
                        "|----:|:-----|-----|",
                        "| 1 | DCD | In |", "| 2 | RXD | In |", "| 3 | TXD | Out |"),
                shape("dsub-9-plug", "2=RXD 3=TXD 5=GND", "Pin 2 RXD", "Pin 3 TXD", "Pin 5 Signal Ground"),
                shape("dsub-9-plug", "2=RXD:in 3=TXD:out", "2 \u2190 RXD", "3 \u2192 TXD"),
                shape("dsub-9-plug", "2=RXD:in 3=TXD:out", "2  RXD  <-", "3  TXD  ->"),
                shape("dsub-9-plug", "1=DCD 6=DSR 2=RXD 7=RTS", "1 DCD   6 DSR", "2 RXD   7 RTS"),
                shape("dsub-9-plug", "1=DCD 6=DSR", "1 DCD | 6 DSR"),
                shape("dsub-9-plug", "3=TXD 2=RXD", "TX -> 3", "RX -> 2"),
                shape("dsub-9-plug", "3=TXD 2=RXD", "TXD on pin 3", "RXD on pin 2"),
                shape("dsub-9-plug", "3=TXD 5=GND", "Sendedaten: 3", "Masse: 5"),
                shape("dsub-9-plug", "3=TXD:out 2=RXD:in", "Stift 3: Sendedaten (Ausgang)",
                        "Stift 2: Empfangsdaten (Eingang)"),
                shape("dsub-9-plug", "1=DCD 2=RXD 3=TXD", "Pin\tSignal", "1\tDCD", "2\tRXD", "3\tTXD"),
                shape("dsub-9-plug", "1=DCD 2=RXD", "1;DCD;Data Carrier Detect", "2;RXD;Receive Data"),
                shape("dsub-9-plug", "1=DCD:in 2=RXD:in", "1   DCD   Data Carrier Detect    Input",
                        "2   RXD   Received Data          Input"),
                shape("dsub-9-plug", "1=DCD 2=RXD 3=TXD", "Pin    1    2    3", "Signal DCD  RXD  TXD"),
                shape("dsub-9-plug", "1=DCD 2=RXD 3=TXD", "1 2 3", "DCD RXD TXD"),
                shape("dsub-9-plug", "1=DCD 2=RXD 3=TXD 4=DTR 5=GND 6=DSR 7=RTS 8=CTS 9=RI",
                        "DCD, RXD, TXD, DTR, GND, DSR, RTS, CTS, RI"),
                shape("dsub-9-plug", "1=DCD 2=RXD", "{1, \"DCD\"},", "{2, \"RXD\"},"),
                shape("dsub-9-plug", "1=DCD 2=RXD", "\"1\": \"DCD\",", "\"2\": \"RXD\""),
                shape("dsub-9-plug", "3=TXD 2=RXD", "PIN_3 = TXD", "PIN_2 = RXD"),
                shape("dsub-9-plug", "3=TXD 2=RXD", "J1.3 TXD", "J1.2 RXD"),
                shape("dsub-9-plug", "3=TXD 2=RXD", "X2:3 TXD", "X2:2 RXD"),
                shape("dsub-9-plug", "3=TXD 2=RXD", "#3 TXD", "#2 RXD"),
                shape("dsub-9-plug", "3=TXD 2=RXD", "03 TXD", "02 RXD"),
                shape("dsub-9-plug", "3=TXD 2=RXD", "\u2022 3 TXD", "\u2022 2 RXD"),
                shape("dsub-9-plug", "3=TXD 2=RXD", "- Pin 3: TXD", "- Pin 2: RXD"),
                shape("dsub-9-plug", "5=GND 7=GND 3=TXD", "5, 7: GND", "3: TXD"),
                shape("dsub-9-plug", "5=GND 9=GND", "GND = 5 and 9"),
                shape("dsub-9-plug", "4=NC:unused 5=NC:unused 6=NC:unused", "4-6 not connected"),
                shape("dsub-9-plug", "7=RTS 8=CTS", "7 /RTS", "8 CTS#"),
                shape("dsub-9-plug", "2=RXD:in 3=TXD:out", "<tr><td>2</td><td>RXD</td><td>in</td></tr>",
                        "<tr><td>3</td><td>TXD</td><td>out</td></tr>"),
                shape("dsub-9-plug", "2=RXD 3=TXD", "2/RXD", "3/TXD"),
                shape("dsub-9-plug", "2=RXD 3=TXD", "RXD (2)", "TXD (3)"),
                shape("dsub-9-plug", "2=RXD 3=TXD", "RXD .... 2", "TXD .... 3"),
                shape("dsub-9-plug", "2=RXD 3=TXD", "2 .... RXD", "3 .... TXD"),
                shape("dsub-9-plug", "9=V+ 5=GND", "9: +5V", "5: 0V"),
                shape("dsub-9-plug", "9=V+:supply-out 5=GND", "9 +12 V (power out)", "5 Masse"),
                shape("dsub-9-plug", "1=DCD 2=RXD", "Pinout of the mast logger", "======", "1 DCD", "",
                        "2 RXD"),
                shape("dsub-9-plug", "3=TXD", "3 (TXD) data to the dome"),
                shape("dsub-9-plug", "3=TXD:out 2=RXD:in", "Signal | Pin | I/O", "TXD | 3 | O",
                        "RXD | 2 | I"),
                shape("dsub-9-plug", "3=TXD 2=RXD", "`3` TXD", "**2** RXD"),
                shape("usb-c-socket", "A5=CC1 A6=D+ B7=D-", "A5 CC1", "A6 D+", "B7 D-"),
                shape("usb-a-plug", "1=VBUS 2=D- 3=D+ 4=GND", "1 VCC USB 5V".replace("VCC USB 5V", "Vbus"),
                        "2 D-",
                        "3 D+", "4 GND"),
                shape("usb-a-plug", "1=V+ 2=D- 3=D+ 4=GND", "1 +5V", "2 Data-", "3 Data+", "4 Ground"),
                shape("jack-3.5-trs-plug", "tip=LEFT ring=RIGHT sleeve=GND", "tip: left", "ring: right",
                        "sleeve: ground"),
                shape("jack-3.5-trs-plug", "tip=LEFT ring=RIGHT sleeve=GND", "Left = tip", "Right = ring",
                        "GND = sleeve"),
                shape("jack-3.5-trrs-plug", "tip=LEFT ring1=RIGHT ring2=GND sleeve=MIC", "Tip - L CH",
                        "Ring 1 - R CH",
                        "Ring 2 - GND", "Sleeve - Mic"),
                shape("modular-6p4c-plug", "2=GND 3=TXD", "2 GND", "3 TX"),
                shape("leads", "red=V+ black=GND green=D+ white=D-", "red: +5V", "black: GND", "green: D+",
                        "white: D-"),
                shape("leads", "BN=V+ BU=GND BK=OUT1", "BN  24V", "BU  0V", "BK  OUT1"),
                shape("can", "7=CAN-H 2=CAN-L 3=GND".replace("can", ""), "7 CAN_H", "2 CAN_L", "3 CAN GND"
                        .replace("CAN GND", "GND")));
    }

    private static Optional<ConnectorType> type(String id) {
        return id.equals("leads")
                ? Optional.empty()
                : Catalogue.standard().find(id.equals("can") ? "dsub-9-plug" : id);
    }

    private static String words(PinRow row) {
        return row.contact() + "=" + row.signal().orElse("?")
                + row.direction().map(d -> ":" + d.id()).orElse("");
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void isUnderstood(String connector, String text, String expected) {
        PastedPinout read = PastedPinout.read(text, type(connector));
        assertThat(read.rows().stream().map(PastedPinoutTest::words).collect(Collectors.joining(" ")))
                .as(text).isEqualTo(expected);
        assertThat(read.lines()).hasSize((int) text.lines().count());
    }

    @Test
    void thereAreAtLeastFortyShapes() {
        assertThat(shapes().count()).isGreaterThanOrEqualTo(40);
    }

    @Test
    void thePrintedNameIsKept() {
        PinRow row = PastedPinout.read("2: Empfangsdaten", type("dsub-9-plug")).rows().getFirst();
        assertThat(row.name()).contains("Empfangsdaten");
        assertThat(row.signal()).contains("RXD");
        assertThat(PastedPinout.read("9 +12 V", type("dsub-9-plug")).rows().getFirst().volts()).hasValue(12);
    }

    @Test
    void aLineThatMakesNoSenseSaysWhy() {
        PastedPinout read = PastedPinout.read("1 DCD\n12 GND\nhello there\nGND\n5\n1 RXD\n1 DCD",
                type("dsub-9-plug"));
        List<PastedPinout.Kind> kinds = read.lines().stream().map(PastedPinout.Line::kind).toList();
        assertThat(kinds).containsExactly(PastedPinout.Kind.UNDERSTOOD, PastedPinout.Kind.NOT_UNDERSTOOD,
                PastedPinout.Kind.HEADING,
                PastedPinout.Kind.NOT_UNDERSTOOD, PastedPinout.Kind.NOT_UNDERSTOOD,
                PastedPinout.Kind.NOT_UNDERSTOOD,
                PastedPinout.Kind.UNDERSTOOD);
        assertThat(read.lines().get(1).why()).contains("no contact 12");
        assertThat(read.lines().get(5).why()).contains("line 1");
        assertThat(read.rows()).hasSize(1);
        assertThat(read.open()).hasSize(4);
    }

    @Test
    void aModularBodyHasNoContactWhereItHasNoMetal() {
        PastedPinout read = PastedPinout.read("1 GND", type("modular-6p4c-plug"));
        assertThat(read.rows()).isEmpty();
        assertThat(read.lines().getFirst().why()).contains("no contact 1");
    }

    @Test
    void anyTextIsReadWithoutFailing() {
        java.util.Random random = new java.util.Random(17);
        String alphabet = "1234567890 ABDNXRT+-=:,;|\t().<>{}\"'\n/#*_V";
        for (int round = 0; round < 5000; round++) {
            StringBuilder text = new StringBuilder();
            for (int k = random.nextInt(60); k > 0; k--) {
                text.append(alphabet.charAt(random.nextInt(alphabet.length())));
            }
            PastedPinout read = PastedPinout.read(text.toString(),
                    type(round % 2 == 0 ? "dsub-9-plug" : "leads"));
            assertThat(read.lines()).hasSize((int) text.toString().lines().count());
            assertThat(read.rows().stream().map(PinRow::contact)).doesNotHaveDuplicates();
        }
    }
}
