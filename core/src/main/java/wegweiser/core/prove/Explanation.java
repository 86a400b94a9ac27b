package wegweiser.core.prove;

import java.util.List;
import wegweiser.core.model.Link;

/**
 * A story that would explain what is wrong.
 *
 * @param kind one of the words of the job format, such as {@code mirrored}
 * @param end the end where it happened, empty when that cannot be told
 * @param text one sentence
 * @param explains share of the wrong pairs that the story predicts, from 0 to 1, less those it predicts wrongly
 * @param repair what to do, step by step
 * @param joints how many joints that takes
 * @param share how likely it is among the stories that account for every reading; zero where it accounts for some of them
 * @param links what the cable then is; none where the story does not say that
 */
public record Explanation(String kind, String end, String text, double explains, List<String> repair,
        int joints, double share, List<Link> links) {
    public Explanation {
        repair = List.copyOf(repair);
        links = List.copyOf(links);
    }

    /** One that accounts for some of what was read. */
    Explanation(String kind, String end, String text, double explains, List<String> repair, int joints) {
        this(kind, end, text, explains, repair, joints, 0, List.of());
    }

    /** Whether it accounts for every reading by what is listed to go wrong. */
    public boolean isWhole() {
        return share > 0;
    }
}
