package wegweiser.core.catalog;

import java.util.List;
import java.util.Locale;
import wegweiser.core.words.Titles;

/** Coaxial connectors: a centre contact and the outer conductor around it. */
final class Coaxial {
    private Coaxial() {}

    static ConnectorType of(String kind, Gender gender) {
        double size = switch (kind) {
            case "bnc" -> 9.6;
            case "sma" -> 6.4;
            default -> 9.5;
        };
        String family = "coax-" + kind;
        List<Contact> contacts = List.of(new Contact("centre", 0, 0, 0),
                new Contact("outer", 0, size * 0.36, 1));
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.coax", kind.toUpperCase(Locale.ROOT), gender.words()), family, gender,
                contacts,
                size * 0.36, new Outline.Round(size, Outline.Key.NONE), Termination.CRIMP,
                new Ratings(1, kind.equals("sma") ? 24 : 18, 30, 1.5,
                        kind.equals("sma") ? 5.4 : 7,
                        3),
                List.of(), false);
    }
}
