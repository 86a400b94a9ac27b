package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import wegweiser.app.actions.Action;
import wegweiser.app.controls.SignArm;
import wegweiser.app.stage.Progress;
import wegweiser.app.stage.StageId;

/** The five stages as arms of a signpost, the title of the job before them and the log behind. */
public final class SignpostBar extends HBox {
    private static final PseudoClass HERE = PseudoClass.getPseudoClass("here");
    private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");
    private static final PseudoClass TROUBLE = PseudoClass.getPseudoClass("trouble");

    private final Map<StageId, SignArm> arms = new EnumMap<>(StageId.class);
    private final Map<StageId, Label> states = new EnumMap<>(StageId.class);
    private final Label title = new Label();
    private final Label subtitle = new Label();
    private final Map<StageId, Button> links = new EnumMap<>(StageId.class);
    private final MenuButton menu = new MenuButton("", icon("menu-lines"));

    /**
     * The bar.
     *
     * @param groups what can be done, in groups; asked anew each time the menu is opened
     */
    SignpostBar(Consumer<StageId> go, Runnable find, Supplier<List<List<Action>>> groups) {
        getStyleClass().add("signpost");
        setAlignment(Pos.CENTER_LEFT);
        title.getStyleClass().add("job-title");
        subtitle.getStyleClass().add("job-subtitle");
        VBox words = new VBox(title, subtitle);
        words.setAlignment(Pos.CENTER_LEFT);
        words.getStyleClass().add("job-words");
        getChildren().addAll(sign(), words);
        StageId.OF_A_JOB.forEach(id -> getChildren().add(arm(id, go)));
        Region space = new Region();
        HBox.setHgrow(space, Priority.SOMETIMES);
        // what there is beyond the arms is the title's, and it is the first to give way
        HBox.setHgrow(words, Priority.ALWAYS);
        Button search = new Button("", icon("find-icon"));
        search.setId("bar-find");
        search.setAccessibleText(t("bar.find"));
        search.setTooltip(new Tooltip(t("bar.find")));
        search.setOnAction(_ -> find.run());
        links.put(StageId.BENCH, new Button(t("stage.bench")));
        links.put(StageId.LOG, new Button(t("stage.log")));
        links.forEach((id, link) -> {
            link.setId("arm-" + id.id());
            link.setOnAction(_ -> go.accept(id));
        });
        menu.setId("bar-menu");
        menu.setAccessibleText(t("bar.menu"));
        menu.setTooltip(new Tooltip(t("bar.menu")));
        // a menu without anything in it would not be opened
        menu.getItems().add(new MenuItem());
        menu.setOnShowing(_ -> fill(groups.get()));
        getChildren().addAll(space, links.get(StageId.BENCH), links.get(StageId.LOG), search, menu);
        for (ButtonBase link : List.of(links.get(StageId.BENCH), links.get(StageId.LOG), search, menu)) {
            link.getStyleClass().add("bar-link");
            link.setMinWidth(Region.USE_PREF_SIZE);
        }
    }

    private void fill(List<List<Action>> groups) {
        menu.getItems().clear();
        for (List<Action> group : groups) {
            if (!menu.getItems().isEmpty()) {
                menu.getItems().add(new SeparatorMenuItem());
            }
            for (Action action : group) {
                MenuItem item = new MenuItem(action.words().get());
                item.setId("menu-" + action.id());
                item.setDisable(!action.enabled().getAsBoolean());
                item.setOnAction(_ -> action.run());
                // shown and not set: the window itself answers the keys
                if (!action.shown().isEmpty()) {
                    Label keys = new Label(action.shown());
                    keys.getStyleClass().add("menu-keys");
                    item.setGraphic(keys);
                }
                menu.getItems().add(item);
            }
        }
    }

    private static Region icon(String style) {
        Region icon = new Region();
        icon.getStyleClass().addAll("bar-icon", style);
        return icon;
    }

    private static StackPane sign() {
        Rectangle post = new Rectangle(3, 40);
        post.getStyleClass().add("sign-post");
        Polygon right = new Polygon(0, 0, 20, 0, 27, 6, 20, 12, 0, 12);
        right.getStyleClass().add("sign-right");
        right.setTranslateX(5);
        right.setTranslateY(-9);
        Polygon left = new Polygon(7, 0, 25, 0, 25, 11, 7, 11, 0, 5.5);
        left.getStyleClass().add("sign-left");
        left.setTranslateX(-5);
        left.setTranslateY(6);
        StackPane sign = new StackPane(post, right, left);
        sign.setMinWidth(40);
        return sign;
    }

    private SignArm arm(StageId id, Consumer<StageId> go) {
        Label name = new Label(t(id.key()));
        name.getStyleClass().add("arm-name");
        Label state = new Label();
        state.getStyleClass().add("arm-state");
        VBox words = new VBox(name, state);
        words.setAlignment(Pos.CENTER_LEFT);
        words.getStyleClass().add("arm-words");
        SignArm arm = new SignArm(words, () -> go.accept(id));
        arm.setId("arm-" + id.id());
        arm.setPrefWidth(150);
        arm.setMinWidth(92);
        HBox.setHgrow(arm, Priority.SOMETIMES);
        arms.put(id, arm);
        states.put(id, state);
        return arm;
    }

    void showJob(String newTitle, String newSubtitle) {
        title.setText(newTitle);
        subtitle.setText(newSubtitle);
    }

    void showHere(StageId here) {
        arms.forEach((id, arm) -> {
            arm.pseudoClassStateChanged(HERE, id == here);
            // the arms are those of a job, and on the bench lie many
            arm.setVisible(here != StageId.BENCH);
        });
        links.forEach((id, link) -> link.pseudoClassStateChanged(HERE, here == id));
    }

    /** Says nothing of how far the work is, since it could not be computed. */
    void showNothing() {
        arms.forEach((id, arm) -> {
            states.get(id).setText("");
            arm.pseudoClassStateChanged(DONE, false);
            arm.pseudoClassStateChanged(TROUBLE, false);
            arm.setAccessibleText(t(id.key()));
        });
    }

    void show(Progress progress) {
        progress.arms().forEach((id, arm) -> {
            states.get(id).setText(arm.words());
            arms.get(id).pseudoClassStateChanged(DONE, arm.done());
            arms.get(id).pseudoClassStateChanged(TROUBLE, arm.trouble());
            arms.get(id).setAccessibleText(t(id.key()) + ", " + arm.words());
        });
    }
}
