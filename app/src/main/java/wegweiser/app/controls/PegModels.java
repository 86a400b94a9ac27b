package wegweiser.app.controls;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.PairState;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** Builds what the pegboard shows from a job and its evidence. */
public final class PegModels {
    private PegModels() {}

    /** How a pair of terminals is shown. */
    private interface Look {
        PegCell of(Terminal row, Terminal column);
    }

    /** Which joins within an end are shown, and whether they are proved. */
    private interface Inner {
        Optional<Boolean> of(Terminal a, Terminal b);
    }

    /** What is known. */
    public static PegModel known(Job job, Facing facing, Evidence evidence, Optional<Touch> target) {
        return build(job, facing, target, (r, c) -> switch (evidence.state(r, c)) {
            case JOINED_MEASURED -> PegCell.JOINED;
            case JOINED_FOLLOWS -> PegCell.JOINED_FOLLOWS;
            case APART_MEASURED -> partBetween(evidence, r, c) ? PegCell.PART : PegCell.APART;
            case APART_FOLLOWS -> PegCell.APART_FOLLOWS;
            case APART_ASSUMED, UNKNOWN -> supposed(evidence, r, c);
        }, (a, b) -> evidence.state(a, b).isJoined() ? Optional.of(true) : Optional.empty());
    }

    /** What is shown of a pair of which nothing is proved. */
    private static PegCell supposed(Evidence evidence, Terminal a, Terminal b) {
        PairState state = evidence.supposed().state(a, b);
        return state.isJoined()
                ? PegCell.JOINED_ASSUMED
                : state == PairState.UNKNOWN ? PegCell.EMPTY : PegCell.ASSUMED;
    }

    private static boolean partBetween(Evidence evidence, Terminal a, Terminal b) {
        return evidence.parts().stream()
                .anyMatch(p -> p.a().equals(a) && p.b().equals(b) || p.a().equals(b) && p.b().equals(a));
    }

    /** What is planned. */
    public static PegModel planned(Job job, Facing facing) {
        Nets nets = Nets.planned(job);
        return build(job, facing, Optional.empty(), (r, c) -> planned(job, nets, r, c),
                (a, b) -> nets.joined(a, b) ? Optional.of(false) : Optional.empty());
    }

    /** The plan held against another way of joining the same ends. */
    public static PegModel compared(Job job, Job other, Facing facing) {
        Nets nets = Nets.planned(job);
        Nets others = Nets.planned(other);
        return build(job, facing, Optional.empty(), (r, c) -> {
            PegCell here = planned(job, nets, r, c);
            PegCell there = planned(other, others, r, c);
            return here == there
                    ? here
                    : here == PegCell.EMPTY ? PegCell.OFFERED : PegCell.PLANNED_ONLY;
        }, (a, b) -> nets.joined(a, b) ? Optional.of(false) : Optional.empty());
    }

    private static PegCell planned(Job job, Nets nets, Terminal r, Terminal c) {
        Optional<Link> link = job.links().stream().filter(l -> l.joins(r, c)).findFirst();
        if (link.map(l -> l.is(PartKind.CUT)).orElse(false)) {
            return PegCell.CUT;
        }
        if (link.map(l -> !l.isCopper()).orElse(false)) {
            return PegCell.PART;
        }
        return nets.joined(r, c) ? PegCell.PLANNED : PegCell.EMPTY;
    }

    /** Plan and proof at once. */
    public static PegModel proved(Job job, Facing facing, Evidence evidence, Optional<Touch> target) {
        Nets nets = Nets.planned(job);
        return build(job, facing, target, (r, c) -> {
            PairState state = evidence.state(r, c);
            PegCell plan = planned(job, nets, r, c);
            if (plan == PegCell.PLANNED) {
                return state.isJoined()
                        ? PegCell.PLANNED_PROVED
                        : state.isApart() ? PegCell.MISSING : PegCell.PLANNED;
            }
            if (state.isJoined()) {
                return PegCell.UNPLANNED;
            }
            return plan != PegCell.EMPTY
                    ? plan
                    : state == PairState.APART_MEASURED
                            ? PegCell.APART
                            : state == PairState.APART_FOLLOWS ? PegCell.APART_FOLLOWS : PegCell.EMPTY;
        }, (a, b) -> nets.joined(a, b) ? Optional.of(evidence.state(a, b).isJoined()) : Optional.empty());
    }

    private static PegModel build(Job job, Facing facing, Optional<Touch> target, Look look, Inner inner) {
        if (facing.isNone()) {
            return PegModel.EMPTY;
        }
        List<Terminal> rows = Terminals.of(job, facing.rowsOf(job));
        List<Terminal> columns = Terminals.of(job, facing.columnsOf(job));
        Map<Terminal, String> colours = new HashMap<>();
        for (Link link : job.links()) {
            link.conductor().ifPresent(c -> {
                colours.putIfAbsent(link.from(), c);
                link.to().ifPresent(t -> colours.putIfAbsent(t, c));
            });
        }
        List<List<PegCell>> cells = new ArrayList<>();
        for (Terminal row : rows) {
            cells.add(columns.stream().map(c -> look.of(row, c)).toList());
        }
        return new PegModel(heads(facing.rowsOf(job), rows, colours),
                heads(facing.columnsOf(job), columns, colours), cells,
                target.flatMap(t -> target(t, rows, columns)), brackets(rows, inner),
                brackets(columns, inner));
    }

    private static List<PegModel.Head> heads(End end, List<Terminal> terminals,
            Map<Terminal, String> colours) {
        return terminals.stream()
                .map(t -> new PegModel.Head(t, end.row(t.contact()).map(PinRow::label).orElse(""),
                        colours.getOrDefault(t, "")))
                .toList();
    }

    private static Optional<PegModel.Target> target(Touch touch, List<Terminal> rows,
            List<Terminal> columns) {
        List<Integer> inRows = new ArrayList<>();
        List<Integer> inColumns = new ArrayList<>();
        for (Terminal t : touch.red()) {
            add(t, rows, columns, inRows, inColumns);
        }
        for (Terminal t : touch.black()) {
            add(t, rows, columns, inRows, inColumns);
        }
        return Optional.of(new PegModel.Target(inRows, inColumns));
    }

    private static void add(Terminal t, List<Terminal> rows, List<Terminal> columns, List<Integer> inRows,
            List<Integer> inColumns) {
        if (rows.contains(t)) {
            inRows.add(rows.indexOf(t));
        } else if (columns.contains(t)) {
            inColumns.add(columns.indexOf(t));
        }
    }

    /** One bracket from each contact to the next one that is joined to it. */
    private static List<PegModel.Bracket> brackets(List<Terminal> terminals, Inner inner) {
        List<PegModel.Bracket> found = new ArrayList<>();
        for (int a = 0; a < terminals.size(); a++) {
            for (int b = a + 1; b < terminals.size(); b++) {
                Optional<Boolean> joined = inner.of(terminals.get(a), terminals.get(b));
                if (joined.isPresent()) {
                    found.add(new PegModel.Bracket(a, b, joined.get()));
                    break;
                }
            }
        }
        return found;
    }
}
