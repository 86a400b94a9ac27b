package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wegweiser.core.data.NamePatterns;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.words.Words;

/**
 * Devices that can kill whoever works in them, with the plug pulled or not: valves, flashes, switching supplies, picture
 * tubes, the inside of anything on mains. A person ticks them; where the words of an end sound like one and nobody said yes
 * or no, it is asked.
 */
public final class LethalDevice implements Rule {
    private static final NamePatterns SOUNDS_LIKE_IT = NamePatterns.of("lethal.txt");

    @Override
    public String id() {
        return "lethal-device";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (End end : asked(derived.job())) {
            found.add(Finding.of(id(), Severity.NOTE, List.of(), end.device(), end.name())
                    .withFix(new Fix(Words.say("fix.lethal", end.name()),
                            job -> job.withEnd(end.name(), e -> e.withDangerous(Optional.of(true))))));
        }
        return found;
    }

    /** The ends whose device a person said can kill. */
    public static List<End> ticked(Job job) {
        return ends(job, e -> e.dangerous().orElse(false));
    }

    /** The ends that sound like it and of which nobody said yes or no. */
    public static List<End> asked(Job job) {
        return ends(job, e -> e.dangerous().isEmpty() && soundsLikeIt(e));
    }

    private static List<End> ends(Job job, Predicate<End> which) {
        return job.ends().stream().filter(which).toList();
    }

    private static boolean soundsLikeIt(End end) {
        return Stream.concat(Stream.of(end.device()),
                end.pinout().stream().map(PinRow::name).flatMap(Optional::stream))
                .anyMatch(SOUNDS_LIKE_IT::isIn);
    }

    /** What stands over everything that is done at such a device; empty where there is none. */
    public static Optional<String> warning(Job job) {
        List<End> ends = ticked(job);
        return ends.isEmpty()
                ? Optional.empty()
                : Optional.of(Words.say("lethal.warning",
                        Words.list(ends.stream().map(LethalDevice::name).toList()),
                        ends.size()));
    }

    private static String name(End end) {
        return end.device().isBlank() ? Words.say("lethal.end", end.name()) : end.device();
    }
}
