package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.electrical.PartNetwork;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.wiring.PairMatrix;
import wegweiser.core.wiring.Partition;

/**
 * Names the diodes that readings in diode mode show, each way round by itself, and the ways that they leave unsettled.
 *
 * <p>Starting from the smallest, volts that the resistors and the diodes found so far explain need no diode of their own;
 * volts well below what these would take at the least current of the meter are those of one more. How much current the
 * meter sends is not known: two diodes against each other beside 1000 ohm show 0.6 V at a meter of 1 mA, and so do 1000 ohm
 * by themselves at one of 0.6 mA. {@link DiodeAmps} finds out from the other readings as far as they tell. What then
 * still may be the one or the other is unsettled. O(ways read x a solved network).
 */
final class DiodeFinder {
    /** Volts below so much of what the network would take are those of a diode, from so much on there is none. */
    private static final double DIODE_SHARE = 0.94;
    private static final double NONE_SHARE = 0.96;
    private static final double VOLTS = 0.01;
    /** Below what any light shows. */
    private static final double BELOW_LIGHT = 1.2;
    private static final double ROW_VOLTS = 0.3;
    /** So much of what most meters send speaks against a light beside a resistor. */
    private static final double USUAL_SHARE = 0.96;
    /** Volts alike both ways within this are no diode by themselves, as long as nobody looked in ohms. */
    private static final double LOPSIDED = 1.25;
    private static final double LOPSIDED_VOLTS = 0.05;

    private final Evidence evidence;
    private final Partition nets;
    private final List<MeasuredPart> all;
    private final List<MeasuredPart> diodes = new ArrayList<>();
    private final PairMatrix unsettled;
    private PartNetwork network;

    /** Volts read from one class to another, and by which readings. */
    private record Way(int red, int black, double volts, List<Integer> numbers) {}

    /**
     * What was found.
     *
     * @param unsettled the ways between classes, anode first, that may hide a diode
     */
    record Found(List<MeasuredPart> diodes, PairMatrix unsettled) {}

    private DiodeFinder(Evidence evidence, List<MeasuredPart> resistors) {
        this.evidence = evidence;
        this.nets = evidence.partition();
        this.unsettled = new PairMatrix(nets.size());
        this.all = new ArrayList<>(resistors);
        this.network = MeasuredNetwork.of(evidence, all);
    }

    /** The diodes beside the resistors that were found. */
    static Found find(Evidence evidence, List<CopperProof.Item> items, List<MeasuredPart> resistors) {
        DiodeFinder finder = new DiodeFinder(evidence, resistors);
        List<Way> ways = finder.ways(items);
        if (!ways.isEmpty()) {
            DiodeAmps amps = DiodeAmps.of(evidence, finder.network);
            ways.stream().sorted(Comparator.comparingDouble(Way::volts)).forEach(w -> finder.look(w, amps));
        }
        return new Found(List.copyOf(finder.diodes), finder.unsettled);
    }

    private List<Way> ways(List<CopperProof.Item> items) {
        Map<Long, Way> ways = new LinkedHashMap<>();
        for (CopperProof.Item item : items) {
            Reading reading = evidence.readings().get(item.number() - 1);
            if (item.isSingle() && item.meaning() == Meaning.SHOWS_PART && reading.mode() == Mode.DIODE
                    && reading.outcome() instanceof Outcome.Voltage(double volts)) {
                int red = nets.root(item.red()[0]);
                int black = nets.root(item.black()[0]);
                List<Integer> numbers = new ArrayList<>();
                Way before = ways.get((long) red << 32 | black);
                if (before != null) {
                    numbers.addAll(before.numbers);
                }
                numbers.add(item.number());
                // the last of several counts, as everywhere
                ways.put((long) red << 32 | black,
                        new Way(before == null ? item.red()[0] : before.red,
                                before == null ? item.black()[0] : before.black, volts, numbers));
            }
        }
        return new ArrayList<>(ways.values());
    }

    private void look(Way way, DiodeAmps amps) {
        int red = nets.root(way.red);
        int black = nets.root(way.black);
        double least = network.volts(Set.of(red), Set.of(black), amps.least());
        if (way.volts < DIODE_SHARE * least - VOLTS) {
            if (isHalfRead(way)) {
                return;
            }
            MeasuredPart diode = new MeasuredPart(evidence.index().get(way.red),
                    evidence.index().get(way.black), PartKind.DIODE, Double.NaN, way.volts, way.numbers);
            diodes.add(diode);
            all.add(diode);
            network = MeasuredNetwork.of(evidence, all);
        } else if (!isSettled(way, red, black, amps)) {
            unsettled.mark(red, black);
        }
    }

    /** Alike both ways it may be two diodes or one resistor, and ohms will tell. */
    private boolean isHalfRead(Way way) {
        OptionalDouble back = evidence.looked().volts(way.black, way.red);
        return !evidence.looked().inOhms(way.red, way.black) && back.isPresent()
                && back.getAsDouble() <= LOPSIDED * way.volts + LOPSIDED_VOLTS
                && way.volts <= LOPSIDED * back.getAsDouble() + LOPSIDED_VOLTS;
    }

    /** Whether volts that need no diode would be others if one were there. */
    private boolean isSettled(Way way, int red, int black, DiodeAmps amps) {
        double most = network.volts(Set.of(red), Set.of(black), amps.most());
        double ohms = network.ohms(Set.of(red), Set.of(black));
        if (way.volts >= NONE_SHARE * most - VOLTS / 2) {
            return true;
        }
        if (Double.isInfinite(ohms)) {
            // a way through diodes, whose volts hardly depend on the current unless a resistance is in the row
            double least = network.volts(Set.of(red), Set.of(black), amps.least());
            if (most - least < ROW_VOLTS) {
                return true;
            }
        }
        if (way.volts < DiodeAmps.ABOVE_JUNCTION) {
            return ohms < (1 + Proof.HIDES_MARGIN) * Proof.HIDES_DIODE_OHMS;
        }
        return way.volts < BELOW_LIGHT
                || way.volts >= USUAL_SHARE * network.volts(Set.of(red), Set.of(black), Foreseen.USUAL_AMPS);
    }
}
