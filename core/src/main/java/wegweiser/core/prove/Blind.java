package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.electrical.Window;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.rules.Mains;
import wegweiser.core.words.Words;

/**
 * What readings that fit the plan cannot exclude. A buzzer hears no leak and takes a small resistor for copper; a leak
 * beside a planned part hides as long as the part may be as far off; a diode shows in diode mode alone. Each is one
 * sentence with its places. O(nets²), and a network solved for each pair that planned resistors join.
 */
final class Blind {
    private static final int NAMED = 6;
    /** How well a resistance is known that a meter shows. */
    private static final double METER_SHARE = 0.01;

    private final Job job;
    private final Evidence evidence;
    private final Foreseen foreseen;
    private final List<Terminal> firsts;
    private final List<String> said = new ArrayList<>();

    private Blind(Derived derived, Evidence evidence) {
        this.job = derived.job();
        this.evidence = evidence;
        this.foreseen = derived.foreseen();
        this.firsts = foreseen.nets().all().stream().map(List::getFirst).toList();
    }

    /** @param hidden joints that nobody beeped while they could be */
    static List<String> of(Derived derived, Evidence evidence, List<Terminal> hidden) {
        if (Mains.isIn(derived)) {
            return List.of(Words.say("blind.mains"));
        }
        Blind blind = new Blind(derived, evidence);
        hidden.forEach(t -> blind.said.add(Words.say("blind.screen", t)));
        blind.pairs();
        blind.joints();
        blind.parts();
        blind.said.add(Words.say("blind.always"));
        return List.copyOf(blind.said);
    }

    private int number(Terminal terminal) {
        return evidence.index().of(terminal);
    }

    private void pairs() {
        List<String> untouched = new ArrayList<>();
        List<String> heard = new ArrayList<>();
        List<String> undioded = new ArrayList<>();
        for (int i = 0; i < firsts.size(); i++) {
            Superseded.check();
            for (int j = i + 1; j < firsts.size(); j++) {
                int a = number(firsts.get(i));
                int b = number(firsts.get(j));
                String pair = firsts.get(i) + "–" + firsts.get(j);
                if (!evidence.isJoined(a, b) && !evidence.isApart(a, b)) {
                    untouched.add(pair);
                } else if (!evidence.isPartKnown(a, b) && !isLikeCopper(firsts.get(i), firsts.get(j))) {
                    heard.add(pair);
                }
                if (!evidence.isDiodeKnown(a, b) || !evidence.isDiodeKnown(b, a)) {
                    undioded.add(pair);
                }
                beside(firsts.get(i), firsts.get(j));
            }
        }
        say("blind.untouched", untouched);
        say("blind.heard", heard);
        say("blind.diode", undioded);
    }

    /** A leak beside planned resistors: how small it may be and still pass for their tolerance. */
    private void beside(Terminal a, Terminal b) {
        Window window = foreseen.window(Touch.of(a, b));
        if (!window.isGiven() || !evidence.isPartKnown(number(a), number(b))) {
            return;
        }
        double read = evidence.ohms(number(a), number(b)).orElse(window.from()) * (1 - METER_SHARE);
        double siemens = 1 / Math.max(1, read) - 1 / window.to();
        if (siemens > 0) {
            said.add(Words.say("blind.beside", a, b, Quantity.words(foreseen.ohms(Touch.of(a, b)), Unit.OHM),
                    Quantity.words(Quantity.twoDigits(1 / siemens), Unit.OHM)));
        }
    }

    private void joints() {
        List<String> heard = new ArrayList<>();
        for (List<Terminal> net : foreseen.nets().joinedNets()) {
            for (Terminal other : net.subList(1, net.size())) {
                if (evidence.isJoined(number(net.getFirst()), number(other))
                        && evidence.isHeardOnly(number(net.getFirst()), number(other))) {
                    heard.add(net.getFirst() + "–" + other);
                }
            }
        }
        say("blind.joint", heard);
    }

    private void parts() {
        for (Link link : job.links()) {
            if (link.is(PartKind.FUSE) && link.to().isPresent()) {
                said.add(Words.say("blind.fuse", link.from(), link.to().get(),
                        link.part().orElseThrow().amps()
                                .stream().mapToObj(Words::number).findFirst()
                                .map(a -> Words.say("blind.fuse.of", a))
                                .orElse(Words.say("blind.fuse.any"))));
            } else if (link.is(PartKind.CAPACITOR) && link.to().isPresent()) {
                said.add(Words.say("blind.capacitor", link.from(), link.to().get()));
            } else if (link.is(PartKind.DIODE) && link.to().isPresent()) {
                diode(link.from(), link.to().get());
            } else if (link.is(PartKind.RESISTOR) && link.to().isPresent()
                    && link.part().orElseThrow().ohms().isEmpty()) {
                said.add(Words.say("blind.value", link.from(), link.to().get()));
            } else if (link.is(PartKind.RESISTOR) && link.to().isPresent()
                    && isLikeCopper(link.from(), link.to().get())) {
                said.add(Words.say("blind.small", link.from(), link.to().get(),
                        Quantity.words(link.part().orElseThrow().ohms().getAsDouble(), Unit.OHM)));
            }
        }
    }

    /** Whether what is planned between two nets has so few ohms that a meter takes it for copper. */
    private boolean isLikeCopper(Terminal a, Terminal b) {
        Window window = foreseen.window(Touch.of(a, b));
        return window.isGiven() && window.from() <= Foreseen.COPPER_OHMS;
    }

    private void diode(Terminal anode, Terminal cathode) {
        Touch touch = Touch.of(anode, cathode);
        if (foreseen.hidesDiode(touch)) {
            said.add(Words.say("blind.diode-beside", anode, cathode,
                    Quantity.words(foreseen.ohms(touch), Unit.OHM)));
        } else if (Double.isInfinite(foreseen.volts(touch).to())) {
            said.add(Words.say("blind.light", anode, cathode));
        }
    }

    private void say(String key, List<String> places) {
        if (!places.isEmpty()) {
            String named = String.join(", ", places.stream().limit(NAMED).toList());
            said.add(Words.say(key, places.size() > NAMED
                    ? Words.say("proof.more", named, places.size() - NAMED)
                    : named));
        }
    }
}
