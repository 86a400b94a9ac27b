package wegweiser.core.make;

import java.util.List;
import wegweiser.core.words.Words;

/**
 * A cup full of resin holds sheath and strength fibres; the joints are made in front of it. Resin cures in three times:
 * it can be touched, it can be worked on, it bears its full load, all counted from when it was poured.
 */
final class PottedEnd {
    private static final int TOUCH_SECONDS = 5 * 60;
    private static final int WORK_SECONDS = 55 * 60;
    private static final int FULL_SECONDS = 23 * 60 * 60;
    private static final int FIBRES_MM = 6;

    private PottedEnd() {}

    static void write(CommonSteps common) {
        AtEnd at = common.at;
        common.open(CutList.sheathMm(at.type));
        at.list.add("fibres", new Deed.Ready(at.name(), List.of(), 90), "fibres", "blade", FIBRES_MM);
        at.list.add("inner", new Deed.Ready(at.name(), List.of(), 60), "inner", "blade");
        common.spares();
        common.screen();
        List<String> order = at.order();
        at.list.add("clock", new Deed.Ready(at.name(), at.contacts(), 90), "clock", "", at.places(order));
        // a short under resin stays for ever
        at.list.add("test-wires", new Deed.Test(at.name(), at.contacts()), "beep-wires", "", at.name());
        pour(at, "cup");
        at.list.add("handle", new Deed.Wait(at.name(), TOUCH_SECONDS), "cure-handle", "adhesive");
        at.list.add("work", new Deed.Wait(at.name(), WORK_SECONDS), "cure-work", "");
        common.sleeveWires(common.jointSleeve(), "sleeve-wires");
        SolderedEnd.joints(common, order, true);
        common.test();
        at.list.add("sleeves", new Deed.Cover(at.name(), 10 + 8 * at.count()), "sleeves", "hot-air");
        common.cool();
        common.close("back-shell");
        at.list.add("full", new Deed.Wait(at.name(), FULL_SECONDS, at.name() + ":work"), "cure-full", "");
        common.testAgain();
    }

    static void pour(AtEnd at, String textKey) {
        at.list.add("pot", new Deed.Cover(at.name(), 180), "pour-" + textKey, "adhesive",
                Words.number(FIBRES_MM));
    }
}
