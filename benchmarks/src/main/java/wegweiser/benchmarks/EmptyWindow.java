package wegweiser.benchmarks;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** The least a window can be: shown, painted once, closed. The measure for the start of the window. */
public final class EmptyWindow extends Application {
    public static void main(String[] args) {
        launch(args);
    }

    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(new StackPane(), 1280, 800));
        stage.show();
        Platform.runLater(() -> Platform.runLater(Platform::exit));
    }
}
