package wegweiser.benchmarks.report;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.EndChange;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Partition;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.wiring.Wiring;

/**
 * Cables as they may lie on a bench: half of them wired as some named wiring, three tenths so but with one mistake (a
 * quarter of those a short), a fifth joined at random in part.
 */
final class CableMix {
    private static final double NAMED = 0.5;
    private static final double SPOILT = 0.3;
    private static final double SHORT = 0.25;
    private static final double OPEN = 0.2;

    /** Of the cables with changes, those with two. */
    private static final double TWO = 0.4;

    private final Job job;
    private final TerminalIndex index;
    private final List<Recogniser.Candidate> named;
    private final Map<Nets, Double> listed = new HashMap<>();

    CableMix(String near, String far) {
        job = Job.of(near + " to " + far,
                List.of(End.of("A", "", near, List.of()), End.of("B", "", far, List.of())),
                List.of(), List.of());
        index = new TerminalIndex(Terminals.of(job));
        named = Recogniser.candidates(type(0).family(), type(1).family());
        list();
    }

    Job job() {
        return job;
    }

    TerminalIndex index() {
        return index;
    }

    private ConnectorType type(int end) {
        return Catalogue.standard().of(job.ends().get(end)).orElseThrow();
    }

    /** The named wirings of this pair of connectors. */
    List<Recogniser.Candidate> named() {
        return named;
    }

    /** Which cables are drawn: as this class says, each with one or two changes, or joined at random. */
    enum Kind {
        HOUSE,
        CHANGED,
        RANDOM
    }

    /** The nets of a cable of some kind drawn at random. */
    Nets draw(Kind kind, SplittableRandom random) {
        return switch (kind) {
            case HOUSE -> draw(random);
            case CHANGED -> named.isEmpty() ? partial(random) : changed(nets(choose(random)), random);
            case RANDOM -> partial(random);
        };
    }

    /** A cable with one change, or in two of five cases with two, of which its builder knew and no list does. */
    private Nets changed(Nets sound, SplittableRandom random) {
        Nets nets = sound;
        for (int left = random.nextDouble() < TWO ? 2 : 1; left > 0;) {
            Nets next = change(nets, random);
            left -= next.equals(nets) ? 0 : 1;
            nets = next;
        }
        return nets;
    }

    private Nets change(Nets nets, SplittableRandom random) {
        String end = random.nextBoolean() ? "A" : "B";
        List<String> ids = type(end.equals("A") ? 0 : 1).pinIds();
        String one = ids.get(random.nextInt(ids.size()));
        String other = ids.get(random.nextInt(ids.size()));
        double kind = random.nextDouble();
        if (kind < 0.3) {
            return opened(nets, end, one);
        }
        if (kind < 0.65) {
            return one.equals(other) ? nets : exchanged(nets, end, one, other);
        }
        if (kind < 0.8) {
            List<String> far = type(end.equals("A") ? 1 : 0).pinIds();
            int a = index.of(new Terminal(end, one));
            int b = index.of(new Terminal(end.equals("A") ? "B" : "A", far.get(random.nextInt(far.size()))));
            return nets.partition().isAlone(a) && nets.partition().isAlone(b)
                    ? new Nets(index, nets.partition().joining(a, b))
                    : nets;
        }
        List<String> near = type(end.equals("A") ? 0 : 1).neighbours(one);
        return kind < 0.95
                ? shorted(nets, end, one, near.get(random.nextInt(near.size())))
                : shorted(nets, end, one, other);
    }

    private Nets exchanged(Nets nets, String end, String one, String other) {
        int a = index.of(new Terminal(end, one));
        int b = index.of(new Terminal(end, other));
        int[] labels = IntStream.range(0, nets.partition().size()).map(nets.partition()::root).toArray();
        int kept = labels[a];
        labels[a] = labels[b];
        labels[b] = kept;
        return new Nets(index, Partition.of(labels));
    }

    /** The nets of a cable drawn at random. */
    Nets draw(SplittableRandom random) {
        double kind = random.nextDouble();
        if (kind >= NAMED + SPOILT || named.isEmpty()) {
            return partial(random);
        }
        Nets sound = nets(choose(random));
        return kind < NAMED ? sound : spoilt(sound, random);
    }

    private Wiring choose(SplittableRandom random) {
        double left = random.nextDouble() * named.stream().mapToDouble(c -> c.named().weight()).sum();
        for (Recogniser.Candidate candidate : named) {
            left -= candidate.named().weight();
            if (left < 0) {
                return candidate.wiring();
            }
        }
        return named.getLast().wiring();
    }

    /** The nets of a wiring between the two ends. */
    Nets nets(Wiring wiring) {
        return Nets.of(index, wiring, "A", "B");
    }

    private Nets spoilt(Nets sound, SplittableRandom random) {
        int end = random.nextInt(2);
        String name = end == 0 ? "A" : "B";
        double kind = random.nextDouble();
        List<String> ids = type(end).pinIds();
        String one = ids.get(random.nextInt(ids.size()));
        if (kind < SHORT) {
            List<String> near = type(end).neighbours(one);
            return shorted(sound, name, one, near.get(random.nextInt(near.size())));
        }
        if (kind < SHORT + OPEN) {
            return opened(sound, name, one);
        }
        List<EndChange> changes = EndChange.all(type(end));
        double left = random.nextDouble() * changes.stream().mapToDouble(EndChange::weight).sum();
        for (EndChange change : changes) {
            left -= change.weight();
            if (left < 0) {
                return change.applyTo(sound, name);
            }
        }
        return sound;
    }

    private void list() {
        double total = named.stream().mapToDouble(c -> c.named().weight()).sum();
        for (Recogniser.Candidate candidate : named) {
            double weight = candidate.named().weight() / total;
            Nets sound = nets(candidate.wiring());
            listed.merge(sound, NAMED * weight, Double::sum);
            for (int end = 0; end < 2; end++) {
                spoilt(sound, end, SPOILT * weight / 2);
            }
        }
    }

    /**
     * Every cable of the mix and how likely it is, those joined at random included: for connectors of few contacts, there are
     * 209 of these between two times four.
     */
    Map<Nets, Double> cables() {
        Map<Nets, Double> all = new HashMap<>(listed);
        double share = named.isEmpty() ? 1 : 1 - NAMED - SPOILT;
        int most = Math.min(type(0).pinIds().size(), type(1).pinIds().size());
        List<List<Link>> joined = new ArrayList<>();
        joinAll(0, List.of(), joined);
        for (List<Link> links : joined) {
            long alike = joined.stream().filter(o -> o.size() == links.size()).count();
            if (!links.isEmpty()) {
                all.merge(Nets.of(index, links), share / most / alike, Double::sum);
            }
        }
        return all;
    }

    /** Adds every way of joining contacts of the first end, from one on, each with at most one of the second. */
    private void joinAll(int from, List<Link> links, List<List<Link>> found) {
        List<String> near = type(0).pinIds();
        if (from == near.size()) {
            found.add(links);
            return;
        }
        joinAll(from + 1, links, found);
        for (String far : type(1).pinIds()) {
            Terminal to = new Terminal("B", far);
            if (links.stream().noneMatch(l -> l.to().orElseThrow().equals(to))) {
                List<Link> more = new ArrayList<>(links);
                more.add(Link.of(new Terminal("A", near.get(from)), to));
                joinAll(from + 1, more, found);
            }
        }
    }

    /** What a drawn cable tells, in bits: the logarithm of one over its share of the mix. */
    double bits(Nets cable) {
        Double share = listed.get(cable);
        if (share != null) {
            return -Math.log(share) / Math.log(2);
        }
        return randomBits(
                cable.partition().size() - cable.partition().count());
    }

    /** Whether a cable is one of those that have a name, with a mistake or without. */
    boolean isListed(Nets cable) {
        return listed.containsKey(cable);
    }

    private double randomBits(int joins) {
        int near = type(0).pinIds().size();
        int far = type(1).pinIds().size();
        double share = named.isEmpty() ? 1 : 1 - NAMED - SPOILT;
        double ways = 0;
        for (int k = 1; k <= joins; k++) {
            ways += (Math.log(near - k + 1) + Math.log(far - k + 1) - Math.log(k)) / Math.log(2);
        }
        return Math.log(Math.min(near, far) / share) / Math.log(2) + ways;
    }

    /**
     * Entropy of the mix in bits. Named and spoilt cables are listed one by one, those that are alike merged; random
     * ones are counted, each number of joins being as likely as another, and taken to be alike with none of the others.
     */
    double entropyBits() {
        double bits = 0;
        for (double p : listed.values()) {
            bits -= p * Math.log(p) / Math.log(2);
        }
        int most = Math.min(type(0).pinIds().size(), type(1).pinIds().size());
        double share = named.isEmpty() ? 1 : 1 - NAMED - SPOILT;
        for (int k = 1; k <= most; k++) {
            bits += share / most * randomBits(k);
        }
        return bits;
    }

    private void spoilt(Nets sound, int end, double weight) {
        String name = end == 0 ? "A" : "B";
        List<String> ids = type(end).pinIds();
        for (String id : ids) {
            List<String> near = type(end).neighbours(id);
            near.forEach(other -> listed.merge(shorted(sound, name, id, other),
                    weight * SHORT / ids.size() / near.size(), Double::sum));
            listed.merge(opened(sound, name, id), weight * OPEN / ids.size(), Double::sum);
        }
        List<EndChange> changes = EndChange.all(type(end));
        double total = changes.stream().mapToDouble(EndChange::weight).sum();
        changes.forEach(c -> listed.merge(c.applyTo(sound, name),
                weight * (1 - SHORT - OPEN) * c.weight() / total, Double::sum));
    }

    private Nets shorted(Nets sound, String end, String one, String other) {
        return new Nets(index, sound.partition().joining(index.of(new Terminal(end, one)),
                index.of(new Terminal(end, other))));
    }

    private Nets opened(Nets sound, String end, String contact) {
        return new Nets(index, sound.partition().without(index.of(new Terminal(end, contact))));
    }

    private Nets partial(SplittableRandom random) {
        List<String> near = new ArrayList<>(type(0).pinIds());
        List<String> far = new ArrayList<>(type(1).pinIds());
        int joins = 1 + random.nextInt(Math.min(near.size(), far.size()));
        List<Link> links = new ArrayList<>();
        for (int k = 0; k < joins; k++) {
            links.add(Link.of(new Terminal("A", near.remove(random.nextInt(near.size()))),
                    new Terminal("B", far.remove(random.nextInt(far.size())))));
        }
        return Nets.of(index, links);
    }
}
