package wegweiser.core.signals;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;

/**
 * What the name of a contact means at its end: its canonical name, but where direction, level or the other rows say that the
 * usual meaning is not meant.
 */
final class Meaning {
    private static final Set<String> CHANNELS = Set.of("L+", "L-", "R+", "R-");

    private Meaning() {}

    /** The signal of a row. O(rows of the end) for names of one letter and of channels, O(1) for others. */
    static String of(End end, PinRow row) {
        String said = row.signal().or(row::name).orElse("");
        String plain = plain(said);
        String printed = row.name().map(Meaning::plain).filter(CHANNELS::contains).orElse(plain);
        if (CHANNELS.contains(printed) && areChannels(end, row)) {
            return printed.replace("L", "LEFT").replace("R", "RIGHT");
        }
        String canonical = Signals.canonical(said);
        return switch (canonical) {
            // a return that is an input or an output of its own
            case "GND" -> row.direction().filter(Direction::isSignal).isPresent() ? packed(plain) : canonical;
            // Q of logic is no output of a sensor
            case "OUT1" -> plain.equals("Q") && Level.of(row).filter(l -> !l.isOfTwoWires()).isPresent()
                    ? plain
                    : canonical;
            // red beside green and blue
            case "RIGHT" -> plain.equals("R") && names(end).containsAll(Set.of("G", "B")) ? plain : canonical;
            // left beside right, and else a live wire
            case "L" -> names(end).contains("R") ? "LEFT" : canonical;
            default -> canonical;
        };
    }

    /** L+ is a supply beside M, and one side of a loudspeaker beside L- and R+. */
    private static boolean areChannels(End end, PinRow row) {
        if (Level.of(row).filter(Level::isAudio).isPresent()) {
            return true;
        }
        Set<String> printed = end.pinout().stream().map(r -> plain(r.name().or(r::signal).orElse("")))
                .collect(Collectors.toSet());
        return printed.containsAll(List.of("R+", "L+")) && !printed.contains("T+");
    }

    private static Set<String> names(End end) {
        return end.pinout().stream().map(r -> plain(r.signal().or(r::name).orElse("")))
                .collect(Collectors.toSet());
    }

    private static String plain(String name) {
        return name.strip().toUpperCase(Locale.ROOT).replace('\u2212', '-');
    }

    private static String packed(String name) {
        return name.replace(" ", "");
    }
}
