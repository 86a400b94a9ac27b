package wegweiser.core.signals;

import java.util.Optional;
import java.util.Set;
import wegweiser.core.signals.Level.Kind;
import wegweiser.core.words.Words;

/**
 * Which electrical levels may meet. Thresholds after TIA-232-F and the usual logic families: TTL reads 2.0 V
 * as high, 5 V CMOS needs 3.5 V, and a 3.3 V input stands its supply plus 0.3 V.
 */
public final class Levels {
    private Levels() {}

    /** Why two levels do not meet, and what helps. {@code clash} is false when it may work but is not sure. */
    public record Problem(boolean clash, String why, String remedy) {}

    /** What is wrong when an output of one level drives an input of another; empty when nothing is known to be. */
    public static Optional<Problem> between(Optional<Level> out, Optional<Level> in) {
        return out.isEmpty() || in.isEmpty() || out.equals(in)
                ? Optional.empty()
                : between(out.get(), in.get());
    }

    private static Optional<Problem> between(Level out, Level in) {
        boolean serial = out == Level.RS232 || in == Level.RS232;
        if (serial && (out.is(Kind.LOGIC) || in.is(Kind.LOGIC))) {
            return clash("level.rs232-logic");
        }
        if ((out == Level.TTL_5V || out == Level.CMOS_5V) && in == Level.CMOS_3V3) {
            return clash("level.5v-3v3");
        }
        if (out == Level.CMOS_3V3 && in == Level.CMOS_5V) {
            return Optional
                    .of(new Problem(false, Words.say("level.3v3-5v.why"), Words.say("level.3v3-5v.remedy")));
        }
        boolean known = !out.is(Kind.OTHER) && !in.is(Kind.OTHER);
        boolean kinds = known && out.kind() != in.kind();
        boolean buses = out.is(Kind.BUS) && in.is(Kind.BUS)
                && !Set.of(Level.RS422, Level.RS485).containsAll(Set.of(out, in));
        return kinds || buses ? clash("level.converter", out.id(), in.id()) : Optional.empty();
    }

    private static Optional<Problem> clash(String key, Object... args) {
        return Optional
                .of(new Problem(true, Words.say(key + ".why", args), Words.say(key + ".remedy", args)));
    }
}
