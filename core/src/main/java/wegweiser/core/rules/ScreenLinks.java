package wegweiser.core.rules;

import wegweiser.core.catalog.Contact;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;

/** Which links join a cable's screen. */
final class ScreenLinks {
    private ScreenLinks() {}

    static boolean isScreen(Link link) {
        return link.isOnScreen()
                || link.from().contact().equals(Contact.SHELL)
                        && link.to().map(t -> t.contact().equals(Contact.SHELL)).orElse(false);
    }

    static boolean any(Job job) {
        return job.links().stream().anyMatch(ScreenLinks::isScreen);
    }
}
