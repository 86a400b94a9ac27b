package wegweiser.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.FaceDrawing;

/** A picture of each family from each side, as it was looked at and found right. */
class FacePicturesTest {
    private static final Path GOLDEN = Path.of("src/test/resources/golden/faces");

    static List<Arguments> faces() {
        List<Arguments> all = new ArrayList<>();
        for (String id : List.of("dsub-9-plug", "dsub-9-socket", "dsub-15-plug", "dsub-15hd-plug",
                "dsub-25-plug",
                "dsub-37-plug", "dsub-50-plug", "box-header-10-plug", "box-header-34-socket",
                "modular-8p8c-plug",
                "modular-6p6c-plug", "modular-6p4c-plug", "modular-6p2c-plug", "modular-4p4c-plug",
                "jack-2.5-ts-plug",
                "jack-3.5-trs-plug", "jack-3.5-trrs-plug", "jack-6.35-trs-socket", "phono-plug", "xlr-3-plug",
                "xlr-3-socket", "xlr-5-plug", "usb-a-plug", "usb-b-plug", "usb-mini-b-plug",
                "usb-micro-b-plug",
                "usb3-a-plug", "usb-c-plug", "usb-c-socket", "m12-a-3-plug", "m12-a-4-plug", "m12-a-5-socket",
                "m12-a-8-plug", "m8-3-plug", "m8-4-plug", "vehicle-16-plug", "row-254-4-socket",
                "row-250-4-socket",
                "terminal-3", "circular-7")) {
            for (Side side : Side.values()) {
                all.add(Arguments.of(id, side));
            }
        }
        return all;
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("faces")
    void looksAsItDid(String id, Side side) throws IOException {
        ConnectorType type = Catalogue.standard().find(id).orElseThrow();
        String picture = FaceSvg.element(FaceDrawing.of(type, side, FaceDrawing.Marks.NONE)) + "\n";
        Path golden = GOLDEN.resolve(id + "-" + side.name().toLowerCase(java.util.Locale.ROOT) + ".svg");
        if (System.getenv("GOLDEN_WRITE") != null) {
            Files.createDirectories(GOLDEN);
            Files.writeString(golden, picture);
        }
        assertThat(picture).isEqualTo(Files.readString(golden));
    }
}
