package wegweiser.core.route;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.SequencedMap;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Counterparts;
import wegweiser.core.signals.Levels;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;
import wegweiser.core.signals.SupplyName;
import wegweiser.core.words.Words;

/** Why a plan leaves contacts open that a pinout names, one sentence for each. O(pins²). */
public final class LeftOpen {
    private final Derived derived;
    private final List<Pin> pins;

    private LeftOpen(Derived derived) {
        this.derived = derived;
        this.pins = derived.pins();
    }

    /** The named contacts that no link of a plan touches, in printed order, each with its reason. */
    public static SequencedMap<Terminal, String> of(Derived derived) {
        LeftOpen open = new LeftOpen(derived);
        SequencedMap<Terminal, String> found = new LinkedHashMap<>();
        for (Pin pin : open.pins) {
            if (!open.isJoined(pin.terminal()) && !pin.row().label().isBlank()) {
                found.put(pin.terminal(), open.why(pin));
            }
        }
        return found;
    }

    private boolean isJoined(Terminal terminal) {
        return derived.job().links().stream().anyMatch((Link l) -> l.touches(terminal));
    }

    private String why(Pin pin) {
        if (pin.direction().isEmpty()) {
            return say("unknown", pin);
        }
        Optional<Pin> same = pins.stream().filter(p -> !p.equals(pin) && !p.isApart(pin))
                .filter(p -> p.signal().equals(pin.signal()) && p.direction().equals(pin.direction()))
                .filter(p -> !pin.isSupply()
                        || p.volts().equals(pin.volts()) && SupplyName.of(p).equals(SupplyName.of(pin)))
                .filter(p -> isJoined(p.terminal())).findFirst();
        if (same.isPresent()) {
            return say("same", pin, same.get().terminal());
        }
        return switch (pin.direction().get()) {
            case UNUSED -> say("unused", pin);
            case SHIELD -> pin.isEarthByName() ? earth(pin) : say("screen", pin);
            case GROUND -> pin.isEarthByName() ? earth(pin) : ground(pin);
            case SUPPLY_OUT -> supplyOut(pin);
            case SUPPLY_IN -> supplyIn(pin);
            case OUT -> out(pin);
            case IN -> in(pin);
            case BOTH -> pins.stream().filter(p -> p.is(Direction.BOTH) && p.isApart(pin))
                    .filter(p -> p.signal().equals(pin.signal())).findFirst()
                    .map(p -> made(pin, p, "elsewhere")).orElse(say("both", pin));
        };
    }

    private static String say(String key, Pin pin, Object... more) {
        Object[] all = new Object[more.length + 1];
        all[0] = pin.words();
        System.arraycopy(more, 0, all, 1, more.length);
        return Words.say("open." + key, all);
    }

    private String ground(Pin pin) {
        return pins.stream().filter(p -> p.is(Direction.GROUND) && !p.isApart(pin))
                .filter(p -> isJoined(p.terminal())).findFirst()
                .map(p -> say("ground", pin, p.terminal())).orElse(say("no-ground", pin));
    }

    private String earth(Pin pin) {
        return pins.stream().filter(p -> p.signal().equals(pin.signal()) && p.isApart(pin)).findFirst()
                .map(p -> say("not-used", pin, p.terminal())).orElse(say("no-earth", pin));
    }

    private Supplies supplies() {
        return derived.once(Supplies.class, () -> Supplies.of(derived.job(), pins, this::talk));
    }

    private boolean talk(String a, String b) {
        return derived.netsOfPins().stream()
                .anyMatch(net -> net.stream().anyMatch(p -> p.isAt(a) && p.isSignal())
                        && net.stream().anyMatch(p -> p.isAt(b) && p.isSignal()));
    }

    private String supplyOut(Pin pin) {
        List<Pin> loads = pins.stream().filter(p -> p.is(Direction.SUPPLY_IN) && p.isApart(pin)).toList();
        if (loads.isEmpty()) {
            return say("supply-unwanted", pin);
        }
        if (SupplyName.isBattery(pin)) {
            return say("battery", pin);
        }
        Optional<Pin> asked = loads.stream()
                .filter(l -> supplies().undecided().getOrDefault(l, List.of()).contains(pin)).findFirst();
        if (asked.isPresent()) {
            return say("supply-ask", pin, asked.get().words());
        }
        return loads.stream().noneMatch(l -> Supplies.sameVolts(pin, l))
                ? say("supply-unlike", pin)
                : say("supply-not-needed", pin);
    }

    private String supplyIn(Pin pin) {
        List<Pin> sources = pins.stream().filter(p -> p.is(Direction.SUPPLY_OUT) && p.isApart(pin)).toList();
        List<Pin> asked = supplies().undecided().getOrDefault(pin, List.of());
        if (!asked.isEmpty()) {
            return say(asked.size() == 1 ? "supply-name" : "supply-which", pin, Pin.words(asked));
        }
        List<Pin> fitting = sources.stream().filter(s -> Supplies.sameVolts(s, pin)).toList();
        return sources.isEmpty()
                ? say("supply-own", pin)
                : fitting.isEmpty()
                        ? say("supply-unlike", pin)
                        : fitting.stream().allMatch(SupplyName::isBattery)
                                ? say("supply-battery", pin, Pin.words(fitting))
                                : say("supply-not-used", pin, Pin.words(fitting));
    }

    private String out(Pin pin) {
        if (pin.signal().equals("RI")) {
            return say("ring", pin);
        }
        Optional<Pin> heard = pins.stream().filter(p -> p.is(Direction.IN) && p.isApart(pin))
                .filter(p -> Counterparts.way(pin, p)
                        .filter(w -> w != Counterparts.Way.LEFT_OVER).isPresent())
                .min(Comparator.comparing(p -> isJoined(p.terminal())));
        if (heard.isPresent()) {
            return made(pin, heard.get(), "taken");
        }
        return say("unheard", pin);
    }

    private String in(Pin pin) {
        if (pin.signal().equals("RI")) {
            return say("ring", pin);
        }
        Optional<Pin> driver = pins.stream().filter(p -> p.is(Direction.OUT) && p.isApart(pin))
                .filter(p -> Counterparts.way(p, pin)
                        .filter(w -> w != Counterparts.Way.LEFT_OVER).isPresent())
                .min(Comparator.comparing(p -> isJoined(p.terminal())));
        if (driver.isPresent()) {
            return made(pin, driver.get(), "elsewhere");
        }
        Optional<Pin> twoWay = pins.stream().filter(p -> p.is(Direction.BOTH) && p.isApart(pin))
                .filter(p -> p.half().isEmpty() && !isJoined(p.terminal()))
                .filter(p -> Levels.between(p.level(), pin.level()).filter(Levels.Problem::clash).isPresent())
                .findFirst();
        if (twoWay.isPresent()) {
            return say("level", pin, twoWay.get().terminal());
        }
        return say(Signals.HANDSHAKE.contains(pin.signal()) ? "nobody-waits" : "undriven", pin);
    }

    /**
     * Why a contact is open although another is made for it.
     *
     * @param elsewhere what is said where that other one is joined to a third device
     */
    private String made(Pin pin, Pin other, String elsewhere) {
        Terminal at = other.terminal();
        boolean hears = pin.is(Direction.IN);
        if (Levels.between((hears ? other : pin).level(), (hears ? pin : other).level())
                .filter(Levels.Problem::clash).isPresent()) {
            return say("level", pin, at);
        }
        boolean away = derived.job().links().stream().anyMatch(l -> l.touches(at) && !l.isWithinOneEnd());
        return say(away ? elsewhere : isJoined(at) ? "looped" : "not-used", pin, at);
    }
}
