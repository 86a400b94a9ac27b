package wegweiser.core.ladder;

import java.util.List;
import java.util.Locale;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/** What to solder for a ladder plug, as lines for the bench: one resistor a contact, all of them to one common lead. */
public final class LadderList {
    private LadderList() {}

    /** The list for a plug on these contacts, in their order; a contact and its resistor a line. */
    public static String of(LadderPlug plug, List<Terminal> contacts, String connector) {
        StringBuilder text = new StringBuilder(Words.say("ladder.list.title", connector)).append("\n\n");
        for (int k = 0; k < contacts.size(); k++) {
            text.append(String.format(Locale.ROOT, "%-10s %8s%n", contacts.get(k).contact(),
                    Quantity.words(plug.values().get(k), Unit.OHM)));
        }
        long shared = plug.ambiguous();
        return text.append('\n')
                .append(Words.say("ladder.list.how", Math.round(1000 * plug.error().tolerance()) / 10.0,
                        Math.round(1000 * plug.error().meter()) / 10.0))
                .append('\n')
                .append(shared == 0
                        ? Words.say("ladder.list.all")
                        : Words.say("ladder.list.some", shared, contacts.size()))
                .append('\n')
                .toString();
    }
}
