package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;
import wegweiser.core.words.Words;

/** Exchanges two links so that outputs meet inputs. */
final class Crossing {
    private Crossing() {}

    /** The hard outputs with one name in a net, when they belong to different ends. */
    static List<Pin> sameName(List<Pin> net, String signal) {
        List<Pin> found = net.stream().filter(p -> p.signal().equals(signal)).filter(Pin::drivesHard)
                .toList();
        return found.stream().map(p -> p.terminal().end()).distinct().count() > 1 ? found : List.of();
    }

    /** Swaps the far ends of the link between two outputs and of the one between their two inputs. */
    static Optional<Fix> fix(Derived derived, List<Pin> outs) {
        for (Link link : derived.job().links()) {
            Pin from = derived.pin(link.from()).orElse(null);
            Pin to = link.to().flatMap(derived::pin).orElse(null);
            if (from == null || to == null || !outs.contains(from) || !outs.contains(to)) {
                continue;
            }
            for (Link other : derived.job().links()) {
                if (isInputPair(derived, other, from, to)) {
                    return Optional.of(new Fix(Words.say("fix.cross", link.from(), link.to().orElseThrow()),
                            job -> swapped(job, link, other)));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isInputPair(Derived derived, Link link, Pin from, Pin to) {
        Pin a = derived.pin(link.from()).orElse(null);
        Pin b = link.to().flatMap(derived::pin).orElse(null);
        if (a == null || b == null || !a.is(Direction.IN) || !b.is(Direction.IN)) {
            return false;
        }
        boolean sameWay = a.terminal().end().equals(from.terminal().end());
        Pin near = sameWay ? a : b;
        return Signals.partner(from.signal()).map(near.signal()::equals).orElse(false)
                && !near.terminal().equals(to.terminal());
    }

    private static Job swapped(Job job, Link one, Link two) {
        boolean sameWay = one.from().end().equals(two.from().end());
        Terminal oneFar = one.to().orElseThrow();
        Terminal twoFar = sameWay ? two.to().orElseThrow() : two.from();
        List<Link> links = new ArrayList<>();
        for (Link link : job.links()) {
            if (link.equals(one)) {
                links.add(new Link(one.from(), Optional.of(twoFar), one.conductor(), one.part(),
                        Optional.empty(), one.pinned(), one.extra()));
            } else if (link.equals(two)) {
                links.add(new Link(sameWay ? two.from() : oneFar,
                        Optional.of(sameWay ? oneFar : two.to().orElseThrow()),
                        two.conductor(), two.part(), Optional.empty(), two.pinned(), two.extra()));
            } else {
                links.add(link);
            }
        }
        return job.withLinks(links);
    }
}
