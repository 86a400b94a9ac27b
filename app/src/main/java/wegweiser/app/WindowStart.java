package wegweiser.app;

/** Starts the window; apart from {@link Main} so that commands do not load it. */
final class WindowStart {
    private WindowStart() {}

    static void run(String[] args) {
        wegweiser.app.WindowApp.start(args);
    }
}
