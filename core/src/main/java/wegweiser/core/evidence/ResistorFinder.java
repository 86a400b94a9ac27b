package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.electrical.GrowingNetwork;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.wiring.Partition;

/**
 * Names the resistors that readings between single terminals show. Parts lie between classes: several readings of one pair
 * of classes are one part.
 *
 * <p>A resistance read between two classes is that of the whole network between them. Starting from the smallest, a
 * reading that the resistors found so far explain needs no part of its own; otherwise one is put in, and the values of
 * all are brought to where each pair shows what was read there: what is missing at a pair in conductance is added to its
 * resistor, over and over. What such a resistor no longer carries is taken out again. Among very many readings no parts
 * are named. O(parts² x classes²) for the classes that parts join, times the few rounds that values take.
 */
final class ResistorFinder {
    private static final double SHARE = 0.03;
    private static final double OHMS = 2.0;
    /** No cable has so many resistances; a device that is still plugged in has. */
    private static final int MOST = 200;
    private static final int ROUNDS = 60;
    /** With more parts than these, values need not be exact before the last part is in. */
    private static final int FEW = 20;
    private static final int SOME_ROUNDS = 3;
    private static final double STILL = 1e-4;

    private final Evidence evidence;
    private final GrowingNetwork network;
    private final List<Group> chosen = new ArrayList<>();

    /** Readings of one pair of classes, and what they show without the leads. */
    private record Group(int red, int black, int from, int to, double value, List<Integer> numbers) {}

    /**
     * What was found.
     *
     * @param crowded whether ohms were read between so many pairs of nets that nobody could name the parts
     */
    record Found(List<MeasuredPart> resistors, boolean crowded) {}

    private ResistorFinder(Evidence evidence, int nodes) {
        this.evidence = evidence;
        this.network = new GrowingNetwork(nodes);
    }

    static Found find(Evidence evidence, List<CopperProof.Item> items) {
        Partition nets = evidence.partition();
        Map<Integer, Integer> nodes = new HashMap<>();
        Map<Long, List<CopperProof.Item>> pairs = new LinkedHashMap<>();
        for (CopperProof.Item item : items) {
            Reading reading = evidence.readings().get(item.number() - 1);
            if (item.meaning() == Meaning.SHOWS_PART && item.isSingle()
                    && reading.outcome() instanceof Outcome.Resistance) {
                nodes.computeIfAbsent(nets.root(item.red()[0]), _ -> nodes.size());
                nodes.computeIfAbsent(nets.root(item.black()[0]), _ -> nodes.size());
                pairs.computeIfAbsent(nets.pair(item.red()[0], item.black()[0]), _ -> new ArrayList<>(2))
                        .add(item);
            }
        }
        if (pairs.isEmpty() || pairs.size() > MOST) {
            return new Found(List.of(), pairs.size() > MOST);
        }
        List<Group> groups = new ArrayList<>();
        for (List<CopperProof.Item> same : pairs.values()) {
            int red = same.getFirst().red()[0];
            int black = same.getFirst().black()[0];
            double mean = same.stream()
                    .mapToDouble(
                            i -> Evidence.ohmsWithoutLeads(evidence.readings().get(i.number() - 1)))
                    .average().orElse(Double.NaN);
            groups.add(new Group(red, black, nodes.get(nets.root(red)), nodes.get(nets.root(black)), mean,
                    same.stream().map(CopperProof.Item::number).toList()));
        }
        groups.sort(Comparator.comparingDouble(Group::value));
        return new Found(new ResistorFinder(evidence, nodes.size()).parts(groups), false);
    }

    private List<MeasuredPart> parts(List<Group> groups) {
        for (Group group : groups) {
            double through = network.ohms(group.from, group.to);
            // no network of resistors lets less through than its parts do, so only too small a reading needs one more
            if (group.value < through - OHMS - SHARE * group.value) {
                chosen.add(group);
                network.add(group.from, group.to, 1 / group.value - 1 / through);
                settle(chosen.size() > FEW ? SOME_ROUNDS : ROUNDS);
            }
        }
        settle(ROUNDS);
        prune();
        List<MeasuredPart> parts = new ArrayList<>();
        for (int k = 0; k < chosen.size(); k++) {
            Group group = chosen.get(k);
            parts.add(new MeasuredPart(evidence.index().get(group.red), evidence.index().get(group.black),
                    PartKind.RESISTOR, 1 / network.siemens(k), Double.NaN, group.numbers));
        }
        return parts;
    }

    /** Brings the values to where each of the pairs shows what was read there, as near as may be. */
    private void settle(int rounds) {
        for (int round = 0; round < rounds; round++) {
            double worst = 0;
            for (int k = 0; k < chosen.size(); k++) {
                Group group = chosen.get(k);
                double shows = network.ohms(group.from, group.to);
                worst = Math.max(worst, Math.abs(shows - group.value) / group.value);
                network.change(k, 1 / group.value - 1 / shows);
            }
            if (worst < STILL) {
                break;
            }
        }
        network.refresh();
    }

    /** Takes out what the others account for once they have their values. */
    private void prune() {
        for (int k = chosen.size() - 1; k >= 0; k--) {
            Group group = chosen.get(k);
            if (Math.abs(network.ohmsWithout(k) - group.value) <= OHMS + SHARE * group.value) {
                chosen.remove(k);
                network.remove(k);
                settle(chosen.size() > FEW ? SOME_ROUNDS : ROUNDS);
            }
        }
        settle(ROUNDS);
    }
}
