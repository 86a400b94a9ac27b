package wegweiser.app.window;

import java.nio.file.Path;

/** What a window asks for that is not its own: other windows. */
public interface Outside {
    /** Nothing beyond this window. */
    Outside NONE = new Outside() {
        @Override
        public void another() {}

        @Override
        public void another(Path job) {}

        @Override
        public void demo() {}

        @Override
        public void workshop(Path folder) {}
    };

    /** Opens one more window on the same workshop. */
    void another();

    /** Opens one more window on a job of the same workshop. */
    void another(Path job);

    /** Opens a window on the demo workshop. */
    void demo();

    /** Opens a window on another workshop, and begins there from the next start on. */
    void workshop(Path folder);
}
