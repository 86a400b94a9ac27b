package wegweiser.app;

import wegweiser.files.job.JobFile;

/** Starts the window; apart from {@link Main} so that commands do not load it. */
final class WindowStart {
    private WindowStart() {}

    static void run(String[] args) {
        // while the toolkit starts; even to load the class takes time
        Thread.ofPlatform().daemon().start(JobFile::prepare);
        WindowApp.start(args);
    }
}
