package wegweiser.core.belief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.data.Priors;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;
import wegweiser.core.wiring.EndChange;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.PairMatrix;
import wegweiser.core.wiring.Partition;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.words.Words;

/**
 * The wirings a cable may be expected to have: each named wiring that fits its connectors, straight and
 * reversed where the contacts allow it, the job's own plan, and each of these spoilt by one typical mistake.
 * Equal wirings are merged and their weights added, so that no two hypotheses predict the same in every touch.
 */
public final class Hypotheses {
    /** Share of the belief in a sound wiring, in one with a mistake, and in none of these. */
    static final double SOUND = Priors.of("cable.sound");
    static final double SPOILT = Priors.of("cable.spoilt");
    static final double OTHER = Priors.of("cable.other");
    static final double CHANGED = Priors.of("cable.changed");
    private static final double SHORT_SHARE = Priors.of("spoilt.short");
    /** A short between contacts that do not lie next to each other, against one between neighbours. */
    private static final double FAR_SHORT = Priors.of("short.far");
    private static final double OPEN_SHARE = Priors.of("spoilt.open");
    private static final double SHELLS_JOINED = Priors.of("shells.joined");

    /** Terminals times hypotheses that are weighed with every touch. */
    private static final int MOST_LABELS = 1_200_000;

    private final TerminalIndex index;
    private final List<NamedWiring> known;
    private final Map<String, List<EndChange>> mistakes = new HashMap<>();
    private final Map<Partition, Hypothesis> found = new LinkedHashMap<>();

    private Hypotheses(TerminalIndex index, List<NamedWiring> known) {
        this.index = index;
        this.known = known;
    }

    /** The hypotheses for a job, weights summing to 1 less the share of "none of these". */
    public static List<Hypothesis> of(Job job, TerminalIndex index, List<NamedWiring> known) {
        Hypotheses all = new Hypotheses(index, known);
        List<Hypothesis> sound = all.sound(job);
        double total = sound.stream().mapToDouble(Hypothesis::weight).sum();
        for (Hypothesis h : sound) {
            all.add(h.title(), h.named(), h.partition(), SOUND * h.weight() / total);
        }
        // the likeliest first, and no more mistakes than can be weighed while a person waits
        List<Hypothesis> byWeight = sound.stream().sorted(Comparator.comparingDouble(h -> -h.weight()))
                .toList();
        int most = Math.max(sound.size(), MOST_LABELS / Math.max(1, index.size()));
        for (Hypothesis h : byWeight) {
            if (all.found.size() < most) {
                all.spoil(job, h, SPOILT * h.weight() / total, most);
            }
        }
        return List.copyOf(all.found.values());
    }

    /** The wirings without a mistake that a cable may be expected to have, weights on a scale of their own. */
    public static List<Hypothesis> sound(Job job, TerminalIndex index, List<NamedWiring> known) {
        return new Hypotheses(index, known).sound(job);
    }

    /** The pairs of terminals that some wiring joins. */
    public static PairMatrix joins(TerminalIndex index, List<Hypothesis> sound) {
        PairMatrix pairs = new PairMatrix(index.size());
        for (Hypothesis h : sound) {
            for (int a = 0; a < index.size(); a++) {
                for (int b = a + 1; b < index.size(); b++) {
                    if (h.partition().isJoined(a, b)) {
                        pairs.markBoth(a, b);
                    }
                }
            }
        }
        return pairs;
    }

    private List<Hypothesis> sound(Job job) {
        Map<Partition, Hypothesis> sound = new LinkedHashMap<>();
        if (!job.links().isEmpty()) {
            put(sound, new Hypothesis(Words.say("hypothesis.plan"), Optional.empty(),
                    Nets.of(index, job.links()).partition(), Priors.of("job.plan")));
        }
        byName(job, sound);
        Catalogue catalogue = Catalogue.of(job);
        if (job.ends().size() > 2) {
            SeveralEnds.of(job, index).forEach(h -> put(sound, h));
        }
        for (int i = 0; i < job.ends().size(); i++) {
            for (int j = i + 1; j < job.ends().size(); j++) {
                Optional<ConnectorType> near = catalogue.of(job.ends().get(i));
                Optional<ConnectorType> far = catalogue.of(job.ends().get(j));
                if (near.isPresent() && far.isPresent()) {
                    between(job.ends().get(i), near.get(), job.ends().get(j), far.get(), sound);
                }
            }
        }
        return new ArrayList<>(sound.values());
    }

    /** What the pinouts suggest: contacts of one name joined, or each signal joined to its partner. */
    private void byName(Job job, Map<Partition, Hypothesis> sound) {
        List<Pin> pins = Pin.of(job).stream().filter(p -> !p.signal().isEmpty()).toList();
        for (boolean crossed : new boolean[]{false, true}) {
            List<Link> links = new ArrayList<>();
            for (int i = 0; i < pins.size(); i++) {
                String wanted = crossed
                        ? Signals.partner(pins.get(i).signal()).orElse(pins.get(i).signal())
                        : pins.get(i).signal();
                for (int j = i + 1; j < pins.size(); j++) {
                    boolean otherEnd = !pins.get(i).terminal().end().equals(pins.get(j).terminal().end());
                    if (otherEnd && pins.get(j).signal().equals(wanted)) {
                        links.add(Link.of(pins.get(i).terminal(), pins.get(j).terminal()));
                    }
                }
            }
            if (links.size() > 1) {
                put(sound,
                        new Hypothesis(Words.say(crossed ? "hypothesis.by-partner" : "hypothesis.by-name"),
                                Optional.empty(),
                                Nets.of(index, links).partition(), Priors.of("job.names")));
            }
        }
    }

    private void between(End near, ConnectorType nearType, End far, ConnectorType farType,
            Map<Partition, Hypothesis> sound) {
        for (Recogniser.Candidate c : Recogniser.candidates(nearType.family(), farType.family(), known)) {
            Partition partition = Nets.of(index, c.wiring(), near.name(), far.name()).partition();
            String title = titled(c.named().title(), near, far);
            put(sound, new Hypothesis(title, Optional.of(c.named()), partition, c.named().weight()));
            boolean shells = nearType.has(Contact.SHELL) && farType.has(Contact.SHELL);
            if (shells) {
                Partition joined = partition.joining(index.of(near.terminal(Contact.SHELL)),
                        index.of(far.terminal(Contact.SHELL)));
                put(sound,
                        new Hypothesis(Words.say("hypothesis.shells", title),
                                Optional.of(c.named()),
                                joined, SHELLS_JOINED * c.named().weight()));
            }
        }
        List<String> nearIds = nearType.pinIds();
        List<String> farIds = farType.pinIds();
        if (Recogniser.candidates(nearType.family(), farType.family(), known).isEmpty()) {
            List<Link> straight = new ArrayList<>();
            List<Link> reversed = new ArrayList<>();
            for (int k = 0; k < Math.min(nearIds.size(), farIds.size()); k++) {
                straight.add(Link.of(near.terminal(nearIds.get(k)), far.terminal(farIds.get(k))));
                reversed.add(Link.of(near.terminal(nearIds.get(k)),
                        far.terminal(farIds.get(farIds.size() - 1 - k))));
            }
            put(sound, new Hypothesis(titled(Words.say("hypothesis.straight"), near, far), Optional.empty(),
                    Nets.of(index, straight).partition(), Priors.of("job.straight")));
            put(sound, new Hypothesis(titled(Words.say("hypothesis.reversed"), near, far), Optional.empty(),
                    Nets.of(index, reversed).partition(), Priors.of("job.reversed")));
        }
    }

    /** With more than two ends it must be said between which of them. */
    private String titled(String title, End near, End far) {
        long ends = index.terminals().stream().map(Terminal::end).distinct().count();
        return ends > 2 ? Words.say("hypothesis.between", title, near.name(), far.name()) : title;
    }

    private static void put(Map<Partition, Hypothesis> into, Hypothesis h) {
        into.merge(h.partition(), h, Hypotheses::merged);
    }

    private static Hypothesis merged(Hypothesis first, Hypothesis more) {
        return new Hypothesis(first.title(), first.named().or(more::named), first.partition(),
                first.weight() + more.weight());
    }

    private void add(String title, Optional<NamedWiring> named, Partition partition, double weight) {
        put(found, new Hypothesis(title, named, partition, weight));
    }

    private void spoil(Job job, Hypothesis h, double weight, int most) {
        Nets nets = new Nets(index, h.partition());
        Catalogue catalogue = Catalogue.of(job);
        double changeShare = weight * (1 - SHORT_SHARE - OPEN_SHARE) / Math.max(1, job.ends().size());
        for (End end : job.ends()) {
            Optional<ConnectorType> type = catalogue.of(end);
            if (type.isEmpty()) {
                continue;
            }
            List<EndChange> changes = mistakes.computeIfAbsent(type.get().id(),
                    _ -> EndChange.all(type.get()));
            double total = changes.stream().mapToDouble(EndChange::weight).sum();
            for (EndChange change : changes) {
                Superseded.check();
                if (found.size() >= most) {
                    break;
                }
                Nets spoilt = change.applyTo(nets, end.name());
                if (!spoilt.equals(nets)) {
                    add(Words.say("hypothesis.spoilt." + change.kind().id(), h.title(), end.name(),
                            Words.list(change.what())), Optional.empty(), spoilt.partition(),
                            changeShare * change.weight() / total);
                }
            }
        }
        opens(h, weight * OPEN_SHARE);
        if (found.size() < most) {
            shorts(job, catalogue, h, weight * SHORT_SHARE, index.size() * index.size() / 2 < most);
        }
    }

    private void opens(Hypothesis h, double share) {
        int[] members = IntStream.range(0, index.size())
                .filter(i -> h.partition().members(h.partition().root(i)) > 1).toArray();
        for (int i : members) {
            add(Words.say("hypothesis.open", h.title(), index.get(i)), Optional.empty(),
                    h.partition().without(i), share / members.length);
        }
    }

    /** @param far whether shorts between contacts that are no neighbours are told apart as well */
    private void shorts(Job job, Catalogue catalogue, Hypothesis h, double share, boolean far) {
        Map<List<Integer>, Double> pairs = new HashMap<>();
        for (End end : job.ends()) {
            ConnectorType type = catalogue.of(end).orElse(null);
            if (type == null) {
                continue;
            }
            List<String> ids = type.pinIds();
            for (int i = 0; i < ids.size(); i++) {
                List<String> near = type.neighbours(ids.get(i));
                for (int j = i + 1; j < ids.size(); j++) {
                    int a = h.partition().root(index.of(end.terminal(ids.get(i))));
                    int b = h.partition().root(index.of(end.terminal(ids.get(j))));
                    if (a != b && (far || near.contains(ids.get(j)))) {
                        pairs.merge(List.of(Math.min(a, b), Math.max(a, b)),
                                near.contains(ids.get(j)) ? 1.0 : FAR_SHORT, Double::sum);
                    }
                }
            }
        }
        double total = pairs.values().stream().mapToDouble(Double::doubleValue).sum();
        pairs.forEach((pair, weight) -> {
            add(Words.say("hypothesis.short", h.title(), index.get(pair.get(0)), index.get(pair.get(1))),
                    Optional.empty(),
                    h.partition().joining(pair.get(0), pair.get(1)), share * weight / total);
        });
    }
}
