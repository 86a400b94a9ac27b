package wegweiser.core.make;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.words.Words;

/**
 * Bench steps as they stand on paper and in a terminal, where nothing can be opened: each with its setting, how it is done,
 * when it is right and how long to wait. What was said at an earlier step is not said again, and what may hurt comes before
 * the first step, once, with the steps where it applies.
 */
public final class OnPaper {
    private OnPaper() {}

    /**
     * One step.
     *
     * @param notes what else there is to it, a sentence or a few each
     */
    public record Line(int n, String text, List<String> notes) {
        public Line {
            notes = List.copyOf(notes);
        }
    }

    /** All steps in order. */
    public static List<Line> lines(List<Step> steps) {
        Set<String> said = new HashSet<>();
        List<Line> lines = new ArrayList<>();
        for (Step step : steps) {
            List<String> notes = new ArrayList<>();
            if (step.waitSeconds() > 0) {
                notes.add(Words.say("paper.wait", time(step.waitSeconds())));
            }
            note(step.setting().isEmpty() ? "" : Words.say("paper.setting", step.setting()), said, notes);
            note(step.detail(), said, notes);
            // of several signs those that are new
            String signs = Arrays.stream(step.check().split("; "))
                    .filter(sign -> !sign.isEmpty() && said.add(sign))
                    .collect(Collectors.joining("; "));
            note(signs.isEmpty() ? "" : Words.say("sheet.check", signs), said, notes);
            lines.add(new Line(step.n(), step.text(), notes));
        }
        return lines;
    }

    private static void note(String note, Set<String> said, List<String> notes) {
        if (!note.isEmpty() && said.add(note)) {
            notes.add(note);
        }
    }

    /** What may hurt, each once, with the numbers of the steps where it applies. */
    public static List<String> cautions(List<Step> steps) {
        Map<String, List<Integer>> where = new LinkedHashMap<>();
        steps.stream().filter(s -> !s.caution().isEmpty())
                .forEach(s -> where.computeIfAbsent(s.caution(), _ -> new ArrayList<>()).add(s.n()));
        List<String> found = new ArrayList<>();
        where.forEach((caution, numbers) -> found
                .add(Words.say("paper.caution", numbers.size(), numbers(numbers), caution)));
        return found;
    }

    /** Numbers with runs drawn together: 4, 9 to 12. */
    private static String numbers(List<Integer> numbers) {
        List<String> parts = new ArrayList<>();
        for (int k = 0; k < numbers.size(); k++) {
            int first = numbers.get(k);
            while (k + 1 < numbers.size() && numbers.get(k + 1) == numbers.get(k) + 1) {
                k++;
            }
            int last = numbers.get(k);
            parts.add(last - first > 1
                    ? Words.say("paper.run", first, last)
                    : first == last ? String.valueOf(first) : first + ", " + last);
        }
        return String.join(", ", parts);
    }

    private static String time(int seconds) {
        int minutes = Math.round(seconds / 60f);
        return seconds < 120
                ? Words.say("paper.seconds", seconds)
                : minutes < 120
                        ? Words.say("paper.minutes", minutes)
                        : Words.say("paper.hours", Words.decimals(minutes / 60.0, minutes % 60 == 0 ? 0 : 1));
    }
}
