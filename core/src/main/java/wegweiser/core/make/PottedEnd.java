package wegweiser.core.make;

import static wegweiser.core.model.CableStock.Inside.FIBRES;

import java.util.List;
import wegweiser.core.model.Schools;

/**
 * A cup full of resin holds sheath and strength fibres; the joints are made in front of it. Resin cures in three times:
 * it can be touched, it can be worked on, it bears its full load, all counted from when it was poured.
 */
final class PottedEnd {

    private PottedEnd() {}

    static void write(CommonSteps common) {
        AtEnd at = common.at;
        common.opened(CutList.sheathMm(at.type));
        List<String> order = at.order();
        at.list.add("clock", new Deed.Ready(at.name(), at.contacts(), 90), "clock", "",
                at.places(at.place.aroundTheClock()));
        // a short under resin stays for ever
        at.list.add("test-wires", new Deed.Test(at.name(), at.contacts()), "beep-wires", "", at.name());
        at.list.add("pot", new Deed.Pour(at.name(), 180), at.mayHave(FIBRES) ? "pour-cup" : "pour-cup-plain",
                "adhesive");
        Schools.Resin resin = at.resin();
        at.list.add("handle", new Deed.Wait(at.name(), resin.touchSeconds()), "cure-handle", "adhesive");
        at.list.add("work", new Deed.Wait(at.name(), resin.workSeconds() - resin.touchSeconds()), "cure-work",
                "");
        common.sleeveWires(common.jointSleeve(), "sleeve-wires");
        SolderedEnd.joints(common, order, true);
        common.test();
        at.list.add("sleeves", new Deed.Cover(at.name(), 10 + 8 * at.count()), "sleeves", "hot-air");
        common.cool();
        common.close("back-shell");
        at.list.add("full", new Deed.Wait(at.name(), resin.fullSeconds() - resin.workSeconds(),
                at.name() + ":work"), "cure-full", "");
        common.testAgain();
    }
}
