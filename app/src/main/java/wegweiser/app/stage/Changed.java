package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.words.Words;

/** What one change of a job changed, in a few words for whoever may take it back. */
final class Changed {
    private Changed() {}

    /** The part that differs; where several do, the one that matters most to a person. */
    static String words(Job before, Job after) {
        if (!before.setAside().equals(after.setAside())) {
            return t("change.aside");
        }
        if (!before.readings().equals(after.readings())) {
            return readings(before.readings(), after.readings());
        }
        if (!before.links().equals(after.links())) {
            return t("change.plan");
        }
        if (!before.done().equals(after.done())) {
            return t("change.step");
        }
        if (!before.ends().equals(after.ends())) {
            return ends(before, after);
        }
        if (!before.kept().equals(after.kept())) {
            return t("change.kept");
        }
        return t(!before.cable().equals(after.cable())
                ? "change.cable"
                : !before.title().equals(after.title())
                        ? "change.title"
                        : !before.waivers().equals(after.waivers())
                                ? "change.waiver"
                                : !before.ladderValues().equals(after.ladderValues())
                                        ? "change.ladder"
                                        : "change.other");
    }

    private static String readings(List<Reading> before, List<Reading> after) {
        boolean more = after.size() > before.size();
        List<Reading> rest = new ArrayList<>(more ? after : before);
        (more ? before : after).forEach(rest::remove);
        return rest.size() == 1
                ? t("change.reading", Words.list(rest.getFirst().red()), Words.list(rest.getFirst().black()))
                : t("change.readings", rest.size());
    }

    private static String ends(Job before, Job after) {
        List<String> names = after.ends().stream().filter(e -> !before.ends().contains(e)).map(e -> e.name())
                .toList();
        return names.size() == 1 && before.ends().size() == after.ends().size()
                ? t("change.end", names.getFirst())
                : t("change.ends");
    }
}
