package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** The steps of a job as they are written down, numbered in order, with their words from the bundle. */
final class StepsSoFar {
    private final List<Step> steps = new ArrayList<>();

    List<Step> all() {
        return List.copyOf(steps);
    }

    /**
     * One more step.
     *
     * @param textKey of the words: {@code step.KEY}, and where they are there {@code .spoken}, {@code .detail}, {@code .check}
     * @param caution key of what may hurt, or empty
     */
    void add(String key, String end, String textKey, Object[] args, String caution, List<Terminal> lit,
            Optional<String> conductor, int wait) {
        String text = Words.say("step." + textKey, args);
        steps.add(new Step(steps.size() + 1, end + ":" + key, end, text,
                Words.sayIfThere("step." + textKey + ".spoken", args).orElse(text),
                detail(textKey, ".detail", args), detail(textKey, ".check", args), wait,
                caution.isEmpty() ? "" : Words.say("caution." + caution), lit, conductor));
    }

    private static String detail(String textKey, String suffix, Object[] args) {
        return Words.sayIfThere("step." + textKey + suffix, args).orElse("");
    }

    void plain(String key, String end, String textKey, Object... args) {
        add(key, end, textKey, args, "", List.of(), Optional.empty(), 0);
    }

    void careful(String key, String end, String textKey, String caution, Object... args) {
        add(key, end, textKey, args, caution, List.of(), Optional.empty(), 0);
    }
}
