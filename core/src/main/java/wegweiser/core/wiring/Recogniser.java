package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Contact;

/** Finds the name of a wiring. Costs one comparison for each named wiring that fits the two connectors. */
public final class Recogniser {
    private Recogniser() {}

    /** A named wiring as it lies between two given ends. */
    public record Candidate(NamedWiring named, Wiring wiring, boolean turned) {}

    /**
     * Every named wiring that fits two connector families, each seen from the first of them; one that is not the
     * same from both ends appears in both directions.
     */
    public static List<Candidate> candidates(String nearFamily, String farFamily) {
        return candidates(nearFamily, farFamily, NamedWiring.standard());
    }

    /** The same among other named wirings than those that come with the program. */
    public static List<Candidate> candidates(String nearFamily, String farFamily, List<NamedWiring> known) {
        List<Candidate> found = new ArrayList<>();
        for (NamedWiring named : known) {
            if (named.fromFamily().equals(nearFamily) && named.toFamily().equals(farFamily)) {
                found.add(new Candidate(named, named.wiring(), false));
            }
            boolean turnable = named.fromFamily().equals(farFamily) && named.toFamily().equals(nearFamily);
            if (turnable
                    && !(nearFamily.equals(farFamily) && named.wiring().equals(named.wiring().inverse()))) {
                found.add(new Candidate(named, named.wiring().inverse(), true));
            }
        }
        return found;
    }

    /**
     * The named wiring that this is, exactly; a joined pair of shells may be there or not. Empty when none is.
     */
    public static Optional<Candidate> recognise(String nearFamily, String farFamily, Wiring wiring) {
        List<Candidate> candidates = candidates(nearFamily, farFamily);
        return candidates.stream()
                .filter(c -> c.wiring().equals(wiring))
                .findFirst()
                .or(() -> candidates.stream().filter(c -> sameButShell(c.wiring(), wiring)).findFirst());
    }

    private static boolean sameButShell(Wiring a, Wiring b) {
        boolean shellsAlone = b.nets().stream()
                .filter(n -> n.near().contains(Contact.SHELL) || n.far().contains(Contact.SHELL))
                .allMatch(n -> n.near().size() == 1 && n.far().size() == 1 && n.near().equals(n.far()));
        return shellsAlone && a.without(Contact.SHELL).equals(b.without(Contact.SHELL));
    }
}
