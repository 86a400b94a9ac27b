package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.belief.Belief;
import wegweiser.core.electrical.ResistorNetwork;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Mode;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Partition;
import wegweiser.core.words.Words;

/**
 * Finds the pair behind a ganged reading by halving: log2 of the number of pairs in touches. A beep between
 * gangs means that some pair is joined; a value means that a part lies between some pair.
 */
final class Locator {
    private static final double READING_SHARE = 0.03;
    private static final double READING_OHMS = 1.0;
    /** A resistance up to here leaves a voltage in diode mode that is not over range. */
    private static final double DIODE_MODE_OHMS = 3000;

    private Locator() {}

    record Found(Touch touch, Mode mode, String why) {}

    /** The halving touch for the ganged reading with the fewest pairs that may explain it. */
    static Optional<Found> next(Evidence evidence, Belief belief, Repeats repeats) {
        TerminalIndex index = evidence.index();
        List<Reading> readings = evidence.readings();
        List<int[]> fewest = null;
        int reading = -1;
        Mode mode = Mode.OHMS;
        boolean part = false;
        for (int i = 0; i < readings.size(); i++) {
            if (readings.get(i).touch().isSingle() || readings.get(i).isAssumed()) {
                continue;
            }
            Meaning meaning = Meaning.of(readings.get(i));
            int[] red = evidence.red(i + 1);
            int[] black = evidence.black(i + 1);
            List<int[]> open = List.of();
            if (meaning == Meaning.JOINS && !joinedAny(evidence, red, black)) {
                open = open(red, black, (a, b) -> !evidence.isApart(a, b));
                open = open.size() > 1 ? open : List.of();
            } else if (meaning == Meaning.SHOWS_PART && !isExplained(evidence, readings.get(i), red, black)) {
                open = readings.get(i).mode() == Mode.DIODE
                        ? open(red, black, (a, b) -> isDiodeOpen(evidence, a, b))
                        : open(red, black, (a, b) -> isPartOpen(evidence, a, b));
            }
            Mode asked = meaning == Meaning.SHOWS_PART ? readings.get(i).mode() : Mode.OHMS;
            if (!open.isEmpty() && (fewest == null || open.size() < fewest.size())
                    && !isEnough(repeats, half(open, belief), asked)) {
                fewest = open;
                reading = i + 1;
                mode = asked;
                part = meaning == Meaning.SHOWS_PART;
            }
        }
        if (fewest == null) {
            return Optional.empty();
        }
        int[][] half = half(fewest, belief);
        return Optional.of(new Found(index.touch(half[0], half[1]), mode,
                Words.say(part ? "advisor.locate.part" : "advisor.locate.beep", reading, fewest.size())));
    }

    private static boolean isEnough(Repeats repeats, int[][] touch, Mode mode) {
        return mode == Mode.DIODE
                ? repeats.isEnoughInDiodeMode(touch[0], touch[1])
                : repeats.isEnough(touch[0], touch[1]);
    }

    private static boolean has(Partition nets, int[] gang, int terminal) {
        return Arrays.stream(gang).anyMatch(i -> nets.isJoined(i, terminal));
    }

    private static boolean isPartOpen(Evidence evidence, int a, int b) {
        return !evidence.isJoined(a, b) && !evidence.isPartKnown(a, b);
    }

    private static boolean isDiodeOpen(Evidence evidence, int red, int black) {
        return !evidence.isJoined(red, black) && !Proof.isDiodeKnown(evidence, red, black);
    }

    private static boolean joinedAny(Evidence evidence, int[] red, int[] black) {
        return Arrays.stream(red).anyMatch(r -> Arrays.stream(black).anyMatch(b -> evidence.isJoined(r, b)));
    }

    /**
     * Whether the parts that are known account for what was read between two gangs. A smaller reading than that of their
     * network means that one more part is hidden there.
     */
    private static boolean isExplained(Evidence evidence, Reading reading, int[] red, int[] black) {
        Partition nets = evidence.partition();
        List<ResistorNetwork.Branch> network = new ArrayList<>();
        for (MeasuredPart part : evidence.parts()) {
            int a = evidence.index().of(part.a());
            int b = evidence.index().of(part.b());
            if (part.kind() == PartKind.RESISTOR) {
                network.add(new ResistorNetwork.Branch(nets.root(a), nets.root(b), part.ohms()));
            } else if (reading.mode() == Mode.DIODE && has(nets, red, a) && has(nets, black, b)) {
                return true;
            }
        }
        double through = ResistorNetwork.between(network, roots(nets, red), roots(nets, black));
        double read = Evidence.ohmsWithoutLeads(reading);
        return Double.isNaN(read)
                ? through < DIODE_MODE_OHMS
                : read >= through * (1 - READING_SHARE) - READING_OHMS;
    }

    private static Set<Integer> roots(Partition nets, int[] gang) {
        return Arrays.stream(gang).mapToObj(nets::root).collect(Collectors.toSet());
    }

    private interface Pair {
        boolean test(int a, int b);
    }

    /** One terminal pair for each pair of classes that the reading may mean. */
    private static List<int[]> open(int[] red, int[] black, Pair open) {
        List<int[]> found = new ArrayList<>();
        for (int r : red) {
            for (int b : black) {
                if (r != b && open.test(r, b)) {
                    found.add(new int[]{r, b});
                }
            }
        }
        return found;
    }

    /** A gang that covers about half of the pairs: the red side is halved first, then the black one. */
    private static int[][] half(List<int[]> open, Belief belief) {
        int[] reds = open.stream().mapToInt(p -> p[0]).distinct().toArray();
        int[] blacks = open.stream().mapToInt(p -> p[1]).distinct().toArray();
        if (reds.length == 1 && blacks.length == 1) {
            return new int[][]{reds, blacks};
        }
        boolean byRed = reds.length > 1;
        int[] split = byRed ? reds : blacks;
        double[] mass = new double[split.length];
        for (int k = 0; k < split.length; k++) {
            int member = split[k];
            mass[k] = open.stream()
                    .filter(p -> p[byRed ? 0 : 1] == member)
                    .mapToDouble(p -> belief.joined(p[0], p[1]) + 0.02)
                    .sum();
        }
        double total = Arrays.stream(mass).sum();
        double sum = 0;
        int take = 0;
        while (take < split.length - 1 && (take == 0 || sum + mass[take] / 2 < total / 2)) {
            sum += mass[take++];
        }
        int[] part = Arrays.copyOf(split, take);
        int[] facing = open.stream()
                .filter(p -> Arrays.stream(part).anyMatch(m -> m == p[byRed ? 0 : 1]))
                .mapToInt(p -> p[byRed ? 1 : 0])
                .distinct()
                .toArray();
        return byRed ? new int[][]{part, facing} : new int[][]{facing, part};
    }
}
