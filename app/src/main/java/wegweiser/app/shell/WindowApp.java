package wegweiser.app.shell;

/** The window. */
public final class WindowApp {
    private WindowApp() {}

    public static void start(String[] args) {
        throw new IllegalStateException("no window yet");
    }
}
