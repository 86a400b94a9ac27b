package wegweiser.core.sizing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.BusLength;
import wegweiser.core.electrical.SerialLine;
import wegweiser.core.electrical.TwoWireBus;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.rules.Boards;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** What a cable's length and capacitance do to the signals on it. */
final class SignalSizing {
    private static final double[] USUAL_BUS_VOLTS = {3.3, 5};
    /** What an input of logic adds to the cable. */
    private static final double INPUT_PF = 10;
    private static final double TENTH = 0.1;
    /** TIA-568: 45 ns in 100 m of cable; IEEE 802.3: what a port that uses all four pairs allows. */
    private static final double SKEW_NS_PER_METRE = 0.45;
    private static final double MOST_SKEW_NS = 50;
    private static final int ALL_PAIRS = 4;

    private SignalSizing() {}

    static List<SizingLine> lines(Derived derived, CableStock cable, double metres) {
        Set<Level> levels = EnumSet.noneOf(Level.class);
        for (List<Pin> net : derived.netsOfPins()) {
            if (net.stream().map(p -> p.terminal().end()).distinct().count() > 1) {
                net.forEach(p -> p.level().ifPresent(levels::add));
            }
        }
        List<SizingLine> lines = new ArrayList<>();
        behindResistors(derived, cable, metres, lines);
        for (Level level : levels) {
            switch (level) {
                case RS232 -> serial(cable, metres, lines);
                case I2C -> twoWire(derived, cable, metres, lines);
                case CAN, RS422, RS485 -> rate(level, metres, lines);
                case ETHERNET -> skew(derived, cable, metres, lines);
                default -> {
                }
            }
            BusLength.longestMetres(level, cable.awg())
                    .ifPresent(most -> lines.add(length(level, metres, most)));
        }
        return lines;
    }

    /** The most metres of a level, which is the same for all that is on it. */
    private static SizingLine length(Level level, double metres, double most) {
        return new SizingLine("length", level.id(), Quantity.words(metres, Unit.METRE),
                OptionalDouble.of(metres / most), Quantity.words(most, Unit.METRE),
                Words.sayIfThere("sizing.length." + level.id())
                        .orElseGet(() -> Words.say("sizing.length.formula")),
                List.of(Words.say("sizing.fix.metres", SupplySizing.floor(most)),
                        Words.say("sizing.fix.repeater")));
    }

    private static void serial(CableStock cable, double metres, List<SizingLine> lines) {
        if (cable.pfPerMetre() == 0) {
            return;
        }
        double picofarads = SerialLine.picofarads(cable, 1000 * metres);
        double most = SerialLine.MOST_PICOFARADS;
        lines.add(new SizingLine("capacitance", Level.RS232.id(), picofarads(picofarads),
                OptionalDouble.of(picofarads / most), picofarads(most),
                Words.say("sizing.capacitance.rs232", Words.number(cable.pfPerMetre()),
                        SupplySizing.floor(SerialLine.longestMetres(cable))),
                List.of(Words.say("sizing.fix.metres", SupplySizing.floor(SerialLine.longestMetres(cable))),
                        Words.say("sizing.fix.capacitance",
                                Math.round(Math
                                        .floor(cable.pfPerMetre() * (most - 100) / (picofarads - 100)))))));
    }

    /** The capacitance of the bus, and between which resistors its pull-ups have to be at each rate. */
    private static void twoWire(Derived derived, CableStock cable, double metres, List<SizingLine> lines) {
        if (cable.pfPerMetre() == 0) {
            return;
        }
        double picofarads = cable.pfPerMetre() * metres;
        double most = TwoWireBus.MOST_PICOFARADS;
        lines.add(new SizingLine("capacitance", Level.I2C.id(), picofarads(picofarads),
                OptionalDouble.of(picofarads / most), picofarads(most), Words.say("sizing.capacitance.i2c"),
                List.of(Words.say("sizing.fix.metres", SupplySizing.floor(most / cable.pfPerMetre())),
                        Words.say("sizing.fix.extender"))));
        for (double volts : busVolts(derived)) {
            pullUps(cable, picofarads, volts, lines);
        }
    }

    private static void pullUps(CableStock cable, double picofarads, double volts, List<SizingLine> lines) {
        double least = TwoWireBus.smallestOhms(volts);
        for (Map.Entry<String, Double> rate : TwoWireBus.RISE_NANOSECONDS.entrySet()) {
            double largest = TwoWireBus.largestOhms(rate.getValue(), picofarads);
            lines.add(new SizingLine("pull-up", rate.getKey(), least <= largest
                    ? Words.say("sizing.pull-up.between", Quantity.words(least, Unit.OHM),
                            Quantity.words(largest, Unit.OHM))
                    : Words.say("sizing.pull-up.none"),
                    OptionalDouble.of(least / largest), "",
                    Words.say("sizing.pull-up.formula", Words.number(volts), Math.round(rate.getValue())),
                    List.of(Words.say("sizing.fix.metres", SupplySizing.floor(
                            TwoWireBus.longestMetres(rate.getValue(), volts, cable.pfPerMetre()))),
                            Words.say("sizing.fix.slower"))));
        }
    }

    /** What the bus is pulled up to: the logic supply of its boards; where none is known, either of the usual ones. */
    private static double[] busVolts(Derived derived) {
        double[] known = derived.job().ends().stream()
                .filter(e -> derived.pins().stream().anyMatch(p -> p.isAt(e.name()) && p.has(Level.I2C)))
                .flatMapToDouble(e -> Boards.volts(derived, e.name()).stream()).distinct().sorted().toArray();
        return known.length > 0 ? known : USUAL_BUS_VOLTS;
    }

    /**
     * What a resistor in a logic line leaves of the rate: resistance times capacitance is kept below a tenth of a bit. Where a
     * second resistor goes from the line to ground, the two count in parallel.
     */
    private static void behindResistors(Derived derived, CableStock cable, double metres,
            List<SizingLine> lines) {
        for (Link link : derived.job().links()) {
            double ohms = link.part().filter(_ -> link.is(PartKind.RESISTOR)).map(p -> p.ohms().orElse(0))
                    .orElse(0.0);
            if (ohms == 0 || cable.pfPerMetre() == 0 || link.to().isEmpty()
                    || !isLogic(derived, link.from()) || !isLogic(derived, link.to().get())) {
                continue;
            }
            double shunt = derived.job().links().stream().filter(l -> l.is(PartKind.RESISTOR) && l != link)
                    .filter(l -> l.touches(link.from()) || l.touches(link.to().get()))
                    .filter(l -> l.to().isPresent()
                            && (isGround(derived, l.from()) || isGround(derived, l.to().get())))
                    .mapToDouble(l -> 1 / l.part().orElseThrow().ohms().orElse(Double.POSITIVE_INFINITY))
                    .sum();
            double source = 1 / (1 / ohms + shunt);
            double farads = (cable.pfPerMetre() * metres + INPUT_PF) * 1e-12;
            lines.add(new SizingLine("resistor", Quantity.words(ohms, Unit.OHM),
                    Words.say("sizing.resistor.rate", bits(TENTH / (source * farads))),
                    OptionalDouble.empty(), "",
                    Words.say("sizing.resistor.formula", Quantity.words(source, Unit.OHM),
                            Words.number(cable.pfPerMetre()), Words.number(metres), Words.number(INPUT_PF)),
                    List.of()));
        }
    }

    private static boolean isLogic(Derived derived, Terminal at) {
        return derived.pin(at).flatMap(Pin::level).filter(Level::isLogic).isPresent();
    }

    private static boolean isGround(Derived derived, Terminal at) {
        return derived.pin(at).filter(p -> p.is(Direction.GROUND)).isPresent();
    }

    /** How far the pairs of a network cable get out of step, where data run over several at a time. */
    private static void skew(Derived derived, CableStock cable, double metres, List<SizingLine> lines) {
        Set<String> used = derived.job().wiresInUse();
        long pairs = cable.pairs().stream().filter(used::containsAll).count();
        if (pairs < ALL_PAIRS) {
            return;
        }
        double nanoseconds = SKEW_NS_PER_METRE * metres;
        lines.add(new SizingLine("skew", Level.ETHERNET.id(), Words.number(nanoseconds) + " ns",
                OptionalDouble.of(nanoseconds / MOST_SKEW_NS), Words.number(MOST_SKEW_NS) + " ns",
                Words.say("sizing.skew.formula"),
                List.of(Words.say("sizing.fix.metres",
                        SupplySizing.floor(MOST_SKEW_NS / SKEW_NS_PER_METRE)))));
    }

    private static void rate(Level level, double metres, List<SizingLine> lines) {
        double bits = BusLength.fastestBits(level, metres);
        lines.add(new SizingLine("rate", level.id(),
                bits > 0 ? bits(bits) : Words.say("sizing.rate.none"), OptionalDouble.empty(), "",
                Words.say("sizing.rate." + level.id()), List.of()));
    }

    private static String picofarads(double pf) {
        return Words.decimals(pf, 0) + " pF";
    }

    private static String bits(double bitsPerSecond) {
        return bitsPerSecond >= 1e6
                ? Words.number(bitsPerSecond / 1e6) + " Mbit/s"
                : Words.decimals(bitsPerSecond / 1e3, 0) + " kbit/s";
    }
}
