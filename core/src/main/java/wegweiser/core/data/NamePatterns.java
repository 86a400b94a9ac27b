package wegweiser.core.data;

import java.util.List;
import java.util.regex.Pattern;

/** Names that a table lists as patterns, one a line; capitals make no difference. */
public final class NamePatterns {
    private final List<Pattern> patterns;

    private NamePatterns(List<Pattern> patterns) {
        this.patterns = patterns;
    }

    /** Those of a table that comes with the program. */
    public static NamePatterns of(String table) {
        return new NamePatterns(Data.lines(table).stream()
                .map(l -> Pattern.compile(l, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE)).toList());
    }

    /** Whether any of them is found in a name. */
    public boolean isIn(String name) {
        return patterns.stream().anyMatch(p -> p.matcher(name).find());
    }
}
