package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.BooleanProperty;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;

/** What can be done wherever one is. */
final class WindowActions {
    private WindowActions() {}

    static List<Action> of(MainWindow window) {
        Session session = window.session();
        List<Action> all = new ArrayList<>();
        for (StageId id : StageId.values()) {
            all.add(Action.of("go", id.keys(), () -> window.go(id)).named(() -> t("do.go", t(id.key()))));
        }
        all.addAll(List.of(
                Action.of("find", Keys.shortcut(KeyCode.K), window::find),
                Action.of("search", Keys.shortcut(KeyCode.F), window::search),
                Action.of("undo", Keys.UNDO, session::undo)
                        .named(() -> session.undoes().map(w -> t("do.undo.what", w))
                                .orElseGet(() -> t("do.undo")))
                        .when(() -> session.undoes().isPresent()),
                Action.of("redo", Keys.shifted(KeyCode.Z), session::redo)
                        .named(() -> session.redoes().map(w -> t("do.redo.what", w))
                                .orElseGet(() -> t("do.redo")))
                        .when(() -> session.redoes().isPresent()),
                Action.of("new", Keys.shortcut(KeyCode.N), () -> Jobs.create(session)),
                Action.of("open", Keys.shortcut(KeyCode.O), window::openOther),
                Action.of("rename", List.of(), window::rename),
                Action.of("save", Keys.shortcut(KeyCode.S),
                        () -> session.savedProperty().set(t("saved.already"))),
                Action.of("sheet", Keys.shortcut(KeyCode.P), window::sheet),
                Action.of("settings", Keys.shortcut(KeyCode.COMMA), window::settings),
                Action.of("night", Keys.shortcut(KeyCode.D), () -> turn(window.choices().nightProperty())),
                Action.of("buzzer", List.of(), () -> turn(window.choices().buzzerProperty()))
                        .named(() -> t(
                                window.choices().buzzerProperty().get() ? "do.buzzer.off" : "do.buzzer")),
                Action.of("keep-wiring", List.of(), window::keepWiring).when(() -> hasTwoEnds(session)),
                Action.of("ladder", List.of(), window::ladder).when(() -> hasTwoEnds(session)),
                Action.of("reaction", List.of(), () -> window.loose(true)).when(() -> hasTwoEnds(session)),
                Action.of("help", Keys.plain(KeyCode.F1), window::help),
                Action.of("quit", Keys.shortcut(KeyCode.Q), () -> quit(window))));
        return all;
    }

    private static boolean hasTwoEnds(Session session) {
        return session.job().ends().size() > 1;
    }

    private static void turn(BooleanProperty switched) {
        switched.set(!switched.get());
    }

    private static void quit(MainWindow window) {
        Window stage = window.root().getScene().getWindow();
        stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST));
    }
}
