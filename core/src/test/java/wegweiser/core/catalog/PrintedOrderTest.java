package wegweiser.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The faces against a table of what is printed on the parts, written independently of the builders. */
class PrintedOrderTest {
    static List<Arguments> facts() throws IOException {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                PrintedOrderTest.class.getResourceAsStream("printed-orders.txt"), StandardCharsets.UTF_8))) {
            List<Arguments> found = new ArrayList<>();
            for (String line : in.lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList()) {
                String[] word = line.split("\\s+", 3);
                found.add(Arguments.of(word[0], Side.valueOf(word[1].toUpperCase(java.util.Locale.ROOT)),
                        word[2]));
            }
            return found;
        }
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("facts")
    void theFaceReadsAsPrinted(String id, Side side, String printed) {
        ConnectorType type = Catalogue.standard().find(id).orElseThrow();
        TreeMap<Long, List<Contact>> rows = new TreeMap<>();
        for (Contact contact : type.seenFrom(side)) {
            if (!contact.isShell()) {
                rows.computeIfAbsent(Math.round(contact.yMm() * 10), _ -> new ArrayList<>()).add(contact);
            }
        }
        String read = rows.values().stream()
                .map(row -> row.stream().sorted(Comparator.comparingDouble(Contact::xMm)).map(Contact::id)
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" / "));
        assertThat(read).isEqualTo(printed);
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-plug,2.77,2.84", "dsub-25-plug,2.77,2.84", "dsub-15hd-plug,2.29,1.98",
            "box-header-10-plug,2.54,2.54", "usb-c-plug,0.5,0.9", "vehicle-16-plug,4.0,7.0"})
    void stepsAndRowsHaveTheirMillimetres(String id, double step, double rowStep) {
        ConnectorType type = Catalogue.standard().find(id).orElseThrow();
        List<Contact> first = type.contacts().stream().filter(c -> c.row() == 0)
                .sorted(Comparator.comparingDouble(Contact::xMm)).toList();
        assertThat(first.get(1).xMm() - first.get(0).xMm()).isCloseTo(step,
                org.assertj.core.data.Offset.offset(0.001));
        double other = type.contacts().stream().filter(c -> c.row() == 1).findFirst().orElseThrow().yMm();
        assertThat(Math.abs(other - first.get(0).yMm())).isCloseTo(rowStep,
                org.assertj.core.data.Offset.offset(0.001));
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-plug,dsub-9-socket,true", "dsub-9-plug,dsub-9-plug,false",
            "usb-a-plug,usb3-a-socket,true",
            "usb3-a-plug,usb-a-socket,true", "usb-b-plug,usb-a-socket,false",
            "modular-6p4c-plug,modular-6p6c-socket,true",
            "modular-6p6c-plug,modular-6p4c-socket,true", "modular-6p4c-plug,modular-6p2c-socket,true",
            "modular-6p4c-plug,modular-8p8c-socket,false", "m12-d-4-plug,m12-a-4-socket,false",
            "m12-a-4-screened-plug,m12-a-5-socket,true", "usb-b-plug,usb3-b-socket,true",
            "usb3-b-plug,usb-b-socket,false", "ring-1,terminal-3,true", "circular-5,circular-5,true",
            "circular-5,circular-6,false", "barrel-5.5-2.1-plug,barrel-5.5-2.5-socket,false",
            "pluggable-350-3-socket,pluggable-381-3-plug,false",
            "modular-4p4c-plug,modular-6p4c-socket,false",
            "m12-a-4-plug,m12-a-5-socket,true", "m12-a-5-plug,m12-a-4-socket,false",
            "m12-a-5-plug,m12-a-8-socket,false",
            "jack-3.5-trs-plug,jack-3.5-trrs-socket,true", "jack-3.5-trs-plug,jack-6.35-trs-socket,false",
            "terminal-3,terminal-3,true"})
    void matesOnlyWithWhatItGoesInto(String one, String other, boolean fits) {
        ConnectorType a = Catalogue.standard().find(one).orElseThrow();
        ConnectorType b = Catalogue.standard().find(other).orElseThrow();
        assertThat(a.matesWith(b)).isEqualTo(fits);
        assertThat(b.matesWith(a)).isEqualTo(fits);
    }

    /**
     * Families whose numbers stand in a standard and in a second account of it. Of all others the numbers are to be checked
     * on the part; where nothing is printed there is nothing to check.
     */
    private static final List<String> TWO_SOURCES = List.of("dsub-\\d+-.*", "dsub-15hd-.*", "box-header-.*",
            "modular-.*", "xlr-[35]-.*", "usb-.*", "usb3-a-.*", "jack-.*", "phono-.*", "barrel-.*", "coax-.*",
            "(banana|blade|bullet|tag|ring|spade|crocodile)-.*");

    @Test
    void theNumbersAreToBeCheckedExactlyWhereOneSourceStandsBehindThem() {
        assertThat(Catalogue.standard().all()).hasSizeGreaterThan(200).allSatisfy(
                type -> assertThat(type.numbersToCheck()).as(type.id())
                        .isEqualTo(TWO_SOURCES.stream().noneMatch(type.id()::matches)));
    }
}
