package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.Contact;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** More nets between the ends than the cable has conductors; a screen is one where a contact takes it. */
final class TooFewConductors implements Rule {
    @Override
    public String id() {
        return "too-few-conductors";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null) {
            return found;
        }
        List<List<Terminal>> across = derived.nets().joinedNets().stream()
                .filter(net -> net.stream().map(Terminal::end).distinct().count() > 1).toList();
        boolean screen = cable.isScreened() && across.stream().anyMatch(net -> takesScreen(derived, net));
        int nets = across.size() - (screen ? 1 : 0);
        boolean earth = derived.pins().stream().anyMatch(Pin::isEarth);
        int there = conductors(earth, cable);
        if (nets > there) {
            Finding few = Finding.of(id(), Severity.ERROR, List.of(), nets, cable.title(),
                    there);
            found.add(new Finding(few.rule(), few.severity(), few.terminals(), few.message(),
                    String.join(" ", remedies(derived, cable, across, nets, earth)), few.fix()));
        }
        return found;
    }

    private static boolean takesScreen(Derived derived, List<Terminal> net) {
        return net.stream().anyMatch(t -> t.contact().equals(Contact.SHELL) || derived.isReturn(t)
                || derived.pin(t).map(p -> p.is(Direction.SHIELD)).orElse(false))
                || derived.job().links().stream()
                        .anyMatch(l -> ScreenLinks.isScreen(l) && l.to().isPresent()
                                && (net.contains(l.from()) || net.contains(l.to().get())));
    }

    /** How many there are; the one for protective earth counts where there is an earth. */
    private static int conductors(boolean earth, CableStock cable) {
        return (int) cable.conductors().stream().filter(c -> earth || !c.equals(ColourCode.EARTH)).count();
    }

    /** Which returns may share one conductor, which cables would do, and else to leave something out. */
    private static List<String> remedies(Derived derived, CableStock cable, List<List<Terminal>> across,
            int nets, boolean earth) {
        List<String> found = new ArrayList<>();
        List<List<Pin>> returns = across.stream()
                .map(net -> net.stream().map(derived::pin).flatMap(Optional::stream).toList())
                .filter(net -> !net.isEmpty() && net.stream().allMatch(p -> p.is(Direction.GROUND))).toList();
        List<String> shared = returns.stream()
                .filter(net -> net.stream().noneMatch(TooFewConductors::isOfOneLine))
                .map(net -> net.getFirst().words()).toList();
        List<String> alone = returns.stream()
                .filter(net -> net.stream().anyMatch(TooFewConductors::isOfOneLine))
                .map(net -> net.getFirst().words()).toList();
        if (conductors(earth, cable) < cable.conductors().size()) {
            found.add(Words.say("rule.too-few-conductors.earth"));
        }
        if (shared.size() > 1) {
            found.add(Words.say("rule.too-few-conductors.shared", Words.list(shared)));
        }
        if (!alone.isEmpty()) {
            found.add(Words.say("rule.too-few-conductors.alone", Words.list(alone)));
        }
        List<String> would = Cables.all().stream().filter(c -> conductors(earth, c) >= nets)
                .filter(c -> c.isScreened() == cable.isScreened() && c.flat() == cable.flat())
                .filter(c -> c.pairs().isEmpty() == cable.pairs().isEmpty())
                .sorted(Comparator.comparingInt(c -> c.conductors().size())).limit(2)
                .map(CableStock::title).toList();
        found.add(would.isEmpty()
                ? Words.say("rule.too-few-conductors.remedy")
                : Words.say("rule.too-few-conductors.would", Words.list(would)));
        return found;
    }

    /** A return with a name of its own belongs to its line, and sharing it brings the lines into each other. */
    private static boolean isOfOneLine(Pin pin) {
        return !pin.signal().equals("GND") && !pin.signal().equals("CHASSIS");
    }
}
