package wegweiser.core.pinout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.PinRow;
import wegweiser.core.signals.Signals;

/** Every pinout that comes with the program, printed in several shapes and read again. */
class EveryPinoutPastedTest {
    private static String printed(PinRow row) {
        return row.name().or(row::signal).orElse("");
    }

    private static String shaped(List<PinRow> rows, String before, Function<PinRow, String> line) {
        return rows.stream().map(line).collect(Collectors.joining("\n", before, "\n"));
    }

    static Stream<NamedPinout> pinouts() {
        return NamedPinout.standard().stream()
                .filter(p -> Catalogue.standard().family(p.family()).isPresent());
    }

    @ParameterizedTest
    @MethodSource("pinouts")
    void isReadBackFromEveryShape(NamedPinout pinout) {
        ConnectorType type = Catalogue.standard().family(pinout.family()).orElseThrow();
        // a row without any name says nothing, and one contact cannot be told from a list of names
        List<PinRow> rows = pinout.rows().stream().filter(r -> !printed(r).isBlank()).toList();
        List<String> shapes = List.of(
                shaped(rows, "", r -> r.contact() + ": " + printed(r)),
                shaped(rows, "Pin\tSignal\n", r -> r.contact() + "\t" + printed(r)),
                shaped(rows, "| Pin | Signal |\n| --- | --- |\n",
                        r -> "| " + r.contact() + " | " + printed(r) + " |"),
                shaped(rows, "pin,signal\n", r -> r.contact() + ",\"" + printed(r) + "\""),
                shaped(rows, "Signal;Pin\n", r -> printed(r) + ";" + r.contact()));
        for (String text : shapes) {
            PastedPinout read = PastedPinout.read(text, Optional.of(type));
            assertThat(read.open()).as("%s%nin%n%s", pinout.id(), text).isEmpty();
            assertThat(read.rows().stream().map(r -> r.contact() + "=" + signal(r)).toList())
                    .as("%s%nfrom%n%s", pinout.id(), text)
                    .containsExactlyInAnyOrderElementsOf(
                            rows.stream().map(r -> r.contact() + "=" + signal(r)).toList());
        }
    }

    /** What a row means, whichever of its names it was printed with. */
    private static String signal(PinRow row) {
        return Signals.canonical(printed(row));
    }

    @ParameterizedTest
    @MethodSource("pinouts")
    void everyLineIsAnsweredForAndNothingIsMadeUp(NamedPinout pinout) {
        ConnectorType type = Catalogue.standard().family(pinout.family()).orElseThrow();
        String text = shaped(pinout.rows(), "Table 4 of the leaflet\n\n",
                r -> r.contact() + "  " + printed(r))
                + "Do not connect while powered.\n99 NOTHING\n";
        PastedPinout read = PastedPinout.read(text, Optional.of(type));
        long lines = text.lines().filter(l -> !l.isBlank()).count();
        assertThat(read.lines().stream().map(PastedPinout.Line::number).distinct().count())
                .as("every line with words is shown").isGreaterThanOrEqualTo(lines);
        assertThat(read.rows()).allSatisfy(
                r -> assertThat(Catalogue.standard().familyHas(type.family(), r.contact())).isTrue());
        assertThat(read.rows()).extracting(PinRow::contact).doesNotHaveDuplicates();
        assertThat(read.lines()).filteredOn(l -> l.kind() == PastedPinout.Kind.NOT_UNDERSTOOD)
                .allSatisfy(l -> assertThat(l.why()).as(l.text()).isNotBlank());
    }
}
