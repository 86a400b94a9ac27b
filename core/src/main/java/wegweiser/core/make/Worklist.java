package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import wegweiser.core.words.Words;

/** The steps of a job as they are written down, numbered in order, with their words from the bundle. */
final class Worklist {
    private final List<Step> steps = new ArrayList<>();

    /** All steps so far, each with what it needs. */
    List<Step> all() {
        return Needs.of(steps);
    }

    /** Moves steps behind the last of some others; where none of those is there they stay. */
    void moveBehind(Predicate<Step> what, Predicate<Step> whom) {
        List<Step> moved = steps.stream().filter(what).toList();
        List<Step> rest = new ArrayList<>(steps.stream().filter(what.negate()).toList());
        int behind = rest.size() - 1;
        while (behind >= 0 && !whom.test(rest.get(behind))) {
            behind--;
        }
        if (behind < 0) {
            return;
        }
        rest.addAll(behind + 1, moved);
        steps.clear();
        for (Step step : rest) {
            steps.add(new Step(steps.size() + 1, step.key(), step.deed(), step.said(), step.needs()));
        }
    }

    /**
     * One more step.
     *
     * @param key within the end
     * @param textKey of the words: {@code step.KEY}, and where they are there {@code .spoken}, {@code .detail},
     *        {@code .check}, {@code .setting}
     * @param caution key of what may hurt, or empty
     */
    void add(String key, Deed deed, String textKey, String caution, Object... args) {
        write(key, deed, textKey, caution, List.of(), "", args);
    }

    /** The same with more sentences after those of the bundle on how it is done. */
    void detailed(String key, Deed deed, String textKey, String caution, List<String> more, Object... args) {
        write(key, deed, textKey, caution, more, "", args);
    }

    /** The same with one more sign that it is right, after those of the bundle. */
    void checked(String key, Deed deed, String textKey, String caution, String sign, Object... args) {
        write(key, deed, textKey, caution, List.of(), sign, args);
    }

    private void write(String key, Deed deed, String textKey, String caution, List<String> more, String sign,
            Object... args) {
        String text = Words.say("step." + textKey, args);
        List<String> detail = new ArrayList<>();
        Words.sayIfThere("step." + textKey + ".detail", args).ifPresent(detail::add);
        detail.addAll(more);
        steps.add(new Step(steps.size() + 1, deed.end() + ":" + key, deed,
                new Step.Said(text, Words.sayIfThere("step." + textKey + ".spoken", args).orElse(text),
                        String.join(" ", detail), with(of(textKey, ".check", args), sign),
                        of(textKey, ".setting", args),
                        caution.isEmpty() ? "" : Words.say("caution." + caution)),
                List.of()));
    }

    private static String with(String signs, String more) {
        return signs.isEmpty() || more.isEmpty() ? signs + more : signs + "; " + more;
    }

    private static String of(String textKey, String suffix, Object... args) {
        return Words.sayIfThere("step." + textKey + suffix, args).orElse("");
    }
}
