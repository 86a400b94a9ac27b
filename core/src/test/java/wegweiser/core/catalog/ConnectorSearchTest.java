package wegweiser.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ConnectorSearchTest {
    private static final ConnectorSearch SEARCH = new ConnectorSearch(Catalogue.standard().all());

    @ParameterizedTest
    @CsvSource({"serial nine,dsub-9-plug", "phone plug six,modular-6p6c-plug",
            "network plug,modular-8p8c-plug",
            "9-polig Buchse,dsub-9-socket", "neunpolig seriell,dsub-9-plug", "m12 4 socket,m12-a-4-socket",
            "headset 4 plug,jack-3.5-trrs-plug", "usb c,usb-c-plug", "klinke 3.5 trs plug,jack-3.5-trs-plug",
            "ribbon 34,box-header-34-plug", "mikrofon 3 stecker,xlr-3-plug", "hörer 4,modular-4p4c-plug",
            "vehicle,vehicle-16-plug", "screw terminal 3,terminal-3", "15 three rows,dsub-15hd-plug",
            "dsub-25-socket,dsub-25-socket", "handy micro,usb-micro-b-plug"})
    void whatPeopleTypeFindsWhatTheyMean(String question, String first) {
        assertThat(SEARCH.find(question)).first().extracting(ConnectorType::id).isEqualTo(first);
    }

    @Test
    void nothingTypedIsEverythingAndNonsenseIsNothing() {
        assertThat(SEARCH.find("  ")).hasSameSizeAs(Catalogue.standard().all());
        assertThat(SEARCH.find("zebra")).isEmpty();
    }

    static List<ConnectorType> all() {
        return Catalogue.standard().all();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyConnectorIsFoundByItsIdAndByItsTitle(ConnectorType type) {
        assertThat(SEARCH.find(type.id())).contains(type);
        assertThat(SEARCH.find(type.title())).contains(type);
    }
}
