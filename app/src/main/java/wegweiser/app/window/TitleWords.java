package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.Job;
import wegweiser.core.words.Words;

/**
 * What stands over a window: the open job, or the bench.
 *
 * @param name in the signpost
 * @param about beside the name, in small
 * @param window in the frame of the window
 */
record TitleWords(String name, String about, String window) {
    /** @param bench what the bench says of itself, asked for only while it is up */
    static TitleWords of(Session session, StageId here, Supplier<String> bench) {
        if (here == StageId.BENCH) {
            return new TitleWords(t("bench.title"), bench.get(), t("window.bench"));
        }
        if (!session.isOpen()) {
            return new TitleWords(t("stage.log"), "", t("window.title"));
        }
        Job job = session.job();
        String length = job.cable().lengthMm().isPresent()
                ? t("bar.length", Words.number(job.cable().lengthMm().getAsDouble() / 1000))
                : "";
        String name = job.title().isBlank() ? t("bar.untitled") : job.title();
        String about = Stream.of(length, session.savedProperty().get()).filter(s -> !s.isEmpty())
                .collect(Collectors.joining(" · "));
        return new TitleWords(name, about, t("window.job", name));
    }
}
