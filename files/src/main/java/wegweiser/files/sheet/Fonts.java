package wegweiser.files.sheet;

import java.io.InputStream;
import java.util.List;

/** The type that the window and the sheet share; licence beside the files. */
public enum Fonts {
    TEXT("Overpass_400Regular"), MEDIUM("Overpass_600SemiBold"), BOLD("Overpass_700Bold"), MONO(
            "OverpassMono_400Regular"), MONO_MEDIUM("OverpassMono_600SemiBold");

    private final String file;

    Fonts(String file) {
        this.file = file;
    }

    /** The TrueType file. The caller closes it. */
    public InputStream open() {
        return Fonts.class.getResourceAsStream("/wegweiser/files/fonts/" + file + ".ttf");
    }

    public static List<Fonts> all() {
        return List.of(values());
    }
}
