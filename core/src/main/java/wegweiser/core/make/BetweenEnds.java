package wegweiser.core.make;

import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/**
 * Work in the middle of a cable whose ends stay: a wire that is to be cut, a component that goes into one. The wire is
 * found by meter, lifted out of the opened sheath, and what was cut is proved to be.
 */
final class BetweenEnds {
    private BetweenEnds() {}

    static void write(Derived derived, Worklist list) {
        Job job = derived.job();
        List<Link> cuts = job.links().stream().filter(l -> isBetween(derived, l)).toList();
        if (cuts.isEmpty()) {
            return;
        }
        // of moulded plugs nothing but the opened sheath shows the wires
        list.add("open", new Deed.Open(""), "open-middle", "blade");
        for (Link link : cuts) {
            list.add("which:" + pair(link), new Deed.Look("", contacts(link), 60), "which-wire", "",
                    link.from(), link.to().orElseThrow());
        }
        for (Link link : cuts) {
            String wire = link.conductor().orElse(Words.say("step.wire"));
            if (link.is(PartKind.CUT)) {
                list.add("sever:" + pair(link), new Deed.Sever(link), "sever", "ends-fly", wire, link.from(),
                        link.to().orElseThrow());
                list.add("stumps:" + pair(link), new Deed.PutBack("", List.of(wire)), "stumps", "hot-air",
                        wire);
            } else {
                boolean diode = link.is(PartKind.DIODE);
                list.add("part:" + pair(link), new Deed.InLine("", link, contacts(link)),
                        diode
                                ? "inline-middle-diode"
                                : link.is(PartKind.FUSE) ? "inline-middle-fuse" : "inline-middle",
                        "heat",
                        AtEnd.capital(PartWords.of(link)), link.from(), link.to().orElseThrow(), wire);
            }
        }
        list.add("test-middle", new Deed.Test("", cuts.stream().flatMap(l -> contacts(l).stream()).toList()),
                "beep-middle", "");
        list.add("close-middle", new Deed.Close(""), "close-middle", "hot-air");
    }

    /** Whether a link asks for work between two ends that are on the cable already. */
    private static boolean isBetween(Derived derived, Link link) {
        boolean kept = link.to().isPresent() && !link.isWithinOneEnd()
                && derived.job().keeps(link.from().end())
                && derived.job().keeps(link.to().orElseThrow().end());
        return kept && link.is(PartKind.CUT)
                || PartsInLine.is(link) && PartsInLine.buildsIn(derived, link).isEmpty();
    }

    private static List<Terminal> contacts(Link link) {
        return List.of(link.from(), link.to().orElseThrow());
    }

    private static String pair(Link link) {
        return link.from() + "-" + link.to().orElseThrow();
    }
}
