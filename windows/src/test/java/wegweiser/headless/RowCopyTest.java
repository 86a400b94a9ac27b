package wegweiser.headless;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.robot.Robot;
import javafx.scene.shape.Rectangle;
import javafx.stage.Stage;
import javafx.stage.StageStyle;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

/** What is drawn stands on the screen where it was drawn. */
class RowCopyTest extends ApplicationTest {
    static {
        RowCopy.install();
    }

    private Stage stage;

    @Override
    public void start(Stage ofAll) {
        ofAll.hide();
        stage = new Stage(StageStyle.UNDECORATED);
        Pane pane = new Pane(new Rectangle(10, 20, 30, 2));
        pane.setStyle("-fx-background-color: white;");
        stage.setX(100);
        stage.setY(50);
        stage.setScene(new Scene(pane, 200, 60));
        stage.show();
    }

    @AfterEach
    void close() {
        WaitForAsyncUtils.waitForAsyncFx(5_000, stage::hide);
    }

    private Color at(double x, double y) {
        return WaitForAsyncUtils.waitForAsyncFx(5_000, () -> new Robot().getPixelColor(x, y));
    }

    @Test
    void aPictureLiesWhereItsWindowIs() {
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(at(110, 70)).isEqualTo(Color.BLACK);
        assertThat(at(139, 71)).isEqualTo(Color.BLACK);
        for (int[] beside : new int[][]{{109, 70}, {140, 70}, {110, 69}, {110, 72}, {100, 50}, {299, 109}}) {
            assertThat(at(beside[0], beside[1])).as("%d, %d", beside[0], beside[1]).isEqualTo(Color.WHITE);
        }
    }
}
