package wegweiser.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Role;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** What lies within the plugs whichever way the lines run: contacts that are one, and resistors that tell a port what is there. */
final class Fittings {
    /** A C plug to an older host says that it is no strong supply; one to an older device that a device is there. */
    private static final double TO_HOST_OHMS = 56_000;
    private static final double TO_DEVICE_OHMS = 5_100;
    private static final String REVERSIBLE = "usb-c-plug";

    private final Job job;
    private final List<Pin> pins;
    private final List<Joint> joints;

    private Fittings(Job job, Match match) {
        this.job = job;
        this.pins = match.pins();
        this.joints = match.joints();
    }

    static List<Link> of(Job job, Match match) {
        Fittings fittings = new Fittings(job, match);
        List<Link> found = new ArrayList<>();
        for (End end : job.ends()) {
            if (isReversible(end)) {
                fittings.bridges(end, found);
                fittings.marker(end).ifPresent(found::add);
            }
            fittings.bothEars(end).ifPresent(found::add);
            fittings.sense(end, found);
            fittings.onTheGo(end).ifPresent(found::add);
        }
        return found;
    }

    /** Whether contacts of one name are one in the plug of this end, so that one wire feeds them all. */
    static boolean isReversible(End end) {
        return end.connector().equals(REVERSIBLE);
    }

    /** Whether a connector has room for a part, or a second wire, at its contacts. */
    static boolean takesParts(Job job, String end) {
        return job.end(end).flatMap(Catalogue.of(job)::of).map(t -> t.termination())
                .filter(t -> t == Termination.SCREW || t.isSoldered())
                .isPresent();
    }

    /** Grounds and supplies of a reversible plug, one after the other. */
    private void bridges(End end, List<Link> found) {
        for (String signal : List.of("GND", "VBUS")) {
            List<Pin> alike = named(end, signal);
            boolean used = joints.stream().anyMatch(j -> alike.contains(j.from()) || alike.contains(j.to()));
            for (int k = 1; used && k < alike.size(); k++) {
                Pin before = alike.get(k - 1);
                found.add(jumper(before, alike.get(k),
                        Words.say("why.plug", before.terminal(), alike.get(k).terminal())));
            }
        }
    }

    private List<Pin> named(End end, String signal) {
        return pins.stream().filter(p -> p.isAt(end.name()) && p.signal().equals(signal)).toList();
    }

    private static Link jumper(Pin from, Pin to, String why) {
        return Link.of(from.terminal(), to.terminal()).withPart(Part.of(PartKind.JUMPER)).withWhy(why);
    }

    /** The resistor by which a C plug on an older port says what is there (USB Type-C, cable assemblies). */
    private Optional<Link> marker(End end) {
        Optional<End> far = joints.stream().filter(j -> j.isAt(end.name())).flatMap(
                j -> job.ends().stream().filter(e -> !e.name().equals(end.name()) && j.isAt(e.name())))
                .filter(e -> e.connector().startsWith("usb") && !e.connector().startsWith("usb-c"))
                .findFirst();
        boolean host = far
                .filter(e -> e.connector().startsWith("usb-a") || e.connector().startsWith("usb3-a"))
                .isPresent();
        List<Pin> line = named(end, "CC1");
        List<Pin> rail = named(end, host ? "VBUS" : "GND");
        return far.filter(_ -> !line.isEmpty() && !rail.isEmpty())
                // the first contact of a rail has the wire already, the last one lies across from it
                .map(f -> Link.of(line.getFirst().terminal(), rail.getLast().terminal())
                        .withPart(Part.resistor(host ? TO_HOST_OHMS : TO_DEVICE_OHMS))
                        .withWhy(Words.say(host ? "why.marker-host" : "why.marker-device", f.device())));
    }

    /** Sense lines that the other device does not have are joined to the excitation that they watch. */
    private void sense(End end, List<Link> found) {
        for (String sign : List.of("+", "-")) {
            Optional<Pin> sense = named(end, "SENSE" + sign).stream()
                    .filter(s -> joints.stream().noneMatch(j -> j.has(s))).findFirst();
            Optional<Joint> fed = joints.stream()
                    .filter(j -> named(end, "EXC" + sign).stream().anyMatch(j::has))
                    .findFirst();
            if (sense.isPresent() && fed.isPresent() && takesParts(job, end.name())) {
                Pin here = named(end, "EXC" + sign).getFirst();
                String far = (fed.get().has(here) && fed.get().from().equals(here)
                        ? fed.get().to()
                        : fed.get().from())
                        .terminal().end();
                found.add(jumper(here, sense.get(), Words.say("why.sense", sense.get().words(),
                        job.end(far).map(End::device).orElse(far))));
            }
        }
    }

    /** The plug of a host that is else a device: ID on ground in the plug. */
    private Optional<Link> onTheGo(End end) {
        boolean small = end.connector().startsWith("usb-micro-b-plug")
                || end.connector().startsWith("usb-mini-b-plug");
        boolean used = joints.stream().anyMatch(j -> j.isAt(end.name()));
        return Optional.of(end).filter(e -> small && used && e.role().equals(Optional.of(Role.HOST)))
                .flatMap(e -> named(e, "ID").stream().findFirst())
                .flatMap(id -> named(end, "GND").stream().findFirst()
                        .map(g -> jumper(id, g, Words.say("why.otg"))));
    }

    /** One channel goes to both ears, where one output feeds the left of two inputs and nothing the right. */
    private Optional<Link> bothEars(End end) {
        Optional<Pin> left = named(end, "LEFT").stream().filter(p -> p.is(Direction.IN)).findFirst();
        Optional<Pin> right = named(end, "RIGHT").stream().filter(p -> p.is(Direction.IN)).findFirst();
        return left.filter(l -> joints.stream().anyMatch(j -> j.has(l)))
                .filter(_ -> takesParts(job, end.name()))
                .flatMap(l -> right.filter(r -> joints.stream().noneMatch(j -> j.has(r)))
                        .map(r -> jumper(l, r, Words.say("why.both-ears"))));
    }
}
