package wegweiser.core.evidence;

import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.wiring.DisjointSets;

/**
 * What was looked at beyond copper. A buzzer tells joined from apart and no more: a resistor of a few ohms sounds like
 * copper, a leak is as silent as air. Only ohms tell what lies between two classes, and only diode mode, both ways
 * round, that no diode does. All of it is between classes of joined terminals. O(readings x gang size).
 */
public final class Looked {
    private final int[] labels;
    private final BitSet[] ohms;
    private final BitSet[] diode;
    private final int[] measured;
    private final Map<Long, Double> ohmsOfPair = new HashMap<>();
    private final Map<Long, Double> voltsOfPair = new HashMap<>();

    /**
     * @param readings all of them; the items name theirs by number
     * @param found joins that gangs came down to, as red terminal, black terminal and number of the reading
     */
    Looked(int[] labels, List<CopperProof.Item> items, List<Reading> readings, List<int[]> found) {
        this.labels = labels;
        this.ohms = new BitSet[labels.length];
        this.diode = new BitSet[labels.length];
        DisjointSets copper = new DisjointSets(labels.length);
        for (CopperProof.Item item : items) {
            Reading reading = readings.get(item.number() - 1);
            if (item.meaning() == Meaning.JOINS && item.isSingle() && reading.mode() == Mode.OHMS) {
                copper.union(item.red()[0], item.black()[0]);
            }
            boolean open = reading.outcome() instanceof Outcome.Open;
            if (item.meaning().isApart() && (open || item.isSingle())) {
                note(item, reading);
            }
        }
        for (int[] join : found) {
            if (readings.get(join[2] - 1).mode() == Mode.OHMS) {
                copper.union(join[0], join[1]);
            }
        }
        this.measured = copper.labels();
    }

    private void note(CopperProof.Item item, Reading reading) {
        if (item.isSingle()) {
            long pair = key(item.red()[0], item.black()[0]);
            switch (reading.outcome()) {
                case Outcome.Resistance(double value) -> {
                    ohmsOfPair.put(pair, value);
                    ohmsOfPair.put(key(item.black()[0], item.red()[0]), value);
                }
                case Outcome.Voltage(double volts) -> voltsOfPair.put(pair, volts);
                case Outcome.Open() when reading.mode() == Mode.DIODE ->
                    voltsOfPair.put(pair, Double.POSITIVE_INFINITY);
                default -> {
                }
            }
        }
        BitSet[] into = reading.mode() == Mode.OHMS ? ohms : reading.mode() == Mode.DIODE ? diode : null;
        for (int r : into == null ? new int[0] : item.red()) {
            for (int b : item.black()) {
                mark(into, labels[r], labels[b]);
                if (into == ohms) {
                    mark(into, labels[b], labels[r]);
                }
            }
        }
    }

    private static void mark(BitSet[] matrix, int from, int to) {
        if (matrix[from] == null) {
            matrix[from] = new BitSet(matrix.length);
        }
        matrix[from].set(to);
    }

    private static boolean get(BitSet[] matrix, int from, int to) {
        return matrix[from] != null && matrix[from].get(to);
    }

    private long key(int from, int to) {
        return (long) labels[from] * labels.length + labels[to];
    }

    /** Whether two joined terminals are so by resistances read, not only by a sound. */
    public boolean isCopper(int a, int b) {
        return measured[a] == measured[b];
    }

    /** Whether ohms were read between the classes of two terminals, by themselves or over range for a whole gang. */
    public boolean inOhms(int a, int b) {
        return get(ohms, labels[a], labels[b]);
    }

    /** The same for diode mode with the red probe at the first; the other way round is another question. */
    public boolean inDiodeMode(int red, int black) {
        return get(diode, labels[red], labels[black]);
    }

    /** The last resistance read between two classes by themselves, leads included. */
    OptionalDouble ohms(int a, int b) {
        Double value = ohmsOfPair.get(key(a, b));
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** The last voltage read in diode mode between two classes by themselves; infinite where it was over range. */
    OptionalDouble volts(int red, int black) {
        Double value = voltsOfPair.get(key(red, black));
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
