package wegweiser.core.usual;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.data.Data;
import wegweiser.core.data.Entry;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.route.Router;
import wegweiser.core.words.Titles;

/**
 * A cable that others build too.
 *
 * @param kind what it is for, by which cables are listed together
 * @param ends both ends, as they are when nothing is joined yet
 * @param plan how they are joined
 * @param first whether it is among the few that are offered before one looks for more
 * @param explained rules whose error is meant, since the pitfalls speak of it
 */
public record UsualCable(String id, Kind kind, List<End> ends, CableUse cable, Plan plan, boolean first,
        List<String> explained) {
    private static final List<UsualCable> ALL = new Entry(Data.json("usual-cables.json"), "").list("cables",
            UsualCable::of);

    /** What a cable is for. */
    public enum Kind implements HasId {
        SERIAL,
        DIFFERENTIAL,
        NETWORK,
        TELEPHONE,
        AUDIO,
        SENSOR,
        USB,
        BOARD,
        RIBBON,
        COAX,
        VIDEO,
        SUPPLY,
        VEHICLE
    }

    /** How the ends are joined: by a scheme that follows from their pinouts, or by a wiring that has a name. */
    public sealed interface Plan {
        /** A scheme, by its word. */
        record ByScheme(String id) implements Plan {}

        /** A wiring of the program's table, by its id. */
        record ByWiring(String id) implements Plan {}
    }

    public UsualCable {
        ends = List.copyOf(ends);
        explained = List.copyOf(explained);
    }

    /** All that come with the program, in the order of their table. */
    public static List<UsualCable> all() {
        return ALL;
    }

    /**
     * The one that a job is like: the same connectors with the same on their contacts, whichever end comes first. A cable
     * whose contacts nobody has named is like none.
     */
    public static Optional<UsualCable> like(Job job) {
        List<String> ends = marks(job.ends());
        return job.ends().size() != 2 || job.ends().stream().allMatch(e -> e.pinout().isEmpty())
                ? Optional.empty()
                : ALL.stream().filter(c -> marks(c.ends).equals(ends)).findFirst();
    }

    /** What is on each end, in an order that does not hang on which comes first. */
    private static List<String> marks(List<End> ends) {
        return ends.stream().map(e -> e.connector() + " " + e.pinout().stream()
                .map(r -> r.contact() + "=" + r.signal().orElse("")).sorted().toList()).sorted().toList();
    }

    public String title() {
        return Titles.of("usual." + id);
    }

    /** What goes wrong with it, in two sentences. */
    public String pitfalls() {
        return Titles.of("usual." + id + ".note");
    }

    /** What to ask before it is trusted. */
    public List<String> ask() {
        return Arrays.stream(Titles.of("usual." + id + ".ask").split("\\s*\\|\\s*")).toList();
    }

    /** The job that it is, planned and not yet built; works out its scheme, so some milliseconds. */
    public Job job() {
        Job job = Job.of(title(), ends, List.of(), List.of()).withCable(cable);
        return job.withLinks(switch (plan) {
            case Plan.ByScheme(String scheme) -> Router.schemes(job).stream()
                    .filter(s -> s.id().equals(scheme))
                    .findFirst().orElseThrow(() -> new IllegalStateException(id + " has no scheme " + scheme))
                    .links();
            case Plan.ByWiring(String wiring) -> PlannedWiring.links(job, wiring);
        });
    }

    private static UsualCable of(Entry entry) {
        String id = entry.text("id");
        List<End> ends = entry.list("ends", e -> end(e, id));
        return new UsualCable(id, HasId.find(Kind.class, entry.text("kind")).orElseThrow(),
                ends,
                CableUse.of(entry.text("cable"), entry.number("lengthMm").orElseThrow()),
                entry.word("scheme").<Plan>map(Plan.ByScheme::new)
                        .orElseGet(() -> new Plan.ByWiring(entry.text("wiring"))),
                entry.flag("first"), entry.list("explained", e -> e.node().asText()));
    }

    private static End end(Entry entry, String id) {
        String name = entry.place().endsWith("[0]") ? "A" : "B";
        Optional<NamedPinout> pinout = entry.word("pinout").map(p -> NamedPinout.find(p).orElseThrow());
        End end = End.of(name, Titles.of("usual." + id + "." + name.toLowerCase(Locale.ROOT)),
                entry.text("connector"), pinout.map(NamedPinout::rows).orElse(List.of()))
                .withRole(pinout.flatMap(NamedPinout::role));
        return entry.word("port").map(end::withPort).orElse(end);
    }
}
