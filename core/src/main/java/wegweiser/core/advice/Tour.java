package wegweiser.core.advice;

import java.util.Arrays;
import java.util.List;

/**
 * How long the hands need for all touches that are wanted, beginning with one of them and then always with the nearest. Of
 * those equally near the one whose contacts are wanted least by others comes next, so that none is left over to which both
 * probes have to move (Warnsdorff's rule for a tour that visits each place once, 1823). To begin in turn with each of the
 * best and keep the shortest tour is the rollout of that rule (Bertsekas, Tsitsiklis and Wu, 1997), which is never worse
 * than the rule itself. O(stops²) a tour.
 */
final class Tour {
    /** What each stop that shares a contact with another counts against a second. */
    static final double SHARED = 0.2;
    /** What a touch within one end counts more than one across, in seconds: two tips side by side slip. */
    static final double SAME_END = 3;

    private final List<Stop> stops;
    private final int needs;
    private final int[] wanted;
    private final double moveRed;
    private final double moveBlack;

    /**
     * A touch that may be made.
     *
     * @param red number of the terminal for the red probe, {@code black} for the other
     * @param need what it is for; of several stops with the same need one is enough
     */
    record Stop(int red, int black, int need, boolean sameEnd) {}

    /**
     * A tour over some stops.
     *
     * @param terminals how many there are
     * @param moveRed seconds for which the red probe, or a clip in its place, moves; {@code moveBlack} for the other
     */
    Tour(List<Stop> stops, int terminals, double moveRed, double moveBlack) {
        this.stops = stops;
        this.needs = stops.stream().mapToInt(Stop::need).max().orElse(-1) + 1;
        this.moveRed = moveRed;
        this.moveBlack = moveBlack;
        this.wanted = new int[terminals];
        for (Stop stop : stops) {
            wanted[stop.red]++;
            wanted[stop.black]++;
        }
    }

    /** What speaks against a stop, in seconds: the way to it, and how many others want its contacts. */
    double score(int stop, int red, int black) {
        return score(stops.get(stop), red, black, wanted);
    }

    private double score(Stop stop, int red, int black, int[] wanted) {
        return way(stop, red, black) + SHARED * (wanted[stop.red] + wanted[stop.black]);
    }

    private double way(Stop stop, int red, int black) {
        return (stop.red == red ? 0 : moveRed) + (stop.black == black ? 0 : moveBlack)
                + (stop.sameEnd ? SAME_END : 0);
    }

    /** Seconds for the whole tour from where the probes are, -1 for nowhere, as long as each answer is the expected one. */
    double seconds(int first, int red, int black) {
        int[] open = new int[stops.size()];
        Arrays.setAll(open, k -> k);
        int count = open.length;
        int[] still = wanted.clone();
        boolean[] met = new boolean[needs];
        double seconds = 0;
        int at = first;
        int heldRed = red;
        int heldBlack = black;
        while (true) {
            Stop stop = stops.get(at);
            seconds += way(stop, heldRed, heldBlack);
            heldRed = stop.red;
            heldBlack = stop.black;
            met[stop.need] = true;
            int kept = 0;
            for (int k = 0; k < count; k++) {
                Stop other = stops.get(open[k]);
                if (met[other.need]) {
                    still[other.red]--;
                    still[other.black]--;
                } else {
                    open[kept++] = open[k];
                }
            }
            count = kept;
            if (count == 0) {
                return seconds;
            }
            double best = Double.MAX_VALUE;
            for (int k = 0; k < count; k++) {
                double score = score(stops.get(open[k]), heldRed, heldBlack, still);
                if (score < best) {
                    best = score;
                    at = open[k];
                }
            }
        }
    }
}
