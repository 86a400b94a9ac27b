package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** Which of several touches of the same worth comes next, so that the hands move least until all of them are made. */
record Reach(TerminalIndex index, Fixture fixture, CostModel cost, Depth depth) {
    /** So many of the nearest are tried as the beginning of a tour. */
    private static final int TRIED = 12;
    /** More stops than this are not toured: the nearest comes next. */
    private static final int MOST = 200;
    /** What a millimetre counts against a second. */
    private static final double SECONDS_A_MM = 0.01;

    /** What a pair of terminals, by their numbers, is touched for. */
    @FunctionalInterface
    interface Need {
        long of(int one, int other);
    }

    /**
     * The touch with which the shortest {@link Tour} begins, of pairs that were not touched too often; of different ends
     * sooner than of one. O({@link #TRIED} x pairs²).
     *
     * @param need the same number for pairs of which one is enough
     */
    Optional<Touch> next(List<int[]> pairs, Need need, Evidence evidence, Repeats repeats) {
        List<int[]> open = pairs.stream().filter(p -> !repeats.isEnough(p[0], p[1])).toList();
        if (open.isEmpty()) {
            return Optional.empty();
        }
        Hands hands = Hands.of(evidence);
        int red = hands.red(index);
        int black = hands.black(index);
        Tour tour = new Tour(stops(open, need), index.size(),
                cost.moveRed(fixture), cost.moveProbe());
        double[] score = IntStream.range(0, open.size())
                .mapToDouble(k -> tour.score(k, red, black) - SECONDS_A_MM
                        * hands.nearness(evidence, depth, new int[][]{{open.get(k)[0]}, {open.get(k)[1]}}))
                .toArray();
        List<Integer> tried = IntStream.range(0, open.size()).boxed()
                .sorted(Comparator.comparingDouble(k -> score[k]))
                .limit(open.size() > MOST ? 1 : TRIED).toList();
        int best = tried.getFirst();
        double least = Double.MAX_VALUE;
        for (int first : tried.size() > 1 ? tried : List.<Integer>of()) {
            double seconds = tour.seconds(first, red, black);
            if (seconds < least) {
                least = seconds;
                best = first;
            }
        }
        return Optional.of(index.touch(new int[]{open.get(best)[0]}, new int[]{open.get(best)[1]}));
    }

    private List<Tour.Stop> stops(List<int[]> pairs, Need need) {
        Map<Long, Integer> needs = new HashMap<>();
        List<Tour.Stop> stops = new ArrayList<>();
        for (int[] pair : pairs) {
            stops.add(new Tour.Stop(pair[0], pair[1],
                    needs.computeIfAbsent(need.of(pair[0], pair[1]), _ -> needs.size()),
                    index.get(pair[0]).end().equals(index.get(pair[1]).end())));
        }
        return stops;
    }
}
