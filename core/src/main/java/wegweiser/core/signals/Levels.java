package wegweiser.core.signals;

import java.util.Optional;
import wegweiser.core.signals.Level.Kind;
import wegweiser.core.signals.Level.Style;
import wegweiser.core.words.Words;

/** Which electrical levels may meet: what an output puts on the line, held against what an input stands and recognises. */
public final class Levels {
    /** Below this share of what an input needs for high it will never be reached, above it perhaps. */
    private static final double NEVER = 0.8;

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
        if (out == Level.SUPPLY || in == Level.SUPPLY || out == Level.CONTACT || in == Level.CONTACT) {
            return Optional.empty();
        }
        if ((out == Level.RS232 || in == Level.RS232) && (out.isLogic() || in.isLogic())) {
            return problem(true, "level.rs232-logic");
        }
        if ((in == Level.COIL || in == Level.LED) && (out.isLogic() || out.isPulledUp())) {
            return in == Level.COIL && out.isDriven()
                    ? problem(true, "level.coil", out.id())
                    : Optional.empty();
        }
        if (out.is(Kind.AUDIO) && in.is(Kind.AUDIO)) {
            return audio(out, in);
        }
        if (out.isLogic() && in.isLogic()) {
            return logic(out, in);
        }
        return out.kind() == in.kind() && out.kind() != Kind.VEHICLE
                ? Optional.empty()
                : harms(out, in)
                        ? problem(true, "level.harm", out.id(), Words.number(out.drive().least()),
                                Words.number(out.drive().most()), in.id(), Words.number(in.take().least()),
                                Words.number(in.take().most()))
                        : problem(true, "level.converter", out.id(), in.id());
    }

    private static boolean harms(Level out, Level in) {
        return out.drive().most() > in.take().most() || out.drive().least() < in.take().least();
    }

    private static Optional<Problem> audio(Level out, Level in) {
        if (out == Level.AUDIO_SPEAKER) {
            return problem(true, "level.speaker", in.id());
        }
        if (in == Level.AUDIO_SPEAKER) {
            return problem(true, "level.to-speaker", out.id());
        }
        return in == Level.AUDIO_MIC
                ? problem(false, "level.to-mic", out.id())
                : out == Level.AUDIO_MIC ? problem(false, "level.from-mic", in.id()) : Optional.empty();
    }

    private static Optional<Problem> logic(Level out, Level in) {
        if (harms(out, in)) {
            return out.drive().most() < 6
                    ? problem(true, "level.5v-3v3", Words.number(Math.round(out.drive().most())),
                            Words.number(in.take().most()))
                    : problem(true, "level.harm-logic", out.id(), Words.number(out.drive().most()), in.id(),
                            Words.number(in.take().most()));
        }
        if (out.drive().style() == Style.PULLS_LOW) {
            return out.is(Kind.SENSOR) != in.is(Kind.SENSOR) || in == Level.PNP_24V || in == Level.PLC_24V
                    ? problem(false, "level.pulls-low", out.id(), in.id())
                    : Optional.empty();
        }
        if (out.drive().style() == Style.PULLS_HIGH) {
            return in == Level.NPN_24V
                    ? problem(true, "level.pulls-high", out.id(), in.id())
                    : Optional.empty();
        }
        if (in.drive().style() == Style.PULLS_LOW && in.is(Kind.LOGIC)
                || out.drive().high() >= in.take().high()) {
            return Optional.empty();
        }
        boolean never = out.drive().most() < NEVER * in.take().high();
        return out == Level.CMOS_3V3 && in == Level.CMOS_5V
                ? problem(false, "level.3v3-5v")
                : problem(never, "level.too-low", out.id(), Words.number(out.drive().high()), in.id(),
                        Words.number(in.take().high()));
    }

    /**
     * What is wrong when so many volts arrive at an input of some level, by way of parts in line.
     *
     * @param low and {@code high}: the volts there while the output says low and high
     */
    public static Optional<Problem> arriving(Level in, double low, double high) {
        if (!in.isLogic() && in != Level.RS232) {
            return Optional.empty();
        }
        double most = Math.max(low, high);
        double least = Math.min(low, high);
        if (most > in.take().most() || least < in.take().least()) {
            return problem(true, "level.arrives", Words.number(most > in.take().most() ? most : least),
                    in.id(),
                    Words.number(in.take().least()), Words.number(in.take().most()));
        }
        return most < in.take().high() || least > in.take().low()
                ? problem(false, "level.arrives-little", Words.number(least), Words.number(most), in.id(),
                        Words.number(in.take().low()), Words.number(in.take().high()))
                : Optional.empty();
    }

    private static Optional<Problem> problem(boolean clash, String key, Object... args) {
        return Optional
                .of(new Problem(clash, Words.say(key + ".why", args), Words.say(key + ".remedy", args)));
    }
}
