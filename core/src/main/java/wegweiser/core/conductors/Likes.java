package wegweiser.core.conductors;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;

/**
 * How well a conductor suits a line by itself, as a cost: nothing where it is just right. What must not be costs so much that
 * every other way comes first. The figures say which habit gives way to which, and no more.
 */
final class Likes {
    /** Against what a connector dictates. */
    static final double IMPOSSIBLE = 1_000;
    /** Green and yellow for anything but earth, another colour for a protective earth. */
    static final double FORBIDDEN = 400;
    private static final double THIN_SUPPLY = 20;
    private static final double NOT_ITS_COLOUR = 8;
    private static final double MISLEADING = 4;
    private static final double THICK_FOR_NOTHING = 3;
    private static final double NOT_IN_ORDER = 0.01;

    /** An eight-way plug is crimped in the same order whatever goes over it. */
    private static final double NOT_THE_USUAL_ORDER = 6;

    private final Job job;
    private final CableStock cable;
    private final Dictated dictated;
    private final List<String> colours;
    private final List<String> ends;
    private final ToDoubleFunction<Line> current;
    private final double mostAmps;

    /** @param current what each line carries, in A, 0 where nobody said, and the most of all */
    Likes(Job job, CableStock cable, Dictated dictated, ToDoubleFunction<Line> current, double mostAmps) {
        this.current = current;
        this.mostAmps = mostAmps;
        this.job = job;
        this.cable = cable;
        this.dictated = dictated;
        this.colours = cable.conductors();
        this.ends = job.ends().stream().map(End::name).toList();
    }

    /** The cost of a line on a conductor; {@code rank} is the place of the line among the others, from 0. */
    double cost(Line line, int rank, String conductor) {
        double cost = NOT_IN_ORDER * Math.abs(rank - colours.indexOf(conductor));
        // where two ends disagree the first is followed: a ribbon is turned over at one end, and straight at the other
        double against = IMPOSSIBLE;
        for (Terminal terminal : line.terminals().stream()
                .sorted(Comparator.comparingInt(t -> ends.indexOf(t.end()))).toList()) {
            Optional<Dictated.Order> order = dictated.at(terminal);
            cost += order.filter(o -> !o.conductor().equals(conductor)).isPresent() ? against : 0;
            against = order.isPresent() ? IMPOSSIBLE / 10 : against;
            cost += NetworkColours.usual(job, terminal).filter(colours::contains)
                    .filter(c -> !c.equals(conductor)).isPresent() ? NOT_THE_USUAL_ORDER : 0;
        }
        boolean green = conductor.equals(ColourCode.EARTH);
        if (green ? !line.isEarth() : line.isProtectiveEarth()) {
            cost += FORBIDDEN;
        }
        Optional<String> own = Habit.colour(cable, line);
        cost += own.filter(c -> !c.equals(conductor)).isPresent() ? NOT_ITS_COLOUR : 0;
        boolean power = line.isSupply() || line.isReturn();
        if (!cable.thick().isEmpty()) {
            boolean thick = cable.thick().contains(conductor);
            cost += power && !thick ? THIN_SUPPLY * load(line) : !power && thick ? THICK_FOR_NOTHING : 0;
        }
        cost += own.isEmpty() && !power && Habit.isOfSupply(cable, conductor) ? MISLEADING : 0;
        return cost;
    }

    /** How much a line wants a thick conductor, from 0 to 1: by its share of the largest current, else supplies before returns. */
    private double load(Line line) {
        double amps = current.applyAsDouble(line);
        return mostAmps > 0 ? amps / mostAmps : line.isSupply() ? 1 : 0;
    }
}
