package wegweiser.core.assembly;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.drawing.Drawing.Role;
import wegweiser.core.model.Splice;
import wegweiser.core.words.Words;

/**
 * A loom as a tree from left to right: ends as boxes, branch points as dots, every run as thick as it has wires, with its length
 * and its wires. Not to scale: a short branch has to be read as well as a long one. O(runs squared).
 */
public final class LoomDrawing {
    private static final double STEP_MM = 46;
    private static final double ROW_MM = 15;
    private static final double BOX_WIDTH = 15;
    private static final double BOX_HEIGHT = 6;
    private static final double MARGIN = 3;
    private static final double LETTERS = 2.6;
    private static final double LETTER_WIDTH = 0.62;
    private static final double SWATCH = 2.2;
    private static final int DEVICE_LETTERS = 14;
    /** Of more runs only those around the place that is looked at can be read at a glance. */
    private static final int MOST_RUNS = 8;

    private final Assembly assembly;
    private final double step;
    private final Set<String> lit;
    private final Map<String, List<Run>> out = new LinkedHashMap<>();
    private final Map<String, Integer> depth = new HashMap<>();
    private final Map<String, Double> row = new HashMap<>();
    private final List<Drawing.Shape> bars = new ArrayList<>();
    private final List<Drawing.Shape> shapes = new ArrayList<>();
    private int rows;

    private LoomDrawing(Assembly assembly, double widestMm, Set<String> lit) {
        this.assembly = assembly;
        this.lit = lit;
        List<Run> left = new ArrayList<>(assembly.runs());
        if (left.size() > MOST_RUNS && !lit.isEmpty()) {
            // of a large loom what is around the place
            left.removeIf(r -> lit.stream().noneMatch(r::touches));
        }
        List<String> roots = new ArrayList<>();
        for (Run run : Outward.of(left)) {
            if (!depth.containsKey(run.from())) {
                depth.put(run.from(), 0);
                roots.add(run.from());
            }
            out.computeIfAbsent(run.from(), _ -> new ArrayList<>()).add(run);
            depth.put(run.to(), depth.get(run.from()) + 1);
        }
        // each piece that hangs together is drawn below the one before
        roots.forEach(this::lay);
        int deepest = depth.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        step = Math.min(STEP_MM, (widestMm - 2 * MARGIN - BOX_WIDTH) / Math.max(1, deepest));
    }

    /** The loom of a cable, at most so many mm wide; empty shapes where it has no runs. */
    public static Drawing of(Assembly assembly, double widestMm) {
        return of(assembly, widestMm, Set.of());
    }

    /** The same with some branch points to look at. */
    public static Drawing of(Assembly assembly, double widestMm, Set<String> lit) {
        return new LoomDrawing(assembly, widestMm, lit).drawing();
    }

    /** Leaves lie below each other; what leads to them lies where its first branch does. */
    private double lay(String place) {
        double here = -1;
        for (Run run : out.getOrDefault(place, List.of())) {
            double there = lay(run.to());
            here = here < 0 ? there : here;
        }
        if (here < 0) {
            here = ROW_MM * rows++;
        }
        row.put(place, here);
        return here;
    }

    private double x(String place) {
        return MARGIN + BOX_WIDTH / 2 + step * depth.get(place);
    }

    private double y(String place) {
        return MARGIN + BOX_HEIGHT + row.get(place);
    }

    private Drawing drawing() {
        out.forEach((place, runs) -> runs.forEach(this::run));
        row.keySet().stream().sorted().forEach(this::place);
        int deepest = depth.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        List<Drawing.Shape> all = new ArrayList<>(bars);
        all.addAll(shapes);
        return new Drawing(0, 0, 2 * MARGIN + BOX_WIDTH + step * deepest,
                2 * MARGIN + 2 * BOX_HEIGHT + ROW_MM * Math.max(0, rows - 1), all);
    }

    private void run(Run run) {
        double from = x(run.from());
        double to = x(run.to());
        double top = y(run.from());
        double at = y(run.to());
        double thick = Math.min(3.2, 0.8 + 0.25 * (run.wires().size() + run.unnamed()));
        if (at != top) {
            bars.add(new Drawing.Box(Role.CABLE, "", from - thick / 2, top, thick, at - top + thick / 2, 0));
        }
        bars.add(new Drawing.Box(Role.CABLE, "", from - thick / 2, at - thick / 2, to - from + thick / 2,
                thick, 0));
        double begin = from + (depth.get(run.from()) == 0 && at == top ? BOX_WIDTH / 2 : 2) + 1;
        boolean end = assembly.branchPoints().stream().noneMatch(run.to()::equals);
        double finish = to - (end ? BOX_WIDTH / 2 : 2) - 1;
        String length = run.mm().isPresent()
                ? Words.fixed(run.mm().getAsDouble() / 1000, 2) + " m"
                : Words.say("loom.unmeasured");
        shapes.add(new Drawing.Label(Role.NAME, "", (begin + finish) / 2, at - thick / 2 - 1.9, LETTERS,
                length));
        wires(run, begin, finish - begin, at + thick / 2);
    }

    /** The wires of a run below it, each with its colours; as many as there is room for, and how many more. */
    private void wires(Run run, double left, double width, double top) {
        int fits = (int) Math.max(1, width / (SWATCH + 0.5));
        List<String> shown = run.wires().subList(0, Math.min(fits, run.wires().size()));
        for (int k = 0; k < shown.size(); k++) {
            List<String> hex = ColourCode.hex(shown.get(k));
            for (int h = 0; h < hex.size(); h++) {
                shapes.add(new Drawing.Swatch(Role.WIRE, shown.get(k), left + k * (SWATCH + 0.5),
                        top + 0.8 + h * SWATCH / hex.size(), SWATCH, SWATCH / hex.size(), hex.get(h)));
            }
        }
        StringBuilder said = new StringBuilder();
        int letters = (int) (width / (LETTERS * 0.8 * LETTER_WIDTH));
        int told = 0;
        for (String wire : run.wires()) {
            String more = run.wires().size() - told > 1 ? " +" + (run.wires().size() - told - 1) : "";
            if (said.length() + 1 + wire.length() + more.length() > letters) {
                break;
            }
            said.append(said.isEmpty() ? "" : " ").append(wire);
            told++;
        }
        int rest = run.wires().size() - told + run.unnamed();
        if (rest > 0) {
            said.append(said.isEmpty() ? "" : " ").append('+').append(rest);
        }
        if (!said.isEmpty()) {
            shapes.add(new Drawing.Label(Role.NAME, "", left + width / 2, top + SWATCH + 2.6, LETTERS * 0.8,
                    said.toString()));
        }
    }

    private void place(String place) {
        double x = x(place);
        double y = y(place);
        if (assembly.branchPoints().contains(place)) {
            boolean here = lit.contains(place);
            shapes.add(new Drawing.Circle(here ? Role.CONTACT_LIT : Role.CONTACT_USED, place, x, y,
                    here ? 2.2 : 1.6));
            shapes.add(new Drawing.Label(Role.NAME, place, x, y - 3.6, LETTERS, place));
        } else {
            shapes.add(new Drawing.Box(Role.BODY, place, x - BOX_WIDTH / 2, y - BOX_HEIGHT / 2, BOX_WIDTH,
                    BOX_HEIGHT, 1));
            shapes.add(new Drawing.Label(Role.NAME, place, x, y, LETTERS + 0.4, place));
            String device = assembly.device(place);
            if (!device.isEmpty()) {
                shapes.add(new Drawing.Label(Role.NAME, place, x, y + BOX_HEIGHT / 2 + 1.7, LETTERS * 0.8,
                        device.length() > DEVICE_LETTERS
                                ? device.substring(0, DEVICE_LETTERS - 1) + "…"
                                : device));
            }
        }
        String splices = String.join(" ", assembly.splices().stream().filter(s -> s.at().equals(place))
                .map(Splice::name).toList());
        if (!splices.isEmpty()) {
            shapes.add(new Drawing.Label(Role.NAME, place, x, y - 6.4, LETTERS * 0.8,
                    Words.say("loom.splices", splices)));
        }
    }
}
