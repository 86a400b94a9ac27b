package wegweiser.core.evidence;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.DisjointSets;
import wegweiser.core.wiring.PairMatrix;
import wegweiser.core.wiring.Partition;

/**
 * What was looked at beyond copper. A buzzer tells joined from apart and no more: a resistor of a few ohms sounds like
 * copper, a leak is as silent as air. Only ohms tell what lies between two classes, and only diode mode, both ways
 * round, that no diode does. All of it is between classes of joined terminals. O(readings x gang size).
 */
public final class Looked {
    private final Partition classes;
    private final PairMatrix ohms;
    private final PairMatrix diode;
    private final Partition measured;
    private final Map<Long, Double> ohmsOfPair = new HashMap<>();
    private final Map<Long, Double> voltsOfPair = new HashMap<>();
    private final PairMatrix inVolts;

    /**
     * @param readings all of them; the items name theirs by number
     * @param found joins that gangs came down to
     */
    Looked(TerminalIndex index, Partition classes, List<CopperProof.Item> items, List<Reading> readings,
            List<CopperProof.Resolved> found) {
        this.classes = classes;
        this.ohms = new PairMatrix(classes.size());
        this.diode = new PairMatrix(classes.size());
        DisjointSets copper = new DisjointSets(classes.size());
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
        for (CopperProof.Resolved join : found) {
            if (readings.get(join.number() - 1).mode() == Mode.OHMS) {
                copper.union(join.red(), join.black());
            }
        }
        this.measured = copper.partition();
        this.inVolts = new PairMatrix(classes.size());
        for (Reading reading : readings) {
            if (reading.outcome() instanceof Outcome.Voltage && reading.touch().isSingle()
                    && !reading.isAssumed()) {
                inVolts.markBoth(classes.root(index.of(reading.red())[0]),
                        classes.root(index.of(reading.black())[0]));
            }
        }
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
        int[] red = classes.roots(item.red());
        int[] black = classes.roots(item.black());
        if (reading.mode() == Mode.OHMS) {
            ohms.markBetween(red, black);
        } else if (reading.mode() == Mode.DIODE) {
            diode.markEach(red, black);
        }
    }

    private long key(int from, int to) {
        return (long) classes.root(from) * classes.size() + classes.root(to);
    }

    /** Whether two joined terminals are so by resistances read, not only by a sound. */
    public boolean isCopper(int a, int b) {
        return measured.isJoined(a, b);
    }

    /** Whether ohms were read between the classes of two terminals, by themselves or over range for a whole gang. */
    public boolean inOhms(int a, int b) {
        return ohms.has(classes.root(a), classes.root(b));
    }

    /** The same for diode mode with the red probe at the first; the other way round is another question. */
    public boolean inDiodeMode(int red, int black) {
        return diode.has(classes.root(red), classes.root(black));
    }

    /** Whether volts were read between the classes of two terminals by themselves, either way round, however few. */
    public boolean wasReadInVolts(int a, int b) {
        return inVolts.has(classes.root(a), classes.root(b));
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
