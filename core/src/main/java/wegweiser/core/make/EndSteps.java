package wegweiser.core.make;

import java.util.List;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** The steps at one end, by the way in which its wires are joined. */
final class EndSteps {
    private EndSteps() {}

    /** What goes on the cable for an end, before any end is made. */
    static void first(AtEnd at) {
        if (at.type != null && at.place.isWired()) {
            if (at.type.termination() == Termination.CIRCULAR_DISPLACEMENT) {
                at.list.add("ring", new Deed.Look(at.name(), List.of(), 20), "ring", "", at.cable == null
                        ? Words.say("step.cable")
                        : Words.say("step.mm", Words.number(at.cable.diameterMm())));
            }
            new CommonSteps(at).slide();
        }
    }

    static void write(AtEnd at) {
        CommonSteps common = new CommonSteps(at);
        if (at.type == null) {
            loose(common);
            return;
        }
        common.numbers();
        if (!at.place.isWired()) {
            common.sheath.spares();
            bridgesAlone(common);
            return;
        }
        if (at.end.panel()) {
            at.list.add("panel", new Deed.Ready(at.name(), List.of(), 60), "panel", "", at.type.title(),
                    at.name());
        }
        switch (at.type.termination()) {
            case SOLDER_CUP, JACK_SOLDER, BARE -> SolderedEnd.write(common);
            case CRIMP -> CrimpedEnd.write(common);
            case SCREW -> screwed(common);
            case MODULAR -> ModularEnd.write(common);
            case RIBBON -> PressedEnd.write(common);
            case CIRCULAR_DISPLACEMENT -> displaced(common);
            case PUNCH_DOWN -> punched(common);
            case POTTED -> PottedEnd.write(common);
            case SPLICE -> SplicedEnd.write(common);
        }
        if (at.end.panel()) {
            at.list.add("panel-tie", new Deed.Close(at.name()), "panel-relief", "", at.name());
        }
    }

    /** Wires that go into no connector are bared, kept apart and marked. */
    private static void loose(CommonSteps common) {
        AtEnd at = common.at;
        common.opened(CutList.LOOSE_MM);
        at.place.joints().keySet().forEach(contact -> at.list.add("mark:" + contact,
                new Deed.Join(at.name(), List.of(at.at(contact)), at.conductors(contact), 30), "mark",
                "", at.name(), contact));
    }

    /** A plug that joins its own contacts and no cable. */
    private static void bridgesAlone(CommonSteps common) {
        AtEnd at = common.at;
        if (common.bridges(at.type.termination().isSoldered() ? "bridge" : "splice")) {
            common.test();
        }
    }

    private static void screwed(CommonSteps common) {
        AtEnd at = common.at;
        common.opened(CutList.sheathMm(at.type));
        common.sleeveWires(Thing.of(Thing.Kind.MARKER), "markers");
        common.bare();
        if (at.isStranded()) {
            at.list.add("ferrules",
                    new Deed.Fit(at.name(), Deed.Fit.What.FERRULES, at.contacts(), 15 * at.count()),
                    "ferrules", "",
                    at.order().size(), at.gauges());
        }
        common.joints(at.order(), "screw", "", 25);
        common.bridges("splice");
        common.test();
        if (common.close("gland")) {
            common.testAgain();
        }
    }

    private static void displaced(CommonSteps common) {
        AtEnd at = common.at;
        common.opened(CutList.sheathMm(at.type));
        at.list.add("ring-on", new Deed.Ready(at.name(), List.of(), 15), "ring-on", "", at.name());
        for (String contact : at.order()) {
            common.inLine(contact);
            at.list.add("place:" + contact, new Deed.Place(at.name(), at.at(contact), at.conductors(contact)),
                    "displace", "", AtEnd.capital(at.wireWords(contact)), contact, at.wireCode(contact));
        }
        common.bridges("splice");
        at.list.add("grip", new Deed.Ready(at.name(), List.of(), 20), "grip", "", at.name());
        at.list.add("key", new Deed.Ready(at.name(), List.of(), 20), "key", "", at.type.title());
        // only the nut draws the wires on to the blades, so before it nothing beeps
        List<Terminal> inside = at.order().stream().map(at::at).toList();
        at.list.add("nut",
                inside.isEmpty()
                        ? new Deed.Ready(at.name(), inside, 30)
                        : new Deed.Join(at.name(), inside, at.used(), 30),
                "nut", "", at.type.title());
        common.shellJoint("displace");
        common.test(List.of(Words.say("step.beep.after-nut")));
    }

    private static void punched(CommonSteps common) {
        AtEnd at = common.at;
        common.opened(CutList.sheathMm(at.type));
        common.joints(at.order(), "punch", "ends-fly", 15);
        common.bridges("splice");
        common.test();
    }

    /** Whether splices of a job are cast in a cup. */
    static boolean isCast(AtEnd at) {
        return at.type != null && at.type.termination() == Termination.SPLICE
                && at.job.schools().splices().filter(s -> s == Schools.Splices.CAST).isPresent();
    }
}
