package wegweiser.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a connector becomes when it is wired from the wrong side, against a list that was written by hand. */
class MirrorTest {
    static List<Arguments> mirrors() throws IOException {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                MirrorTest.class.getResourceAsStream("mirrors.txt"), StandardCharsets.UTF_8))) {
            return in.lines().filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .map(l -> l.split("\\s+", 2)).map(w -> Arguments.of(w[0], w[1])).toList();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("mirrors")
    void theWrongSideExchangesTheseContacts(String family, String exchanged) {
        Map<String, String> expected = new TreeMap<>();
        for (String pair : exchanged.split("\\s+")) {
            String[] two = pair.split("-");
            expected.put(two[0], two[two.length - 1]);
            expected.put(two[two.length - 1], two[0]);
        }
        for (String id : List.of(family + "-plug", family + "-socket", family)) {
            Catalogue.standard().find(id).ifPresent(type -> {
                Map<String, String> found = new TreeMap<>(type.mirrorImage());
                found.remove(Contact.SHELL);
                assertThat(found).as(id).isEqualTo(expected);
            });
        }
        assertThat(Stream.of(family + "-plug", family).map(Catalogue.standard()::find))
                .anyMatch(t -> t.isPresent());
    }

    /** Wire after wire of a ribbon pressed into the connector, the red edge first. */
    @ParameterizedTest
    @CsvSource({"dsub-9-socket,1 6 2 7 3 8 4 9 5", "dsub-15-plug,1 9 2 10 3 11 4 12 5 13 6 14 7 15 8",
            "dsub-25-plug,1 14 2 15 3 16 4 17 5 18 6 19 7 20 8 21 9 22 10 23 11 24 12 25 13",
            "box-header-10-socket,1 2 3 4 5 6 7 8 9 10", "box-header-200-6-plug,1 2 3 4 5 6",
            "dsub-37-plug,1 20 2 21 3 22 4 23 5 24 6 25 7 26 8 27 9 28 10 29 11 30 12 31 13 32 14 33 15 34 16 35 17 36 18 37 19"})
    void theWiresOfARibbonLieInThisOrder(String id, String order) {
        assertThat(Catalogue.standard().find(id).orElseThrow().ribbonOrder())
                .containsExactly(order.split(" "));
    }

    @Test
    void everyFamilyOfTheTableOfNumbersIsThere() {
        Set<String> known = Catalogue.standard().all().stream().map(ConnectorType::family)
                .collect(Collectors.toSet());
        assertThat(known).contains("barrel-5.5-2.1", "barrel-5.5-2.5", "din-5", "mini-din-6", "coax-bnc",
                "coax-sma",
                "coax-f", "pluggable-350-4", "pluggable-381-2", "modular-8p8c-screened", "m12-b-5", "m12-d-4",
                "m12-x-8",
                "m12-l-5", "m12-t-4", "m12-a-4-screened", "m8-3-screened", "row-200-4", "row-125-4",
                "row-100-4",
                "box-header-6", "box-header-200-10", "box-header-127-10", "dsub-26hd", "dsub-44hd",
                "dsub-62hd",
                "dsub-78hd", "micro-ribbon-36", "micro-ribbon-50", "usb3-b", "usb3-micro-b", "hdmi-a",
                "xlr-4", "xlr-6",
                "xlr-7", "banana-2", "ring-1", "spade-2", "crocodile-2", "blade-1", "vehicle-16b",
                "vehicle-9",
                "trailer-7", "trailer-13");
    }
}
