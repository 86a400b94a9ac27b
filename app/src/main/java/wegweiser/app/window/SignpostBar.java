package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import wegweiser.app.stage.StageId;

/** The five stages as arms of a signpost, the title of the job before them and the log behind. */
public final class SignpostBar extends HBox {
    private static final PseudoClass HERE = PseudoClass.getPseudoClass("here");
    private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");
    private static final PseudoClass TROUBLE = PseudoClass.getPseudoClass("trouble");

    private final Map<StageId, StackPane> arms = new EnumMap<>(StageId.class);
    private final Map<StageId, Label> states = new EnumMap<>(StageId.class);
    private final Label title = new Label();
    private final Label subtitle = new Label();
    private final Button log = new Button(t("stage.log"));
    private final Button menu = new Button(t("bar.find"));

    SignpostBar(Consumer<StageId> go, Runnable find) {
        getStyleClass().add("signpost");
        setAlignment(Pos.CENTER_LEFT);
        title.getStyleClass().add("job-title");
        subtitle.getStyleClass().add("job-subtitle");
        VBox words = new VBox(title, subtitle);
        words.setAlignment(Pos.CENTER_LEFT);
        words.getStyleClass().add("job-words");
        getChildren().addAll(sign(), words);
        for (StageId id : new StageId[]{StageId.ENDS, StageId.TRACE, StageId.ROUTE, StageId.MAKE,
                StageId.PROVE}) {
            getChildren().add(arm(id, go));
        }
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        for (Button button : new Button[]{menu, log}) {
            button.getStyleClass().add("bar-link");
            button.setMinWidth(Region.USE_PREF_SIZE);
        }
        log.setOnAction(_ -> go.accept(StageId.LOG));
        log.setId("arm-log");
        menu.setOnAction(_ -> find.run());
        getChildren().addAll(space, menu, log);
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
        sign.setMinWidth(44);
        return sign;
    }

    private StackPane arm(StageId id, Consumer<StageId> go) {
        Label name = new Label(t(id.key()));
        name.getStyleClass().add("arm-name");
        Label state = new Label();
        state.getStyleClass().add("arm-state");
        VBox words = new VBox(name, state);
        words.setAlignment(Pos.CENTER_LEFT);
        words.getStyleClass().add("arm-words");
        words.setMouseTransparent(true);
        Polygon shape = new Polygon();
        shape.getStyleClass().add("arm-shape");
        shape.setManaged(false);
        StackPane arm = new StackPane(shape, words);
        arm.getStyleClass().add("arm");
        arm.setId("arm-" + id.id());
        arm.setPrefSize(150, 44);
        arm.setMinWidth(92);
        arm.setMaxHeight(44);
        arm.widthProperty().addListener((_, _, w) -> {
            double width = w.doubleValue();
            shape.getPoints().setAll(0.0, 0.0, width - 16, 0.0, width, 22.0, width - 16, 44.0, 0.0, 44.0);
        });
        HBox.setHgrow(arm, Priority.SOMETIMES);
        arm.setAccessibleRole(AccessibleRole.BUTTON);
        arm.setFocusTraversable(true);
        arm.setOnMouseClicked(_ -> go.accept(id));
        arm.setOnKeyPressed(e -> {
            if (e.getCode() == javafx.scene.input.KeyCode.ENTER
                    || e.getCode() == javafx.scene.input.KeyCode.SPACE) {
                go.accept(id);
                e.consume();
            }
        });
        arms.put(id, arm);
        states.put(id, state);
        return arm;
    }

    void showJob(String newTitle, String newSubtitle) {
        title.setText(newTitle);
        subtitle.setText(newSubtitle);
    }

    void showHere(StageId here) {
        arms.forEach((id, arm) -> arm.pseudoClassStateChanged(HERE, id == here));
        log.pseudoClassStateChanged(HERE, here == StageId.LOG);
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
