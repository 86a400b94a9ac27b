package wegweiser.core.batch;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.words.Words;

/** Label numbers as they are typed: one, several, or from one to another, such as {@code W-0007 to W-0012, W-0020}. */
public final class LabelNumbers {
    private static final int MOST = 1000;
    private static final Pattern ENDING = Pattern.compile("(.*?)(\\d{1,9})");
    private static final Pattern RANGE = Pattern.compile("\\s+(?:to|-|–|\\.\\.)\\s+|\\s*\\.\\.\\s*");

    private LabelNumbers() {}

    /**
     * The numbers, each once, in the order of the text.
     *
     * @throws IllegalArgumentException with a sentence, when a range does not go upwards, its ends differ in more than the
     *         number, or there are none or too many
     */
    public static List<String> parse(String text) {
        Set<String> found = new LinkedHashSet<>();
        for (String part : text.strip().split("\\s*[,;]\\s*")) {
            String[] two = RANGE.split(part.strip());
            if (two.length == 2) {
                found.addAll(range(two[0].strip(), two[1].strip()));
            } else {
                for (String one : part.strip().split("\\s+")) {
                    if (!one.isEmpty()) {
                        found.add(one);
                    }
                }
            }
        }
        if (found.isEmpty() || found.size() > MOST) {
            throw new IllegalArgumentException(Words.say("labels.count", MOST));
        }
        return new ArrayList<>(found);
    }

    private static List<String> range(String from, String to) {
        Matcher first = ENDING.matcher(from);
        Matcher last = ENDING.matcher(to);
        boolean alike = first.matches() && last.matches() && first.group(1).equals(last.group(1));
        int low = alike ? Integer.parseInt(first.group(2)) : 0;
        int high = alike ? Integer.parseInt(last.group(2)) : 0;
        if (!alike || high < low || high - low >= MOST) {
            throw new IllegalArgumentException(Words.say("labels.range", from, to));
        }
        List<String> all = new ArrayList<>();
        for (int n = low; n <= high; n++) {
            String digits = String.valueOf(n);
            all.add(first.group(1) + "0".repeat(Math.max(0, first.group(2).length() - digits.length()))
                    + digits);
        }
        return all;
    }
}
