package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Volts;
import wegweiser.core.words.Words;

/**
 * Mains, or as many volts as can kill: by the names of the contacts (L, N, PE; U, V, W with an earth), by the volts of any row or name, or by the
 * volts between two contacts of the job. Above 50 V alternating or 60 V direct (IEC 60364-4-41, extra-low voltage) nothing
 * is planned here, and nobody can say that it may be. O(contacts).
 */
public final class Mains implements Rule {
    private static final String ID = "mains";
    private static final Set<String> LIVE = Set.of("L", "L1", "L2", "L3", "LIVE", "PHASE", "LINE", "ACL",
            "ACLINE", "ACLIVE", "AUSSENLEITER");
    private static final List<Set<String>> PHASES = List.of(Set.of("U", "U1"), Set.of("V", "V1"),
            Set.of("W", "W1"));
    private static final Set<String> NEUTRAL = Set.of("N", "NEUTRAL", "ACN", "ACNEUTRAL", "NEUTRALLEITER",
            "NULLLEITER", "NULLEITER");
    private static final Set<String> MAINS = Set.of("MAINS", "ACMAINS", "NETZ", "NETZSPANNUNG", "NETZ230V");

    @Override
    public String id() {
        return ID;
    }

    /** Whether a job is about mains, or volts as dangerous, so that nothing is proposed for it. */
    public static boolean isIn(Derived derived) {
        return found(derived).isPresent();
    }

    /** Whether a finding is of this rule, which no reason overrides. */
    public static boolean is(Finding finding) {
        return finding.rule().equals(ID);
    }

    /** Two sentences for whoever wants to go on. */
    public static String remedy() {
        return Words.say("rule.mains.remedy");
    }

    @Override
    public List<Finding> check(Derived derived) {
        return found(derived).stream().toList();
    }

    private static Optional<Finding> found(Derived derived) {
        return derived.once(Mains.class, () -> {
            Set<Pin> named = new LinkedHashSet<>();
            derived.job().ends().forEach(e -> named.addAll(byName(derived, e)));
            List<Pin> high = derived.pins().stream()
                    .filter(p -> present(p).filter(Volts::isDangerous).isPresent())
                    .toList();
            if (!high.isEmpty()) {
                named.addAll(high);
                return Optional.of(finding(named, "volts", high.getFirst().words(),
                        present(high.getFirst()).orElseThrow().words()));
            }
            return named.isEmpty() ? apart(derived) : Optional.of(finding(named, "named", words(named)));
        });
    }

    private static String words(Set<Pin> pins) {
        return Pin.words(List.copyOf(pins));
    }

    private static Finding finding(Set<Pin> pins, String which, Object... args) {
        return Finding.variant(ID, which, Severity.ERROR, pins.stream().map(Pin::terminal).sorted().toList(),
                args);
    }

    /** The contacts of an end that are called as those of a mains socket are. */
    private static List<Pin> byName(Derived derived, End end) {
        List<Pin> pins = derived.pins().stream().filter(p -> p.isAt(end.name())).toList();
        List<Pin> live = called(pins, LIVE);
        List<Pin> neutral = called(pins, NEUTRAL);
        List<Pin> earth = pins.stream().filter(Pin::isEarthByName).toList();
        List<Pin> found = new ArrayList<>(called(pins, MAINS));
        if (!live.isEmpty() && (!neutral.isEmpty() || !earth.isEmpty())) {
            found.addAll(live);
            found.addAll(neutral);
        }
        // a small motor has these three too, but no protective earth
        List<Pin> phases = earth.isEmpty()
                ? List.of()
                : PHASES.stream().flatMap(names -> called(pins, names).stream()).toList();
        if (phases.size() == PHASES.size()) {
            found.addAll(phases);
        }
        return found;
    }

    /** Those with such a name, and neither a level of another kind nor harmless volts of their own. */
    private static List<Pin> called(List<Pin> pins, Set<String> names) {
        return pins.stream().filter(p -> isOneOf(p, names))
                .filter(p -> p.row().level().isEmpty() || p.has(Level.SUPPLY) || p.level().isEmpty())
                .filter(p -> present(p).map(Volts::isDangerous).orElse(true)).toList();
    }

    private static boolean isOneOf(Pin pin, Set<String> names) {
        return names.contains(bare(pin.row().name().or(() -> pin.row().signal()).orElse("")))
                || pin.row().name().isEmpty() && names.contains(bare(pin.signal()));
    }

    private static String bare(String name) {
        return name.toUpperCase(Locale.ROOT).chars().filter(Character::isLetterOrDigit)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /**
     * The volts that stand on a contact: the most that a source gives, and of what a load takes no more than it needs, since a
     * wide range says nothing of what it is fed with.
     */
    private static Optional<Volts> present(Pin pin) {
        // a word for a level that is known says nothing of its volts
        return pin.volts()
                .or(() -> pin.row().level().filter(_ -> pin.level().isEmpty()).flatMap(Volts::within))
                .map(v -> pin.is(Direction.SUPPLY_IN) && !v.isNominal()
                        ? new Volts(least(v), least(v), v.alternating())
                        : v);
    }

    private static double least(Volts volts) {
        return Math.abs(volts.least()) < Math.abs(volts.most()) ? volts.least() : volts.most();
    }

    /** Two contacts of which neither is dangerous against ground, but one against the other. */
    private static Optional<Finding> apart(Derived derived) {
        List<Pin> known = derived.pins().stream()
                .filter(p -> (p.isSupply() || p.isSignal())
                        && present(p).filter(v -> !v.alternating()).isPresent())
                .toList();
        double least = known.stream().mapToDouble(p -> present(p).orElseThrow().least()).min().orElse(0);
        double most = known.stream().mapToDouble(p -> present(p).orElseThrow().most()).max().orElse(0);
        if (least >= 0 || !new Volts(0, most - least).isDangerous()) {
            return Optional.empty();
        }
        List<Pin> high = known.stream().filter(p -> present(p).orElseThrow().most() == most).toList();
        List<Pin> low = known.stream().filter(p -> present(p).orElseThrow().least() == least).toList();
        Set<Pin> both = new LinkedHashSet<>(high);
        both.addAll(low);
        return Optional.of(finding(both, "between", high.getFirst().words(), low.getFirst().words(),
                Words.number(most - least)));
    }
}
