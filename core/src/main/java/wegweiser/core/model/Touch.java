package wegweiser.core.model;

import java.util.List;

/** One placement of the probes: each side is one terminal or a gang of several. */
public record Touch(List<Terminal> red, List<Terminal> black) {
    public Touch {
        red = List.copyOf(red);
        black = List.copyOf(black);
        if (red.isEmpty() || black.isEmpty()) {
            throw new IllegalArgumentException("a touch needs at least one terminal on each probe");
        }
    }

    public static Touch of(Terminal red, Terminal black) {
        return new Touch(List.of(red), List.of(black));
    }

    /** Whether each probe holds exactly one terminal. */
    public boolean isSingle() {
        return red.size() == 1 && black.size() == 1;
    }
}
