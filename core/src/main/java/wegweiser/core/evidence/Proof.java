package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.words.Words;

/**
 * What "proved" means, for everything that says it: of every pair of terminals of all ends it is measured, or follows,
 * whether copper joins them and which part lies between them if it does not, whichever single reading may be wrong. A
 * pair that is less is one of six: nobody looked at it; it was only heard, and a buzzer knows no parts; it was not
 * asked in diode mode both ways round; it was, and the volts may be those of a diode or of the resistance beside; so many
 * resistances were read that no parts can be named; or,
 * where all the others are known, it rests on a single reading.
 * O(terminals²), and as often as there are readings once all pairs are known.
 *
 * @param pairs how many pairs there are
 * @param unknown pairs that are neither proved joined nor proved apart
 * @param heard pairs that are joined or apart by a buzzer alone
 * @param undioded pairs between which a diode would not have shown
 * @param unsettled pairs where diodes and none would both show the volts that were read
 * @param unnamed pairs with a resistance between them, where there are too many to name parts
 * @param doubtful whether readings contradict each other, or a touch gave both results
 * @param coverage how far the readings reach
 * @param misfits where all else is known, the numbers of the readings that a cable with the parts found would not show
 * @param resting where all else is known, the pairs that rest on a single reading
 * @param alone where all else is known, the numbers of the readings that no other stands behind: if one were wrong,
 *        nothing would show it
 */
public record Proof(int pairs, List<Pair> unknown, List<Pair> heard, List<Pair> undioded,
        List<Pair> unsettled,
        List<Pair> unnamed, boolean doubtful, Coverage coverage, List<Integer> misfits, List<Pair> resting,
        List<Integer> alone) {
    /** Beside so small a resistance a diode does not conduct in diode mode, so that nothing would show it. */
    public static final double HIDES_DIODE_OHMS = 600;
    /** So near to it one reading may say that a diode is hidden and the next that it is not: as a share. */
    public static final double HIDES_MARGIN = 0.04;
    private static final int NAMED = 8;

    /** Two terminals. */
    public record Pair(Terminal a, Terminal b) {
        @Override
        public String toString() {
            return a + "–" + b;
        }
    }

    /** What a pair still needs to be proved. */
    public enum Need {
        NOTHING,
        LOOK,
        OHMS,
        DIODE,
        /** How much current the meter sends in diode mode. */
        AMPS,
        /** Fewer resistances: there are too many to name parts. */
        PARTS
    }

    public Proof {
        unknown = List.copyOf(unknown);
        heard = List.copyOf(heard);
        undioded = List.copyOf(undioded);
        unsettled = List.copyOf(unsettled);
        unnamed = List.copyOf(unnamed);
        misfits = List.copyOf(misfits);
        resting = List.copyOf(resting);
        alone = List.copyOf(alone);
    }

    /** What a job's readings prove. */
    public static Proof of(Job job) {
        return of(job, Evidence.of(job));
    }

    /** What readings prove that were weighed already. */
    public static Proof of(Job job, Evidence evidence) {
        return of(evidence, Depth.of(job, evidence.index()));
    }

    public static Proof of(Evidence evidence, Depth depth) {
        TerminalIndex index = evidence.index();
        List<Pair> unknown = new ArrayList<>();
        List<Pair> heard = new ArrayList<>();
        List<Pair> undioded = new ArrayList<>();
        List<Pair> unsettled = new ArrayList<>();
        List<Pair> unnamed = new ArrayList<>();
        boolean rows = true;
        for (int a = 0; a < index.size(); a++) {
            Superseded.check();
            for (int b = a + 1; b < index.size(); b++) {
                Need need = need(evidence, a, b);
                if (need == Need.NOTHING) {
                    continue;
                }
                Pair pair = new Pair(index.get(a), index.get(b));
                (switch (need) {
                    case LOOK -> unknown;
                    case OHMS -> heard;
                    case DIODE -> undioded;
                    case PARTS -> unnamed;
                    case AMPS, NOTHING -> unsettled;
                }).add(pair);
                rows &= need != Need.LOOK || evidence.isSameEnd(a, b);
            }
        }
        boolean neighbours = depth.isNear(evidence);
        Coverage coverage = unknown.isEmpty() && index.size() > 1
                ? Coverage.ALL
                : neighbours ? rows ? Coverage.ROWS : Coverage.NEIGHBOURS : Coverage.JOINS;
        boolean doubtful = !evidence.contradictions().isEmpty() || !evidence.intermittent().isEmpty();
        boolean known = unknown.isEmpty() && heard.isEmpty() && undioded.isEmpty() && unsettled.isEmpty()
                && unnamed.isEmpty() && !doubtful;
        List<Integer> misfits = known ? misfits(evidence) : List.of();
        Alone alone = known && misfits.isEmpty() ? evidence.alone() : Alone.NONE;
        return new Proof(index.size() * (index.size() - 1) / 2, unknown, heard, undioded, unsettled, unnamed,
                doubtful, coverage,
                misfits, alone.pairs(), alone.readings());
    }

    /** The readings that the copper and the parts found do not show: they speak against each other in value. */
    static List<Integer> misfits(Evidence evidence) {
        Foreseen found = new Foreseen(evidence.nets(), evidence.parts().stream().map(Proof::link).toList());
        return IntStream.rangeClosed(1, evidence.readings().size())
                .filter(n -> !evidence.readings().get(n - 1).isAssumed() && !evidence.isDoubtful(n)
                        && !found.fits(evidence.readings().get(n - 1)))
                .boxed().toList();
    }

    /**
     * Where some readings do not fit, those among which one must be wrong: these, and those that show the parts they
     * do not fit. Ascending.
     */
    public List<Integer> suspects(Evidence evidence) {
        return Stream.concat(misfits.stream(), evidence.parts().stream().map(MeasuredPart::because)
                .flatMap(List::stream)).distinct().sorted().toList();
    }

    private static Link link(MeasuredPart part) {
        return Link.of(part.a(), part.b())
                .withPart(
                        part.kind() == PartKind.DIODE
                                ? Part.diode(part.volts())
                                : Part.resistor(part.ohms()));
    }

    /** What is still to be asked of a pair, by the numbers of its terminals. */
    public static Need need(Evidence evidence, int a, int b) {
        Looked looked = evidence.looked();
        if (evidence.isJoined(a, b)) {
            return looked.isCopper(a, b) ? Need.NOTHING : Need.OHMS;
        }
        if (!evidence.isApart(a, b)) {
            return Need.LOOK;
        }
        if (!looked.inOhms(a, b)) {
            return Need.OHMS;
        }
        if (evidence.isCrowded() && evidence.ohms(a, b).isPresent()) {
            return Need.PARTS;
        }
        if (isDiodeKnown(evidence, a, b) && isDiodeKnown(evidence, b, a)) {
            return Need.NOTHING;
        }
        boolean asked = (evidence.isUnsettled(a, b) || isDiodeKnown(evidence, a, b))
                && (evidence.isUnsettled(b, a) || isDiodeKnown(evidence, b, a));
        return asked ? Need.AMPS : Need.DIODE;
    }

    /** Whether a diode with its anode at the first would have shown. */
    public static boolean isDiodeKnown(Evidence evidence, int anode, int cathode) {
        return evidence.looked().inDiodeMode(anode, cathode) && !evidence.isUnsettled(anode, cathode)
                || evidence.looked().ohms(anode, cathode).orElse(Double.MAX_VALUE) < HIDES_DIODE_OHMS;
    }

    /**
     * Whether every pair is known, parts included, and would be without any one of the readings; where there is no pair,
     * nothing is proved.
     */
    public boolean isProved() {
        return isRead() && alone.isEmpty();
    }

    /** Whether every pair is known, parts included, if each reading is right. */
    public boolean isRead() {
        return isHeardOut() && heard.isEmpty() && undioded.isEmpty() && unsettled.isEmpty()
                && unnamed.isEmpty();
    }

    /** Whether every pair is known to be joined or apart, whatever lies between those that are apart. */
    public boolean isHeardOut() {
        return pairs > 0 && !doubtful && misfits.isEmpty() && unknown.isEmpty();
    }

    /** How many pairs are not proved; all of them where readings do not fit each other. */
    public int unproved() {
        return !misfits.isEmpty()
                ? pairs
                : unknown.size() + heard.size() + undioded.size() + unsettled.size() + unnamed.size()
                        + resting.size();
    }

    /** The pairs that are not proved: first those nobody looked at. */
    public List<Pair> open() {
        List<Pair> open = new ArrayList<>(unknown);
        open.addAll(heard);
        open.addAll(undioded);
        open.addAll(unsettled);
        open.addAll(unnamed);
        open.addAll(resting);
        return open;
    }

    /** What is proved and what is not, in one sentence or a few. */
    public String words() {
        if (pairs == 0) {
            return Words.say("proof.none");
        }
        if (doubtful) {
            return Words.say("proof.doubtful");
        }
        if (!misfits.isEmpty()) {
            return Words.say("proof.misfits", Words.list(misfits));
        }
        if (isProved()) {
            return Words.say("proof.proved", counted(pairs));
        }
        if (isRead()) {
            return Words.say("proof.read", counted(pairs)) + " " + Words.say("proof.resting",
                    counted(resting.size()),
                    Words.say("readings", alone.size()),
                    some(resting));
        }
        List<String> said = new ArrayList<>();
        if (!unknown.isEmpty()) {
            said.add(Words.say("proof.unknown", counted(unknown.size()), some(unknown)));
            said.add(Words.say("proof.coverage." + coverage.id()));
        }
        if (!heard.isEmpty()) {
            said.add(Words.say("proof.heard", counted(heard.size()), some(heard)));
        }
        if (!undioded.isEmpty()) {
            said.add(Words.say("proof.undioded", counted(undioded.size()), some(undioded)));
        }
        if (!unsettled.isEmpty()) {
            said.add(Words.say("proof.unsettled", counted(unsettled.size()), some(unsettled)));
        }
        if (!unnamed.isEmpty()) {
            said.add(Words.say("proof.unnamed", counted(unnamed.size())));
        }
        return String.join(" ", said);
    }

    /** How far the readings reach, in a sentence. */
    public String reach() {
        return Words.say("proof.coverage." + coverage.id());
    }

    /** The same in a line: how many pairs of each kind, without their names. */
    public String summary() {
        if (pairs == 0 || doubtful || !misfits.isEmpty() || isProved()) {
            return words();
        }
        List<String> said = new ArrayList<>();
        if (!unknown.isEmpty()) {
            said.add(Words.say("proof.short.unknown", counted(unknown.size())));
        }
        if (!heard.isEmpty()) {
            said.add(Words.say("proof.short.heard", counted(heard.size())));
        }
        if (!undioded.isEmpty()) {
            said.add(Words.say("proof.short.undioded", counted(undioded.size())));
        }
        if (!unsettled.isEmpty()) {
            said.add(Words.say("proof.short.unsettled", counted(unsettled.size())));
        }
        if (!unnamed.isEmpty()) {
            said.add(Words.say("proof.short.unnamed", counted(unnamed.size())));
        }
        if (!resting.isEmpty()) {
            said.add(Words.say("proof.short.resting", counted(resting.size())));
        }
        return Words.say("proof.short", Words.list(said));
    }

    private static String counted(int pairs) {
        return Words.say("pairs", pairs);
    }

    private static String some(List<Pair> pairs) {
        String named = String.join(", ", pairs.stream().limit(NAMED).map(Pair::toString).toList());
        return pairs.size() > NAMED ? Words.say("proof.more", named, pairs.size() - NAMED) : named;
    }
}
