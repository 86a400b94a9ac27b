package wegweiser.core.readings;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/**
 * The branches of a cable, one thing a line: a run {@code A - fork 0.9 m} (with {@code spare VT} behind it where wires lie in it
 * that go nowhere), a splice {@code S1 at fork: A.1 RD, B.2 RD.2, C.2 RD.3}, the gauge of wires {@code RD BK 16 AWG}. Without
 * a unit a length is in metres; without a length it is not measured yet.
 */
public final class LoomList {
    private static final Pattern SPLICE = Pattern.compile("(?i)(.+?)\\s+at\\s+(.+?)\\s*:\\s*(.+)");
    private static final Pattern WIRES = Pattern.compile("(?i)(.+?)\\s+(\\d{1,2})\\s*AWG");
    private static final Pattern RUN = Pattern.compile(
            "(?i)(.+?)\\s+(?:-|–|—|to)\\s+(.+?)(?:\\s+(\\d[\\d.,]*)\\s*(mm|cm|m)?)?(?:\\s+spare\\s+(.+))?");
    private static final int THINNEST_AWG = 40;
    private static final double MOST_MM = 1e6;

    private final Job job;
    private final List<LoomRun> runs = new ArrayList<>();
    private final Set<String> splices = new HashSet<>();
    private final Set<Terminal> spliced = new HashSet<>();
    private final Set<String> wires = new HashSet<>();

    private LoomList(Job job) {
        this.job = job;
    }

    /** Reads a text for a job. Lines about splices may name places of later runs. O(lines squared). */
    public static TypedLines<LoomLine> read(String text, Job job) {
        LoomList list = new LoomList(job);
        List<String> all = text.lines().map(String::strip).toList();
        Set<String> places = new HashSet<>();
        job.ends().forEach(e -> places.add(e.name()));
        for (String line : all) {
            Matcher run = RUN.matcher(line);
            if (!SPLICE.matcher(line).matches() && run.matches()) {
                places.add(run.group(1));
                places.add(run.group(2));
            }
        }
        List<TypedLines.Line<LoomLine>> found = new ArrayList<>();
        for (int k = 0; k < all.size(); k++) {
            String line = all.get(k);
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            try {
                found.add(TypedLines.Line.good(k + 1, line, list.line(line, places)));
            } catch (IllegalArgumentException e) {
                found.add(TypedLines.Line.bad(k + 1, line, e.getMessage()));
            }
        }
        return new TypedLines<>(found);
    }

    private LoomLine line(String line, Set<String> places) {
        Matcher splice = SPLICE.matcher(line);
        if (splice.matches()) {
            return splice(splice.group(1), splice.group(2), splice.group(3), places);
        }
        Matcher gauge = WIRES.matcher(line);
        if (gauge.matches()) {
            return wires(gauge.group(1), Integer.parseInt(gauge.group(2)));
        }
        Matcher run = RUN.matcher(line);
        if (!run.matches()) {
            throw new IllegalArgumentException(Words.say("loom.line", line));
        }
        return run(run);
    }

    private LoomLine run(Matcher m) {
        OptionalDouble mm = OptionalDouble.empty();
        if (m.group(3) != null) {
            double length = TypedLength.mm(m.group(3), m.group(4));
            if (length <= 0 || length > MOST_MM) {
                throw new IllegalArgumentException(Words.say("way.length", m.group()));
            }
            mm = OptionalDouble.of(length);
        }
        List<String> spare = m.group(5) == null ? List.of() : List.of(m.group(5).split("[\\s,;]+"));
        LoomRun run = new LoomRun(m.group(1), m.group(2), mm, spare, Extra.NONE);
        runs.add(run);
        if (Loom.of(runs, List.of(), List.of()).circle().isPresent()) {
            runs.removeLast();
            throw new IllegalArgumentException(Words.say("loom.circle", run.from(), run.to()));
        }
        return new LoomLine.OfRun(run);
    }

    private LoomLine splice(String name, String at, String joined, Set<String> places) {
        if (!places.contains(at)) {
            throw new IllegalArgumentException(Words.say("loom.place", at));
        }
        List<Splice.Tail> tails = new ArrayList<>();
        for (String one : joined.split("\\s*[,;]\\s*")) {
            String[] said = one.strip().split("\\s+");
            if (said.length != 2) {
                throw new IllegalArgumentException(Words.say("loom.tail", one.strip()));
            }
            Terminal to = Terminal.parse(said[0]);
            if (job.end(to.end()).filter(e -> Terminals.of(job, e).contains(to)).isEmpty()) {
                throw new IllegalArgumentException(Words.say("loom.contact", to));
            }
            if (spliced.contains(to) || tails.stream().anyMatch(t -> t.to().equals(to))) {
                throw new IllegalArgumentException(Words.say("loom.twice", to));
            }
            tails.add(Splice.Tail.of(to, said[1]));
        }
        if (tails.size() < 2) {
            throw new IllegalArgumentException(Words.say("loom.alone", name));
        }
        if (!splices.add(name)) {
            throw new IllegalArgumentException(Words.say("loom.named", name));
        }
        tails.forEach(t -> spliced.add(t.to()));
        return new LoomLine.OfSplice(Splice.of(name, at, tails));
    }

    private LoomLine wires(String names, int awg) {
        if (awg > THINNEST_AWG) {
            throw new IllegalArgumentException(Words.say("loom.gauge", awg));
        }
        List<OwnWire> found = new ArrayList<>();
        for (String name : names.split("[\\s,;]+")) {
            if (!wires.add(name)) {
                throw new IllegalArgumentException(Words.say("loom.gauges", name));
            }
            found.add(OwnWire.of(name, awg));
        }
        return new LoomLine.OfWires(found);
    }

    /** A loom as it can be read again. */
    public static String of(Loom loom) {
        StringBuilder out = new StringBuilder();
        for (LoomLine line : LoomLine.of(loom)) {
            out.append(text(line)).append('\n');
        }
        return out.toString();
    }

    /** One line as it can be read again. */
    public static String text(LoomLine line) {
        return switch (line) {
            case LoomLine.OfRun(LoomRun r) -> r.from() + " - " + r.to()
                    + (r.lengthMm().isPresent()
                            ? " " + Words.plain(r.lengthMm().getAsDouble() / 1000, 4) + " m"
                            : "")
                    + (r.spare().isEmpty() ? "" : " spare " + String.join(" ", r.spare()));
            case LoomLine.OfSplice(Splice s) -> s.name() + " at " + s.at() + ": "
                    + String.join(", ", s.wires().stream().map(t -> t.to() + " " + t.wire()).toList());
            case LoomLine.OfWires(List<OwnWire> some) ->
                String.join(" ", some.stream().map(OwnWire::wire).toList()) + " " + some.getFirst().awg()
                        + " AWG";
        };
    }
}
