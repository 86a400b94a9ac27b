package wegweiser.files.workshop;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.model.HasId;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.shelf.Articles;
import wegweiser.core.shelf.Shelf;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.words.Words;
import wegweiser.files.io.BadFile;

/**
 * The shelf as CSV: {@code kind, item, title, amount, unit, low}, in any order, parted by commas, semicolons or tabs. Other
 * columns are kept. A row without an item is found by its title, when one and only one thing is called so.
 */
public final class ShelfCsv {
    /** As many as a person may have typed: what was read is written again as it was. */
    private static final int DECIMALS = 9;
    private static final double STEPS = 1e9;
    private static final List<String> COLUMNS = List.of("kind", "item", "title", "amount", "unit", "low");
    private static final double SLEEVE_M = 0.02;
    private static final double MOST = 1e6;
    private static final int ALL = 200;
    private static final Pattern LINE = Pattern.compile("line:\\s*(\\d{1,9})");

    private final String name;
    private final Library library;
    private Optional<Articles> articles = Optional.empty();

    private ShelfCsv(String name, Library library) {
        this.name = name;
        this.library = library;
    }

    /** The text, with a heading that reads back. */
    public static String text(Shelf shelf) {
        Set<String> more = new LinkedHashSet<>();
        shelf.lines().forEach(l -> more.addAll(l.more().keySet()));
        List<String> heading = new ArrayList<>(COLUMNS);
        heading.addAll(more);
        StringBuilder out = new StringBuilder();
        CSVFormat format = CSVFormat.DEFAULT.builder().setRecordSeparator("\n").get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            printer.printRecord(heading);
            for (ShelfLine line : shelf.lines()) {
                List<String> cells = new ArrayList<>(List.of(line.article().kind().id(), line.article().of(),
                        line.title(), Words.plain(line.amount(), DECIMALS),
                        line.article().isMeasured() ? "m" : "pieces",
                        line.low().isPresent() ? Words.plain(line.low().getAsDouble(), DECIMALS) : ""));
                more.forEach(column -> cells.add(line.more().getOrDefault(column, "")));
                printer.printRecord(cells);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * Reads the text of a file.
     *
     * @param name of the file, for what is said of it
     * @throws BadFile with one plain sentence that names the line, when a row makes no sense
     */
    public static Shelf parse(String text, String name, Library library) throws BadFile {
        ShelfCsv csv = new ShelfCsv(name, library);
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        CSVFormat format = CSVFormat.DEFAULT.builder().setDelimiter(delimiter(plain)).setHeader()
                .setSkipHeaderRecord(true).setIgnoreHeaderCase(true).setTrim(true)
                .setAllowMissingColumnNames(true)
                .setIgnoreEmptyLines(true).get();
        if (plain.isBlank()) {
            return Shelf.EMPTY;
        }
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            if (parser.getHeaderNames().stream().noneMatch("amount"::equalsIgnoreCase)) {
                throw BadFile.of(name, 1, "shelf.no-heading");
            }
            List<ShelfLine> lines = new ArrayList<>();
            for (CSVRecord row : parser) {
                if (row.stream().anyMatch(cell -> !cell.isBlank())) {
                    // of a cell with several lines the last one is named
                    lines.add(csv.line(row, (int) parser.getCurrentLineNumber(), parser.getHeaderNames()));
                }
            }
            return new Shelf(lines);
        } catch (IOException | UncheckedIOException | IllegalStateException | IllegalArgumentException e) {
            throw unreadable(name, e);
        }
    }

    /** What the parser refuses: mostly a quotation mark too many or too few. */
    private static BadFile unreadable(String name, Exception e) {
        String said = e.getMessage() == null ? Words.say("reason.none") : e.getMessage();
        Matcher line = LINE.matcher(said);
        if (said.contains("encapsulated")) {
            return line.find()
                    ? BadFile.of(name, Integer.parseInt(line.group(1)), "shelf.quotes")
                    : BadFile.of(name, "shelf.quotes");
        }
        return BadFile.of(name, "shelf.unreadable", said.replaceAll("\\S*Exception: *", "").strip());
    }

    /** The sign that parts the columns of the heading. */
    private static char delimiter(String text) {
        String heading = text.lines().findFirst().orElse("");
        return heading.indexOf('\t') >= 0 ? '\t' : heading.indexOf(';') >= 0 ? ';' : ',';
    }

    private ShelfLine line(CSVRecord row, int at, List<String> columns) throws BadFile {
        String kindWord = cell(row, "kind").toLowerCase(Locale.ROOT);
        Article.Kind kind = HasId.find(Article.Kind.class, kindWord)
                .orElseThrow(() -> BadFile.of(name, at, "shelf.kind", kindWord));
        Article article = article(row, at, kind);
        String title = Optional.of(cell(row, "title")).filter(s -> !s.isEmpty())
                .or(() -> Articles.title(article, library)).orElse(article.of());
        String low = cell(row, "low");
        Map<String, String> more = new LinkedHashMap<>();
        for (String column : columns) {
            if (!COLUMNS.contains(column.toLowerCase(Locale.ROOT)) && row.isSet(column)
                    && !row.get(column).isEmpty()) {
                more.put(column, row.get(column));
            }
        }
        return new ShelfLine(article, title, amount(cell(row, "amount"), cell(row, "unit"), article, at),
                low.isEmpty()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(amount(low, cell(row, "unit"), article, at)),
                more);
    }

    private static String cell(CSVRecord row, String column) {
        return row.isSet(column) ? row.get(column).strip() : "";
    }

    private Article article(CSVRecord row, int at, Article.Kind kind) throws BadFile {
        String of = cell(row, "item");
        String title = cell(row, "title");
        if (of.isEmpty()) {
            List<Articles.Named> called = articles().find(title, ALL).stream()
                    .filter(n -> n.article().kind() == kind && n.title().equalsIgnoreCase(title)).toList();
            if (called.size() == 1) {
                return called.getFirst().article();
            }
            of = kind == Article.Kind.PART ? title : "";
        }
        Article article = new Article(kind, of);
        boolean known = Articles.title(article, library).isPresent()
                || kind == Article.Kind.PART && !of.isEmpty();
        if (!known) {
            throw BadFile.of(name, at, "shelf.item." + kind.id(), of.isEmpty() ? title : of);
        }
        return article;
    }

    /** All that there is, gathered when a row first has to be found by its title. */
    private Articles articles() {
        if (articles.isEmpty()) {
            articles = Optional.of(new Articles(library));
        }
        return articles.get();
    }

    private double amount(String text, String unit, Article article, int at) throws BadFile {
        try {
            boolean length = List.of("m", "cm", "mm").contains(unit);
            Quantity read = Quantity.parse(length && text.matches(".*\\d") ? text + " " + unit : text);
            boolean metres = read.unit().filter(u -> u == Unit.METRE).isPresent();
            double amount = article.kind() == Article.Kind.SLEEVE && metres
                    ? Math.floor(read.value() / SLEEVE_M + 1e-9)
                    : read.value();
            boolean fits = read.unit().isEmpty() || metres && article.kind() != Article.Kind.CONNECTOR
                    && article.kind() != Article.Kind.PART;
            if (fits && amount <= MOST) {
                double written = Math.round(amount * STEPS) / STEPS;
                return ShelfLine.of(article, "", written).amount();
            }
        } catch (IllegalArgumentException _) {
            // said below, as anything else that is no amount
        }
        throw BadFile.of(name, at, article.isMeasured() ? "shelf.no-length" : "shelf.no-count", text);
    }

    /** An amount as somebody types it: metres of cable, else a count; of sleeve a length too, in pieces of 20 mm. */
    public static OptionalDouble amount(String text, Article article) {
        try {
            return OptionalDouble.of(new ShelfCsv("", Library.NONE).amount(text, "", article, 1));
        } catch (BadFile _) {
            return OptionalDouble.empty();
        }
    }
}
