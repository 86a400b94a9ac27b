package wegweiser.core.readings;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Extra;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/**
 * A plan as a from-to list: as people type it ({@code A2 B3 WH/OG}, {@code A.2 -> B.3}, {@code 2 - 3}, {@code A1 A4 jumper},
 * {@code A2 B3 resistor 120}) or as CSV with a heading, which is read back without loss. A line that is not understood is told
 * with its reason.
 */
public final class FromToList {
    private static final List<String> COLUMNS = List.of("from", "to", "conductor", "part", "ohms", "farads",
            "watts",
            "amps", "volts", "why", "pinned");
    private static final Pattern HEADING = Pattern.compile("(?i)from\\s*([,;\t])");
    private static final Pattern WORD = Pattern.compile("\"([^\"]+)\"|([^\\s,;\"]+)");
    private static final Pattern ARROW = Pattern.compile("\\s*(?:<?-+>|<-+|[=]+>|\u2192|\u2194|\\s-\\s)\\s*");
    private static final Pattern PLAIN = Pattern.compile("[^,;\t\"\\s][^,;\t\"]*");

    private FromToList() {}

    /** Reads a text for a job. O(lines). */
    public static TypedLines<Link> read(String text, Job job) {
        List<TypedLines.Line<Link>> found = new ArrayList<>();
        TypedTerminals known = new TypedTerminals(Terminals.of(job));
        List<String> heading = List.of();
        char sign = ',';
        Set<List<Object>> seen = new HashSet<>();
        int number = 0;
        for (String raw : text.lines().toList()) {
            number++;
            String line = raw.startsWith("\uFEFF") ? raw.substring(1).strip() : raw.strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            Matcher first = HEADING.matcher(line);
            if (first.lookingAt()) {
                sign = first.group(1).charAt(0);
                heading = cells(line, sign).stream().map(c -> c.strip().toLowerCase(Locale.ROOT)).toList();
                continue;
            }
            List<String> cells = heading.isEmpty() ? List.of() : cells(line, sign);
            List<String> columns = heading;
            found.add(line(number, line, seen,
                    () -> columns.isEmpty() ? typed(line, known, job) : row(cells, columns, known)));
        }
        return new TypedLines<>(found);
    }

    private static TypedLines.Line<Link> line(int number, String text, Set<List<Object>> seen,
            Supplier<Link> reads) {
        try {
            Link link = reads.get();
            if (link.to().filter(link.from()::equals).isPresent()) {
                throw refused("from-to.itself", link.from());
            }
            if (!seen.add(List.of(link.from(), link.to(), link.part()))) {
                throw refused("from-to.twice", link.from());
            }
            return TypedLines.Line.good(number, text, link);
        } catch (IllegalArgumentException e) {
            return TypedLines.Line.bad(number, text, e.getMessage());
        }
    }

    /** The cells of a line, parted by the sign that parts those of the heading. */
    private static List<String> cells(String line, char sign) {
        List<String> cells = new ArrayList<>();
        Matcher cell = Pattern.compile("\\G(?:\"((?:[^\"]|\"\")*)\"|([^\"%1$s]*))(?:%1$s|$)".formatted(sign))
                .matcher(line);
        while (cell.find()) {
            cells.add(cell.group(1) != null ? cell.group(1).replace("\"\"", "\"") : cell.group(2).strip());
            if (cell.hitEnd()) {
                break;
            }
        }
        return cells;
    }

    private static Link row(List<String> cells, List<String> heading, TypedTerminals known) {
        String kind = cell(cells, heading, "part");
        Optional<Part> part = kind.isEmpty()
                ? Optional.empty()
                : Optional.of(new Part(
                        HasId.find(PartKind.class, kind.toLowerCase(Locale.ROOT))
                                .orElseThrow(() -> refused("from-to.part", kind)),
                        number(cells, heading, "ohms", Unit.OHM),
                        number(cells, heading, "farads", Unit.FARAD),
                        number(cells, heading, "watts", null), number(cells, heading, "amps", Unit.AMP),
                        number(cells, heading, "volts", Unit.VOLT), Extra.NONE));
        String to = cell(cells, heading, "to");
        return new Link(known.single(cell(cells, heading, "from")),
                to.isEmpty() ? Optional.empty() : Optional.of(known.single(to)),
                word(cell(cells, heading, "conductor")), checked(part), word(cell(cells, heading, "why")),
                !cell(cells, heading, "pinned").isEmpty(), Extra.NONE);
    }

    private static Optional<String> word(String text) {
        return Optional.of(text).filter(t -> !t.isEmpty());
    }

    private static String cell(List<String> cells, List<String> heading, String column) {
        int at = heading.indexOf(column);
        return at < 0 || at >= cells.size() ? "" : cells.get(at);
    }

    private static OptionalDouble number(List<String> cells, List<String> heading, String column, Unit unit) {
        String text = cell(cells, heading, column);
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(unit == null ? Quantity.parse(text).value() : Quantity.parse(text, unit));
    }

    private static Optional<Part> checked(Optional<Part> part) {
        if (part.filter(p -> p.kind() == PartKind.RESISTOR && p.ohms().isEmpty()).isPresent()) {
            throw refused("from-to.no-ohms");
        }
        return part;
    }

    private static Link typed(String text, TypedTerminals known, Job job) {
        List<String> words = new ArrayList<>();
        Matcher word = WORD.matcher(ARROW.matcher(text).replaceAll(" "));
        while (word.find()) {
            words.add(word.group(1) == null ? word.group(2) : word.group(1));
        }
        if (words.size() < 2) {
            throw refused("from-to.two");
        }
        boolean bare = job.ends().size() == 2 && Stream.of(0, 1).allMatch(
                k -> Terminals.of(job, job.ends().get(k)).contains(job.ends().get(k).terminal(words.get(k))));
        Terminal from = bare ? job.ends().get(0).terminal(words.get(0)) : known.single(words.get(0));
        boolean open = words.get(1).equals("-")
                || words.get(1).equalsIgnoreCase(Words.say("from-to.insulated"));
        Optional<Terminal> to = open
                ? Optional.empty()
                : Optional.of(bare ? job.ends().get(1).terminal(words.get(1)) : known.single(words.get(1)));
        List<String> rest = words.subList(2, words.size());
        int at = (int) rest.stream().takeWhile(w -> kind(w).isEmpty()).count();
        if (at > 1) {
            throw refused("from-to.part", rest.get(1));
        }
        Optional<Part> part = at == rest.size()
                ? Optional.empty()
                : Optional.of(part(kind(rest.get(at)).orElseThrow(),
                        String.join(" ", rest.subList(at + 1, rest.size()))));
        return new Link(from, to, at == 1 ? Optional.of(rest.getFirst()) : Optional.empty(), checked(part),
                Optional.empty(), Extra.NONE);
    }

    private static Optional<PartKind> kind(String word) {
        return HasId.find(PartKind.class, word.toLowerCase(Locale.ROOT));
    }

    private static Part part(PartKind kind, String value) {
        Part plain = Part.of(kind);
        if (value.isEmpty()) {
            return plain;
        }
        OptionalDouble of = switch (kind) {
            case RESISTOR -> OptionalDouble.of(Quantity.parse(value, Unit.OHM));
            case CAPACITOR -> OptionalDouble.of(Quantity.parse(value, Unit.FARAD));
            case FUSE -> OptionalDouble.of(Quantity.parse(value, Unit.AMP));
            case DIODE -> OptionalDouble.of(Quantity.parse(value, Unit.VOLT));
            case JUMPER, CUT -> throw refused("from-to.no-value", kind.id());
        };
        OptionalDouble none = OptionalDouble.empty();
        return new Part(kind, kind == PartKind.RESISTOR ? of : none, kind == PartKind.CAPACITOR ? of : none,
                none,
                kind == PartKind.FUSE ? of : none, kind == PartKind.DIODE ? of : none, Extra.NONE);
    }

    /**
     * A part with its value as it is typed: ohms of a resistor, farads, the amps of a fuse, the volts of a diode.
     *
     * @throws IllegalArgumentException with a sentence, where a value makes no sense or one is missing
     */
    public static Part wholePart(PartKind kind, String value) {
        return checked(Optional.of(part(kind, value))).orElseThrow();
    }

    private static IllegalArgumentException refused(String key, Object... args) {
        return new IllegalArgumentException(Words.say(key, args));
    }

    /** The value of a part as {@link #wholePart} reads it; empty where it has none. */
    public static String value(Part part) {
        return switch (part.kind()) {
            case RESISTOR -> value(part.ohms(), Unit.OHM);
            case CAPACITOR -> value(part.farads(), Unit.FARAD);
            case FUSE -> value(part.amps(), Unit.AMP);
            case DIODE -> value(part.volts(), Unit.VOLT);
            case JUMPER, CUT -> "";
        };
    }

    private static String value(OptionalDouble value, Unit unit) {
        return value.isEmpty() ? "" : Quantity.exactly(value.getAsDouble(), unit);
    }

    /** A plan as CSV that reads back. */
    public static String csv(List<Link> links) {
        return Stream.concat(Stream.of(String.join(",", COLUMNS)), links.stream().map(FromToList::row))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    private static String row(Link link) {
        Optional<Part> part = link.part();
        return Stream.of(link.from().toString(), link.to().map(Terminal::toString).orElse(""),
                link.conductor().orElse(""), part.map(p -> p.kind().id()).orElse(""),
                digits(part.map(Part::ohms)),
                digits(part.map(Part::farads)), digits(part.map(Part::watts)), digits(part.map(Part::amps)),
                digits(part.map(Part::volts)), link.why().orElse(""), link.pinned() ? "yes" : "")
                .map(FromToList::quoted)
                .collect(Collectors.joining(","));
    }

    private static String digits(Optional<OptionalDouble> value) {
        OptionalDouble number = value.orElse(OptionalDouble.empty());
        return number.isPresent() ? BigDecimal.valueOf(number.getAsDouble()).toPlainString() : "";
    }

    private static String quoted(String cell) {
        String line = Arrays.stream(cell.split("\\R")).collect(Collectors.joining(" "));
        return line.isEmpty() || PLAIN.matcher(line).matches() && line.equals(line.strip())
                ? line
                : '"' + line.replace("\"", "\"\"") + '"';
    }
}
