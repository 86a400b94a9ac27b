package wegweiser.files.sheet;

/** Escaping for the text formats: whatever a person wrote stays text, and stays readable. */
final class Markup {
    private static final int REPLACEMENT = 0xFFFD;
    private static final String MARKDOWN = "\\`*_{}[]<>#|!~";

    private Markup() {}

    /** Text that is safe inside HTML and SVG; characters that XML 1.0 does not know become U+FFFD. */
    static String escaped(String text) {
        StringBuilder safe = new StringBuilder(text.length() + 16);
        text.codePoints().map(c -> isXml(c) ? c : REPLACEMENT).forEach(c -> {
            switch (c) {
                case '&' -> safe.append("&amp;");
                case '<' -> safe.append("&lt;");
                case '>' -> safe.append("&gt;");
                case '"' -> safe.append("&quot;");
                case '\'' -> safe.append("&#39;");
                default -> safe.appendCodePoint(c);
            }
        });
        return safe.toString();
    }

    private static boolean isXml(int c) {
        return c == '\t' || c == '\n' || c == '\r' || c >= 0x20 && c <= 0xD7FF || c >= 0xE000 && c <= 0xFFFD
                || c >= 0x10000 && c <= 0x10FFFF;
    }

    /** Text that is plain text in Markdown too, on one line, in a table as well. */
    static String text(String text) {
        StringBuilder safe = new StringBuilder(text.length() + 8);
        text.codePoints().forEach(c -> {
            if (c < 0x20 || c == 0x2028 || c == 0x2029) {
                safe.append(' ');
            } else if (c == '&') {
                safe.append("&amp;");
            } else {
                safe.append(MARKDOWN.indexOf(c) >= 0 ? "\\" : "").appendCodePoint(c);
            }
        });
        return safe.toString();
    }

    /** A cell of a CSV table that no spreadsheet takes for a formula: one that begins like one gets an apostrophe. */
    static String cell(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
