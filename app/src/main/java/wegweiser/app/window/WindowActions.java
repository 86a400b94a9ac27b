package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
            all.add(Action.of("go", id.keys(), () -> window.go(id)).named(() -> t("do.go", t(id.key())))
                    .when(() -> !id.needsJob() || session.isOpen()));
        }
        all.addAll(List.of(
                Action.of("find", Keys.shortcut(KeyCode.K), window::find),
                Action.of("search", Keys.shortcut(KeyCode.F), window::search),
                Action.of("undo", Keys.UNDO, () -> {
                    if (window.isOnBench()) {
                        window.bench().undo();
                    } else {
                        session.undo();
                    }
                }).named(() -> undoes(window).map(w -> t("do.undo.what", w)).orElseGet(() -> t("do.undo")))
                        .when(() -> undoes(window).isPresent()),
                Action.of("redo", Keys.shifted(KeyCode.Z), () -> {
                    if (window.isOnBench()) {
                        window.bench().redo();
                    } else {
                        session.redo();
                    }
                }).named(() -> redoes(window).map(w -> t("do.redo.what", w)).orElseGet(() -> t("do.redo")))
                        .when(() -> redoes(window).isPresent()),
                Action.of("new", Keys.shortcut(KeyCode.N), window::begin),
                Action.of("new-window", Keys.shifted(KeyCode.N), () -> window.outside().another()),
                Action.of("open", Keys.shortcut(KeyCode.O), window::openOther),
                Action.of("rename", List.of(), () -> window.forms().rename()).when(() -> isUp(window)),
                Action.of("export", Keys.shifted(KeyCode.S), () -> window.forms().export())
                        .when(session::isOpen),
                Action.of("keep-usual", List.of(), () -> window.forms().keepUsual())
                        .when(() -> hasTwoEnds(session)),
                Action.of("save", Keys.shortcut(KeyCode.S),
                        () -> session.savedProperty().set(t("saved.already"))),
                Action.of("sheet", Keys.shortcut(KeyCode.P), window::sheet).when(session::isOpen),
                Action.of("print", Keys.shifted(KeyCode.P), () -> window.forms().print())
                        .when(session::isOpen),
                Action.of("labels", List.of(), () -> window.forms().labels()).when(session::isOpen),
                Action.of("settings", Keys.shortcut(KeyCode.COMMA), () -> window.forms().settings()),
                Action.of("night", Keys.shortcut(KeyCode.D), () -> turn(window.choices().nightProperty())),
                Action.of("text-larger", Keys.shortcut(KeyCode.PLUS, KeyCode.EQUALS, KeyCode.ADD),
                        () -> window.choices().resizeText(1)),
                Action.of("text-smaller", Keys.shortcut(KeyCode.MINUS, KeyCode.SUBTRACT),
                        () -> window.choices().resizeText(-1)),
                Action.of("buzzer", List.of(), () -> turn(window.choices().buzzerProperty()))
                        .named(() -> t(
                                window.choices().buzzerProperty().get() ? "do.buzzer.off" : "do.buzzer")),
                Action.of("keep-wiring", List.of(), () -> window.forms().keepWiring())
                        .when(() -> hasTwoEnds(session)),
                Action.of("ladder", List.of(), window::ladder).when(() -> hasTwoEnds(session)),
                Action.of("reaction", List.of(), () -> window.loose(true)).when(() -> hasTwoEnds(session)),
                Action.of("stop-work", Keys.shortcut(KeyCode.PERIOD), window::stopWork),
                Action.of("help", Keys.plain(KeyCode.F1), window::help),
                Action.of("quit", Keys.shortcut(KeyCode.Q), () -> quit(window))));
        return all;
    }

    /** Whether a job is open and its stages are up, not the bench. */
    private static boolean isUp(MainWindow window) {
        return window.session().isOpen() && !window.isOnBench();
    }

    private static Optional<String> undoes(MainWindow window) {
        return window.isOnBench() ? window.bench().undoes() : window.session().undoes();
    }

    private static Optional<String> redoes(MainWindow window) {
        return window.isOnBench() ? window.bench().redoes() : window.session().redoes();
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
