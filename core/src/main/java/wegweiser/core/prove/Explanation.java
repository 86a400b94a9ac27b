package wegweiser.core.prove;

import java.util.List;

/**
 * A story that would explain what is wrong.
 *
 * @param kind one of the words of the job format, such as {@code mirrored}
 * @param end the end where it happened, empty when that cannot be told
 * @param text one sentence
 * @param explains share of the wrong pairs that the story predicts, from 0 to 1, less those it predicts wrongly
 * @param repair what to do, step by step
 * @param joints how many joints that takes
 */
public record Explanation(String kind, String end, String text, double explains, List<String> repair,
        int joints) {
    public Explanation {
        repair = List.copyOf(repair);
    }
}
