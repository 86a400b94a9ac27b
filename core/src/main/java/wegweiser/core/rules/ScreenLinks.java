package wegweiser.core.rules;

import java.util.Set;
import wegweiser.core.catalog.Contact;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;

/** Which links join a cable's screen. */
final class ScreenLinks {
    private static final Set<String> NAMES = Set.of("screen", "shield", "drain", "braid");

    private ScreenLinks() {}

    static boolean isScreen(Link link) {
        return link.conductor().map(NAMES::contains).orElse(false)
                || link.from().contact().equals(Contact.SHELL)
                        && link.to().map(t -> t.contact().equals(Contact.SHELL)).orElse(false);
    }

    static boolean any(Job job) {
        return job.links().stream().anyMatch(ScreenLinks::isScreen);
    }
}
