package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Termination;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;

/** Cables that nobody planned: any connectors, any way of joining, any cable, components, ends that stay. */
final class RandomDesigns {
    private static final List<ConnectorType> TYPES = Catalogue.standard().all();

    private RandomDesigns() {}

    static Job of(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int count = random.nextInt(5) == 0 ? 3 + random.nextInt(2) : 2;
        List<End> ends = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            ConnectorType type = TYPES.get(random.nextInt(TYPES.size()));
            List<Termination> ways = type.methods();
            ends.add(End.of(String.valueOf((char) ('A' + k)), "Device " + k, type.id(), List.of())
                    .withTermination(Optional.of(ways.get(random.nextInt(ways.size())).id()))
                    .withPanel(random.nextInt(8) == 0).withResin(random.nextInt(8) == 0));
        }
        CableStock cable = Cables.all().get(random.nextInt(Cables.all().size()));
        Job job = Job.of("random", ends, List.of(), List.of())
                .withCable(CableUse.of(cable.id(), 200 + random.nextInt(4000)));
        List<Link> links = links(job, cable, random);
        List<Link> dressed = new ArrayList<>(Allocation.of(job.withLinks(links), links));
        if (cable.isScreened() && random.nextBoolean() && !dressed.isEmpty()) {
            Terminal from = dressed.getFirst().from();
            dressed.add(new Link(from, random.nextBoolean() ? dressed.getFirst().to() : Optional.empty(),
                    Optional.of("screen"), Optional.empty(), Optional.empty(), Extra.NONE));
        }
        List<String> kept = random.nextInt(4) == 0
                ? ends.stream().map(End::name).filter(_ -> random.nextBoolean()).toList()
                : List.of();
        return job.withLinks(dressed).withKept(kept).withSchools(schools(random));
    }

    private static Schools schools(SplittableRandom random) {
        return Schools.NONE.withCups(Schools.Cups.values()[random.nextInt(2)])
                .withCrimp(Schools.Crimp.values()[random.nextInt(3)])
                .withSplices(Schools.Splices.values()[random.nextInt(2)]);
    }

    private static List<Link> links(Job job, CableStock cable, SplittableRandom random) {
        List<Link> links = new ArrayList<>();
        for (int k = 1; k < job.ends().size(); k++) {
            List<String> here = pins(job, job.ends().get(random.nextInt(k)), random);
            End to = job.ends().get(k);
            List<String> there = pins(job, to, random);
            String from = here.removeFirst();
            there.removeFirst();
            int most = Math.min(Math.min(here.size(), there.size()), cable.conductors().size());
            for (int n = 0; n < 1 + random.nextInt(most); n++) {
                Link link = Link.of(new Terminal(from, here.get(n)), to.terminal(there.get(n)));
                links.add(random.nextInt(8) == 0 ? link.withPart(part(random)) : link);
            }
        }
        for (End end : job.ends()) {
            List<String> pins = pins(job, end, random);
            pins.removeFirst();
            if (pins.size() > 2 && random.nextInt(4) == 0) {
                links.add(Link.of(end.terminal(pins.get(0)), end.terminal(pins.get(1)))
                        .withPart(random.nextBoolean() ? Part.of(PartKind.JUMPER) : Part.resistor(120)));
            }
        }
        return links;
    }

    private static Part part(SplittableRandom random) {
        return switch (random.nextInt(4)) {
            case 0 -> Part.resistor(10_000);
            case 1 -> Part.of(PartKind.DIODE);
            case 2 -> Part.of(PartKind.FUSE);
            default -> Part.of(PartKind.CUT);
        };
    }

    /** The end's name, then its contacts in any order; the shell only now and then. */
    private static List<String> pins(Job job, End end, SplittableRandom random) {
        List<String> pins = new ArrayList<>(Catalogue.of(job).of(end).orElseThrow().pinIds());
        if (Catalogue.of(job).of(end).orElseThrow().has(Contact.SHELL) && random.nextInt(6) == 0) {
            pins.add(Contact.SHELL);
        }
        for (int k = pins.size() - 1; k > 0; k--) {
            int other = random.nextInt(k + 1);
            pins.set(k, pins.set(other, pins.get(k)));
        }
        pins.addFirst(end.name());
        return pins;
    }
}
