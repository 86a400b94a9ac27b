package wegweiser.core.advice;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Reading;

/**
 * What touches cost a particular person, from the times between readings. Each kind of move is the median of the
 * person's own times and of what is usual, the latter counted as a few times of its own, so that few readings change
 * little and a coffee break changes nothing. O(readings log readings).
 *
 * @param cost what to plan with
 * @param learnedFrom how many times went into it
 */
public record LearnedCost(CostModel cost, int learnedFrom) {
    /** So many times must be there before a person's own count half. */
    private static final int USUAL_COUNTS = 5;
    /** Longer than this is a pause, shorter is a slip of the key. */
    private static final double LONGEST = 60;
    private static final double SHORTEST = 0.3;

    /** The costs of whoever made these readings, in their order. */
    public static LearnedCost of(List<Reading> readings) {
        CostModel usual = CostModel.USUAL;
        List<Double> single = new ArrayList<>();
        List<Double> gang = new ArrayList<>();
        List<Double> value = new ArrayList<>();
        for (int k = 1; k < readings.size(); k++) {
            Optional<Double> seconds = between(readings.get(k - 1), readings.get(k));
            if (seconds.isEmpty()) {
                continue;
            }
            Reading before = readings.get(k - 1);
            Reading now = readings.get(k);
            boolean red = !before.red().equals(now.red());
            boolean black = !before.black().equals(now.black());
            int moved = (red ? 1 : 0) + (black ? 1 : 0);
            if (moved > 0 && now.touch().isSingle() && now.mode() != Mode.CONTINUITY) {
                value.add(Math.max(0, seconds.get() - moved * usual.moveProbe()));
            } else if (moved > 0 && now.touch().isSingle()) {
                single.add(seconds.get() / moved);
            } else if (moved > 0) {
                int conductors = (red ? now.red().size() : 0) + (black ? now.black().size() : 0);
                gang.add(seconds.get() / conductors);
            }
        }
        return new LearnedCost(new CostModel(median(single, usual.moveProbe()),
                usual.reclip() * median(single, usual.moveProbe()) / usual.moveProbe(),
                median(gang, usual.gang()),
                usual.changePlug(), median(value, usual.readValue())),
                single.size() + gang.size() + value.size());
    }

    private static double median(List<Double> own, double usual) {
        List<Double> all = new ArrayList<>(own);
        for (int k = 0; k < USUAL_COUNTS; k++) {
            all.add(usual);
        }
        all.sort(null);
        int middle = all.size() / 2;
        return all.size() % 2 == 1 ? all.get(middle) : (all.get(middle - 1) + all.get(middle)) / 2;
    }

    private static Optional<Double> between(Reading before, Reading now) {
        // what follows from values at a ladder plug is written down long after it was read
        if (before.isByLadder() || now.isByLadder() || before.at().isEmpty() || now.at().isEmpty()) {
            return Optional.empty();
        }
        double seconds = Duration.between(before.at().get(), now.at().get()).toMillis() / 1000.0;
        return seconds >= SHORTEST && seconds <= LONGEST ? Optional.of(seconds) : Optional.empty();
    }
}
