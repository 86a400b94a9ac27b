package wegweiser.files.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The type that the window and the sheet share; licence beside the files. */
public enum Fonts {
    TEXT("Overpass_400Regular"),
    MEDIUM("Overpass_600SemiBold"),
    BOLD("Overpass_700Bold"),
    MONO("OverpassMono_400Regular"),
    MONO_MEDIUM("OverpassMono_600SemiBold");

    private final String file;
    private TrueTypeFont type;

    Fonts(String file) {
        this.file = file;
    }

    /** The TrueType file. The caller closes it. */
    public InputStream open() {
        return Fonts.class.getResourceAsStream("/wegweiser/files/fonts/" + file + ".ttf");
    }

    /** How wide a text is, in the unit of its size. A letter that the typeface lacks is as wide as its question mark. */
    double width(String text, double size) {
        try {
            TrueTypeFont read = type();
            CmapLookup letters = read.getUnicodeCmapLookup();
            double units = 0;
            for (int c : text.codePoints().toArray()) {
                int glyph = letters.getGlyphId(c);
                units += read.getAdvanceWidth(glyph > 0 ? glyph : letters.getGlyphId('?'));
            }
            return units / read.getUnitsPerEm() * size;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private synchronized TrueTypeFont type() throws IOException {
        if (type == null) {
            type = new TTFParser().parse(new RandomAccessReadBuffer(open()));
        }
        return type;
    }

    public static List<Fonts> all() {
        return List.of(values());
    }
}
