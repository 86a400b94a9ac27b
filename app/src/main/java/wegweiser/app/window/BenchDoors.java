package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import wegweiser.app.bench.Doors;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Next;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Schools;
import wegweiser.files.workshop.JobFolder;

/** Where the bench leads to: the stages of this window, and other windows. */
record BenchDoors(MainWindow window, Session session, Outside outside) implements Doors {
    @Override
    public void open(Path file, Optional<StageId> stage) {
        if (!session.file().equals(Optional.of(file)) && !session.open(file)) {
            return;
        }
        if (stage.isPresent()) {
            window.go(stage.get());
            return;
        }
        Derived derived = session.derived(session.job());
        boolean right = window.choices().rightHandedProperty().get();
        var testing = window.choices().testing();
        Background.errand(() -> Next.of(derived, testing, right).stage(), window::go);
    }

    @Override
    public void begin(Job begun, StageId stage) {
        Job job = begun.schools().equals(Schools.NONE)
                ? begun.withSchools(window.choices().schoolsProperty().get())
                : begun;
        Background.errand(() -> {
            try {
                return List.of(new JobFolder(session.workshop()).add(job).toString(), "");
            } catch (IOException e) {
                return List.of("", t("notice.not-begun", Session.reason(e)));
            }
        }, made -> {
            if (!made.getLast().isEmpty()) {
                session.notices().warn(made.getLast());
            } else if (session.open(Path.of(made.getFirst()))) {
                window.go(stage);
            }
        });
    }

    @Override
    public void lay(Job job) {
        Background.errand(() -> {
            try {
                new JobFolder(session.workshop()).add(job);
                return "";
            } catch (IOException e) {
                return t("notice.not-begun", Session.reason(e));
            }
        }, session.notices()::warn);
    }

    @Override
    public void beside(Path file) {
        outside.another(file);
    }

    @Override
    public void demo() {
        outside.demo();
    }

    @Override
    public void leave(Path file) {
        if (session.file().equals(Optional.of(file))) {
            session.leave();
        }
    }
}
