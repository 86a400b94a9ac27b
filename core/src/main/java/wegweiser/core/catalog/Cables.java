package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wegweiser.core.data.Data;
import wegweiser.core.data.Entry;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.OwnWire;
import wegweiser.core.words.Titles;
import wegweiser.core.words.Words;

/**
 * The kinds of cable: those of the table, and those that follow a rule. Ribbon has 1.27 mm a wire and comes in any
 * width, cut down from a wider one; rainbow ribbon repeats its ten colours; control cable is coloured after
 * DIN 47100. Ids of the latter: {@code ribbon-16}, {@code rainbow-20}, {@code control-7}, {@code control-7-screened},
 * {@code control-3x2-screened} (pairs).
 */
public final class Cables {
    private static final double RIBBON_PITCH_MM = 1.27;
    private static final int WIDEST_RIBBON = 64;
    private static final int SINGLE_AWG = 24;
    private static final List<String> RAINBOW = List.of("BN", "RD", "OG", "YE", "GN", "BU", "VT", "GY", "WH",
            "BK");
    private static final Pattern RIBBON = Pattern.compile("(ribbon|rainbow)-(\\d{1,2})");
    private static final Pattern CONTROL = Pattern.compile("control-(\\d{1,2})(x2)?(-screened)?");
    /** Ids that jobs may still carry, and what those cables are called now. */
    private static final Map<String, String> FORMER = Map.of("fieldbus-4x05", "sensor-chain-4x034",
            "thermo-2",
            "bell-2");
    private static final List<CableStock> TABLE = new Entry(Data.json("cables.json"), "").list("cables",
            Cables::of);
    private static final Map<String, CableStock> BY_ID = TABLE.stream()
            .collect(Collectors.toMap(CableStock::id, c -> c));

    private Cables() {}

    /** Every kind worth choosing from. */
    public static List<CableStock> all() {
        List<CableStock> all = new ArrayList<>(TABLE);
        for (int ways : new int[]{6, 9, 10, 14, 16, 20, 25, 26, 34, 37, 40, 50}) {
            all.add(ribbon(ways, false));
        }
        for (int ways : new int[]{10, 16, 20, 26, 34, 40}) {
            all.add(ribbon(ways, true));
        }
        for (int cores : new int[]{2, 3, 4, 5, 7, 8, 10, 12, 14, 18, 25}) {
            all.add(control(cores, false, false));
            all.add(control(cores, false, true));
        }
        for (int pairs : new int[]{2, 3, 4, 5, 8, 12}) {
            all.add(control(2 * pairs, true, true));
        }
        return all;
    }

    /** The kind with this id, or empty when there is none. */
    public static Optional<CableStock> find(String id) {
        String now = FORMER.getOrDefault(id, id);
        return Optional.ofNullable(BY_ID.get(now)).or(() -> byRule(now));
    }

    /** The cable of a job, from its own description or the catalogue. */
    public static Optional<CableStock> of(Job job) {
        Optional<CableStock> chosen = job.cable().own().or(() -> job.cable().stock().flatMap(Cables::find));
        List<OwnWire> wires = job.cable().loom().wires();
        return wires.isEmpty()
                ? chosen
                : Optional.of(chosen.orElseGet(Cables::singleWires).with(wires));
    }

    /** Single wires that nothing holds together. */
    private static CableStock singleWires() {
        return new CableStock("single-wires", Words.say("cable.single-wires"), List.of(), SINGLE_AWG,
                List.of(),
                SINGLE_AWG, List.of(), "", 0, 0, true, false, false, OptionalDouble.empty(), "");
    }

    /** How many wires a plain ribbon has, which can be cut down anywhere; rainbow goes by its colours. Empty for any other. */
    public static OptionalInt ribbonWires(String id) {
        Matcher ribbon = RIBBON.matcher(id);
        return ribbon.matches() && ribbon.group(1).equals("ribbon")
                ? OptionalInt.of(Integer.parseInt(ribbon.group(2)))
                : OptionalInt.empty();
    }

    private static Optional<CableStock> byRule(String id) {
        Matcher ribbon = RIBBON.matcher(id);
        if (ribbon.matches()) {
            int ways = Integer.parseInt(ribbon.group(2));
            return ways >= 2 && ways <= WIDEST_RIBBON
                    ? Optional.of(ribbon(ways, ribbon.group(1).equals("rainbow")))
                    : Optional.empty();
        }
        Matcher control = CONTROL.matcher(id);
        if (!control.matches()) {
            return Optional.empty();
        }
        boolean pairs = control.group(2) != null;
        int cores = Integer.parseInt(control.group(1)) * (pairs ? 2 : 1);
        return cores >= 2 && cores <= ControlColours.LONGEST
                ? Optional.of(control(cores, pairs, control.group(3) != null))
                : Optional.empty();
    }

    private static CableStock ribbon(int ways, boolean rainbow) {
        List<String> conductors = rainbow
                ? IntStream.range(0, ways)
                        .mapToObj(k -> RAINBOW.get(k % 10) + (k < 10 ? "" : "." + (k / 10 + 1)))
                        .toList()
                : IntStream.rangeClosed(1, ways).mapToObj(String::valueOf).toList();
        String title = Titles.of(rainbow ? "cable.rainbow" : "cable.ribbon", ways);
        return new CableStock((rainbow ? "rainbow-" : "ribbon-") + ways, title, conductors, 28, List.of(), 28,
                List.of(), "", 50, Math.round(10 * ways * RIBBON_PITCH_MM) / 10.0, true, true, false,
                OptionalDouble.empty(), Titles.of("cable.ribbon.note"));
    }

    /** A control cable; its diameter is estimated from cores of 1.25 mm lying as close as they can. */
    private static CableStock control(int cores, boolean twisted, boolean screened) {
        List<String> colours = ControlColours.first(cores);
        List<List<String>> pairs = twisted
                ? IntStream.range(0, cores / 2).mapToObj(k -> colours.subList(2 * k, 2 * k + 2)).toList()
                : List.of();
        double diameter = Math.round(10 * (1.25 * Math.sqrt(cores) * 1.2 + 1.2 + (screened ? 0.55 : 0)))
                / 10.0;
        String key = "cable.control" + (twisted ? ".pairs" : "") + (screened ? ".screened" : "");
        return new CableStock(
                "control-" + (twisted ? cores / 2 + "x2" : "" + cores) + (screened ? "-screened" : ""),
                Titles.of(key, twisted ? cores / 2 : cores), colours, 24, List.of(), 24, pairs,
                screened ? "braid" : "", screened ? 120 : 100, diameter, true, false, false,
                OptionalDouble.empty(), Titles.of("cable.control.note"));
    }

    /**
     * Reads a cable from a table.
     *
     * @throws Entry.Senseless when a conductor appears twice, or a pair or a thick conductor is not in the cable
     */
    public static CableStock of(Entry entry) {
        List<String> conductors = entry.list("conductors", e -> e.node().asText());
        HashSet<String> seen = new HashSet<>();
        for (String conductor : conductors) {
            if (!seen.add(conductor)) {
                throw entry.member("conductors").senseless(Words.say("bad.conductor-twice", conductor));
            }
        }
        List<List<String>> pairs = entry.list("pairs", pair -> {
            List<String> both = new ArrayList<>();
            pair.node().forEach(n -> both.add(n.asText()));
            if (!seen.containsAll(both)) {
                throw pair.senseless(Words.say("bad.pair"));
            }
            return both;
        });
        List<String> thick = entry.list("thick", e -> {
            if (!seen.contains(e.node().asText())) {
                throw e.senseless(Words.say("bad.thick", e.node().asText()));
            }
            return e.node().asText();
        });
        List<CableStock.Inside> inside = entry.list("inside",
                e -> HasId.find(CableStock.Inside.class, e.node().asText())
                        .orElseThrow(() -> e.senseless(Words.say("bad.inside", e.node().asText()))));
        int awg = (int) entry.number("awg", 24);
        return new CableStock(entry.text("id"), entry.title("cable"), conductors, awg, thick,
                thick.isEmpty() ? awg : (int) entry.number("thickAwg", awg), pairs, entry.text("screen", ""),
                entry.number("pfPerMetre", 0), entry.number("diameterMm", 0),
                !entry.text("core", "stranded").equals("solid"), entry.flag("flat"),
                entry.flag("coloursUncertain"), entry.number("lengthMm"), entry.note("cable"))
                .withInside(inside);
    }
}
