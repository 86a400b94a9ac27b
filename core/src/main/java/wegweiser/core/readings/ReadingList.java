package wegweiser.core.readings;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/**
 * Readings as lines of text: as people type them ({@code A4 B6 beep}) or as CSV with a heading. A line that is not
 * understood is told with its reason; the others are taken all the same.
 */
public final class ReadingList {
    /** The heading of the CSV. */
    public static final String HEADING = "red,black,result,at";
    private static final Pattern PLAIN = Pattern.compile("[^\\s,;\"#=@-][^\\s,;\"]*");
    private static final Pattern TIME = Pattern.compile("[\\s,;]+(\\d{4}-\\d\\d-\\d\\dT\\S+)\\s*$");

    private ReadingList() {}

    /** Reads a text for a job. */
    public static TypedLines<Reading> read(String text, Job job) {
        List<TypedLines.Line<Reading>> found = new ArrayList<>();
        TypedTerminals known = new TypedTerminals(Terminals.of(job));
        int number = 0;
        for (String raw : text.lines().toList()) {
            number++;
            String line = raw.strip();
            boolean heading = line.toLowerCase(Locale.ROOT).startsWith("red,");
            if (line.isEmpty() || line.startsWith("#") || heading) {
                continue;
            }
            found.add(line(number, line, known));
        }
        return new TypedLines<>(found);
    }

    private static TypedLines.Line<Reading> line(int number, String text, TypedTerminals known) {
        Matcher time = TIME.matcher(text);
        boolean timed = time.find();
        String touch = timed ? text.substring(0, time.start()) : text.replaceAll("[\\s,;]+$", "");
        try {
            Reading reading = TypedReading.parse(touch, known);
            return TypedLines.Line.good(number, text, timed ? reading.at(instant(time.group(1))) : reading);
        } catch (IllegalArgumentException e) {
            return TypedLines.Line.bad(number, text, e.getMessage());
        }
    }

    private static Instant instant(String text) {
        try {
            return OffsetDateTime.parse(text).toInstant();
        } catch (DateTimeException _) {
            throw new IllegalArgumentException(Words.say("typed.time", text));
        }
    }

    /** Readings as CSV that reads back; what is only assumed stands there as a remark. */
    public static String csv(List<Reading> readings) {
        StringBuilder text = new StringBuilder(HEADING).append('\n');
        for (Reading r : readings) {
            // what is only assumed must not come back as measured
            text.append(r.isAssumed() ? "# assumed: " : "").append(gang(r.red())).append(',')
                    .append(gang(r.black())).append(',').append(result(r))
                    .append(',')
                    .append(r.at().map(Instant::toString).orElse("")).append('\n');
        }
        return text.toString();
    }

    private static String gang(List<Terminal> terminals) {
        String names = terminals.stream().map(Terminal::toString).collect(Collectors.joining("+"));
        return PLAIN.matcher(names).matches() ? names : '"' + names.replace("\"", "\"\"") + '"';
    }

    /** What was read, as it is typed. */
    public static String result(Reading reading) {
        return switch (reading.outcome()) {
            case Outcome.Beep() -> "beep";
            case Outcome.Silent() -> "silent";
            case Outcome.Open() -> "open";
            case Outcome.Reacts() -> "reacts";
            case Outcome.Nothing() -> "nothing";
            case Outcome.Resistance(double ohms) -> Quantity.exactly(ohms, Unit.OHM);
            case Outcome.Voltage(double volts) -> Quantity.exactly(volts, Unit.VOLT);
        };
    }
}
