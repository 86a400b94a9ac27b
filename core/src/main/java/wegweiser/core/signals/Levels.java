package wegweiser.core.signals;

import java.util.Optional;
import java.util.Set;
import wegweiser.core.words.Words;

/**
 * Which electrical levels may meet. Thresholds after TIA-232-F and the usual logic families: TTL reads 2.0 V
 * as high, 5 V CMOS needs 3.5 V, and a 3.3 V input stands its supply plus 0.3 V.
 */
public final class Levels {
    private static final Set<String> LOGIC = Set.of("ttl-5v", "cmos-5v", "cmos-3v3", "open-drain",
            "open-collector");
    private static final Set<String> BUS = Set.of("rs422", "rs485", "can", "usb2", "usb3", "ethernet",
            "k-line");
    private static final Set<String> AUDIO = Set.of("audio-line", "audio-mic");

    private Levels() {}

    /** Why two levels do not meet, and what helps. {@code clash} is false when it may work but is not sure. */
    public record Problem(boolean clash, String why, String remedy) {}

    /** What is wrong when an output of one level drives an input of another; empty when nothing is known to be. */
    public static Optional<Problem> between(String out, String in) {
        if (out.isEmpty() || in.isEmpty() || out.equals(in)) {
            return Optional.empty();
        }
        boolean rs232 = out.equals("rs232") != in.equals("rs232");
        String other = out.equals("rs232") ? in : out;
        if (rs232 && LOGIC.contains(other)) {
            return clash("level.rs232-logic");
        }
        if (rs232 && (BUS.contains(other) || AUDIO.contains(other))) {
            return clash("level.converter", out, in);
        }
        if (out.equals("ttl-5v") && in.equals("cmos-3v3") || out.equals("cmos-5v") && in.equals("cmos-3v3")) {
            return clash("level.5v-3v3");
        }
        if (out.equals("cmos-3v3") && in.equals("cmos-5v")) {
            return Optional
                    .of(new Problem(false, Words.say("level.3v3-5v.why"), Words.say("level.3v3-5v.remedy")));
        }
        boolean kinds = group(out) != 0 && group(in) != 0 && group(out) != group(in);
        boolean buses = BUS.contains(out) && BUS.contains(in)
                && !Set.of("rs422", "rs485").containsAll(Set.of(out, in));
        return kinds || buses ? clash("level.converter", out, in) : Optional.empty();
    }

    private static int group(String level) {
        return LOGIC.contains(level) ? 1 : BUS.contains(level) ? 2 : AUDIO.contains(level) ? 3 : 0;
    }

    private static Optional<Problem> clash(String key, Object... args) {
        return Optional
                .of(new Problem(true, Words.say(key + ".why", args), Words.say(key + ".remedy", args)));
    }
}
