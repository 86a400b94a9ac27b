package wegweiser.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.Samples;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.Job;

class WiringTest {
    private static Wiring wiring(String links) {
        return Wiring.between(Nets.planned(Samples.job("dsub-9-socket", "dsub-9-socket", links)), "A", "B");
    }

    private static Wiring random(SplittableRandom random) {
        return Wiring.between(Nets.planned(Samples.random("dsub-9-socket", "dsub-9-socket", random)), "A",
                "B");
    }

    @Test
    void invertingTwiceChangesNothing() {
        SplittableRandom random = new SplittableRandom(3);
        for (int k = 0; k < 500; k++) {
            Wiring wiring = random(random);
            assertThat(wiring.inverse().inverse()).isEqualTo(wiring);
        }
    }

    @Test
    void chainingIsAssociativeAndTurnsRound() {
        SplittableRandom random = new SplittableRandom(4);
        for (int k = 0; k < 500; k++) {
            Wiring a = random(random);
            Wiring b = random(random);
            Wiring c = random(random);
            assertThat(a.then(b).map()).isEqualTo(a.then(b).inverse().inverse().map());
            assertThat(a.then(b).then(c).map()).isEqualTo(a.then(b.then(c)).map());
            assertThat(a.then(b).inverse().map()).isEqualTo(b.inverse().then(a.inverse()).map());
        }
    }

    @Test
    void crossedTwiceIsStraight() {
        Wiring crossed = wiring("2-3 3-2 5-5");
        assertThat(crossed.then(crossed).map()).isEqualTo(wiring("2-2 3-3 5-5").map());
    }

    @Test
    void aSignatureIsTheSameForTheSameWiringInAnyOrder() {
        assertThat(wiring("2-3 3-2 5-5").signature()).isEqualTo(wiring("5-5 3-2 2-3").signature())
                .isEqualTo("2-3 3-2 5-5");
    }

    static Stream<NamedWiring> named() {
        return NamedWiring.standard().stream();
    }

    @ParameterizedTest
    @MethodSource("named")
    void everyNamedWiringIsRecognisedFromBothEndsAndFitsItsConnectors(NamedWiring named) {
        assertThat(Recogniser.recognise(named.fromFamily(), named.toFamily(), named.wiring()).orElseThrow()
                .named().id()).isEqualTo(named.id());
        assertThat(Recogniser.recognise(named.toFamily(), named.fromFamily(), named.wiring().inverse())
                .orElseThrow().named().id()).isEqualTo(named.id());
        ConnectorType from = Catalogue.standard().find(named.fromFamily() + "-plug").orElseThrow();
        ConnectorType to = Catalogue.standard().find(named.toFamily() + "-plug").orElseThrow();
        named.wiring().nets().forEach(net -> {
            assertThat(from.ids()).containsAll(net.near());
            assertThat(to.ids()).containsAll(net.far());
        });
    }

    @Test
    void noTwoNamedWiringsOfOnePairOfConnectorsAreTheSame() {
        List<String> seen = new ArrayList<>();
        for (NamedWiring named : NamedWiring.standard()) {
            seen.add(named.fromFamily() + named.toFamily() + named.wiring().signature());
        }
        assertThat(seen).doesNotHaveDuplicates();
    }

    @Test
    void joinedShellsDoNotHideAName() {
        Wiring wiring = wiring("2-3 3-2 5-5 shell-shell");
        assertThat(Recogniser.recognise("dsub-9", "dsub-9", wiring).orElseThrow().named().id())
                .isEqualTo("crossed-3");
        assertThat(Recogniser.recognise("dsub-9", "dsub-9", wiring("2-3 3-2 5-5 1-shell"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1-1 2-2 3-3|straight, 3 contacts",
            "2-3 3-2 5-5|crossed 2-3, otherwise straight",
            "1-5 2-4 3-3 4-2 5-1|reversed, 5 contacts", "1-2 2-3 3-4|shifted by 1 up, 3 contacts",
            "1-1 2-5 3-4 4-3 5-2 6-6|contacts 2 to 5 turned over, otherwise straight",
            "''|nothing joined", "2-3 3-2 7-8 8-7|crossed 2-3 and 7-8", "1-2 2-3 3-1|1 to 2, 2 to 3, 3 to 1"})
    void isSaidInWords(String links, String words) {
        assertThat(WiringWords.of(wiring(links))).isEqualTo(words);
    }

    @Test
    void cyclesNameAPermutation() {}

    @Test
    void aMistakeMadeTwiceAtAnEndWithMirrorOrSwapIsNoMistake() {
        for (String id : List.of("dsub-9-socket", "box-header-10-socket", "modular-8p8c-plug")) {
            ConnectorType type = Catalogue.standard().find(id).orElseThrow();
            Job job = Samples.random(id, id, new SplittableRandom(8));
            Nets nets = Nets.planned(job);
            for (EndChange change : EndChange.all(type)) {
                boolean involution = switch (change.kind()) {
                    case MIRRORED, ROWS_SWAPPED, SWAPPED, TWIST, COLOUR_STANDARD -> true;
                    case SHIFTED, RIBBON_FOR_NUMBER -> false;
                };
                if (involution) {
                    assertThat(change.applyTo(change.applyTo(nets, "A"), "A"))
                            .as("%s at %s", change.kind(), id).isEqualTo(nets);
                }
            }
        }
    }

    /** As such a lead is really made: all grounds and all supplies are one in each plug, and one configuration line runs. */
    @Test
    void aReversibleLeadIsRecognisedWithItsBridges() {
        String bridges = "A1-%s.A12 %1$s.A1-%1$s.B1 %1$s.A1-%1$s.B12 %1$s.A4-%1$s.A9 %1$s.A4-%1$s.B4 %1$s.A4-%1$s.B9";
        Job job = Samples.job("usb-c-plug", "usb-c-plug", "A1-A1 A4-A4 A5-A5 A6-A6 A7-A7 shell-shell A."
                + bridges.formatted("A") + " B." + bridges.formatted("B"));
        assertThat(Recogniser.recognise("usb-c", "usb-c", Wiring.between(Nets.planned(job), "A", "B"))
                .map(c -> c.named().id()))
                .contains("usb2-c-c");
    }
}
