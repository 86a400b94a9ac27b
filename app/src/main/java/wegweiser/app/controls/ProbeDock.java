package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.animation.PauseTransition;
import javafx.beans.property.IntegerProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.readings.TypedReading;
import wegweiser.core.words.Words;

/** What to touch now, one question, and answers on single keys; readable from two metres. */
public final class ProbeDock extends HBox {
    /** A sentence of more letters than this is set smaller, so that all of it can be read in a narrow window. */
    private static final int LONG = 200;

    private static final KeyCombination VALUE = Keys.plain(KeyCode.V).getFirst();

    private final Label heading = new Label();
    private static final PseudoClass LATE = PseudoClass.getPseudoClass("late");

    private final ProbeArm red = new ProbeArm("probe-red");
    private final ProbeArm black = new ProbeArm("probe-black");
    private final Label question = new Label();
    private final Button beep = answer("dock.beep", KeyCode.B);
    private final Button silent = answer("dock.silent", KeyCode.N);
    private final Button value = answer("dock.value", KeyCode.V);
    private final Button bend = answer("dock.wiggle", KeyCode.W);
    private final TextField field = new TextField();
    private final Label why = new Label();
    private final Label error = new Label();
    private final MeterDisplay meter = new MeterDisplay();
    private final Wiggle wiggle;
    private final HBox answers;
    private final VBox probes;
    /** A dock that went grey and back at every key would flicker. */
    private final PauseTransition late = new PauseTransition(Duration.millis(250));
    private boolean swallow;
    private Optional<Ask> ask = Optional.empty();
    private Consumer<List<Reading>> onReading = _ -> {};
    private Function<String, Reading> parse = _ -> {
        throw new IllegalArgumentException();
    };
    private boolean free;

    /** What can be answered; the one that is expected is green. */
    public enum Answer {
        BEEP,
        NOTHING,
        VALUE
    }

    /** One touch to be made. */
    public record Ask(Touch touch, Mode mode, String heading, String redHint, String blackHint, String why,
            Answer expected, String question) {}

    /** @param wiggleSeconds how long a wiggle test takes at least */
    public ProbeDock(IntegerProperty wiggleSeconds) {
        wiggle = new Wiggle(wiggleSeconds);
        getStyleClass().add("dock");
        setId("dock");
        Panels.whole(heading).getStyleClass().add("dock-heading");
        Panels.whole(question).getStyleClass().add("dock-heading");
        why.getStyleClass().add("dock-why");
        why.setWrapText(true);
        error.getStyleClass().add("dock-error");
        error.setWrapText(true);
        error.managedProperty().bind(error.textProperty().isNotEmpty());
        field.setPromptText(t("dock.value.prompt"));
        field.setId("dock-typed");
        field.setVisible(false);
        field.setManaged(false);
        field.setPrefColumnCount(9);
        // what is typed takes the place of the button that opens it, so that a whole reading is seen
        HBox.setHgrow(field, Priority.ALWAYS);
        value.visibleProperty().bind(field.visibleProperty().not());
        value.managedProperty().bind(value.visibleProperty());
        beep.setOnAction(_ -> answer(Mode.CONTINUITY, Outcome.BEEP));
        silent.setOnAction(_ -> nothing());
        value.setOnAction(_ -> openValue("", false));
        field.setOnKeyPressed(this::valueKey);
        // the key that opened the field is typed once more, now into the field
        field.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            if (swallow) {
                swallow = false;
                e.consume();
            }
        });
        probes = new VBox(12, heading, new HBox(16, red, black));
        bend.getStyleClass().add("small");
        bend.setOnAction(_ -> wiggle());
        bend.setId("dock-wiggle");
        answers = new HBox(10, beep, silent, value, field);
        answers.setAlignment(Pos.CENTER_LEFT);
        answers.getStyleClass().add("answers");
        late.setOnFinished(_ -> answers.pseudoClassStateChanged(LATE, true));
        answers.managedProperty().bind(answers.visibleProperty());
        why.managedProperty().bind(why.visibleProperty());
        wiggle.setVisible(false);
        wiggle.managedProperty().bind(wiggle.visibleProperty());
        bend.visibleProperty().bind(answers.visibleProperty().or(wiggle.visibleProperty()));
        HBox asked = Panels.line(question, bend);
        asked.setMinHeight(USE_PREF_SIZE);
        VBox middle = new VBox(8, asked, answers, wiggle, why, error);
        HBox.setHgrow(middle, Priority.ALWAYS);
        getChildren().addAll(probes, middle, meter);
        setMinWidth(0);
        widthProperty().addListener(_ -> makeRoom());
        show(Optional.empty(), "");
    }

    private Button button(Answer answer) {
        return switch (answer) {
            case BEEP -> beep;
            case NOTHING -> silent;
            case VALUE -> value;
        };
    }

    /** The meter shows a whole reading or none: where text is large and the window small, answers come first. */
    private void makeRoom() {
        boolean room = getWidth() <= 0 || probes.minWidth(-1) + answers.minWidth(-1) + meter.minWidth(-1)
                + 2 * getSpacing() + snappedLeftInset() + snappedRightInset() <= getWidth();
        meter.setVisible(ask.isPresent() && room);
        meter.setManaged(meter.isVisible());
    }

    /** A large button with the key that presses it. */
    public static Button answer(String key, KeyCode cap) {
        Label letter = new Label(Keys.shown(cap));
        letter.getStyleClass().add("key-cap");
        Button button = new Button(t(key), letter);
        button.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
        button.getStyleClass().add("answer");
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setId(key.replace('.', '-'));
        return button;
    }

    public MeterDisplay meter() {
        return meter;
    }

    /** What to do with a reading, or with the two of a wiggle test that changed. */
    public void setOnReading(Consumer<List<Reading>> action) {
        onReading = action;
    }

    /** How a whole typed reading is understood; it throws with a sentence where it is not. */
    public void setOnTyped(Function<String, Reading> typed) {
        parse = typed;
    }

    /** Contacts, and what is on them, to be read aloud. */
    private static String told(List<Terminal> contacts, String hint) {
        return hint.isEmpty() ? Words.list(contacts) : t("dock.spoken.hint", Words.list(contacts), hint);
    }

    /** Asks for a touch, or says {@code done} when there is none to ask for. */
    public void show(Optional<Ask> newAsk, String done) {
        leaveWiggle();
        if (!newAsk.equals(ask)) {
            closeValue();
            error.setText("");
        }
        ask = newAsk;
        boolean asking = ask.isPresent();
        red.setVisible(asking);
        black.setVisible(asking);
        answers.setVisible(asking);
        heading.setText(ask.map(Ask::heading).orElse(""));
        question.setText(ask.map(Ask::question).orElse(""));
        for (Answer answer : Answer.values()) {
            Button button = button(answer);
            button.getStyleClass().remove("primary");
            if (ask.filter(a -> a.expected() == answer).isPresent()) {
                button.getStyleClass().add("primary");
            }
        }
        why.setText(ask.map(Ask::why).orElse(done));
        probes.setManaged(asking);
        makeRoom();
        why.getStyleClass().removeAll("dock-done", "long");
        if (!asking) {
            why.getStyleClass().add("dock-done");
            if (done.length() > LONG) {
                why.getStyleClass().add("long");
            }
        }
        ask.ifPresent(a -> {
            silent.setText(t(a.mode() == Mode.CONTINUITY ? "dock.silent" : "dock.over"));
            red.show(a.touch().red(), a.redHint(), t("dock.red"));
            black.show(a.touch().black(), a.blackHint(), t("dock.black"));
        });
        setAccessibleText(ask.map(a -> t("dock.spoken", a.heading(), told(a.touch().red(), a.redHint()),
                told(a.touch().black(), a.blackHint()), question.getText(), a.why())).orElse(done));
    }

    /** Marks the dock as waiting for the disk; answers given meanwhile are not taken. Seen only where it takes long. */
    public void setBusy(boolean busy) {
        answers.setDisable(busy);
        if (busy) {
            late.playFromStart();
        } else {
            late.stop();
            answers.pseudoClassStateChanged(LATE, false);
        }
    }

    /** What can be done while a touch is asked for. */
    public List<Action> actions() {
        List<Action> all = new ArrayList<>();
        for (Action action : List.of(Action.of("beep", Keys.plain(KeyCode.B), beep::fire),
                Action.of("silent", Keys.plain(KeyCode.N), silent::fire),
                Action.byKey("value", valueKeys(), "0 … 9, " + Keys.shown(VALUE), e -> {
                    openValue(VALUE.match(e) ? "" : e.getText(), true);
                    return true;
                }),
                Action.byKey("typed", Keys.plain(KeyCode.T), Keys.shown(KeyCode.T), _ -> {
                    openValue("", true);
                    free = true;
                    field.setPromptText(t("dock.free.prompt"));
                    return true;
                }), Action.byKey("enter", Keys.plain(KeyCode.ENTER), Keys.shown(KeyCode.ENTER),
                        _ -> takeMeter()),
                Action.of("meter", Keys.plain(KeyCode.M), meter::toggle))) {
            all.add(action.when(() -> isAsking() && !wiggle.isOn()));
        }
        all.add(Action.of("wiggle", Keys.plain(KeyCode.W), this::wiggle)
                .when(() -> isAsking() && !wiggle.isOn()));
        all.addAll(wiggle.actions());
        return all;
    }

    private static List<KeyCombination> valueKeys() {
        List<KeyCombination> keys = new ArrayList<>(Keys.DIGITS);
        keys.add(VALUE);
        return keys;
    }

    private boolean isAsking() {
        return ask.isPresent() && !answers.isDisabled();
    }

    /** Holds the probes where they are while the cable is bent; a second time leaves it. */
    private void wiggle() {
        if (wiggle.isOn()) {
            endWiggle();
            return;
        }
        ask.ifPresent(a -> {
            closeValue();
            answers.setVisible(false);
            why.setVisible(false);
            question.setText(t("wiggle.question"));
            wiggle.setVisible(true);
            wiggle.begin(a.touch(), onReading, this::endWiggle);
        });
    }

    private void endWiggle() {
        show(ask, "");
    }

    private void leaveWiggle() {
        wiggle.end();
        wiggle.setVisible(false);
        answers.setVisible(true);
        why.setVisible(true);
    }

    private boolean takeMeter() {
        Optional<Outcome> shown = meter.reading();
        ask.ifPresent(a -> shown.ifPresent(o -> answer(a.mode(), o)));
        return shown.isPresent();
    }

    /** Nothing conducts: the buzzer is silent, or where a value is asked for, it is over range. */
    private void nothing() {
        ask.ifPresent(a -> answer(a.mode(), a.mode() == Mode.CONTINUITY ? Outcome.SILENT : Outcome.OPEN));
    }

    private void answer(Mode mode, Outcome outcome) {
        ask.ifPresent(a -> onReading.accept(List.of(Reading.of(mode, a.touch(), outcome))));
    }

    private void openValue(String start, boolean byKey) {
        swallow = byKey;
        free = false;
        field.setPromptText(t("dock.value.prompt"));
        field.setText(start);
        field.setVisible(true);
        field.setManaged(true);
        field.requestFocus();
        field.positionCaret(start.length());
    }

    private void closeValue() {
        boolean had = field.isFocused();
        field.setVisible(false);
        field.setManaged(false);
        if (had && getScene() != null) {
            getScene().getRoot().requestFocus();
        }
    }

    /** A reading at any place, typed whole. */
    private void typed() {
        try {
            Reading reading = parse.apply(field.getText());
            closeValue();
            error.setText("");
            onReading.accept(List.of(reading));
        } catch (IllegalArgumentException e) {
            // the field keeps what was typed, so that it can be mended
            error.setText(e.getMessage());
        }
    }

    private void valueKey(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            error.setText("");
            closeValue();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER) {
            e.consume();
            if (free) {
                typed();
                return;
            }
            try {
                Touch touch = ask.orElseThrow().touch();
                String typed = field.getText();
                Reading reading = TypedReading.ofValue(typed, touch, ask.get().mode());
                closeValue();
                error.setText("");
                onReading.accept(List.of(reading));
            } catch (IllegalArgumentException refused) {
                // the field keeps what was typed, so that it can be mended
                error.setText(refused.getMessage());
            }
        }
    }
}
