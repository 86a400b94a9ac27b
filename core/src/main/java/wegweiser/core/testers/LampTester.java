package wegweiser.core.testers;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * A tester that feeds the contacts of one end in printed order and shows which lamps at the other end light. It tells
 * beforehand in which order they light for given nets, and reads an order that was seen as touches.
 */
public final class LampTester {
    /** Stands for no lamp. */
    public static final String DARK = "-";

    private LampTester() {}

    /** For each contact of the first end, the contacts of the second whose lamps light; O(contacts of A x of B). */
    public static List<List<String>> order(Job job, Nets nets) {
        List<List<String>> steps = new ArrayList<>();
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        for (Terminal a : Terminals.of(job, job.ends().get(0))) {
            steps.add(far.stream().filter(b -> nets.joined(a, b)).map(Terminal::contact).toList());
        }
        return steps;
    }

    /** An order in words: lamps of one step joined by plus signs, a dash where none lights. */
    public static String words(List<List<String>> order) {
        return String.join(" ", order.stream().map(s -> s.isEmpty() ? DARK : String.join("+", s)).toList());
    }

    /**
     * What an order that was seen says, one step for each contact of the first end from the beginning.
     *
     * @throws IllegalArgumentException with one sentence when there are too many steps or a lamp does not exist
     */
    public static List<Reading> read(String text, Job job) {
        List<Terminal> near = Terminals.of(job, job.ends().get(0));
        List<Terminal> far = Terminals.of(job, job.ends().get(1));
        List<String> steps = Arrays.stream(text.strip().split("[\\s,;]+")).filter(s -> !s.isEmpty()).toList();
        if (steps.isEmpty() || steps.size() > near.size()) {
            throw new IllegalArgumentException(Words.say("lamps.steps", steps.size(), near.size()));
        }
        List<Reading> found = new ArrayList<>();
        for (int k = 0; k < steps.size(); k++) {
            List<Terminal> lit = new ArrayList<>();
            for (String lamp : steps.get(k).equals(DARK) ? new String[0] : steps.get(k).split("\\+")) {
                lit.add(far.stream().filter(t -> t.contact().equalsIgnoreCase(lamp)).findFirst()
                        .orElseThrow(() -> new IllegalArgumentException(Words.say("lamps.lamp", lamp))));
            }
            for (Terminal b : lit) {
                found.add(Reading.of(Mode.CONTINUITY, Touch.of(near.get(k), b), Outcome.BEEP));
            }
            List<Terminal> dark = far.stream().filter(t -> !lit.contains(t)).toList();
            if (!dark.isEmpty()) {
                found.add(Reading.of(Mode.CONTINUITY, new Touch(List.of(near.get(k)), dark), Outcome.SILENT));
            }
        }
        return found;
    }
}
