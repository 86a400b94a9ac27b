package wegweiser.core.derived;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * Which conductor belongs to which contact of an end that stays on its cable, as far as it was measured on the loose leads
 * behind it. A loose lead is a terminal of the end that is still to be made, called by its colour. Once that end has its
 * connector, the readings taken before are set aside and go on to count here.
 */
public record LooseLeads(Map<Terminal, String> colours) {
    private static final int GUESSED_AWG = 26;
    private static final String OWN = "lead";
    private static final List<String> STEREO = List.of("tip", "ring", "sleeve");

    public LooseLeads {
        colours = Map.copyOf(colours);
    }

    /** What was measured on the loose leads of a job; nothing where no end stays. O(readings x leads). */
    public static LooseLeads of(Job job) {
        Map<Terminal, String> found = new HashMap<>();
        List<Reading> readings = readings(job);
        if (readings.isEmpty()) {
            return new LooseLeads(found);
        }
        Set<Terminal> touched = new LinkedHashSet<>();
        readings.forEach(r -> {
            touched.addAll(r.red());
            touched.addAll(r.black());
        });
        Evidence evidence = new Evidence(new TerminalIndex(new ArrayList<>(touched)), readings);
        for (Terminal contact : touched) {
            for (Terminal lead : touched) {
                if (job.keeps(contact.end()) && isLoose(job, lead)
                        && evidence.state(contact, lead).isJoined()) {
                    found.put(contact, lead.contact());
                }
            }
        }
        byTrial(job, evidence, touched, found);
        return new LooseLeads(found);
    }

    /**
     * What trials with the device tell: of three leads behind a stereo plug the one that stands alone goes to the tip, as the
     * mono socket of the device has ring and sleeve together. Where the plan joins these two, it does not matter which of the
     * other leads is which.
     */
    private static void byTrial(Job job, Evidence evidence, Set<Terminal> touched,
            Map<Terminal, String> found) {
        List<Terminal> leads = touched.stream().filter(t -> isLoose(job, t)).sorted().toList();
        for (String kept : job.kept()) {
            End end = job.end(kept).orElseThrow();
            boolean stereo = Catalogue.of(job).of(end).filter(t -> t.kind() == ConnectorKind.JACK)
                    .filter(t -> t.ids().equals(STEREO)).isPresent();
            List<Terminal> alone = leads.stream().filter(a -> leads.stream().allMatch(b -> a.equals(b)
                    || evidence.sameSide(a, b).filter(same -> !same).isPresent())).toList();
            if (!stereo || leads.size() != STEREO.size() || alone.size() != 1) {
                continue;
            }
            found.putIfAbsent(end.terminal("tip"), alone.getFirst().contact());
            List<String> others = leads.stream().map(Terminal::contact)
                    .filter(c -> !c.equals(alone.getFirst().contact()) && !found.containsValue(c)).toList();
            Terminal ring = end.terminal("ring");
            Terminal sleeve = end.terminal("sleeve");
            if (others.size() == 2 && Nets.planned(job).joined(ring, sleeve)) {
                // as the plan has them, if it says so: either way round is right
                boolean swapped = planned(job, ring).filter(others.getLast()::equals).isPresent()
                        || planned(job, sleeve).filter(others.getFirst()::equals).isPresent();
                found.putIfAbsent(ring, swapped ? others.getLast() : others.getFirst());
                found.putIfAbsent(sleeve, swapped ? others.getFirst() : others.getLast());
            }
        }
    }

    private static Optional<String> planned(Job job, Terminal contact) {
        return job.links().stream().filter(l -> l.touches(contact) && !l.isWithinOneEnd())
                .flatMap(l -> l.conductor().stream()).findFirst();
    }

    private static List<Reading> readings(Job job) {
        if (job.kept().isEmpty()) {
            return List.of();
        }
        return Stream.concat(
                job.setAside().stream().filter(s -> s.why().equals(SetAside.LOOSE_LEADS))
                        .flatMap(s -> s.readings().stream()),
                job.readings().stream()).filter(
                        r -> Stream.concat(r.red().stream(), r.black().stream())
                                .anyMatch(t -> isLoose(job, t)))
                .toList();
    }

    /** Whether a terminal is a lead of the cable at an end that has no connector there yet. */
    public static boolean isLoose(Job job, Terminal terminal) {
        boolean made = job.end(terminal.end()).flatMap(Catalogue.of(job)::of)
                .filter(t -> t.has(terminal.contact())).isPresent();
        return !job.kept().isEmpty() && !job.keeps(terminal.end()) && !made
                && Cables.of(job).map(CableStock::conductors).orElse(List.of()).contains(terminal.contact());
    }

    /** The measured conductor at a contact. */
    public Optional<String> at(Terminal contact) {
        return Optional.ofNullable(colours.get(contact));
    }

    /** The job with the leads of its cable as rows of an end without a connector, so that they can be touched by name. */
    public static Job named(Job job, String end) {
        List<String> conductors = Cables.of(job).map(CableStock::conductors).orElse(List.of());
        return job.withEnd(end, e -> e.connector().equals(End.LEADS)
                ? conductors.stream().filter(c -> e.row(c).isEmpty()).map(PinRow::named)
                        .reduce(e, End::withRow, (a, _) -> a)
                : e);
    }

    /**
     * The job with a connector at an end. Where loose leads behind an end that stays were there before, their colours are those
     * of the cable from now on, and what was measured on them is set aside and goes on to tell where they belong.
     */
    public static Job given(Job job, String end, String connector) {
        boolean loose = job.kept().stream().anyMatch(k -> !k.equals(end))
                && job.end(end).filter(e -> e.connector().equals(End.LEADS)).isPresent()
                && !connector.equals(End.LEADS);
        if (!loose) {
            return job.withEnd(end, e -> e.withConnector(connector));
        }
        Map<String, String> codes = codes(job.end(end).orElseThrow());
        List<String> colours = List.copyOf(new LinkedHashSet<>(codes.values()));
        Job known = Cables.of(job).isPresent() || colours.isEmpty()
                ? job
                : job.withCable(job.cable().withStock(OWN,
                        Optional.of(new CableStock(OWN, Words.say("lead.title"),
                                colours, GUESSED_AWG, List.of(), GUESSED_AWG, List.of(), "", 0, 0, true,
                                false, true,
                                OptionalDouble.empty(), ""))));
        List<Reading> coded = job.readings().stream().map(r -> coded(r, end, codes)).toList();
        return known.withReadings(coded).withReadingsSetAside(SetAside.LOOSE_LEADS)
                .withEnd(end, e -> e.withConnector(connector).withPinout(List.of()));
    }

    /** The leads of an end by the codes of their colours, where they are called by words. */
    private static Map<String, String> codes(End end) {
        Map<String, String> found = new LinkedHashMap<>();
        for (PinRow row : end.pinout()) {
            String code = ColourCode.of(row.contact().toLowerCase(Locale.ROOT)).orElse(row.contact());
            found.put(row.contact(), found.containsValue(code) ? row.contact() : code);
        }
        return found;
    }

    private static Reading coded(Reading reading, String end, Map<String, String> codes) {
        return new Reading(reading.mode(),
                new Touch(coded(reading.red(), end, codes), coded(reading.black(), end, codes)),
                reading.outcome(), reading.how(), reading.at(), reading.extra());
    }

    private static List<Terminal> coded(List<Terminal> side, String end, Map<String, String> codes) {
        return side.stream().map(t -> t.end().equals(end)
                ? new Terminal(end, codes.getOrDefault(t.contact(), t.contact()))
                : t).toList();
    }
}
