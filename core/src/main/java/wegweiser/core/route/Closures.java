package wegweiser.core.route;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * How contacts that close are joined: by name where the other device has lines of the same names, as a keypad; else one side
 * to an input and the other to what the input waits for, its supply or its ground. O(contacts x pins).
 */
final class Closures {
    private static final Set<String> COMMON = Set.of("COM", "C", "COMMON");
    private static final Set<String> OPENS = Set.of("NC", "BREAK");

    private final List<Pin> pins;
    private final Set<Pin> taken = new HashSet<>();
    private final List<Joint> found = new ArrayList<>();

    private Closures(List<Pin> pins) {
        this.pins = pins;
    }

    /** The joints for two-way contacts of a job, written from the contact to the other device. */
    static List<Joint> of(Job job, List<Pin> pins) {
        Closures closures = new Closures(pins);
        for (End end : job.ends()) {
            List<Pin> here = pins.stream().filter(p -> p.isAt(end.name()) && p.is(Direction.BOTH))
                    .filter(p -> p.has(Level.CONTACT)).toList();
            here.forEach(closures::byName);
            closures.acrossAnInput(here.stream().filter(p -> !closures.taken.contains(p)).toList());
        }
        return closures.found;
    }

    private void byName(Pin contact) {
        pins.stream().filter(p -> p.isApart(contact) && p.signal().equals(contact.signal()))
                .filter(p -> p.is(Direction.IN) || p.is(Direction.OUT)).filter(p -> !taken.contains(p))
                .findFirst()
                .ifPresent(
                        p -> join(contact, p, Joint.Kind.DATA, Words.say("why.contact-name", contact.words(),
                                p.words())));
    }

    /** One contact with two sides, of which the one that opens when it works is left out. */
    private void acrossAnInput(List<Pin> contacts) {
        Optional<Pin> common = contacts.stream().filter(p -> COMMON.contains(p.signal())).findFirst()
                .or(() -> contacts.stream().findFirst());
        Optional<Pin> working = contacts.stream().filter(p -> !common.equals(Optional.of(p)))
                .filter(p -> !OPENS.contains(p.signal())).findFirst();
        Optional<Pin> in = working.flatMap(w -> pins.stream()
                .filter(p -> p.isApart(w) && p.is(Direction.IN) && !taken.contains(p))
                .filter(p -> p.level().map(Level::isLogic).orElse(false)).findFirst());
        Optional<Pin> rail = in.flatMap(this::rail);
        if (in.isPresent() && rail.isPresent()) {
            join(working.get(), in.get(), Joint.Kind.DATA, Words.say("why.contact-in", working.get().words(),
                    in.get().words()));
            join(common.get(), rail.get(), rail.get().isSupply() ? Joint.Kind.OTHER : Joint.Kind.GROUND,
                    Words.say("why.contact-rail", common.get().words(), rail.get().words(),
                            in.get().words()));
        }
    }

    /** What an input waits for: an input of 24 V its supply, one of logic, which is pulled up inside, its ground. */
    private Optional<Pin> rail(Pin in) {
        Level level = in.level().orElseThrow();
        List<Pin> beside = pins.stream().filter(p -> !p.isApart(in)).toList();
        Optional<Pin> supply = beside.stream().filter(p -> p.is(Direction.SUPPLY_OUT))
                .filter(p -> p.volts().filter(v -> level.restsAt(v.least(), v.most())).isPresent())
                .findFirst();
        Optional<Pin> ground = beside.stream().filter(p -> p.is(Direction.GROUND)).findFirst();
        return level == Level.PLC_24V || level == Level.PNP_24V ? supply : ground;
    }

    private void join(Pin contact, Pin other, Joint.Kind kind, String why) {
        taken.add(contact);
        taken.add(other);
        found.add(new Joint(contact, other, kind, why));
    }
}
