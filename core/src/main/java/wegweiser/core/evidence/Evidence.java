package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.function.IntConsumer;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.DisjointSets;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.PairMatrix;
import wegweiser.core.wiring.Partition;

/**
 * All that follows from the readings, and why. Readings that contradict each other, and touches that gave both
 * results, prove nothing until the person settles them; the rest is proved without them. Readings that hold by an
 * assumption prove nothing either.
 *
 * <p>Joins merge terminals into classes and every join keeps its reading; a silent touch sets classes apart.
 * Both relations are between classes, so they carry over to all members. Building costs O(readings x gang
 * size + terminals²/64); the explanation of one pair O(terminals² + readings).
 */
public final class Evidence {
    private final TerminalIndex index;
    private final List<Reading> readings;
    /** The terminals of each reading by their numbers, as they are asked for all the time. */
    private final int[][] red;
    private final int[][] black;
    private final CopperProof copper;
    private final List<CopperProof.Item> items;
    private final ReactionSides sides;
    private final List<Contradiction> contradictions;
    private final Intermittence intermittence;
    private final List<Terminal> intermittent;
    private final PairMatrix joinedDirectly;
    private final PairMatrix apartDirectly;
    private final Looked looked;
    private final OtherEnds otherEnds;
    private final List<MeasuredPart> parts;
    private final PairMatrix unsettled;
    private final boolean crowded;
    private final int unknown;
    private final Optional<Evidence> supposed;
    private Alone alone;
    /** Told how many readings are weighed from scratch, for the test that counts how often that happens. */
    static volatile IntConsumer weighing = _ -> {};

    /** The evidence of a job's readings over all its terminals. */
    public static Evidence of(Job job) {
        return new Evidence(new TerminalIndex(Terminals.of(job)), job.readings());
    }

    public Evidence(TerminalIndex index, List<Reading> readings) {
        this(index, readings, false);
        weighing.accept(readings.size());
    }

    private Evidence(TerminalIndex index, List<Reading> readings, boolean supposing) {
        this.index = index;
        this.readings = List.copyOf(readings);
        Predicate<Reading> counts = r -> supposing || !r.isAssumed();
        this.supposed = this.readings.stream().allMatch(counts)
                ? Optional.empty()
                : Optional.of(new Evidence(index, readings, true));
        this.red = this.readings.stream().map(r -> index.of(r.red())).toArray(int[][]::new);
        this.black = this.readings.stream().map(r -> index.of(r.black())).toArray(int[][]::new);
        this.intermittence = Intermittence.of(this.readings, counts);
        this.intermittent = intermittence.terminals();
        List<CopperProof.Item> items = new ArrayList<>();
        this.sides = new ReactionSides(index.size());
        for (int i = 0; i < readings.size(); i++) {
            Reading reading = readings.get(i);
            Meaning meaning = intermittence.isDoubtful(i) || !counts.test(reading)
                    ? Meaning.NOTHING_CERTAIN
                    : Meaning.of(reading);
            switch (meaning) {
                case JOINS, SEPARATES, SEPARATES_FULLY, SHOWS_PART ->
                    items.add(new CopperProof.Item(i + 1, meaning, red[i], black[i]));
                case SAME_SIDE, OTHER_SIDE ->
                    sides.add(red[i][0], black[i][0], meaning == Meaning.OTHER_SIDE, i + 1);
                case NOTHING_CERTAIN -> {
                }
            }
        }
        CopperProof all = new CopperProof(index.size(), items);
        Map<TreeSet<Integer>, int[]> conflicts = Conflicts.of(index.size(), items, all);
        this.contradictions = contradictions(conflicts, sides);
        CopperProof sound = all;
        while (!sound.conflicts().isEmpty()) {
            // the first time round all that is disputed; what is left then hardly ever disputes anything
            TreeSet<Integer> disputed = new TreeSet<>();
            (sound == all ? conflicts.keySet() : sound.conflicts()).forEach(disputed::addAll);
            items.removeIf(i -> disputed.contains(i.number()));
            sound = new CopperProof(index.size(), items);
        }
        this.copper = sound;
        this.unknown = copper.countUnknown();
        int n = index.size();
        this.joinedDirectly = new PairMatrix(n);
        this.apartDirectly = new PairMatrix(n);
        this.looked = new Looked(index, copper.classes(), items, this.readings, copper.found());
        for (CopperProof.Item item : items) {
            if (item.meaning() == Meaning.JOINS && item.isSingle()) {
                joinedDirectly.markBoth(item.red()[0], item.black()[0]);
            }
            if (item.meaning().isApart()) {
                apartDirectly.markBetween(item.red(), item.black());
            }
        }
        this.items = List.copyOf(items);
        this.otherEnds = new OtherEnds(index, copper.classes());
        ResistorFinder.Found resistors = ResistorFinder.find(this, items);
        this.crowded = resistors.crowded();
        List<MeasuredPart> found = new ArrayList<>(resistors.resistors());
        DiodeFinder.Found diodes = DiodeFinder.find(this, items, found);
        found.addAll(diodes.diodes());
        this.parts = List.copyOf(found);
        this.unsettled = diodes.unsettled();
    }

    private List<Contradiction> contradictions(Map<TreeSet<Integer>, int[]> copper, ReactionSides reaction) {
        List<Contradiction> found = new ArrayList<>();
        copper.forEach((set, pair) -> found.add(new Contradiction(List.copyOf(set),
                Touch.of(index.get(pair[0]), index.get(pair[1])))));
        for (TreeSet<Integer> set : reaction.conflicts()) {
            found.add(new Contradiction(List.copyOf(set), readings.get(set.first() - 1).touch()));
        }
        return List.copyOf(found);
    }

    public TerminalIndex index() {
        return index;
    }

    public List<Reading> readings() {
        return readings;
    }

    /** The terminals at the red probe of a reading, by its number from 1: for looking at only. */
    public int[] red(int number) {
        return red[number - 1];
    }

    /** The same at the black probe. */
    public int[] black(int number) {
        return black[number - 1];
    }

    /** Whether copper is proved between two terminals, by their numbers. */
    public boolean isJoined(int a, int b) {
        return copper.isJoined(a, b);
    }

    /** Whether two terminals are proved apart, by their numbers. */
    public boolean isApart(int a, int b) {
        return copper.isApart(a, b);
    }

    /** Whether ohms tell what lies between the two, by their numbers: no part, or one that is named. */
    public boolean isPartKnown(int a, int b) {
        return looked.inOhms(a, b);
    }

    /** Whether two joined terminals are so by sound alone, so that a small resistor may lie between them. */
    public boolean isHeardOnly(int a, int b) {
        return !looked.isCopper(a, b);
    }

    /**
     * Whether volts were read from one terminal to another, by their numbers, that a diode there and none would both show:
     * beside a resistance, at a meter of which nobody knows how much current it sends.
     */
    public boolean isUnsettled(int red, int black) {
        return unsettled.has(partition().root(red), partition().root(black));
    }

    /** Whether a diode between two terminals that are apart would have shown, with its anode at the first. */
    public boolean isDiodeKnown(int anode, int cathode) {
        return Proof.isDiodeKnown(this, anode, cathode);
    }

    /** The resistance that was read between the nets of two terminals, leads included. */
    public OptionalDouble ohms(int a, int b) {
        return looked.ohms(a, b);
    }

    /** Whether a reading, by its number from 1, proves nothing since it contradicts others or itself. */
    public boolean isDoubtful(int number) {
        return intermittence.isDoubtful(number - 1)
                || contradictions.stream().anyMatch(c -> c.readings().contains(number));
    }

    /** The readings that count: neither assumed nor against others or themselves. */
    public List<Reading> sound() {
        return IntStream.rangeClosed(1, readings.size()).filter(k -> !isDoubtful(k))
                .mapToObj(k -> readings.get(k - 1)).filter(r -> !r.isAssumed()).toList();
    }

    /** What was looked at beyond copper. */
    public Looked looked() {
        return looked;
    }

    /** The joins that gangs came down to. */
    List<CopperProof.Resolved> resolved() {
        return copper.found();
    }

    /** A join that gangs came down to and no single touches show, as two terminals by their numbers. */
    public Optional<int[]> joinedByGangsAlone() {
        if (copper.found().isEmpty()) {
            return Optional.empty();
        }
        DisjointSets single = new DisjointSets(index.size());
        for (CopperProof.Item item : items) {
            if (item.meaning() == Meaning.JOINS && item.isSingle()) {
                single.union(item.red()[0], item.black()[0]);
            }
        }
        return copper.found().stream().filter(j -> single.find(j.red()) != single.find(j.black()))
                .map(j -> new int[]{j.red(), j.black()}).findFirst();
    }

    /** The readings that count for copper. */
    List<CopperProof.Item> items() {
        return items;
    }

    /** The proved joins, by the numbers of the terminals. */
    public Partition partition() {
        return copper.classes();
    }

    /** What would follow if what is only assumed held as well: for belief, and never for proof. */
    public Evidence supposed() {
        return supposed.orElse(this);
    }

    /** The proved joins as nets. */
    public Nets nets() {
        return new Nets(index, partition());
    }

    /** Whether two terminals are at one end, by their numbers. */
    public boolean isSameEnd(int a, int b) {
        return otherEnds.isSameEnd(a, b);
    }

    /** What is known of a pair. */
    public PairState state(Terminal a, Terminal b) {
        return state(index.of(a), index.of(b));
    }

    /** What is known of a pair of different terminals, by their numbers. */
    public PairState state(int a, int b) {
        if (copper.isJoined(a, b)) {
            return joinedDirectly.has(a, b) ? PairState.JOINED_MEASURED : PairState.JOINED_FOLLOWS;
        }
        if (copper.isApart(a, b)) {
            return apartDirectly.has(a, b) ? PairState.APART_MEASURED : PairState.APART_FOLLOWS;
        }
        if (!sides.isEmpty() && sides.mentions(a) && sides.mentions(b)) {
            PairState bySide = sideState(a, b);
            if (bySide != PairState.UNKNOWN) {
                return bySide;
            }
        }
        return otherEnds.isApartAssumed(a, b) ? PairState.APART_ASSUMED : PairState.UNKNOWN;
    }

    private PairState sideState(int a, int b) {
        if (!sides.conflicts().isEmpty()) {
            return PairState.UNKNOWN;
        }
        Optional<TreeSet<Integer>> same = sides.why(a, b, false);
        if (same.isPresent()) {
            return same.get().size() == 1 ? PairState.JOINED_MEASURED : PairState.JOINED_FOLLOWS;
        }
        Optional<TreeSet<Integer>> other = sides.why(a, b, true);
        return other.map(set -> set.size() == 1 ? PairState.APART_MEASURED : PairState.APART_FOLLOWS)
                .orElse(PairState.UNKNOWN);
    }

    /** Whether trials by reaction put two wires on one side of the device, or on different ones; empty when none do. */
    public Optional<Boolean> sameSide(Terminal a, Terminal b) {
        if (!sides.conflicts().isEmpty()) {
            return Optional.empty();
        }
        int i = index.of(a);
        int j = index.of(b);
        return sides.why(i, j, false).map(_ -> true).or(() -> sides.why(i, j, true).map(_ -> false));
    }

    /** The readings behind what is known of a pair, as numbers from 1; empty when nothing is proved. */
    public List<Integer> because(Terminal a, Terminal b) {
        return claim(index.of(a), index.of(b)).map(Claim::because).orElse(List.of());
    }

    /** The readings of just this pair, from 1, that prove nothing since they contradict others or each other. */
    public List<Integer> disputed(Terminal a, Terminal b) {
        Intermittence intermittence = Intermittence.of(readings, r -> !r.isAssumed());
        return IntStream.range(0, readings.size())
                .filter(i -> {
                    Touch touch = readings.get(i).touch();
                    return touch.isSingle() && (touch.equals(Touch.of(a, b)) || touch.equals(Touch.of(b, a)))
                            && (intermittence.isDoubtful(i)
                                    || contradictions.stream().anyMatch(c -> c.readings().contains(i + 1)));
                })
                .mapToObj(i -> i + 1)
                .toList();
    }

    private Optional<Claim> claim(int a, int b) {
        PairState state = state(a, b);
        TreeSet<Integer> why = switch (state) {
            case APART_ASSUMED, UNKNOWN -> new TreeSet<>();
            case JOINED_MEASURED, JOINED_FOLLOWS ->
                copper.isJoined(a, b)
                        ? copper.needed(copper.whyJoined(a, b), a, b, true)
                        : sides.why(a, b, false).orElseThrow();
            case APART_MEASURED, APART_FOLLOWS ->
                copper.isApart(a, b)
                        ? copper.needed(copper.whyApart(a, b), a, b, false)
                        : sides.why(a, b, true).orElseThrow();
        };
        return state.isProved()
                ? Optional.of(new Claim(index.get(a), index.get(b), state, List.copyOf(why)))
                : Optional.empty();
    }

    /** Everything that is proved, pair by pair. */
    public List<Claim> claims() {
        List<Claim> found = new ArrayList<>();
        for (int a = 0; a < index.size(); a++) {
            for (int b = a + 1; b < index.size(); b++) {
                claim(a, b).ifPresent(found::add);
            }
        }
        return found;
    }

    /** How many pairs are neither proved joined nor proved apart. */
    public int countUnknown() {
        return unknown;
    }

    public List<Contradiction> contradictions() {
        return contradictions;
    }

    /** Touches whose readings differ and that are not settled for sure. */
    public List<Dispute> disputes() {
        return intermittence.disputes();
    }

    /** Terminals of touches that gave both results and are not settled. */
    public List<Terminal> intermittent() {
        return intermittent;
    }

    /** Whether so many resistances were read that no parts are named: as with a device that is still plugged in. */
    public boolean isCrowded() {
        return crowded;
    }

    /** Parts that readings show between single terminals. */
    public List<MeasuredPart> parts() {
        return parts;
    }

    /** The resistance that a reading shows once the leads are taken off, or NaN. */
    public static double ohmsWithoutLeads(Reading reading) {
        return reading.outcome() instanceof Outcome.Resistance(double ohms)
                ? Math.max(0, ohms - Meaning.LEAD_OHMS)
                : Double.NaN;
    }

    /** The readings on which a proof rests alone, found when first asked for; of a proof only. */
    synchronized Alone alone() {
        if (alone == null) {
            alone = Alone.in(this);
        }
        return alone;
    }
}
