package wegweiser.core.pinout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.model.PinRow;
import wegweiser.core.signals.Signals;
import wegweiser.core.words.Words;

/** Reads one line of a pasted pinout. */
final class RowReader {
    private static final Pattern CONTACT_FIRST = Pattern.compile(
            "^((?:(?:pins?|contacts?|kontakte?|stifte?|klemmen?|nr\\.?|no\\.?|pos\\.?|#)\\s*)?[^\\s:=()|]+?"
                    + "(?:(?:\\s*(?:,|/|&|\\.\\.+|\\band\\b|\\bund\\b|\\bto\\b|\\bbis\\b)\\s*|-|\\s+-\\s+)"
                    + "[A-Za-z]?\\d{1,2}(?!\\s*V(?:DC|olts?)?\\b))*)"
                    + "(?:\\s*[:=.)\\]|/]\\s*|\\s+-+\\s+|-(?=[A-Za-z+])|\\s+)(.+)$",
            Pattern.CASE_INSENSITIVE);
    /** The name of a plug on a board before the number of its contact: "J1.3". */
    private static final Pattern PART_NAME = Pattern.compile("^[A-Z]{1,3}\\d{0,2}[.:-](?=\\d)");
    /** Dots that lead the eye from one column to the next. */
    private static final Pattern LEADERS = Pattern
            .compile("\\s*(?:[.\u00B7\u2026]\\s?){3,}\\s*|\\s*\u2026+\\s*|\\s*_{3,}\\s*");
    /** A number with brackets of its own: "(9)", "2.)". */
    private static final Pattern BRACKETED = Pattern
            .compile("^(?:\\(([A-Za-z]?\\d{1,2})\\)|([A-Za-z]?\\d{1,2})\\.\\))\\s*");
    private static final Pattern TWO_WORDS = Pattern.compile("^(ring \\d)\\s*[:=.)-]?\\s*(.+)$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CONTACT_LAST = Pattern.compile(
            "^(.+?)(?:\\s*[:=(\\[\u2192@]+\\s*|\\s+-+\\s+|\\s+on\\s+|\\s+an\\s+|\\s+)"
                    + "((?:(?:pins?|contacts?|kontakte?|stifte?|nr\\.?|no\\.?|#)\\s*)?[A-Za-z]{0,2}\\d{1,2}"
                    + "(?:\\s*(?:,|/|&|\\band\\b|\\bund\\b)\\s*[A-Za-z]?\\d{1,2})*|tip|ring ?[12]?|sleeve|shell|centre|center|outer)"
                    + "[\\s)\\].;]*$",
            Pattern.CASE_INSENSITIVE);

    private final Contacts contacts;

    RowReader(Contacts contacts) {
        this.contacts = contacts;
    }

    boolean hasContactFirst(List<String> cells) {
        return !contacts.isLeads() && !cells.isEmpty() && contacts.one(cells.getFirst()).isPresent();
    }

    PastedPinout.Line line(int number, String original, String line, List<String> cells,
            Optional<Header> header) {
        List<PinRow> rows = header.filter(Header::hasColumns).map(h -> byHeader(h, cells)).orElse(List.of());
        if (rows.isEmpty()) {
            rows = parts(line);
        }
        if (rows.isEmpty()) {
            rows = phrase(line);
        }
        if (rows.isEmpty()) {
            rows = byCells(cells);
        }
        if (!rows.isEmpty()) {
            return new PastedPinout.Line(number, original, PastedPinout.Kind.UNDERSTOOD, rows, "");
        }
        boolean prose = Arrays.stream(line.split("[\\s|,;:]+"))
                .noneMatch(w -> w.matches(".*\\d.*")
                        || Signals.isKnown(w) && w.equals(w.toUpperCase(Locale.ROOT)));
        return new PastedPinout.Line(number, original,
                prose ? PastedPinout.Kind.HEADING : PastedPinout.Kind.NOT_UNDERSTOOD, List.of(),
                prose ? "" : why(line, cells));
    }

    private String why(String line, List<String> cells) {
        String first = cells.getFirst().split("\\s+|[:=-]", -1)[0];
        if (!contacts.isLeads() && Contacts.looksLikeOne(first) && contacts.one(first).isEmpty()) {
            return Words.say("paste.no-such-contact", contacts.title(), first.replaceAll("[.:)]+$", ""));
        }
        return Words.say(line.matches(".*\\d.*") ? "paste.no-name" : "paste.no-contact");
    }

    private List<PinRow> byHeader(Header header, List<String> cells) {
        if (cells.size() <= Math.max(header.contact(), header.name())) {
            return List.of();
        }
        List<String> ids = contacts.several(cells.get(header.contact()));
        String name = cells.get(header.name());
        List<PinRow> rows = new ArrayList<>();
        for (String id : ids) {
            PinRow read = Meanings.row(id, name);
            Supply supply = cell(cells, header.volts()).map(v -> v.matches(".*\\d") ? v + " V" : v)
                    .map(Supply::in)
                    .orElse(Supply.NONE).or(Supply.in(name));
            PinRow row = Meanings.row(id, read.name().orElse(""),
                    cell(cells, header.direction()).flatMap(Meanings::direction).or(read::direction),
                    cell(cells, header.level()).map(l -> Meanings.level(l).orElse(l)).or(read::level),
                    supply);
            rows.add(cell(cells, header.signal()).map(row::withSignal).orElse(row));
        }
        return rows;
    }

    private static Optional<String> cell(List<String> cells, int column) {
        return column < 0 || column >= cells.size() || cells.get(column).isBlank()
                ? Optional.empty()
                : Optional.of(cells.get(column));
    }

    /** A line with several statements: "GND = 5, TX = 3" or "1 DCD | 6 DSR". */
    private List<PinRow> parts(String line) {
        for (String separator : List.of("[;|\t]", ",", " {3,}")) {
            String[] parts = line.replaceAll("[;,|]\\s*$", "").replaceAll("^\\s*\\|", "").split(separator);
            if (parts.length < 2) {
                continue;
            }
            List<PinRow> rows = new ArrayList<>();
            boolean all = true;
            for (String part : parts) {
                List<PinRow> one = part.isBlank() ? List.of() : phrase(part.strip());
                all &= !one.isEmpty();
                rows.addAll(one);
            }
            if (all) {
                return rows;
            }
        }
        return List.of();
    }

    /** One statement: contacts and then their name, or a name and then its contacts. */
    private List<PinRow> phrase(String written) {
        String line = BRACKETED.matcher(LEADERS.matcher(written.replace('\u2212', '-')).replaceAll(" : "))
                .replaceFirst("$1$2 ");
        String text = contacts.isLeads() ? line : PART_NAME.matcher(line).replaceFirst("");
        Matcher spaced = TWO_WORDS.matcher(text);
        if (spaced.matches() && contacts.one(spaced.group(1)).isPresent()) {
            return rows(contacts.several(spaced.group(1)), spaced.group(2));
        }
        Matcher first = CONTACT_FIRST.matcher(text);
        Matcher last = CONTACT_LAST.matcher(text);
        boolean firstFits = first.matches() && !contacts.several(first.group(1)).isEmpty()
                && named(first.group(2));
        boolean lastFits = last.matches() && !contacts.isLeads() && !contacts.several(last.group(2)).isEmpty()
                && named(last.group(1));
        if (firstFits && lastFits) {
            // both ways round make sense: the word that is no signal's name is the contact
            firstFits = !Signals.isKnown(first.group(1)) || first.group(1).matches("\\d+")
                    || !Signals.isKnown(last.group(1));
        }
        return firstFits
                ? rows(contacts.several(first.group(1)), first.group(2))
                : lastFits ? rows(contacts.several(last.group(2)), last.group(1)) : List.of();
    }

    /** Whether a text can be a name: it has a letter or a sign, and is not just another contact. */
    private boolean named(String text) {
        return text.matches(".*[\\p{L}].*") && (!contacts.isSurely(text) || Signals.isKnown(text));
    }

    private static List<PinRow> rows(List<String> ids, String words) {
        return ids.stream().map(id -> Meanings.row(id, words)).filter(r -> r.name().isPresent()).toList();
    }

    /** A table without a heading: the cell that is a contact, the first other one as the name, the rest as they read. */
    private List<PinRow> byCells(List<String> cells) {
        for (int k = 0; k < cells.size() && cells.size() > 1; k++) {
            List<String> ids = contacts.several(cells.get(k));
            if (ids.isEmpty() || contacts.isLeads() && k > 0) {
                continue;
            }
            List<String> rest = new ArrayList<>(cells);
            rest.remove(k);
            Optional<String> name = rest.stream()
                    .filter(c -> !c.isBlank() && named(c) && Meanings.direction(c).isEmpty()
                            && Meanings.level(c).isEmpty())
                    .findFirst();
            if (name.isPresent()) {
                return ids.stream().map(id -> {
                    PinRow read = Meanings.row(id, name.get());
                    return Meanings.row(id, read.name().orElse(""),
                            rest.stream().map(Meanings::direction).flatMap(Optional::stream).findFirst()
                                    .or(read::direction),
                            rest.stream().map(Meanings::level).flatMap(Optional::stream).findFirst()
                                    .or(read::level),
                            Supply.in(String.join(" ", rest)));
                }).toList();
            }
        }
        return List.of();
    }
}
