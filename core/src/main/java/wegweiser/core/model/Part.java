package wegweiser.core.model;

import java.util.Map;
import java.util.OptionalDouble;

/** A part in a link, with its value where the kind has one: ohms for resistors, farads for capacitors, the watts it stands, the amps at which it
 * blows, the volts that a diode shows forward where they are not those of a plain one, as of a light-emitting diode. */
public record Part(PartKind kind, OptionalDouble ohms, OptionalDouble farads, OptionalDouble watts,
        OptionalDouble amps,
        OptionalDouble volts, Map<String, Object> extra) {
    public Part {
        extra = Extra.kept(extra);
    }

    public static Part of(PartKind kind) {
        return new Part(kind, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(),
                OptionalDouble.empty(), OptionalDouble.empty(), Extra.NONE);
    }

    public static Part resistor(double ohms) {
        return new Part(PartKind.RESISTOR, OptionalDouble.of(ohms), OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(), OptionalDouble.empty(), Extra.NONE);
    }

    /** A fuse that blows above so many amps. */
    public static Part fuse(double amps) {
        return new Part(PartKind.FUSE, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(),
                OptionalDouble.of(amps), OptionalDouble.empty(), Extra.NONE);
    }

    /** A diode that shows so many volts forward. */
    public static Part diode(double volts) {
        return new Part(PartKind.DIODE, OptionalDouble.empty(), OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(), OptionalDouble.of(volts), Extra.NONE);
    }
}
