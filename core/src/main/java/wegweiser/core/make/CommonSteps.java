package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.assembly.Joint;
import wegweiser.core.assembly.Reach;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Gender;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** Steps that ends of several kinds have in common. */
final class CommonSteps {

    /** Their pins lean when the plastic around them gets hot. */
    static final Set<ConnectorKind> IN_PLASTIC = Set.of(ConnectorKind.XLR, ConnectorKind.DIN,
            ConnectorKind.MINI_DIN, ConnectorKind.CIRCULAR, ConnectorKind.M12, ConnectorKind.M8);

    final AtEnd at;
    final UnderTheSheath sheath;

    CommonSteps(AtEnd at) {
        this.at = at;
        this.sheath = new UnderTheSheath(at);
    }

    private void add(String key, Deed deed, String textKey, String caution, Object... args) {
        at.list.add(key, deed, textKey, caution, args);
    }

    /** Numbers are read on the connector where makers differ. */
    void numbers() {
        if (at.type.numbersToCheck() && at.type.hasPrintedNumbers()) {
            add("numbers", new Deed.Look(at.name(), List.of(), 20), "numbers", "", at.type.title());
        }
    }

    void slide() {
        List<Thing> things = SlipOn.of(at);
        if (!things.isEmpty()) {
            boolean hood = things.stream().anyMatch(t -> t.kind() == Thing.Kind.HOOD);
            at.list.detailed("slide", new Deed.Slide(at.name(), things),
                    things.size() > 1 ? "slide-order" : "slide", "",
                    hood ? List.of(Words.say("step.slide.hood")) : List.of(),
                    Words.list(things.stream().map(Thing::words).toList()), at.name());
        }
    }

    /** The sheath off so many mm, and what lies under it where it belongs: spare wires, the screen. */
    void opened(double sheathMm) {
        sheath.open(sheathMm);
        sheath.spares();
        sheath.screen();
    }

    /** A sleeve or a marker on each wire, before it is joined. */
    void sleeveWires(Thing thing, String textKey) {
        int count = at.count();
        if (count > 0) {
            add("sleeve", new Deed.Sleeve(at.name(), List.of(thing), count), textKey, "", count,
                    Words.plain(thing.size(), 1), CutList.sleeveMm(at.type));
        }
    }

    /** The sleeve for the joints of single wires: it passes over the cup as well. */
    Thing jointSleeve() {
        double wire = Sleeves.insulatedMm(at.place.gauges().getFirst());
        boolean cup = at.type.termination() == Termination.SOLDER_CUP
                || at.type.termination() == Termination.POTTED;
        double size = Sleeves
                .over(cup ? Math.max(wire, Sleeves.cupMm(at.type.ratings().thickestAwg())) : wire)
                .orElse(Sleeves.SIZES_MM.getLast());
        return new Thing(Thing.Kind.SLEEVE, size);
    }

    void bare() {
        if (at.count() > 0 && at.bareMm() > 0) {
            add("bare", new Deed.Bare(at.name(), at.contacts(), 12 * at.count()), "bare", "blade",
                    at.count(),
                    Words.number(at.bareMm()), at.gauges());
        }
    }

    /** Components in line and joints, contact by contact. */
    void joints(List<String> order, String textKey, String caution, int seconds) {
        for (String contact : order) {
            inLine(contact);
            joint(contact, textKey, caution, seconds);
        }
        shellJoint(textKey);
    }

    /** A wire that is planned to a contact outside the order, such as the shell of a plug without a screen. */
    void shellJoint(String textKey) {
        Joint toShell = at.place.joint(Contact.SHELL).orElse(null);
        boolean screenAlone = toShell != null && toShell.screen() && toShell.wires().isEmpty();
        if (toShell == null || !at.type.has(Contact.SHELL)
                || screenAlone && UnderTheSheath.PUSHED_IN.contains(at.type.termination())) {
            return;
        }
        if (screenAlone) {
            boolean spliced = at.type.termination() == Termination.SPLICE;
            add("joint:" + Contact.SHELL,
                    new Deed.Join(at.name(), List.of(at.at(Contact.SHELL)), at.conductors(Contact.SHELL), 60),
                    spliced ? "screen-spliced" : "screen-joined", "heat", at.type.title());
        } else {
            inLine(Contact.SHELL);
            add("joint:" + Contact.SHELL,
                    new Deed.Join(at.name(), List.of(at.at(Contact.SHELL)), at.conductors(Contact.SHELL), 60),
                    "to-shell", "heat",
                    AtEnd.capital(at.wireWords(Contact.SHELL)), at.wireCode(Contact.SHELL), textKey);
        }
    }

    void joint(String contact, String textKey, String caution, int seconds) {
        List<String> wires = at.conductors(contact);
        at.list.checked("joint:" + contact,
                new Deed.Join(at.name(), List.of(at.at(contact)), wires, seconds), textKey, caution,
                afterwards(contact), AtEnd.capital(at.wireWords(contact)), contact, at.wireCode(contact));
    }

    /** What the beeper says after a joint. */
    private String afterwards(String contact) {
        List<String> near = at.silent(contact);
        List<String> signs = new ArrayList<>();
        at.far(contact).ifPresent(far -> signs.add(near.isEmpty()
                ? Words.say("step.beeps-alone", far)
                : Words.say("step.beeps", far, Words.list(near))));
        at.through(contact).ifPresent(far -> signs.add(Words.say("step.shows-part", far)));
        return String.join("; ", signs);
    }

    /** Components between two ends that are built in here, in line with their wire. */
    void inLine(String contact) {
        for (Link link : at.job.links()) {
            boolean here = PartsInLine.is(link) && link.touches(at.at(contact))
                    && PartsInLine.buildsIn(at.derived, link).filter(at.name()::equals).isPresent();
            if (here) {
                boolean anodeHere = link.from().equals(at.at(contact));
                boolean diode = link.is(PartKind.DIODE);
                add("part:" + contact + "-" + Words.list(List.of(link.from(), link.to().orElseThrow())),
                        new Deed.InLine(at.name(), link, List.of(at.at(contact))),
                        diode
                                ? anodeHere ? "inline-anode" : "inline-cathode"
                                : link.is(PartKind.FUSE) ? "inline-fuse" : "inline",
                        "heat",
                        AtEnd.capital(PartWords.of(link)), contact,
                        link.conductor().orElse(Words.say("step.wire")));
            }
        }
    }

    /** Joins within the end; whether there are any. */
    boolean bridges(String textKey) {
        return bridges(textKey, at.type.termination().isSoldered() ? "heat" : "iron");
    }

    boolean bridges(String textKey, String caution) {
        boolean any = false;
        for (Link link : at.job.links()) {
            if (link.isWithinOneEnd() && link.from().end().equals(at.name()) && !link.is(PartKind.CUT)) {
                Terminal to = link.to().orElseThrow();
                any = true;
                add("jumper:" + link.from().contact() + "-" + to.contact(), new Deed.Bridge(at.name(), link),
                        textKey, caution,
                        AtEnd.capital(PartWords.of(link)), link.from().contact(), to.contact());
            }
        }
        return any;
    }

    /** Every contact with its wire, and silent with its neighbours; before anything is closed. */
    void test() {
        test(List.of());
    }

    /** The same with more to heed. */
    void test(List<String> heed) {
        List<String> more = new ArrayList<>(heed);
        if (heed.isEmpty() && !SlipOn.of(at).isEmpty()) {
            more.add(Words.say("step.beep.before"));
        }
        boolean far = at.job.ends().stream()
                .anyMatch(e -> !e.name().equals(at.name()) && at.isFinished(e.name()));
        if (!far && !at.contacts().isEmpty()) {
            more.add(Words.say(isFarCrimped() ? "step.beep.loose-contacts" : "step.beep.bare-tips"));
        }
        for (Link link : at.job.links()) {
            boolean part = link.isWithinOneEnd() && link.from().end().equals(at.name())
                    && link.part().isPresent() && !link.is(PartKind.CUT) && !link.is(PartKind.JUMPER);
            if (part) {
                more.add(Words.say("step.beep.part", link.from().contact(), link.to().orElseThrow().contact(),
                        AtEnd.capital(PartWords.of(link))));
            }
        }
        List<String> through = at.place.joints().keySet().stream().filter(c -> at.through(c).isPresent())
                .toList();
        if (!through.isEmpty()) {
            more.add(Words.say("step.beep.through", Words.list(through)));
        }
        HiddenJoints.at(at.derived).filter(t -> t.end().equals(at.name()))
                .ifPresent(t -> more.add(Words.say("step.beep.screen", t.contact())));
        at.list.detailed("test", new Deed.Test(at.name(), at.contacts()),
                at.place.reach() == Reach.FACE ? "beep-face" : "beep", "", more, at.name());
        if (at.end.resin() && at.type.kind().isHoused() && at.type.termination() != Termination.POTTED) {
            add("fill-resin", new Deed.Pour(at.name(), 180), "fill-resin", "adhesive", at.name());
            add("cured", new Deed.Wait(at.name(), at.resin().workSeconds()), "cure-work", "adhesive");
            add("test-cured", new Deed.Test(at.name(), at.contacts()), "beep-again", "", at.name());
        }
    }

    /** A plug whose pins sit in plastic keeps them straight while something is plugged on. */
    void mate() {
        boolean holds = at.type.gender() == Gender.PLUG && IN_PLASTIC.contains(at.type.kind())
                && at.type.termination() == Termination.SOLDER_CUP;
        if (holds && at.count() > 0) {
            Optional<String> finished = at.job.ends().stream()
                    .filter(e -> !e.name().equals(at.name()) && at.isFinished(e.name()))
                    .filter(e -> at.derived.connector(e.name()).filter(at.type::matesWith).isPresent())
                    .map(e -> e.name()).findFirst();
            add("mate", new Deed.Look(at.name(), List.of(), 15),
                    finished.isPresent() ? "mate-finished" : "mate", "", at.name(), finished.orElse(""));
        }
    }

    /** Whether all that is still to be made at the far side are contacts that go into a housing. */
    private boolean isFarCrimped() {
        return at.job.ends().stream().filter(e -> !e.name().equals(at.name()))
                .allMatch(
                        e -> at.derived.connector(e.name()).filter(c -> c.termination() == Termination.CRIMP)
                                .filter(c -> c.kind().isHoused()).isPresent());
    }

    void testAgain() {
        add("test-again", new Deed.Test(at.name(), at.contacts()), "beep-again", "", at.name());
    }

    /** What slid on goes to its place; whether there is anything that closes the end. */
    boolean close(String textKey) {
        boolean closes = SlipOn.of(at).stream()
                .anyMatch(t -> t.kind() != Thing.Kind.SHEATH_SLEEVE);
        if (closes) {
            add("hood", new Deed.Close(at.name()),
                    textKey.equals("hood") && at.isFlat() ? "hood-flat" : textKey,
                    "", at.type.title());
        }
        return closes;
    }

    void cool() {
        add("cool", new Deed.Wait(at.name(), 60), "cool", "heat");
    }
}
