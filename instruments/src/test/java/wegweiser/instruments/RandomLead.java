package wegweiser.instruments;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;

/** Leads of up to five contacts an end as no list has them: joins anywhere, within ends too, and parts and leaks. */
final class RandomLead {
    private static final double[] OHMS = {10, 33, 50, 100, 120, 470, 1000, 4700, 47_000, 470_000};

    private final SplittableRandom random;

    RandomLead(long seed) {
        this.random = new SplittableRandom(seed);
    }

    Job next() {
        Job bare = Job.of("random", List.of(
                End.of("A", "Here", "terminal-" + (2 + random.nextInt(4)), List.of()),
                End.of("B", "There", "terminal-" + (2 + random.nextInt(4)), List.of())), List.of(),
                List.of());
        List<Link> links = new ArrayList<>();
        List<Terminal> all = Terminals.of(bare);
        for (Terminal a : all) {
            if (a.end().equals("A") && random.nextInt(10) < 7) {
                links.add(Link.of(a, any(all.stream().filter(t -> t.end().equals("B")).toList())));
            } else if (random.nextInt(10) < 2) {
                links.add(Link.of(a, any(all)));
            }
        }
        links.removeIf(l -> l.to().orElseThrow().equals(l.from()));
        return withParts(bare.withLinks(links), random.nextInt(4));
    }

    /** With so many more parts, each between two nets that have none between them yet. */
    Job withParts(Job job, int parts) {
        List<Link> links = new ArrayList<>(job.links());
        for (int k = 0; k < parts; k++) {
            Nets nets = Nets.of(new TerminalIndex(Terminals.of(job)), links);
            Terminal a = any(nets.index().terminals());
            Terminal b = any(nets.index().terminals());
            boolean taken = links.stream().anyMatch(l -> !l.isCopper()
                    && (nets.joined(l.from(), a) && nets.joined(l.to().orElseThrow(), b)
                            || nets.joined(l.from(), b) && nets.joined(l.to().orElseThrow(), a)));
            if (!nets.joined(a, b) && !taken) {
                addBetween(links, a, b);
            }
        }
        return job.withLinks(links);
    }

    /** One part, or several beside each other: a clamp of two diodes, a diode beside a resistor, both. */
    private void addBetween(List<Link> links, Terminal a, Terminal b) {
        int kind = random.nextInt(20);
        if (kind < 15) {
            links.add(Link.of(a, b).withPart(kind < 4 ? diode() : leak()));
            return;
        }
        links.add(Link.of(a, b).withPart(diode()));
        if (kind != 15) {
            links.add(Link.of(a, b).withPart(leak()));
        }
        if (kind < 18) {
            links.add(Link.of(b, a).withPart(diode()));
        }
    }

    private Part diode() {
        return random.nextInt(6) == 0 ? Part.diode(1.9) : Part.of(PartKind.DIODE);
    }

    private Part leak() {
        return Part.resistor(random.nextBoolean()
                ? OHMS[random.nextInt(OHMS.length)]
                : Math.rint(Math.pow(10, 1.7 + 4 * random.nextDouble())));
    }

    /** The same with one thing other than it was: a wire gone or more, a part gone, more, of another value or turned round. */
    Job spoilt(Job job) {
        List<Link> links = new ArrayList<>(job.links());
        List<Terminal> all = Terminals.of(job);
        List<Integer> parts = IntStream.range(0, links.size()).filter(k -> !links.get(k).isCopper()).boxed()
                .toList();
        switch (random.nextInt(5)) {
            case 0 -> {
                if (!links.isEmpty()) {
                    links.remove(random.nextInt(links.size()));
                }
            }
            case 1 -> links.add(0, Link.of(any(all), any(all)));
            case 2 -> {
                return withParts(job, 1);
            }
            case 3 -> {
                if (!parts.isEmpty()) {
                    int k = parts.get(random.nextInt(parts.size()));
                    Link link = links.get(k);
                    links.set(k, link.is(PartKind.DIODE)
                            ? Link.of(link.to().orElseThrow(), link.from())
                                    .withPart(link.part().orElseThrow())
                            : link.withPart(leak()));
                }
            }
            default -> {
                if (parts.size() > 1) {
                    Link one = links.get(parts.get(0));
                    Link other = links.get(parts.get(1));
                    links.set(parts.get(0), one.withPart(other.part().orElseThrow()));
                    links.set(parts.get(1), other.withPart(one.part().orElseThrow()));
                }
            }
        }
        links.removeIf(l -> l.to().orElseThrow().equals(l.from()));
        return job.withLinks(links);
    }

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }
}
