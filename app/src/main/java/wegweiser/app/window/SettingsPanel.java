package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.time.Instant;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.binding.Bindings;
import javafx.beans.property.BooleanProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Spinner;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.SchoolChoice;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.HandWords;
import wegweiser.core.advice.Fixture;
import wegweiser.core.model.Schools;
import wegweiser.core.prove.Enough;
import wegweiser.core.words.Words;

/** What a person chooses once, on one page; each choice is kept at once for the next time. */
final class SettingsPanel extends VBox {
    private final Choices choices;
    private final VBox page = new VBox(7);

    /**
     * The page.
     *
     * @param folder the workshop's folder, as it is written
     * @param other chooses another workshop
     */
    SettingsPanel(Choices choices, String folder, Runnable other, Runnable close) {
        super(12);
        this.choices = choices;
        setId("settings");
        Button done = new Button(t("settings.close"));
        done.setDefaultButton(true);
        done.setOnAction(_ -> close.run());
        CheckBox night = box("night", choices.nightProperty());
        group("look", night, line("text", oneOf("text", Choices.TEXT, p -> t("settings.percent", p),
                choices.textPercentProperty().get(), choices.textPercentProperty()::set)),
                line("numbers", oneOf("numbers", List.of(false, true),
                        c -> t(c ? "settings.comma" : "settings.point"), choices.commaProperty().get(),
                        choices.commaProperty()::set)));
        group("hand", box("right-handed", choices.rightHandedProperty()),
                line("pedal", new PedalKey(choices.pedalProperty())),
                pace(), hands());
        group("meter",
                line("fixture", oneOf("fixture", List.of(Fixture.values()), f -> t("fixture." + f.id()),
                        choices.fixtureProperty().get(), choices.fixtureProperty()::set)),
                line("enough", oneOf("enough", List.of(Enough.values()), e -> t("enough." + e.id()),
                        choices.enoughProperty().get(), choices.enoughProperty()::set)),
                line("wiggle", wiggle()),
                box("buzzer", choices.buzzerProperty()), box("simulated", choices.simulatedProperty()));
        group("schools", line("screen", school("screen", Schools.Screen.values(), Schools.Screen.ONE_END,
                choices.schoolsProperty().get().screen().orElse(null),
                w -> choices.schoolsProperty().get().withScreen(w))), reason("screen"),
                line("network", school("network", Schools.Network.values(), Schools.Network.T568B,
                        choices.schoolsProperty().get().network().orElse(null),
                        w -> choices.schoolsProperty().get().withNetwork(w))),
                reason("network"),
                line("cups", school("cups", Schools.Cups.values(), Schools.Cups.FILL,
                        choices.schoolsProperty().get().cups().orElse(null),
                        w -> choices.schoolsProperty().get().withCups(w))),
                reason("cups"),
                line("crimp", school("crimp", Schools.Crimp.values(), Schools.Crimp.RATCHET,
                        choices.schoolsProperty().get().crimp().orElse(null),
                        w -> choices.schoolsProperty().get().withCrimp(w))),
                reason("crimp"),
                line("splices", school("splices", Schools.Splices.values(), Schools.Splices.SLEEVED,
                        choices.schoolsProperty().get().splices().orElse(null),
                        w -> choices.schoolsProperty().get().withSplices(w))),
                reason("splices"),
                line("resin", school("resin", Schools.Resin.values(), Schools.Resin.QUICK,
                        choices.schoolsProperty().get().resin().orElse(null),
                        w -> choices.schoolsProperty().get().withResin(w))),
                reason("resin"),
                line("current", school("current", Schools.Current.values(), Schools.Current.CAUTIOUS,
                        choices.schoolsProperty().get().current().orElse(null),
                        w -> choices.schoolsProperty().get().withCurrent(w))),
                reason("current"));
        Label where = new Label(folder);
        where.getStyleClass().add("mono");
        where.setId("settings-folder");
        Button choose = new Button(t("settings.other-folder"));
        choose.setId("settings-other-folder");
        choose.setOnAction(_ -> other.run());
        group("folder", Panels.whole(where), choose);
        ScrollPane scroll = Panels.scroll(page);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(Panels.heading(t("settings.title")), scroll, done);
        setPrefSize(620, 650);
        night.requestFocus();
    }

    private void group(String key, Node... settings) {
        Label heading = new Label(t("settings.group." + key));
        heading.getStyleClass().add("group");
        page.getChildren().add(heading);
        page.getChildren().addAll(settings);
    }

    private static HBox line(String key, Region control) {
        Label words = new Label(t("settings." + key));
        words.setLabelFor(control);
        control.setMinWidth(300);
        control.setMaxWidth(300);
        return Panels.line(words, control);
    }

    /** Why people do the one or the other. */
    private static Label reason(String school) {
        return Panels.quiet(t("settings." + school + ".why"));
    }

    private static CheckBox box(String id, BooleanProperty chosen) {
        CheckBox box = new CheckBox(t("settings." + id));
        box.setId("settings-" + id);
        box.setWrapText(true);
        box.selectedProperty().bindBidirectional(chosen);
        return box;
    }

    /** How fast this person was found to be, and how to forget it. */
    private HBox pace() {
        Label words = new Label();
        words.textProperty().bind(Bindings.createStringBinding(
                () -> t("settings.pace", Words.number(choices.costProperty().get().moveProbe())),
                choices.costProperty()));
        Button forget = new Button(t("settings.forget"));
        forget.setId("settings-forget");
        forget.setMinWidth(USE_PREF_SIZE);
        forget.setOnAction(_ -> choices.resetCost(Instant.now()));
        return Panels.line(words, forget);
    }

    /** By whose times work at the bench is reckoned, and how to forget one's own. */
    private HBox hands() {
        Label words = new Label();
        words.setId("settings-hands");
        words.textProperty().bind(Bindings.createStringBinding(
                () -> HandWords.of(choices.handTimesProperty().get()), choices.handTimesProperty()));
        Button forget = new Button(t("settings.forget-hands"));
        forget.setId("settings-forget-hands");
        forget.setMinWidth(USE_PREF_SIZE);
        forget.setOnAction(_ -> choices.forgetHands());
        return Panels.line(words, forget);
    }

    /** One of several ways; what is chosen holds at once. */
    private static <T> ChoiceBox<T> oneOf(String id, List<T> ways, Function<T, String> words, T chosen,
            Consumer<T> keep) {
        ChoiceBox<T> box = new ChoiceBox<>();
        box.getItems().setAll(ways);
        box.setConverter(new Worded<>(words));
        box.setId("settings-" + id);
        box.setValue(chosen);
        box.valueProperty().addListener((_, _, way) -> keep.accept(way));
        return box;
    }

    private Spinner<Integer> wiggle() {
        Spinner<Integer> seconds = new Spinner<>(1, 99, choices.wiggleSecondsProperty().get());
        seconds.setId("settings-wiggle");
        seconds.valueProperty().addListener((_, _, s) -> choices.wiggleSecondsProperty().set(s));
        return seconds;
    }

    private <E extends Enum<E> & wegweiser.core.model.HasId> SchoolChoice<E> school(String name, E[] ways,
            E usual,
            E chosen, Function<E, Schools> with) {
        Consumer<E> keep = way -> choices.schoolsProperty().set(with.apply(way));
        SchoolChoice<E> choice = new SchoolChoice<>(name, ways, keep);
        choice.setId("settings-" + name);
        choice.show(chosen == null ? usual : chosen);
        return choice;
    }
}
