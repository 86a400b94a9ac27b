package wegweiser.files.sheet;

import java.util.List;
import java.util.stream.Collectors;
import wegweiser.core.make.Materials;
import wegweiser.core.words.Words;

/** What a cable is built of, one part a line, to be pasted into a message or an order. */
public final class PartsText {
    private PartsText() {}

    public static String of(List<Materials.Item> parts) {
        return parts.stream().map(p -> Words.say("parts.line", p.count(), p.words()))
                .collect(Collectors.joining("\n", "", "\n"));
    }
}
