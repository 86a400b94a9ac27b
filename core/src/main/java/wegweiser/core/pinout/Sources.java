package wegweiser.core.pinout;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.signals.Signals;
import wegweiser.core.words.Words;

/** The sources of a pinout: adding one, renumbering one, and deciding between them. Nothing that a source said is lost. */
public final class Sources {
    private Sources() {}

    /** The names of all sources of an end, in the order of their first mention. */
    public static List<String> of(End end) {
        Set<String> names = new LinkedHashSet<>();
        end.pinout().forEach(row -> row.sources().forEach(s -> names.add(s.source())));
        return List.copyOf(names);
    }

    /** What a source is called where a person reads it. */
    public static String shown(String source) {
        return Words.sayIfThere("source." + source.replace(' ', '-')).orElse(source);
    }

    /** Whether a source settles a row whatever the others say. */
    public static boolean settles(PinSource source) {
        return source.source().equals(PinSource.MEASURED) || source.source().equals(PinSource.DECIDED);
    }

    /** A row whose name was typed in becomes its own first source, before another is added. */
    public static PinRow asEntered(PinRow row) {
        return row.sources().isEmpty() && !row.label().isEmpty()
                ? row.withSources(List.of(PinSource.of(PinSource.ENTERED,
                        row.name().or(row::signal).orElse(""), row.signal())))
                : row;
    }

    /**
     * An end with one more source. Where nothing was known the source's row is taken; where there is a row, the
     * source is added beside it.
     */
    public static End add(End end, String source, List<PinRow> rows) {
        End result = end;
        for (PinRow said : rows) {
            PinRow before = asEntered(
                    result.row(said.contact()).orElseGet(() -> PinRow.named(said.contact())));
            List<PinSource> sources = new ArrayList<>(before.sources());
            sources.removeIf(s -> s.source().equals(source));
            sources.add(PinSource.of(source, said.name().or(said::signal).orElse(""), said.signal()));
            PinRow merged = before.label().isEmpty()
                    ? new PinRow(said.contact(), said.name(), said.signal(), said.direction(), said.level(),
                            said.volts(), said.voltsMax(), said.amps(), said.pair(), sources, said.optional(),
                            before.extra())
                    : new PinRow(before.contact(), before.name(), before.signal(),
                            before.direction().or(said::direction), before.level().or(said::level),
                            before.volts().isPresent() ? before.volts() : said.volts(),
                            before.volts().isPresent() ? before.voltsMax() : said.voltsMax(),
                            before.amps().isPresent() ? before.amps() : said.amps(),
                            before.pair().or(said::pair), sources, before.optional(), before.extra());
            result = result.withRow(merged);
        }
        return result;
    }

    /** Settles one row by hand for what a source says; the others stay on record. */
    public static End decide(End end, String contact, String source) {
        PinRow row = end.row(contact).orElseThrow();
        PinSource chosen = row.sources().stream().filter(s -> s.source().equals(source)).findFirst()
                .orElseThrow();
        String signal = signal(chosen);
        List<PinSource> sources = new ArrayList<>(row.sources());
        sources.removeIf(s -> s.source().equals(PinSource.DECIDED));
        sources.add(PinSource.decided(chosen.name(), signal, source));
        boolean same = Signals.canonical(row.label()).equals(signal);
        PinRow settled = new PinRow(contact, Optional.of(chosen.name()).filter(n -> !n.isBlank()),
                Optional.of(signal), same ? row.direction() : Optional.empty(), row.level(), row.volts(),
                row.voltsMax(),
                row.amps(),
                row.pair(), sources, row.optional(), row.extra());
        return end.withRow(settled);
    }

    /**
     * Moves what a source said to the contacts it meant.
     *
     * @param meant number in the source to the contact on the part; numbers that are missing stay
     */
    public static End renumber(End end, String source, Map<String, String> meant) {
        List<PinSource> moved = new ArrayList<>();
        List<String> to = new ArrayList<>();
        End result = end;
        for (PinRow row : end.pinout()) {
            for (PinSource s : row.sources()) {
                if (s.source().equals(source)) {
                    moved.add(s.withContact(s.contact().orElse(row.contact())));
                    to.add(meant.getOrDefault(row.contact(), row.contact()));
                }
            }
            List<PinSource> rest = row.sources().stream().filter(s -> !s.source().equals(source)).toList();
            boolean only = rest.isEmpty() && !row.sources().isEmpty();
            result = result.withRow(only
                    ? new PinRow(row.contact(), Optional.empty(), Optional.empty(), Optional.empty(),
                            Optional.empty(),
                            row.volts(), row.voltsMax(), row.amps(), Optional.empty(), rest, row.optional(),
                            row.extra())
                    : row.withSources(rest));
        }
        for (int k = 0; k < moved.size(); k++) {
            PinSource s = moved.get(k);
            PinRow row = result.row(to.get(k)).orElseGet(() -> PinRow.named(""));
            PinRow base = row.contact().isEmpty() ? PinRow.named(to.get(k)) : row;
            List<PinSource> sources = new ArrayList<>(base.sources());
            sources.add(s);
            PinRow named = base.label().isEmpty()
                    ? new PinRow(base.contact(), Optional.of(s.name()), Optional.of(signal(s)),
                            Optional.empty(),
                            base.level(), base.volts(), base.voltsMax(), base.amps(), base.pair(), sources,
                            base.optional(),
                            base.extra())
                    : base.withSources(sources);
            result = result.withRow(named);
        }
        return result;
    }

    /** What a source says in the canonical name. */
    public static String signal(PinSource source) {
        return Signals.canonical(source.signal().orElse(source.name()));
    }
}
