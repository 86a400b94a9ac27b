package wegweiser.core.pinout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;

/** Takes the punctuation of tables off a line. */
final class Cells {
    private static final Pattern RULE = Pattern.compile("[\\s|+:=_*-]{3,}");

    private Cells() {}

    /** A line without markup, with arrows as plain characters; empty for lines that only draw a rule. */
    static String plain(String line) {
        String text = line.replaceAll("<(-+|=)>", "\u2194").replaceAll("(?i)</t[dh]>\\s*(?=<t[dh])", "\t")
                .replaceAll("<[^<>]*>", " ")
                .replace('\u00A0', ' ').replace('\u2007', ' ').replace("&nbsp;", " ").replace("&gt;", ">")
                .replace("&lt;", "<")
                .replaceAll("[\u2192\u21D2\u25BA\u25B6]|=>|-+>", " \u2192 ")
                .replaceAll("[\u2190\u21D0\u25C4\u25C0]|<-+", " \u2190 ")
                .replaceAll("\u2190 *\u2192|[\u2194\u21D4]", " \u2194 ")
                .replaceAll("[\u2013\u2014\u2212]", "-")
                .replaceAll("^\\s*[•●▪·*-]\\s+", "").replaceAll("[`\"“”„'*]{1,3}", "");
        if (RULE.matcher(text).matches() || text.strip().matches("-{2,}|=+|/[/*].*|\\}[;,]?")) {
            return "";
        }
        return text.strip().replaceAll("^\\{(.*)\\}[,;]?$", "$1").strip();
    }

    /** The cells of a line: between bars, tabs, semicolons, commas or wide gaps, whichever it has. */
    static List<String> split(String line) {
        String separator = line.contains("|")
                ? "\\|"
                : line.contains("\t") ? "\t" : line.contains(";") ? ";" : line.contains(",") ? "," : " {2,}";
        List<String> cells = new ArrayList<>(
                Arrays.stream(line.split(separator, -1)).map(String::strip).toList());
        if (separator.equals("\\|")) {
            if (!cells.isEmpty() && cells.getFirst().isEmpty()) {
                cells.removeFirst();
            }
            if (!cells.isEmpty() && cells.getLast().isEmpty()) {
                cells.removeLast();
            }
        }
        return cells.isEmpty() ? List.of("") : cells;
    }
}
