package wegweiser.app.stage;

import java.io.IOException;
import java.text.DecimalFormatSymbols;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.input.KeyCode;
import javafx.stage.Screen;
import wegweiser.app.controls.Facing;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.LearnedCost;
import wegweiser.core.make.Deed;
import wegweiser.core.make.HandTimes;
import wegweiser.core.model.Extra;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Schools;
import wegweiser.core.prove.Enough;
import wegweiser.core.prove.Testing;
import wegweiser.core.words.Words;
import wegweiser.files.workshop.Workshop;

/** What the person has chosen and the next start should remember. */
public final class Choices {
    private static final int ENOUGH = 10;
    private static final double MM_PER_INCH = 25.4;
    /** Sizes of text to choose from, in percent. */
    public static final List<Integer> TEXT = List.of(90, 100, 110, 125, 150);

    private final Workshop workshop;
    private Instant learnFrom = Instant.MIN;
    private final ObjectProperty<Fixture> fixture = new SimpleObjectProperty<>(Fixture.PROBES);
    private final ObjectProperty<Goal> goal = new SimpleObjectProperty<>(Goal.PROVE);
    private final ObjectProperty<CostModel> cost = new SimpleObjectProperty<>(CostModel.USUAL);
    private final BooleanProperty night = new SimpleBooleanProperty(false);
    private final IntegerProperty textPercent = new SimpleIntegerProperty(100);
    private final BooleanProperty comma = new SimpleBooleanProperty(isPlatformsComma());
    private final BooleanProperty rightHanded = new SimpleBooleanProperty(true);
    private final BooleanProperty buzzer = new SimpleBooleanProperty(false);
    private final IntegerProperty wiggleSeconds = new SimpleIntegerProperty(10);
    private final ObjectProperty<Optional<Facing>> facing = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<KeyCode>> pedal = new SimpleObjectProperty<>(Optional.empty());
    private final DoubleProperty pixelsPerMm = new SimpleDoubleProperty(
            Screen.getPrimary().getDpi() / MM_PER_INCH);
    private final BooleanProperty fitted = new SimpleBooleanProperty(false);
    private final ObjectProperty<Enough> enough = new SimpleObjectProperty<>(Enough.USUAL);
    private final BooleanProperty simulated = new SimpleBooleanProperty(true);
    private final ObjectProperty<HandTimes> hands = new SimpleObjectProperty<>(HandTimes.USUAL);
    private final ObjectProperty<Schools> schools = new SimpleObjectProperty<>(Schools.NONE);

    public Choices(Workshop workshop) {
        this.workshop = workshop;
        workshop.setting("fixture").flatMap(Choices::fixture).ifPresent(fixture::set);
        buzzer.set(workshop.setting("buzzer").map("true"::equals).orElse(false));
        workshop.setting("wiggle").filter(s -> s.matches("[1-9][0-9]?")).map(Integer::valueOf)
                .ifPresent(wiggleSeconds::set);
        night.set(workshop.setting("night").map("true"::equals).orElse(false));
        workshop.setting("text").filter(s -> s.matches("[0-9]{2,3}")).map(Integer::valueOf)
                .filter(TEXT::contains).ifPresent(textPercent::set);
        workshop.setting("comma").map("true"::equals).ifPresent(comma::set);
        decimals();
        comma.addListener((_, _, c) -> {
            remember("comma", c.toString());
            decimals();
        });
        textPercent.addListener((_, _, p) -> remember("text", p.toString()));
        workshop.setting("pedal").flatMap(Choices::key).ifPresent(k -> pedal.set(Optional.of(k)));
        pedal.addListener((_, _, k) -> remember("pedal", k.map(KeyCode::name).orElse("")));
        workshop.setting("pixels-per-mm").filter(s -> s.matches("[0-9]{1,2}(\\.[0-9]{1,4})?"))
                .map(Double::valueOf).filter(p -> p >= 1).ifPresent(pixelsPerMm::set);
        fitted.set(workshop.setting("pixels-per-mm").isPresent());
        rightHanded.set(!workshop.setting("hand").map("left"::equals).orElse(false));
        workshop.setting("cost.from").flatMap(Choices::time).ifPresent(f -> learnFrom = f);
        workshop.setting("cost").map(Choices::read).ifPresent(cost::set);
        schools.set(new Schools(
                workshop.setting("school.screen").flatMap(w -> HasId.find(Schools.Screen.class, w)),
                workshop.setting("school.network").flatMap(w -> HasId.find(Schools.Network.class, w)),
                workshop.setting("school.cups").flatMap(w -> HasId.find(Schools.Cups.class, w)),
                workshop.setting("school.current").flatMap(w -> HasId.find(Schools.Current.class, w)),
                workshop.setting("school.crimp").flatMap(w -> HasId.find(Schools.Crimp.class, w)),
                workshop.setting("school.splices").flatMap(w -> HasId.find(Schools.Splices.class, w)),
                workshop.setting("school.resin").flatMap(w -> HasId.find(Schools.Resin.class, w)),
                Extra.NONE));
        schools.addListener((_, _, s) -> {
            s.screen().ifPresent(w -> remember("school.screen", w.id()));
            s.network().ifPresent(w -> remember("school.network", w.id()));
            s.cups().ifPresent(w -> remember("school.cups", w.id()));
            s.crimp().ifPresent(w -> remember("school.crimp", w.id()));
            s.splices().ifPresent(w -> remember("school.splices", w.id()));
            s.resin().ifPresent(w -> remember("school.resin", w.id()));
            s.current().ifPresent(w -> remember("school.current", w.id()));
        });
        cost.addListener((_, _, c) -> remember("cost",
                c.moveProbe() + " " + c.reclip() + " " + c.gang() + " " + c.changePlug() + " "
                        + c.readValue()));
        workshop.setting("hands").map(HandTimes::of).ifPresent(hands::set);
        hands.addListener((_, _, h) -> remember("hands", h.text()));
        workshop.setting("enough").flatMap(id -> HasId.find(Enough.class, id)).ifPresent(enough::set);
        enough.addListener((_, _, e) -> remember("enough", e.id()));
        fixture.addListener((_, _, f) -> remember("fixture", f.name()));
        buzzer.addListener((_, _, b) -> remember("buzzer", b.toString()));
        wiggleSeconds.addListener((_, _, s) -> remember("wiggle", s.toString()));
        night.addListener((_, _, n) -> remember("night", n.toString()));
        rightHanded.addListener((_, _, r) -> remember("hand", r ? "right" : "left"));
    }

    /** What touches cost this person. */
    public ObjectProperty<CostModel> costProperty() {
        return cost;
    }

    /** Learns from readings, those before the last reset left out; from few of them nothing is learned. */
    public void learn(List<Reading> readings) {
        List<Reading> since = readings.stream()
                .filter(r -> r.at().filter(at -> at.isAfter(learnFrom)).isPresent())
                .toList();
        LearnedCost learned = LearnedCost.of(since);
        if (learned.learnedFrom() >= ENOUGH) {
            cost.set(rounded(learned.cost()));
        }
    }

    /** Forgets what was learned, from a time on. */
    public void resetCost(Instant now) {
        learnFrom = now;
        remember("cost.from", now.toString());
        cost.set(CostModel.USUAL);
    }

    /** How long this person's hands take for the steps at the bench. */
    public ReadOnlyObjectProperty<HandTimes> handTimesProperty() {
        return hands;
    }

    /** Learns from how long a step took, in seconds. */
    public void learn(Deed deed, double seconds) {
        hands.set(hands.get().learned(deed, seconds));
    }

    /** Forgets how long steps took. */
    public void forgetHands() {
        hands.set(HandTimes.USUAL);
    }

    /** In half seconds, so that a single reading does not change every plan. */
    private static CostModel rounded(CostModel c) {
        return new CostModel(Math.max(0.5, Math.round(2 * c.moveProbe()) / 2.0),
                Math.round(2 * c.reclip()) / 2.0,
                Math.max(0.5, Math.round(2 * c.gang()) / 2.0), c.changePlug(),
                Math.round(2 * c.readValue()) / 2.0);
    }

    private static CostModel read(String text) {
        try {
            String[] parts = text.split(" ");
            return new CostModel(Double.parseDouble(parts[0]), Double.parseDouble(parts[1]),
                    Double.parseDouble(parts[2]), Double.parseDouble(parts[3]),
                    parts.length > 4 ? Double.parseDouble(parts[4]) : CostModel.USUAL.readValue());
        } catch (RuntimeException _) {
            return CostModel.USUAL;
        }
    }

    private static Optional<Instant> time(String iso) {
        try {
            return Optional.of(Instant.parse(iso));
        } catch (DateTimeParseException _) {
            return Optional.empty();
        }
    }

    private static Optional<Fixture> fixture(String name) {
        return Arrays.stream(Fixture.values()).filter(f -> f.name().equals(name)).findFirst();
    }

    private void remember(String name, String value) {
        try {
            workshop.remember(Map.of(name, value));
        } catch (IOException _) {
            // a choice that could not be kept is made again next time; the work itself is not touched
            return;
        }
    }

    public ObjectProperty<Fixture> fixtureProperty() {
        return fixture;
    }

    public ObjectProperty<Goal> goalProperty() {
        return goal;
    }

    /** How sure this person wants to be of a cable. */
    public ObjectProperty<Enough> enoughProperty() {
        return enough;
    }

    /** How this person tests cables. */
    public Testing testing() {
        return new Testing(fixture.get(), cost.get(), enough.get());
    }

    /** Whether the simulated meter is heard. */
    public BooleanProperty buzzerProperty() {
        return buzzer;
    }

    /** How long a wiggle test takes at least. */
    public IntegerProperty wiggleSecondsProperty() {
        return wiggleSeconds;
    }

    /** Which two ends face each other on the pegboard; empty for those that are touched. */
    public ObjectProperty<Optional<Facing>> facingProperty() {
        return facing;
    }

    public BooleanProperty nightProperty() {
        return night;
    }

    private static boolean isPlatformsComma() {
        return DecimalFormatSymbols.getInstance(Locale.getDefault(Locale.Category.FORMAT))
                .getDecimalSeparator() == ',';
    }

    private void decimals() {
        Words.partOffDecimalsBy(comma.get() ? ',' : '.');
    }

    /** Whether decimals are parted off by a comma in what is shown; both are read. The platform's way at first. */
    public BooleanProperty commaProperty() {
        return comma;
    }

    /** How large text is, in percent of the usual size; one of {@link #TEXT}. */
    public IntegerProperty textPercentProperty() {
        return textPercent;
    }

    /** Makes text larger or smaller by so many sizes, as far as there are any. */
    public void resizeText(int by) {
        int at = TEXT.indexOf(textPercent.get());
        textPercent.set(TEXT.get(Math.clamp(at + by, 0, TEXT.size() - 1)));
    }

    private static Optional<KeyCode> key(String name) {
        return Arrays.stream(KeyCode.values()).filter(k -> k.name().equals(name)).findFirst();
    }

    /** A key beside Space that says done, as a pedal sends it; empty where there is none. */
    public ObjectProperty<Optional<KeyCode>> pedalProperty() {
        return pedal;
    }

    /** Somebody held something of known size against the screen, and so many pixels made a millimetre. */
    public void fitScreen(double pixels) {
        pixelsPerMm.set(pixels);
        remember("pixels-per-mm", Words.plain(pixels, 4));
        fitted.set(true);
    }

    /** Whether somebody did; before, what is drawn in true size is only as true as the screen's own word. */
    public BooleanProperty fittedProperty() {
        return fitted;
    }

    /** How many pixels make a millimetre on this screen, as it says itself or as somebody held something against it. */
    public DoubleProperty pixelsPerMmProperty() {
        return pixelsPerMm;
    }

    public BooleanProperty rightHandedProperty() {
        return rightHanded;
    }

    /** Whether Enter takes the simulated meter's reading, where the job brings one. */
    public BooleanProperty simulatedProperty() {
        return simulated;
    }

    /** Which of several good ways new jobs begin with. */
    public ObjectProperty<Schools> schoolsProperty() {
        return schools;
    }
}
