package wegweiser.core.catalog;

import java.util.List;
import wegweiser.core.words.Titles;

/** Ends with a connector of its own for each wire: banana plugs, bullets, blades, rings, spades, crocodile clips, solder tags. */
final class Single {
    private static final double APART_MM = 19;

    private Single() {}

    static ConnectorType of(String kind, int count, Gender gender) {
        String family = kind + "-" + count;
        Ratings ratings = switch (kind) {
            case "banana" -> new Ratings(16, 14, 26, 0, 20, 6);
            case "bullet" -> new Ratings(24, 12, 22, 0, 20, 6);
            case "tag" -> new Ratings(5, 16, 30, 0, 20, 6);
            case "blade" -> new Ratings(15, 12, 20, 0, 20, 6);
            case "crocodile" -> new Ratings(5, 16, 28, 0, 20, 6);
            default -> new Ratings(16, 12, 22, 0, 20, 6);
        };
        Termination usual = switch (kind) {
            case "banana", "crocodile" -> Termination.SCREW;
            case "tag" -> Termination.JACK_SOLDER;
            default -> Termination.CRIMP;
        };
        return new ConnectorType(gender == Gender.NONE ? family : family + "-" + gender.id(),
                Titles.of("connector." + kind, count, gender.words()), family, gender,
                Grid.forGender(Grid.line(Grid.numbers(1, count), APART_MM), gender), APART_MM,
                new Outline.Box(APART_MM * count, 12, Outline.Key.NONE),
                usual, ratings, List.of(), false);
    }
}
