package wegweiser.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.drawing.FaceDrawing;

/** What must hold for every connector, and what is known of some of them from elsewhere. */
class CatalogueTest {
    static Stream<ConnectorType> all() {
        return Catalogue.standard().all().stream();
    }

    private static Map<String, Contact> byId(List<Contact> contacts) {
        return contacts.stream().collect(Collectors.toMap(Contact::id, Function.identity()));
    }

    @ParameterizedTest
    @MethodSource("all")
    void holdsItsProperties(ConnectorType type) {
        assertThat(new HashSet<>(type.ids())).hasSameSizeAs(type.ids());
        assertThat(Catalogue.standard().find(type.id())).contains(type);
        Map<String, Contact> mating = byId(type.seenFrom(Side.MATING));
        byId(type.seenFrom(Side.WIRING)).forEach((id, contact) -> {
            if (type.outline() instanceof Outline.Axial) {
                // seen from the side: the lugs lie in the order of the contacts, from the tip to the cable
                assertThat(contact.yMm()).isEqualTo(mating.get(id).yMm());
                return;
            }
            assertThat(contact.xMm()).isEqualTo(-mating.get(id).xMm() + 0.0);
            assertThat(contact.yMm()).isEqualTo(mating.get(id).yMm());
            assertThat(contact.mirrored()).isEqualTo(mating.get(id));
        });
        for (String id : type.pinIds()) {
            assertThat(type.neighbours(id)).doesNotContain(id);
            for (String neighbour : type.neighbours(id)) {
                assertThat(type.neighbours(neighbour)).contains(id);
            }
        }
        if (!type.ribbonOrder().isEmpty()) {
            assertThat(type.ribbonOrder()).containsExactlyInAnyOrderElementsOf(type.pinIds());
        }
        Map<String, String> mirror = type.mirrorImage();
        assertThat(mirror.values()).containsExactlyInAnyOrderElementsOf(type.ids());
        type.ids().forEach(id -> assertThat(mirror.get(mirror.get(id))).isEqualTo(id));
        assertThat(type.ratings().thickestAwg()).isLessThanOrEqualTo(type.ratings().thinnestAwg());
        assertThat(type.ratings().ampsPerContact()).isPositive();
    }

    @ParameterizedTest
    @MethodSource("all")
    void matesWithItsOppositeWhichIsItsMirrorImage(ConnectorType type) {
        if (type.gender() == Gender.NONE) {
            return;
        }
        ConnectorType other = Catalogue.standard().find(type.family() + "-" + type.gender().opposite().id())
                .orElseThrow();
        assertThat(type.matesWith(other)).isTrue();
        assertThat(type.matesWith(type)).isFalse();
        Map<String, Contact> here = byId(type.contacts());
        for (Contact there : other.contacts()) {
            if (!here.containsKey(there.id()) || type.outline() instanceof Outline.Axial) {
                // a socket may have contacts that its plug lacks
                continue;
            }
            assertThat(there.xMm()).isEqualTo(-here.get(there.id()).xMm() + 0.0);
            assertThat(there.yMm()).isEqualTo(here.get(there.id()).yMm());
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void isDrawnInsideItsOwnBounds(ConnectorType type) {
        for (Side side : Side.values()) {
            Drawing drawing = FaceDrawing.of(type, side, FaceDrawing.Marks.NONE);
            assertThat(drawing.shapes().stream().map(Drawing.Shape::id)).containsAll(type.ids());
            for (Contact contact : type.seenFrom(side)) {
                assertThat(contact.xMm()).isBetween(drawing.leftMm(), drawing.leftMm() + drawing.widthMm());
                assertThat(contact.yMm()).isBetween(drawing.topMm(), drawing.topMm() + drawing.heightMm());
            }
        }
    }

    private static List<String> topRow(String id, Side side) {
        List<Contact> contacts = Catalogue.standard().find(id).orElseThrow().seenFrom(side);
        double top = contacts.stream().filter(c -> !c.isShell()).mapToDouble(Contact::yMm).min()
                .orElseThrow();
        return contacts.stream()
                .filter(c -> !c.isShell() && Math.abs(c.yMm() - top) < 0.1)
                .sorted(java.util.Comparator.comparingDouble(Contact::xMm))
                .map(Contact::id)
                .toList();
    }

    @Test
    void theNineWayPlugReadsFromTheLeftAndItsSocketFromTheRight() {
        assertThat(topRow("dsub-9-plug", Side.MATING)).containsExactly("1", "2", "3", "4", "5");
        assertThat(topRow("dsub-9-socket", Side.MATING)).containsExactly("5", "4", "3", "2", "1");
        assertThat(topRow("dsub-9-socket", Side.WIRING)).containsExactly("1", "2", "3", "4", "5");
    }

    @Test
    void otherFacesAreAsTheyAreKnown() {
        assertThat(topRow("modular-8p8c-plug", Side.WIRING)).containsExactly("1", "2", "3", "4", "5", "6",
                "7", "8");
        assertThat(topRow("modular-8p8c-socket", Side.MATING)).containsExactly("1", "2", "3", "4", "5", "6",
                "7", "8");
        assertThat(topRow("xlr-3-plug", Side.MATING)).containsExactly("2", "1");
        assertThat(topRow("xlr-3-socket", Side.MATING)).containsExactly("1", "2");
        assertThat(topRow("m12-a-4-plug", Side.MATING)).containsExactly("2", "1");
        assertThat(topRow("vehicle-16-socket", Side.MATING)).containsExactly("1", "2", "3", "4", "5", "6",
                "7", "8");
        assertThat(topRow("usb-c-socket", Side.MATING)).startsWith("A1", "A2").endsWith("A12");
    }

    @Test
    void theRibbonOfTheNineWayAlternatesBetweenRows() {
        assertThat(Catalogue.standard().find("dsub-9-socket").orElseThrow().ribbonOrder())
                .containsExactly("1", "6", "2", "7", "3", "8", "4", "9", "5");
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-plug,9", "dsub-15-plug,15", "dsub-25-socket,25", "dsub-37-plug,37", "dsub-50-plug,50",
            "dsub-15hd-plug,15", "dsub-26hd-plug,26", "dsub-44hd-plug,44", "dsub-62hd-plug,62",
            "dsub-78hd-socket,78", "usb-c-socket,24", "hdmi-a-plug,19", "xlr-7-plug,7", "din-8-plug,8",
            "trailer-13-plug,13", "vehicle-9-socket,9", "micro-ribbon-50-plug,50", "usb3-micro-b-plug,10",
            "modular-6p4c-plug,4",
            "modular-6p2c-plug,2", "box-header-34-socket,34", "jack-3.5-trrs-plug,4", "usb-c-plug,22",
            "usb3-a-plug,9", "m12-a-5-plug,5", "row-254-3-socket,3",
            "terminal-2,2", "circular-7,7"})
    void hasAsManyContactsAsItsNameSays(String id, int count) {
        assertThat(Catalogue.standard().find(id).orElseThrow().pinIds()).hasSize(count);
    }

    @Test
    void positionsOfAModularPlugAreCountedOnTheBody() {
        assertThat(Catalogue.standard().find("modular-6p4c-plug").orElseThrow().ids()).containsExactly("2",
                "3", "4", "5");
    }

    @ParameterizedTest
    @CsvSource({"dsub-10-plug", "dsub-9", "modular-7p7c-plug", "box-header-9-socket", "xlr-2-plug",
            "m12-d-5-plug", "ring-2-plug", "banana-2",
            "usb-d-plug", "''", "plug", "-plug", "row-254-0-plug", "m12-a-99999999999-plug"})
    void knowsNothingThatDoesNotExist(String id) {
        assertThat(Catalogue.standard().find(id)).isEmpty();
    }

    @Test
    void everyCableHasItsPairsAmongItsConductors() {
        assertThat(Cables.all()).allSatisfy(cable -> {
            assertThat(cable.conductors()).isNotEmpty().doesNotHaveDuplicates();
            cable.pairs().forEach(pair -> assertThat(cable.conductors()).containsAll(pair));
            assertThat(cable.diameterMm()).isPositive();
        });
        assertThat(Cables.find("utp-4x2-24").orElseThrow().partner("WH/GN")).contains("GN");
    }

    @Test
    void coloursHaveNames() {
        assertThat(ColourCode.words("WH/OG")).isEqualTo("white with orange");
        assertThat(ColourCode.words("7")).isEqualTo("wire 7");
        assertThat(ColourCode.hex("GNYE")).hasSize(2);
        assertThat(ColourCode.of("red")).contains("RD");
    }

    /** Each row of the kinds says the same in all its columns. */
    @Test
    void whatClosesHasSlidOnAndWhatIsTheReturnIsThere() {
        for (ConnectorType type : Catalogue.standard().all()) {
            ConnectorKind kind = type.kind();
            assertThat(kind.fittings().isEmpty()).as("fittings of %s", kind)
                    .isEqualTo(kind.closing() == ConnectorKind.Closing.NONE);
            kind.returnContact().ifPresent(
                    c -> assertThat(type.has(c)).as("contact %s of %s", c, type.id()).isTrue());
            assertThat(kind.methods()).as("a way to join at %s", kind).isNotEmpty();
        }
    }
}
