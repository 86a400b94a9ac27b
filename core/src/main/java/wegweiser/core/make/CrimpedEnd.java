package wegweiser.core.make;

import java.util.List;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.model.Schools;
import wegweiser.core.words.Words;

/** Open-barrel contacts in a housing, lugs, and coaxial connectors that are crimped. */
final class CrimpedEnd {
    /** From this gauge on a bare end is folded back once, so that the wings have something to hold. */
    private static final int THIN_AWG = 28;

    private CrimpedEnd() {}

    static void write(CommonSteps common) {
        AtEnd at = common.at;
        boolean soldered = at.job.schools().crimp().filter(c -> c == Schools.Crimp.SOLDERED).isPresent();
        common.opened(CutList.sheathMm(at.type));
        if (at.type.kind() == ConnectorKind.COAX) {
            coaxial(common);
            return;
        }
        if (at.type.kind().isHoused()) {
            sheathEnd(common);
        } else {
            common.sleeveWires(common.jointSleeve(), "sleeve-wires");
        }
        common.bare();
        if (at.thinnest() >= THIN_AWG && at.count() > 0) {
            at.list.add("fold", new Deed.Ready(at.name(), at.contacts(), 5 * at.count()), "fold-thin", "",
                    at.gauges());
        }
        if (at.type.kind().isHoused() && at.count() > 0) {
            at.list.add("contacts",
                    new Deed.Fit(at.name(), Deed.Fit.What.CONTACTS, at.contacts(), 5 * at.count()),
                    "contacts", "",
                    at.order().size());
        }
        String how = soldered
                ? "crimp-solder"
                : at.job.schools().crimp().filter(c -> c == Schools.Crimp.ONE_WING).isPresent()
                        ? "crimp-wings"
                        : "crimp";
        common.joints(at.order(), at.type.kind().isHoused() ? how : how + "-lug", soldered ? "heat" : "", 45);
        common.bridges("splice");
        common.test();
        if (at.type.kind().isHoused()) {
            if (common.close("clamp")) {
                common.testAgain();
            }
        } else {
            at.list.add("sleeves", new Deed.Cover(at.name(), 10 + 8 * at.count()), "sleeves", "hot-air");
        }
    }

    /** A sleeve over the end of the sheath, marked so that all are alike. */
    private static void sheathEnd(CommonSteps common) {
        AtEnd at = common.at;
        boolean there = SlipOn.of(at).stream()
                .anyMatch(t -> t.kind() == Thing.Kind.SHEATH_SLEEVE);
        if (there) {
            at.list.add("sheath-end", new Deed.Ready(at.name(), List.of(), 30), "sheath-end", "hot-air",
                    Words.number(CutList.sheathMm(at.type)));
        }
    }

    /** The centre first, then the screen over the body under its ferrule. */
    private static void coaxial(CommonSteps common) {
        AtEnd at = common.at;
        common.bare();
        List<String> order = at.order();
        for (String contact : order.reversed()) {
            common.inLine(contact);
            boolean centre = contact.equals(at.type.ids().getFirst());
            common.joint(contact, centre ? "crimp-centre" : "crimp-outer", "", 60);
        }
        common.bridges("splice");
        common.test();
        common.close("boot");
    }
}
