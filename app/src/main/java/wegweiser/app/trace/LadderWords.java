package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import wegweiser.app.actions.Keys;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.ladder.LadderSettling;
import wegweiser.core.ladder.LadderTrace;
import wegweiser.core.ladder.LadderWork;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** What the values of a ladder plug mean, in words. */
final class LadderWords {
    private final LadderWork work;

    LadderWords(LadderWork work) {
        this.work = work;
    }

    /** What the value at a contact may mean. */
    String of(Terminal contact) {
        List<List<Integer>> fits = work.meanings(contact);
        Optional<Terminal> twin = work.twin(contact);
        if (fits.isEmpty()) {
            return t("ladder.nothing", contact);
        }
        if (twin.isPresent()) {
            return t("ladder.twice", contact, names(fits.getFirst()), twin.get());
        }
        if (fits.size() == 1 && fits.getFirst().size() < 2) {
            return fits.getFirst().isEmpty()
                    ? t("ladder.open", contact)
                    : t("ladder.joined", contact, names(fits.getFirst()));
        }
        return t(LadderTrace.isShort(fits) ? "ladder.short" : "ladder.several", contact,
                fits.stream().map(this::names).reduce((some, one) -> t("ladder.or", some, one))
                        .orElseThrow());
    }

    /** Why a contact is beeped: for its own value, or for what another one has shown. */
    String why(Terminal contact, LadderSettling settling) {
        List<List<Integer>> fits = work.meanings(contact);
        boolean plain = fits.size() == 1 && fits.getFirst().size() == 1 && work.twin(contact).isEmpty();
        return plain && !settling.unsure().isEmpty()
                ? t("ladder.alarm", Words.list(settling.unsure()))
                : of(contact);
    }

    /** What all values and beeps come to, with the contacts that the plug tells nothing about. */
    String result(Evidence evidence, LadderSettling settling) {
        long joined = work.near().stream()
                .filter(a -> work.far().stream().anyMatch(b -> evidence.supposed().state(a, b).isJoined()))
                .count();
        return t("ladder.result", joined, work.near().size(), Keys.shown(Keys.UNDO.getFirst()))
                + (settling.unsure().isEmpty()
                        ? ""
                        : " " + t("ladder.unsure", Words.list(settling.unsure())));
    }

    private String names(List<Integer> positions) {
        return String.join(" + ", positions.stream().map(k -> work.far().get(k).toString()).toList());
    }
}
