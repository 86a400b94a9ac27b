package wegweiser.core.readings;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.Leg;
import wegweiser.core.words.Words;

/**
 * The way that a cable takes, one stretch a line: {@code 0.9 m bend at the pier}, {@code 40 cm tie}, {@code 1.2 along the
 * post}, {@code branch C 0.8 m light panel}. Without a unit it is metres.
 */
public final class WayList {
    private static final Pattern LINE = Pattern.compile(
            "(?i)(?:branch\\s+(\\S+)\\s+)?(\\d[\\d.,]*)\\s*(mm|cm|m)?(?:\\s+(?:to\\s+(?:the\\s+)?)?(bend|tie|device)\\b)?\\s*(.*)");
    private static final double MOST_MM = 1e6;

    private WayList() {}

    /** Reads a text for a job. O(lines). */
    public static TypedLines<Leg> read(String text, Job job) {
        List<TypedLines.Line<Leg>> found = new ArrayList<>();
        int number = 0;
        for (String raw : text.lines().toList()) {
            number++;
            String line = raw.strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            try {
                found.add(TypedLines.Line.good(number, line, leg(line, job)));
            } catch (IllegalArgumentException e) {
                found.add(TypedLines.Line.bad(number, line, e.getMessage()));
            }
        }
        return new TypedLines<>(found);
    }

    private static Leg leg(String line, Job job) {
        Matcher m = LINE.matcher(line);
        if (!m.matches()) {
            throw new IllegalArgumentException(Words.say("way.line", line));
        }
        double mm = TypedLength.mm(m.group(2), m.group(3));
        if (mm <= 0 || mm > MOST_MM) {
            throw new IllegalArgumentException(Words.say("way.length", line));
        }
        Optional<String> branch = Optional.ofNullable(m.group(1));
        if (branch.isPresent() && job.end(branch.get()).isEmpty()) {
            throw new IllegalArgumentException(Words.say("way.branch", branch.get()));
        }
        Leg.At at = m.group(4) == null
                ? Leg.At.POINT
                : HasId.find(Leg.At.class, m.group(4).toLowerCase(java.util.Locale.ROOT))
                        .orElse(Leg.At.POINT);
        return Leg.of(mm, m.group(5).strip(), at, branch);
    }

    /** The list as it can be read again. */
    public static String of(List<Leg> legs) {
        StringBuilder out = new StringBuilder();
        for (Leg leg : legs) {
            leg.branch().ifPresent(b -> out.append("branch ").append(b).append(' '));
            out.append(Words.plain(leg.mm() / 1000, 3)).append(" m");
            if (leg.at() != Leg.At.POINT) {
                out.append(' ').append(leg.at().id());
            }
            if (!leg.to().isEmpty()) {
                out.append(' ').append(leg.to());
            }
            out.append('\n');
        }
        return out.toString();
    }
}
