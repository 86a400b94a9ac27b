package wegweiser.core.sizing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Copper;
import wegweiser.core.model.CableStock;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.rules.Loading;
import wegweiser.core.rules.PortBudget;
import wegweiser.core.rules.SupplyRun;
import wegweiser.core.words.Words;

/** What supplies lose, and what their conductors, contacts and ports stand. */
final class SupplySizing {
    /** Where a device does not say what it needs, so much of the supply may be lost. */
    private static final double SHARE_LOST = 0.05;
    private static final int THICKEST_AWG = 10;

    private SupplySizing() {}

    static List<SizingLine> lines(Derived derived, CableStock cable, double metres) {
        List<SizingLine> lines = new ArrayList<>();
        Map<String, SupplyRun.Wire> most = new LinkedHashMap<>();
        for (SupplyRun run : SupplyRun.of(derived)) {
            if (run.amps() <= 0) {
                continue;
            }
            if (Double.isFinite(run.there() + run.back())) {
                // in a loom each load has a way of its own
                lines.add(drop(run, cable, run.metres() > 0 ? run.metres() : metres));
            }
            run.wires().forEach(w -> most.merge(w.conductor(), w, (a, b) -> a.amps() >= b.amps() ? a : b));
        }
        most.values().forEach(w -> lines.add(current(w, Loading.of(derived, (int) most.values().stream()
                .filter(o -> o.amps() > 0 && o.ends().equals(w.ends())).count()))));
        for (PortBudget budget : PortBudget.of(derived)) {
            if (budget.amps() <= 0) {
                continue;
            }
            lines.add(new SizingLine("budget-" + budget.binds(), budget.where(),
                    Quantity.words(budget.amps(), Unit.AMP),
                    OptionalDouble.of(budget.amps() / budget.limit()),
                    Quantity.words(budget.limit(), Unit.AMP), Words.say("sizing.budget.formula"),
                    List.of(Words.say("sizing.fix.budget-" + budget.binds()))));
        }
        return lines;
    }

    /**
     * Volts lost there and back: I (r1 + r2) L, four contacts, components in line.
     */
    private static SizingLine drop(SupplyRun run, CableStock cable, double metres) {
        double lost = run.lost(metres);
        boolean known = run.allowed().isPresent();
        double allowed = run.allowed().orElse(SHARE_LOST * run.given().smallest());
        List<String> fixes = new ArrayList<>();
        double left = (allowed - run.lost(0)) / run.amps();
        double ohmsPerMetre = run.there() + run.back();
        if (left > 0) {
            double smaller = left / metres / ohmsPerMetre;
            thicker(cable, smaller).ifPresent(awg -> fixes.add(Words.say("sizing.fix.awg", awg)));
            int parallel = (int) Math.ceil(1 / smaller - 1e-9);
            fixes.add(Words.say("sizing.fix.parallel", parallel));
            fixes.add(Words.say("sizing.fix.metres", floor(left / ohmsPerMetre)));
        } else {
            fixes.add(Words.say("sizing.fix.supply"));
        }
        return new SizingLine("drop", run.sink().words(), Quantity.words(lost, Unit.VOLT),
                OptionalDouble.of(allowed <= 0 ? Double.POSITIVE_INFINITY : lost / allowed),
                known
                        ? Quantity.words(Math.max(0, allowed), Unit.VOLT)
                        : Words.say("sizing.drop.share", Quantity.words(allowed, Unit.VOLT)),
                Words.say("sizing.drop.formula", Words.number(run.amps()),
                        Words.number(1000 * ohmsPerMetre), Words.number(metres)),
                fixes);
    }

    /** The thinnest gauge at which resistance is smaller by a factor; empty where none is thick enough. */
    private static OptionalInt thicker(CableStock cable, double factor) {
        double now = Copper.ohmsPerMetre(cable.awg(), cable.stranded());
        for (int awg = soldBelow(cable.awg()); awg >= THICKEST_AWG; awg -= 2) {
            if (Copper.ohmsPerMetre(awg, cable.stranded()) <= factor * now) {
                return OptionalInt.of(awg);
            }
        }
        return OptionalInt.empty();
    }

    /** The next thicker gauge that is sold: even ones are. */
    private static int soldBelow(int awg) {
        return awg % 2 == 0 ? awg - 2 : awg - 1;
    }

    private static SizingLine current(SupplyRun.Wire wire, Loading loading) {
        double most = loading.usual(wire.awg());
        List<String> fixes = new ArrayList<>();
        for (int awg = soldBelow(wire.awg()); awg >= THICKEST_AWG; awg -= 2) {
            if (loading.usual(awg) >= wire.amps()) {
                fixes.add(Words.say("sizing.fix.awg", awg));
                break;
            }
        }
        fixes.add(Words.say("sizing.fix.parallel", (int) Math.ceil(wire.amps() / most - 1e-9)));
        return new SizingLine("current", wire.conductor(), Quantity.words(wire.amps(), Unit.AMP),
                OptionalDouble.of(wire.amps() / most), Quantity.words(most, Unit.AMP),
                loading.freeAir()
                        ? Words.say("sizing.current.free", wire.awg())
                        : Words.say("sizing.current.sheath", wire.awg(),
                                Words.number(Copper.squareMm(wire.awg())), loading.cores()),
                fixes);
    }

    /** A length that is rounded down to what is still within. */
    static String floor(double metres) {
        double step = metres < 10 ? 10 : 1;
        return Words.number(Math.floor(metres * step) / step);
    }
}
