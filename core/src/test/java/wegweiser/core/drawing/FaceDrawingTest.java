package wegweiser.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Side;

/** The picture of every connector from both sides. */
class FaceDrawingTest {
    static Stream<ConnectorType> all() {
        return Catalogue.standard().all().stream();
    }

    private static boolean isContact(Drawing.Shape shape) {
        return switch (shape.role()) {
            case CONTACT, CONTACT_USED, CONTACT_LIT, CONTACT_DIM -> true;
            case BODY, KEY, INSULATION, LEADER, NUMBER, NUMBER_LIT, NAME, CABLE, WIRE, STRIPE -> false;
        };
    }

    /** The middle of the metal of each contact. */
    private static Map<String, double[]> places(Drawing drawing) {
        Map<String, double[]> places = new HashMap<>();
        drawing.shapes().stream().filter(FaceDrawingTest::isContact).forEach(s -> {
            double[] middle = switch (s) {
                case Drawing.Circle c -> new double[]{c.x(), c.y()};
                case Drawing.Box b -> new double[]{b.x() + b.width() / 2, b.y() + b.height() / 2};
                case Drawing.Polygon p -> new double[]{p.points().get(0), p.points().get(1)};
                case Drawing.Label l -> new double[]{l.x(), l.y()};
                case Drawing.Swatch w -> new double[]{w.x() + w.width() / 2, w.y() + w.height() / 2};
            };
            assertThat(places.put(s.id(), middle)).as("contact %s is drawn once", s.id()).isNull();
        });
        return places;
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyContactIsDrawnOnceAndNumbered(ConnectorType type) {
        for (Side side : Side.values()) {
            Drawing drawing = FaceDrawing.of(type, side, FaceDrawing.Marks.NONE);
            assertThat(places(drawing).keySet()).containsExactlyInAnyOrderElementsOf(
                    type.contacts().stream().map(Contact::id).toList());
            for (String id : type.pinIds()) {
                assertThat(drawing.shapes()).as("number of %s", id).anyMatch(
                        s -> s instanceof Drawing.Label label && label.id().equals(id)
                                && s.role() == Drawing.Role.NUMBER && !label.text().isBlank());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void theWiringSideIsTheMatingFaceLeftToRight(ConnectorType type) {
        if (type.outline() instanceof wegweiser.core.catalog.Outline.Axial) {
            // what is drawn from the side shows its lugs on the wiring side
            return;
        }
        Map<String, double[]> front = places(FaceDrawing.of(type, Side.MATING, FaceDrawing.Marks.NONE));
        Map<String, double[]> back = places(FaceDrawing.of(type, Side.WIRING, FaceDrawing.Marks.NONE));
        boolean turned = front.keySet().stream()
                .anyMatch(id -> Math.abs(front.get(id)[0] - back.get(id)[0]) > 1e-6);
        front.forEach((id, at) -> {
            // a jack looks the same from everywhere round its axis
            assertThat(back.get(id)[0]).as(id).isCloseTo(turned ? -at[0] : at[0], within(1e-6));
            assertThat(back.get(id)[1]).as(id).isCloseTo(at[1], within(1e-6));
        });
    }

    @ParameterizedTest
    @MethodSource("all")
    void nothingIsDrawnBesideThePicture(ConnectorType type) {
        Drawing drawing = FaceDrawing.of(type, Side.WIRING, FaceDrawing.Marks.NONE);
        for (Map.Entry<String, double[]> at : places(drawing).entrySet()) {
            assertThat(at.getValue()[0]).as(at.getKey()).isBetween(drawing.leftMm(),
                    drawing.leftMm() + drawing.widthMm());
            assertThat(at.getValue()[1]).as(at.getKey()).isBetween(drawing.topMm(),
                    drawing.topMm() + drawing.heightMm());
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void exactlyTheContactsThatAreMeantAreLit(ConnectorType type) {
        String meant = type.pinIds().getLast();
        Drawing drawing = FaceDrawing.of(type, Side.WIRING, new FaceDrawing.Marks(Map.of(), Set.of(meant)));
        assertThat(drawing.shapes().stream().filter(s -> s.role() == Drawing.Role.CONTACT_LIT)
                .map(Drawing.Shape::id).distinct()).containsExactly(meant);
    }

    @Test
    void aWireShowsItsColourAndItsStripe() {
        ConnectorType type = Catalogue.standard().find("dsub-9-socket").orElseThrow();
        Drawing drawing = FaceDrawing.of(type, Side.WIRING,
                new FaceDrawing.Marks(Map.of("3", "WH/OG", "5", "BK"), Set.of(), Map.of("7", "RTS")));
        List<Drawing.Shape> third = drawing.shapes().stream().filter(s -> s.id().equals("3")).toList();
        assertThat(third).filteredOn(s -> s instanceof Drawing.Swatch)
                .extracting(s -> ((Drawing.Swatch) s).hex())
                .hasSizeGreaterThan(1).doesNotHaveDuplicates();
        assertThat(drawing.shapes()).anyMatch(s -> s.id().equals("7") && s instanceof Drawing.Label label
                && label.text().equals("RTS"));
        assertThat(drawing.shapes()).noneMatch(s -> s.id().equals("7") && s instanceof Drawing.Swatch);
    }
}
