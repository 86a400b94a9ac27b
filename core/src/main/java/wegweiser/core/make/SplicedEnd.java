package wegweiser.core.make;

import java.util.List;

/** The wires behind a connector that is there are joined with those of the cable, one by one, and covered in layers. */
final class SplicedEnd {

    private SplicedEnd() {}

    static void write(CommonSteps common) {
        AtEnd at = common.at;
        boolean cast = EndSteps.isCast(at);
        at.list.add("find", new Deed.Look(at.name(), at.contacts(), 20 + 10 * at.count()), "find-wires", "",
                at.type.title());
        common.opened(CutList.sheathMm(at.type));
        common.sleeveWires(common.jointSleeve(), "sleeve-wires");
        List<String> order = at.order();
        at.list.add("stagger", new Deed.Ready(at.name(), at.contacts(), 15 * order.size()), "stagger",
                "blade",
                order.size());
        at.list.add("tin", new Deed.Bare(at.name(), at.contacts(), 20 * order.size()), "tin-splices", "iron",
                at.gauges());
        common.joints(order, "solder-splice", "heat", 60);
        common.bridges("splice");
        common.test();
        at.list.add("sleeves", new Deed.Cover(at.name(), 10 + 8 * at.count()),
                cast ? "sleeves" : "sleeves-layers", "hot-air");
        common.cool();
        if (cast) {
            at.list.add("pot", new Deed.Pour(at.name(), 240), "pour-head", "adhesive");
            at.list.add("cure", new Deed.Wait(at.name(), at.resin().fullSeconds()), "cure-head",
                    "adhesive");
        }
        common.testAgain();
    }
}
