package wegweiser.core.sizing;

import java.util.List;
import java.util.OptionalDouble;
import wegweiser.core.words.Words;

/**
 * One thing that is worked out for a cable.
 *
 * @param id what it is, such as {@code drop}; with {@code about} it tells lines apart
 * @param about what it is of: a device, a level, a conductor; may be empty
 * @param shown the value with its unit
 * @param share the value over its limit, so that 1 is just within; empty where there is none
 * @param limit the limit in words; empty where there is none
 * @param formula how it comes about, with where it is from
 * @param fixes what would keep within the limit, each in a few words; empty where it is kept
 */
public record SizingLine(String id, String about, String shown, OptionalDouble share, String limit,
        String formula, List<String> fixes) {
    public SizingLine {
        fixes = List.copyOf(fixes);
    }

    /** What it is, in words. */
    public String words() {
        return Words.say("sizing." + id, about);
    }

    /** Whether the limit is kept; also where there is none. */
    public boolean isKept() {
        return share.isEmpty() || share.getAsDouble() <= 1 + 1e-9;
    }

    /** Value and limit in one line. */
    public String figure() {
        return limit.isEmpty() ? shown : Words.say("sizing.of", shown, limit);
    }

    /** What would fix it as one sentence; empty where nothing is wrong. */
    public String remedy() {
        if (isKept() || fixes.isEmpty()) {
            return "";
        }
        String said = fixes.getFirst();
        for (String more : fixes.subList(1, fixes.size())) {
            said = Words.say("sizing.or", said, more);
        }
        return Words.say("sizing.remedy", said);
    }
}
