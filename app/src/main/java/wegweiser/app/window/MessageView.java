package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import javafx.animation.PauseTransition;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;
import wegweiser.app.stage.Notices;

/**
 * The message over the window: always at one place, and nothing moves for it. One that only informs goes after as long as it
 * takes to read it, but not while the mouse rests on it.
 */
final class MessageView extends HBox {
    private static final PseudoClass STAYS = PseudoClass.getPseudoClass("stays");
    /** Time to notice a message, and to read a letter of it, in ms. */
    private static final double NOTICE_MS = 3500;
    private static final double LETTER_MS = 70;
    /** Where no stage has its verdict, its findings or its answers. */
    private static final double ABOVE_THE_DOCK = 172;

    private final Label words = new Label();
    private final Button way = new Button();
    private final PauseTransition reading = new PauseTransition();
    private final Notices notices;

    MessageView(Notices notices) {
        super(12);
        this.notices = notices;
        setId("notice");
        getStyleClass().add("notice");
        setAlignment(Pos.CENTER_LEFT);
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        words.setMaxWidth(480);
        way.setId("notice-way");
        way.setMinWidth(USE_PREF_SIZE);
        way.managedProperty().bind(way.visibleProperty());
        Button close = new Button(t("notice.close"));
        close.setId("notice-close");
        close.setMinWidth(USE_PREF_SIZE);
        close.setFocusTraversable(false);
        close.setOnAction(_ -> notices.clear());
        getChildren().addAll(words, way, close);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        setAccessibleRole(AccessibleRole.TEXT);
        StackPane.setAlignment(this, Pos.BOTTOM_CENTER);
        StackPane.setMargin(this, new Insets(0, 18, ABOVE_THE_DOCK, 18));
        reading.setOnFinished(_ -> {
            if (isHover()) {
                reading.playFromStart();
            } else {
                notices.clear();
            }
        });
        notices.shownProperty().addListener((_, _, notice) -> show(notice));
        show(notices.shownProperty().get());
    }

    private void show(Notices.Notice notice) {
        reading.stop();
        setVisible(!notice.words().isEmpty());
        words.setText(notice.words());
        pseudoClassStateChanged(STAYS, notice.stays());
        way.setVisible(notice.way().isPresent());
        notice.way().ifPresent(w -> {
            way.setText(w.words());
            way.setOnAction(_ -> {
                notices.clear();
                w.action().run();
            });
        });
        setAccessibleText(notice.words());
        if (isVisible()) {
            toFront();
            notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
            if (!notice.stays()) {
                reading.setDuration(Duration.millis(NOTICE_MS + LETTER_MS * notice.words().length()));
                reading.playFromStart();
            }
        }
    }
}
