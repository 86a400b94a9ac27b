package wegweiser.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;

/** Distances and neighbours that were measured elsewhere, and connectors that a job brings along. */
class GeometryTest {
    private static ConnectorType type(String id) {
        return Catalogue.standard().find(id).orElseThrow();
    }

    private static double distance(String id, String a, String b) {
        return type(id).contact(a).orElseThrow().distanceMm(type(id).contact(b).orElseThrow());
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-plug,1,2,2.77", "dsub-9-plug,1,5,11.08", "dsub-25-plug,1,13,33.24",
            "dsub-15hd-plug,1,2,2.29", "box-header-10-socket,1,2,2.54",
            "box-header-10-socket,1,9,10.16", "modular-8p8c-plug,1,8,7.14", "modular-6p4c-plug,2,5,3.06",
            "row-254-4-plug,1,4,7.62", "row-250-3-plug,1,3,5.0",
            "terminal-3,1,2,5.08", "vehicle-16-plug,1,9,7.0"})
    void contactsLieAsFarApartAsTheyDo(String id, String a, String b, double mm) {
        assertThat(distance(id, a, b)).isCloseTo(mm, within(0.02));
    }

    @ParameterizedTest
    @CsvSource({"box-header-10-plug,20.3,8.8", "box-header-20-plug,33.0,8.8", "jack-6.35-ts-plug,,30",
            "jack-3.5-trs-plug,,14"})
    void bodiesAreAsLargeAsTheyAre(String id, Double wide, Double high) {
        Outline outline = type(id).outline();
        if (wide != null) {
            assertThat(outline.widthMm()).isCloseTo(wide, within(0.2));
        }
        assertThat(outline.heightMm()).isCloseTo(high, within(0.2));
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-plug,1,2 6", "dsub-9-plug,7,2 3 6 8", "box-header-10-socket,3,1 2 4 5 6",
            "modular-8p8c-plug,1,2", "modular-6p4c-plug,2,3", "row-254-3-plug,2,1 3"})
    void neighboursAreWhereShortsHappen(String id, String contact, String neighbours) {
        assertThat(type(id).neighbours(contact)).containsExactlyInAnyOrder(neighbours.split(" "));
    }

    @Test
    void aShellHasNoNeighboursAndAnUnknownContactIsSaidToBe() {
        assertThat(type("dsub-9-plug").neighbours("shell")).isEmpty();
        assertThatThrownBy(() -> type("dsub-9-plug").neighbours("10")).hasMessageContaining("10");
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket,1,5", "dsub-9-socket,6,9", "dsub-9-socket,3,3", "dsub-25-plug,14,25",
            "modular-8p8c-plug,2,7", "xlr-3-plug,1,2", "xlr-3-plug,3,3", "box-header-10-socket,1,9"})
    void theMirrorImageIsWhatTheWrongSideShows(String id, String contact, String image) {
        assertThat(type(id).mirrorImage()).containsEntry(contact, image);
    }

    private static Job withOwn(OwnConnector own) {
        Job job = Job.of("own", List.of(End.of("A", "Flat-field panel", own.id(), List.of()),
                End.of("B", "Dome computer", "dsub-9-plug", List.of())), List.of(), List.of());
        return new Job(job.version(), job.title(), job.ends(), CableUse.NONE, job.links(), job.readings(),
                List.of(own), List.of(), List.of(), List.of(), List.of(), List.of(), Optional.empty(),
                Optional.empty(),
                job.schools(), job.basis(), List.of(), Extra.NONE);
    }

    @Test
    void aJobMayBringItsOwnConnector() {
        OwnConnector own = new OwnConnector("panel-4-socket", "panel connector",
                List.of(List.of("1", "2"), List.of("", "3")), 3.0, true, Extra.NONE);
        Job job = withOwn(own);
        ConnectorType type = Catalogue.of(job).find("panel-4-socket").orElseThrow();
        assertThat(type.ids()).containsExactly("1", "2", "3", "shell");
        assertThat(type.family()).isEqualTo("panel-4");
        assertThat(type.gender()).isEqualTo(Gender.SOCKET);
        assertThat(type.contact("3").orElseThrow().distanceMm(type.contact("2").orElseThrow()))
                .isEqualTo(3.0);
        assertThat(type.numbersToCheck()).isTrue();
        assertThat(Terminals.of(job)).contains(Terminal.parse("A.3"), Terminal.parse("A.shell"),
                Terminal.parse("B.9"));
        assertThat(Catalogue.standard().find("panel-4-socket")).isEmpty();
    }

    @Test
    void bareLeadsHaveTheContactsThatAreNamed() {
        End leads = End.of("B", "Talkback headset", End.LEADS, List
                .of(PinRow.of("RD", "MIC", Direction.IN, ""), PinRow.of("WH", "GND", Direction.GROUND, "")));
        Job job = Job.of("leads", List.of(End.of("A", "", "jack-3.5-trs-plug", List.of()), leads),
                List.of(Link.of("A.tip", "B.YE")), List.of());
        assertThat(Terminals.of(job, leads)).extracting(Terminal::contact).containsExactly("RD", "WH", "YE");
        assertThat(Terminals.of(job)).doesNotHaveDuplicates();
    }

    @Test
    void contactsThatOnlyALinkNamesAreListedLast() {
        Job job = Job.of("x", List.of(End.of("A", "", "modular-6p4c-plug", List.of())),
                List.of(Link.of("A.1", "A.2")), List.of());
        assertThat(Terminals.of(job)).extracting(Terminal::contact).containsExactly("2", "3", "4", "5", "1");
    }

    @Test
    void everyNamedPinoutFitsItsConnector() {
        assertThat(NamedPinout.standard()).isNotEmpty().allSatisfy(pinout -> {
            Catalogue.standard().family(pinout.family()).ifPresentOrElse(
                    _ -> assertThat(pinout.rows()).extracting(PinRow::contact)
                            .allMatch(c -> Catalogue.standard().familyHas(pinout.family(), c)),
                    () -> assertThat(pinout.family()).isEqualTo("leads"));
            assertThat(pinout.rows()).extracting(PinRow::contact).doesNotHaveDuplicates();
            assertThat(pinout.rows()).allMatch(r -> r.direction().isPresent());
            assertThat(pinout.rows()).extracting(r -> r.signal().orElseThrow())
                    .allSatisfy(signal -> assertThat(wegweiser.core.signals.Signals.canonical(signal))
                            .isEqualTo(signal));
        });
    }

    @Test
    void aModemIsATerminalTurnedRound() {
        List<PinRow> terminal = NamedPinout.find("rs232-9-terminal").orElseThrow().rows();
        List<PinRow> modem = NamedPinout.find("rs232-9-modem").orElseThrow().rows();
        for (int k = 0; k < terminal.size(); k++) {
            assertThat(modem.get(k).signal()).isEqualTo(terminal.get(k).signal());
            Direction one = terminal.get(k).direction().orElseThrow();
            Direction other = modem.get(k).direction().orElseThrow();
            assertThat(other).isEqualTo(
                    one == Direction.IN ? Direction.OUT : one == Direction.OUT ? Direction.IN : one);
        }
    }
}
