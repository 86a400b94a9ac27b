package wegweiser.files.sheet;

/** Escaping for the text formats. */
final class Markup {
    private Markup() {}

    /** Text that is safe inside HTML and SVG. */
    static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;").replace("\"", "&quot;");
    }

    /** Text that is safe in a cell of a Markdown table. */
    static String cell(String text) {
        return text.replace("\\", "\\\\").replace("|", "\\|").replace("\n", " ");
    }
}
