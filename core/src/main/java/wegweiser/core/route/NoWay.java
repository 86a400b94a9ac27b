package wegweiser.core.route;

import java.util.List;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Mains;
import wegweiser.core.rules.Rules;
import wegweiser.core.words.Words;

/** Why there is no way to join the ends of a job. */
public final class NoWay {
    private NoWay() {}

    /** In sentences, the first for the job and the others for its contacts; of a job for which there is no scheme. O(pins²). */
    public static List<String> because(Derived derived) {
        if (Mains.isIn(derived)) {
            return Stream.concat(Rules.check(derived).stream().filter(Mains::is).map(Finding::message),
                    Stream.of(Mains.remedy())).toList();
        }
        List<String> missing = Readiness.missing(derived.job());
        return missing.isEmpty()
                ? Stream.concat(Stream.of(Words.say("schemes.none")), LeftOpen.of(derived).values().stream())
                        .toList()
                : List.of(Words.say("schemes.missing", Words.list(missing)));
    }
}
