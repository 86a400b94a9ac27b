package wegweiser.core.signals;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SequencedMap;
import java.util.stream.Collectors;
import wegweiser.core.model.HasId;
import wegweiser.core.model.PinRow;

/**
 * The electrical levels that the program knows, each one entry: of what family it is, what an output of it drives, what an
 * input of it stands and recognises. Volts against the device's own ground, from TIA-232-F, TIA-422, TIA-485, ISO 11898-2,
 * ISO 9141, ISO 17987, USB 2.0, IEEE 802.3, SDI-12, UM10204, IEC 61131-2, IEC 60947-5-2 and the usual logic families. A
 * pinout may name others, of which nothing is known.
 */
public enum Level implements HasId {
    RS232(Kind.SERIAL, Drive.both(-15, 15, -5, 5).resting(-15, -5), Take.of(-25, 25, -3, 3)),
    TTL_5V(Kind.LOGIC, Drive.both(0, 5.25, 0.4, 2.4).resting(2.4, 5.25), Take.of(-0.5, 5.5, 0.8, 2.0), "ttl",
            "5v", "5v-ttl"),
    CMOS_5V(Kind.LOGIC, Drive.both(0, 5.25, 0.4, 4.4).resting(4.4, 5.25), Take.of(-0.5, 5.5, 1.5, 3.5),
            "5v-cmos", "hc"),
    CMOS_3V3(Kind.LOGIC, Drive.both(0, 3.3, 0.4, 2.9).resting(2.9, 3.6), Take.of(-0.3, 3.6, 0.8, 2.0), "3v3",
            "lvttl", "lvcmos",
            "lvcmos33", "ttl-3v3", "3v3-cmos"),
    CMOS_1V8(Kind.LOGIC, Drive.both(0, 1.8, 0.35, 1.45).resting(1.45, 2), Take.of(-0.3, 2.1, 0.63, 1.17),
            "1v8", "lvcmos18"),
    OPEN_DRAIN(Kind.LOGIC, Drive.low(0.4), Take.of(-0.5, 5.5, 0.8, 2.0)),
    OPEN_COLLECTOR(Kind.LOGIC, Drive.low(0.4), Take.of(-0.5, 30, 0.8, 2.0)),
    I2C(Kind.LOGIC, Drive.low(0.4), Take.of(-0.5, 5.5, 1.5, 3.5), "iic", "twi", "i2c-bus"),
    ONE_WIRE(Kind.LOGIC, Drive.low(0.4), Take.of(-0.5, 5.5, 0.8, 2.2), "1-wire", "1wire"),
    RS422(Kind.DIFFERENTIAL, Drive.between(-6, 6), Take.of(-10, 10).common(-7, 7), "eia-422", "tia-422"),
    RS485(Kind.DIFFERENTIAL, Drive.between(-6, 6), Take.of(-9, 14).common(-7, 12), "eia-485", "tia-485",
            "dmx", "dmx512"),
    USB2(Kind.USB2, Drive.both(0, 3.6, 0.3, 2.8), Take.of(-0.5, 3.8, 0.8, 2.0), "usb"),
    USB3(Kind.USB3, Drive.between(-0.6, 1.2), Take.of(-0.6, 1.2)),
    CAN(Kind.CAN, Drive.between(0, 5).resting(2, 3), Take.of(-3, 32).common(-2, 7), "can-bus", "can-fd"),
    K_LINE(Kind.VEHICLE, Drive.both(0, 16, 2.4, 9).resting(9, 16), Take.of(-1, 32, 3.6, 8.4), "iso-9141",
            "kwp"),
    LIN(Kind.VEHICLE, Drive.both(0, 16, 2.4, 9).resting(9, 16), Take.of(-1, 32, 4.8, 7.2), "lin-bus"),
    SDI_12(Kind.SDI12, Drive.both(0, 5.5, 0.5, 3.5).resting(-0.5, 1), Take.of(-0.5, 6, 1.0, 3.5), "sdi12"),
    ETHERNET(Kind.ETHERNET, Drive.between(-2.5, 2.5), Take.of(-2.8, 2.8), "10base-t", "100base-tx",
            "1000base-t"),
    TELEPHONE(Kind.TELEPHONE, Drive.between(-180, 180), Take.of(-200, 200), "pots", "phone",
            "telephone-line"),
    AUDIO_MIC(Kind.AUDIO, Drive.between(-0.1, 0.1), Take.of(-2, 50), "mic", "microphone"),
    AUDIO_LINE(Kind.AUDIO, Drive.between(-9, 9), Take.of(-15, 15), "line", "line-level"),
    AUDIO_PHONES(Kind.AUDIO, Drive.between(-5, 5), Take.of(-10, 10), "phones", "headphone", "headphones"),
    AUDIO_SPEAKER(Kind.AUDIO, Drive.between(-40, 40), Take.of(-60, 60), "speaker", "loudspeaker"),
    PNP_24V(Kind.SENSOR, Drive.high(30, 9), Take.of(-3, 30, 5, 11), "pnp"),
    NPN_24V(Kind.SENSOR, Drive.low(3), Take.of(-3, 30, 5, 11), "npn"),
    PLC_24V(Kind.SENSOR, Drive.high(30, 19), Take.of(-3, 30, 5, 11), "24v", "digital-24v", "push-pull-24v"),
    ANALOGUE_10V(Kind.ANALOGUE, Drive.between(0, 10.5), Take.of(-0.5, 30), "0-10v", "analog-0-10v",
            "analogue-0-10v"),
    LOOP_4_20MA(Kind.LOOP, Drive.between(0, 30), Take.of(-0.5, 30), "4-20ma", "current-loop"),
    MIDI(Kind.MIDI, Drive.between(0, 5.5), Take.of(-0.5, 5.5), "midi-loop"),
    VIDEO(Kind.VIDEO, Drive.between(-0.3, 1.2), Take.of(-0.5, 2), "video-75", "vga"),
    /** A switch with two wires that lives on the little current it lets through when open. */
    TWO_WIRE(Kind.SENSOR, Drive.high(30, 11), Take.of(-3, 30, 5, 11), "2-wire", "2-wire-sensor",
            "two-wire-sensor"),
    RTD(Kind.RTD, Drive.between(-1, 1), Take.of(-5, 5), "pt100", "pt500", "pt1000", "ni100", "ni1000",
            "resistance-thermometer", "thermistor", "ntc", "ptc"),
    THERMOCOUPLE(Kind.THERMOCOUPLE, Drive.between(-0.1, 0.1), Take.of(-5, 5), "tc", "thermocouple-k",
            "thermocouple-j", "thermocouple-t", "thermocouple-e", "thermocouple-n", "thermocouple-s",
            "thermocouple-r", "thermocouple-b"),
    BRIDGE(Kind.BRIDGE, Drive.between(-0.1, 0.1), Take.of(-5, 10), "strain", "strain-gauge", "load-cell"),
    /** A winding: of a relay, a valve, a motor. */
    COIL(Kind.COIL, Drive.between(-48, 48), Take.of(-48, 48), "relay", "relay-coil", "solenoid", "valve",
            "motor", "stepper"),
    /** A light-emitting diode, by itself or in an optocoupler. */
    LED(Kind.LED, Drive.between(0, 5), Take.of(-5, 30), "opto", "optocoupler", "lamp-led"),
    RF(Kind.RF, Drive.between(-10, 10), Take.of(-10, 10), "antenna", "aerial", "rf-50", "rf-75", "catv"),
    /** A closure without a voltage of its own. */
    CONTACT(Kind.CONTACT, Drive.low(0), Take.of(-60, 60), "dry-contact", "closure", "switch"),
    SUPPLY(Kind.OTHER, Drive.between(0, 0), Take.of(0, 0));

    /** What may meet its like without a converter. */
    enum Kind {
        SERIAL("serial"),
        LOGIC("serial"),
        DIFFERENTIAL("bus"),
        USB2("bus"),
        USB3("bus"),
        CAN("bus"),
        VEHICLE("vehicle"),
        SDI12("bus"),
        ETHERNET("bus"),
        TELEPHONE("audio"),
        AUDIO("audio"),
        SENSOR("sensor"),
        ANALOGUE("sensor"),
        LOOP("sensor"),
        MIDI("audio"),
        VIDEO("audio"),
        RTD("measuring"),
        THERMOCOUPLE("measuring"),
        BRIDGE("measuring"),
        COIL("load"),
        LED("load"),
        RF("audio"),
        CONTACT("sensor"),
        OTHER("other");

        private final String group;

        Kind(String group) {
            this.group = group;
        }
    }

    /** Which way an output can move its line. */
    enum Style {
        BOTH_WAYS,
        PULLS_LOW,
        PULLS_HIGH,
        CONTINUOUS
    }

    /** From volts to volts. */
    record Span(double least, double most) {
        /** Whether so many volts lie in it, or so close to it that a meter on a bench could be as far off. */
        boolean holds(double volts) {
            double off = 0.3 + 0.1 * Math.max(Math.abs(least), Math.abs(most));
            return volts > least - off && volts < most + off;
        }
    }

    /**
     * What an output does to its line, in V.
     *
     * @param least and {@code most}: between which the line may lie
     * @param low at most, when the output says low; NaN where there are no two states
     * @param high at least, when the output says high; NaN where it cannot say so, or there are no two states
     * @param rest where a line of data lies while nothing is said, if that is one place
     */
    record Drive(Style style, double least, double most, double low, double high, Optional<Span> rest) {
        static Drive both(double least, double most, double low, double high) {
            return new Drive(Style.BOTH_WAYS, least, most, low, high, Optional.empty());
        }

        static Drive low(double low) {
            return new Drive(Style.PULLS_LOW, 0, 0, low, Double.NaN, Optional.empty());
        }

        static Drive high(double most, double high) {
            return new Drive(Style.PULLS_HIGH, 0, most, Double.NaN, high, Optional.empty());
        }

        static Drive between(double least, double most) {
            return new Drive(Style.CONTINUOUS, least, most, Double.NaN, Double.NaN, Optional.empty());
        }

        Drive resting(double from, double to) {
            return new Drive(style, least, most, low, high, Optional.of(new Span(from, to)));
        }
    }

    /**
     * What an input stands without harm, and up to and from where it recognises low and high, in V.
     *
     * @param common where both lines of a pair may lie together, against the input's own ground; empty where it is no pair
     */
    record Take(double least, double most, double low, double high, Optional<Span> common) {
        static Take of(double least, double most, double low, double high) {
            return new Take(least, most, low, high, Optional.empty());
        }

        static Take of(double least, double most) {
            return of(least, most, Double.NaN, Double.NaN);
        }

        Take common(double from, double to) {
            return new Take(least, most, low, high, Optional.of(new Span(from, to)));
        }
    }

    private static final Map<String, Level> BY_ID = Arrays.stream(values())
            .collect(Collectors.toUnmodifiableMap(Level::id, l -> l));
    private static final Map<String, Level> BY_WORD = words();
    private static final Map<String, Level> BY_SIGNAL = Map.ofEntries(Map.entry("CAN-H", CAN),
            Map.entry("CAN-L", CAN), Map.entry("D+", USB2), Map.entry("D-", USB2), Map.entry("SDA", I2C),
            Map.entry("SCL", I2C), Map.entry("K", K_LINE), Map.entry("LIN", LIN), Map.entry("DQ", ONE_WIRE),
            Map.entry("SDI-12", SDI_12), Map.entry("LA", TELEPHONE), Map.entry("LB", TELEPHONE));

    private final Kind kind;
    private final Drive drive;
    private final Take take;
    private final List<String> spellings;

    Level(Kind kind, Drive drive, Take take, String... spellings) {
        this.kind = kind;
        this.drive = drive;
        this.take = take;
        this.spellings = List.of(spellings);
    }

    private static Map<String, Level> words() {
        Map<String, Level> found = new HashMap<>();
        for (Level level : values()) {
            found.put(key(level.id()), level);
            level.spellings.forEach(s -> found.put(key(s), level));
        }
        return Map.copyOf(found);
    }

    private static String key(String word) {
        return word.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
    }

    /** The level that a word stands for, however it is written: {@code rs232}, {@code RS-232}. */
    public static Optional<Level> of(String word) {
        Level exact = BY_ID.get(word);
        return exact != null ? Optional.of(exact) : Optional.ofNullable(BY_WORD.get(key(word)));
    }

    /** The level of a contact, if its row names a known one. */
    public static Optional<Level> of(PinRow row) {
        return row.level().flatMap(Level::of);
    }

    /** The level that a signal has by its name alone. */
    static Optional<Level> ofSignal(String canonical) {
        return Optional.ofNullable(BY_SIGNAL.get(canonical));
    }

    /** The levels that a person may choose for a signal, under the word of the group in which they are looked for. */
    public static SequencedMap<String, List<Level>> groups() {
        SequencedMap<String, List<Level>> found = new LinkedHashMap<>();
        for (Level level : values()) {
            if (level != SUPPLY) {
                found.computeIfAbsent(level.kind.group, _ -> new ArrayList<>()).add(level);
            }
        }
        return found;
    }

    Kind kind() {
        return kind;
    }

    Drive drive() {
        return drive;
    }

    Take take() {
        return take;
    }

    boolean is(Kind wanted) {
        return kind == wanted;
    }

    /** Whether an output of it pulls its line one way only, so that several may share it. */
    public boolean isOpen() {
        return drive.style() == Style.PULLS_LOW || drive.style() == Style.PULLS_HIGH;
    }

    /** Whether an output of it only pulls its line to its ground. */
    public boolean pullsLow() {
        return drive.style() == Style.PULLS_LOW;
    }

    /** Whether the line is low and high to the two states of a bit, so that volts can be followed through parts. */
    public boolean isLogic() {
        return is(Kind.LOGIC) || is(Kind.SENSOR);
    }

    /** Whether it is a sensor or a load of two wires of its own, measured or driven without the grounds of the devices. */
    public boolean isOfTheField() {
        return is(Kind.RTD) || is(Kind.THERMOCOUPLE) || is(Kind.BRIDGE) || is(Kind.COIL) || is(Kind.LED)
                || is(Kind.RF);
    }

    /** Whether a device with this output, a supply contact and no ground is complete: its output is the way back. */
    public boolean isOfTwoWires() {
        return is(Kind.SENSOR) || is(Kind.LOOP);
    }

    /** Whether an input of it may be tied to a supply of so many volts: it stands them, and they are a high or a low. */
    public boolean restsAt(double least, double most) {
        return isLogic() && least >= take.least() && most <= take.most()
                && (least >= take.high() || most <= take.low());
    }

    /** The most volts that an input stands. */
    public double stands() {
        return take.most();
    }

    /** Whether its line rests where something outside the output pulls it, such as the bus of two wires. */
    public boolean isPulledUp() {
        return is(Kind.LOGIC) && drive.style() == Style.PULLS_LOW;
    }

    public boolean isAudio() {
        return is(Kind.AUDIO);
    }

    /** Whether it is the difference of two lines that counts, or a loop of its own, so that no common ground is needed. */
    public boolean isBalanced() {
        return is(Kind.DIFFERENTIAL) || is(Kind.ETHERNET) || is(Kind.TELEPHONE) || is(Kind.MIDI)
                || is(Kind.LOOP) || is(Kind.CONTACT) || isOfTheField();
    }

    /** Whether an output of it puts volts of its own on its line in both states. */
    public boolean isDriven() {
        return drive.style() == Style.BOTH_WAYS;
    }

    /** Volts that an input of it surely recognises as high and stands: at these it rests where it is pulled up. */
    public double restVolts() {
        return 1.3 * take.high();
    }

    /** The most volts that an output puts on its line. */
    public double mostVolts() {
        return drive.most();
    }

    /** Whether so many volts can come from an output, whatever it says. */
    public boolean canShow(double volts) {
        return isOpen() || is(Kind.OTHER) || is(Kind.AUDIO)
                || new Span(drive.least(), drive.most()).holds(volts);
    }

    /** Whether so many volts are those of a line of data at rest; true where that is not one place. */
    public boolean canRestAt(double volts) {
        return drive.rest().map(r -> r.holds(volts)).orElse(true);
    }

    /** How far the grounds of two devices may lie apart, in V either way, where it is a pair that stands some of it. */
    public OptionalDouble groundsApart() {
        return take.common().map(c -> OptionalDouble.of(Math.min(-c.least(), c.most())))
                .orElse(OptionalDouble.empty());
    }

    /** The least volts that an output puts on its line. */
    public double leastVolts() {
        return drive.least();
    }
}
