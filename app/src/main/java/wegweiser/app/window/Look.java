package wegweiser.app.window;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** The stylesheet for a size of text: the one of the program, with all that is measured by letters made larger or smaller. */
public final class Look {
    private static final Pattern MEASURED = Pattern
            .compile(
                    "(-fx-font-size|-fx-fixed-cell-size|-fx-cell-size|-fx-(?:min|pref|max)-height|-peg-text): ([0-9.]+)(px|;)");
    private static final double USUAL = 100;
    /** What is as large as this can be read from afar at any size, and need not grow as fast. */
    private static final double LARGE = 21;
    /** A height in which large letters stand. */
    private static final double HIGH = 100;

    private Look() {}

    /** A height without a unit is not one of text, and stays. */
    private static String scaled(MatchResult m, double factor) {
        double size = Double.parseDouble(m.group(2));
        boolean height = m.group(1).endsWith("height");
        boolean slow = m.group(1).equals("-fx-font-size") && size >= LARGE || height && size >= HIGH;
        double by = height && m.group(3).equals(";") ? 1 : slow ? 1 + (factor - 1) / 2 : factor;
        return String.format(Locale.ROOT, "%s: %.2f%s", m.group(1), size * by, m.group(3));
    }

    /**
     * Where the stylesheet is.
     *
     * @param percent of the usual size of text
     */
    public static String sheet(int percent) {
        URL usual = Look.class.getResource("/wegweiser/app/wegweiser.css");
        if (percent == (int) USUAL) {
            return usual.toExternalForm();
        }
        try (InputStream in = usual.openStream()) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            String larger = MEASURED.matcher(text).replaceAll(m -> scaled(m, percent / USUAL));
            return "data:text/css;charset=UTF-8;base64,"
                    + Base64.getEncoder().encodeToString(larger.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
