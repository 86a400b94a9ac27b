package wegweiser.files.job;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.Mode;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;
import wegweiser.files.json.Mapping.Senseless;
import wegweiser.files.json.Place;

/** What no schema can say of a job: that what it names is there, and that names fit on a line. */
final class JobSense {
    private static final int LONGEST_NAME = 200;
    private final Set<String> ends = new HashSet<>();

    private JobSense() {}

    /**
     * Looks a job through.
     *
     * @throws Senseless with the first place that makes no sense
     */
    static void check(Job job) {
        JobSense sense = new JobSense();
        each(job.ends(), new Place("ends"), sense::end);
        each(job.links(), new Place("links"), sense::link);
        each(job.readings(), new Place("readings"), sense::reading);
        each(job.waivers(), new Place("overrides"),
                (w, at) -> each(w.terminals(), at.member("terminals"), sense::terminal));
        each(job.setAside(), new Place("setAside"),
                (a, at) -> each(a.readings(), at.member("readings"), sense::reading));
        job.simulation().ifPresent(s -> {
            Place at = new Place("simulation");
            each(s.lead().orElse(List.of()), at.member("lead"), sense::link);
            each(s.built().orElse(List.of()), at.member("built"), sense::link);
        });
        each(job.kept(), new Place("kept"), sense::named);
        sense.loom(job.cable().loom(), new Place("cable").member("loom"));
        each(job.connectors(), new Place("connectors"), (c, at) -> each(c.rows(), at.member("rows"),
                (row, line) -> each(row, line, JobSense::fitsOnLine)));
        Catalogue catalogue = Catalogue.of(job);
        each(job.ends(), new Place("ends"), (end, at) -> {
            if (!end.connector().equals(End.LEADS) && catalogue.find(end.connector()).isEmpty()) {
                throw new Senseless(at.member("connector"),
                        Words.say("bad.connector", end.connector()));
            }
        });
    }

    private interface Check<T> {
        void at(T value, Place place);
    }

    private static <T> void each(List<T> values, Place list, Check<T> check) {
        for (int i = 0; i < values.size(); i++) {
            check.at(values.get(i), list.element(i));
        }
    }

    private void end(End end, Place place) {
        oneLine(end.name(), place.member("name"));
        if (!ends.add(end.name())) {
            throw new Senseless(place.member("name"), Words.say("bad.used-twice", end.name()));
        }
        each(end.pinout(), place.member("pinout"), (row, at) -> oneLine(row.contact(), at.member("contact")));
    }

    private void link(Link link, Place place) {
        terminal(link.from(), place.member("from"));
        link.to().ifPresent(to -> terminal(to, place.member("to")));
        if (link.is(PartKind.RESISTOR) && link.part().orElseThrow().ohms().isEmpty()) {
            throw new Senseless(place.member("part").member("ohms"),
                    Words.say("bad.no-ohms"));
        }
    }

    private void reading(Reading reading, Place place) {
        each(reading.red(), place.member("red"), this::terminal);
        each(reading.black(), place.member("black"), this::terminal);
        if (reading.red().stream().anyMatch(reading.black()::contains)) {
            throw new Senseless(place, Words.say("bad.both-probes"));
        }
        if (reading.mode() == Mode.REACTION && !reading.touch().isSingle()) {
            throw new Senseless(place, Words.say("bad.reaction"));
        }
    }

    private void loom(Loom loom, Place place) {
        each(loom.runs(), place.member("runs"), (run, at) -> {
            oneLine(run.from(), at.member("from"));
            oneLine(run.to(), at.member("to"));
            each(run.spare(), at.member("spare"), JobSense::oneLine);
        });
        loom.circle().ifPresent(run -> {
            throw new Senseless(place.member("runs").element(loom.runs().indexOf(run)),
                    Words.say("bad.circle", run.from(), run.to()));
        });
        Set<String> names = new HashSet<>();
        Set<Terminal> joined = new HashSet<>();
        each(loom.splices(), place.member("splices"), (splice, at) -> {
            oneLine(splice.name(), at.member("name"));
            if (!names.add(splice.name())) {
                throw new Senseless(at.member("name"), Words.say("bad.used-twice", splice.name()));
            }
            if (!loom.places().contains(splice.at()) && !ends.contains(splice.at())) {
                throw new Senseless(at.member("at"), Words.say("bad.place", splice.at()));
            }
            each(splice.wires(), at.member("wires"), (tail, wire) -> {
                terminal(tail.to(), wire.member("to"));
                oneLine(tail.wire(), wire.member("wire"));
                if (!joined.add(tail.to())) {
                    throw new Senseless(wire.member("to"), Words.say("bad.used-twice", tail.to()));
                }
            });
        });
        each(loom.codes(), place.member("codes"), (code, at) -> {
            named(code.end(), at.member("end"));
            each(code.colours(), at.member("colours"), JobSense::oneLine);
        });
        Set<String> wires = new HashSet<>();
        each(loom.wires(), place.member("wires"), (wire, at) -> {
            oneLine(wire.wire(), at.member("wire"));
            if (!wires.add(wire.wire())) {
                throw new Senseless(at.member("wire"), Words.say("bad.used-twice", wire.wire()));
            }
        });
    }

    private void terminal(Terminal terminal, Place place) {
        oneLine(terminal.contact(), place);
        named(terminal.end(), place);
    }

    private void named(String end, Place place) {
        if (!ends.contains(end)) {
            throw new Senseless(place, Words.say("bad.end", end));
        }
    }

    /** A name has something in it, and fits on a line. */
    private static void oneLine(String name, Place place) {
        if (name.isBlank()) {
            throw new Senseless(place, Words.say("bad.blank"));
        }
        fitsOnLine(name, place);
    }

    /** Blank is a gap in a row of contacts. */
    private static void fitsOnLine(String name, Place place) {
        if (name.length() > LONGEST_NAME) {
            throw new Senseless(place, Words.say("bad.long-name", LONGEST_NAME));
        }
        if (name.lines().count() > 1 || name.indexOf('\t') >= 0) {
            throw new Senseless(place, Words.say("bad.lines"));
        }
    }
}
