package wegweiser.core.make;

import java.util.List;
import wegweiser.core.assembly.Joint;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.Schools;
import wegweiser.core.words.Words;

/** Cups and lugs: sleeves first, tinned wires, joints from the bottom up, tested before the sleeves hide them. */
final class SolderedEnd {
    private SolderedEnd() {}

    static void write(CommonSteps common) {
        AtEnd at = common.at;
        boolean cups = at.type.termination() == Termination.SOLDER_CUP;
        if (at.type.outline() instanceof Outline.Axial && at.place.isWired()) {
            at.list.add("lugs", new Deed.Look(at.name(), at.contacts(), 30), "find-lugs", "",
                    at.type.title());
        }
        common.opened(CutList.sheathMm(at.type));
        common.sleeveWires(common.jointSleeve(), "sleeve-wires");
        common.mate();
        joints(common, at.order(), cups);
        common.test();
        at.list.add("sleeves", new Deed.Cover(at.name(), 10 + 8 * at.count()), "sleeves", "hot-air");
        common.cool();
        common.close(at.type.kind().closing().id());
        if (at.type.kind().isHoused() && !at.end.panel()) {
            common.testAgain();
        }
    }

    /** Tinned wires into cups or on lugs, in this order, and what joins contacts here. */
    static void joints(CommonSteps common, List<String> order, boolean cups) {
        AtEnd at = common.at;
        boolean feeds = at.job.schools().cups().filter(c -> c == Schools.Cups.FEED).isPresent();
        if (!order.isEmpty()) {
            // the screen is twisted together already and only tinned
            boolean screen = order.stream().flatMap(c -> at.place.joint(c).stream()).anyMatch(Joint::screen);
            int wires = at.place.count(order);
            at.list.add("tin", new Deed.Bare(at.name(), at.contacts(), 20 * Math.max(wires, order.size())),
                    !screen ? "tin" : wires > 0 ? "tin-screen" : "tin-screen-alone", "iron", wires,
                    Words.number(at.bareMm()), at.gauges());
            if (!cups || !feeds) {
                at.list.add("fill", new Deed.Ready(at.name(), at.contacts(), 12 * order.size()),
                        cups ? "fill" : "fill-lugs", "iron", Words.list(order));
            }
        }
        common.joints(order, !cups ? "solder-lug" : feeds ? "solder-feed" : "solder", "heat", 45);
        common.bridges(cups ? "bridge" : "bridge-lugs");
    }
}
