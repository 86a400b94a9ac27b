package wegweiser.core.shelf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.ConnectorSearch;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Gender;
import wegweiser.core.catalog.Termination;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.make.Article.Kind;
import wegweiser.core.make.Materials;
import wegweiser.core.make.Sleeves;
import wegweiser.core.model.CableStock;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/** All that may lie on a shelf, by its name and by a few words. */
public final class Articles {
    private final List<Named> cables;
    private final List<Named> rest;
    private final ConnectorSearch connectors;

    /** An article with its title. */
    public record Named(Article article, String title) {
        @Override
        public String toString() {
            return title;
        }
    }

    public Articles(Library library) {
        cables = library.allCables().stream()
                .map(c -> new Named(new Article(Kind.CABLE, c.id()), c.title())).toList();
        connectors = new ConnectorSearch(library.catalogue().all());
        List<Named> more = new ArrayList<>();
        Sleeves.SIZES_MM.forEach(mm -> more.add(named(new Article(Kind.SLEEVE, Words.plain(mm, 1)))));
        TreeSet<String> parts = new TreeSet<>(List.of("cup", "diode", "marker", "mesh", "tie"));
        for (ConnectorType type : library.catalogue().all().stream().filter(t -> t.kind().isHoused())
                .toList()) {
            for (Termination way : type.methods()) {
                switch (way) {
                    case SOLDER_CUP -> parts.add("hood/" + type.family());
                    case MODULAR -> parts.add("boot/" + type.family());
                    case CRIMP -> parts.add("contact/" + type.family());
                    case SCREW, RIBBON, JACK_SOLDER, CIRCULAR_DISPLACEMENT, PUNCH_DOWN, POTTED, SPLICE,
                            BARE ->
                        {
                        }
                }
            }
        }
        List.of(26, 24, 22, 20, 18, 16, 14).forEach(awg -> parts.add("ferrule/" + awg));
        parts.forEach(of -> more.add(named(new Article(Kind.PART, of))));
        rest = more;
    }

    private static Named named(Article article) {
        return new Named(article, title(article).orElse(article.of()));
    }

    /** What an article of the program's own tables is called; empty for one that they do not have. */
    public static Optional<String> title(Article article) {
        return title(article, Library.NONE);
    }

    /** The same, with a person's own tables. */
    public static Optional<String> title(Article article, Library library) {
        String of = article.of();
        return switch (article.kind()) {
            case CABLE -> library.cables().stream().filter(c -> c.id().equals(of)).findFirst()
                    .or(() -> Cables.find(of)).map(CableStock::title);
            case CONNECTOR -> connector(of, library);
            case SLEEVE -> of.matches("\\d+(\\.\\d+)?")
                    ? Optional.of(Words.say("article.sleeve", of))
                    : Optional.empty();
            case PART -> part(of, library);
        };
    }

    private static Optional<String> connector(String of, Library library) {
        String[] parts = of.split("/", 2);
        Optional<ConnectorType> type = library.catalogue().find(parts[0]);
        if (parts.length == 1) {
            return type.map(ConnectorType::title);
        }
        return type.filter(t -> t.methods().stream().anyMatch(m -> m.id().equals(parts[1])))
                .map(t -> Words.say("article.connector", t.title(),
                        Words.say("article.way." + parts[1])));
    }

    private static Optional<String> part(String of, Library library) {
        String[] parts = of.split("/", 2);
        String value = parts.length == 1 ? "" : parts[1];
        return switch (parts[0]) {
            case "hood", "boot", "contact" -> library.catalogue().all().stream()
                    .filter(t -> t.family().equals(value)).findFirst()
                    .map(t -> Words.say("article." + parts[0], familyTitle(t)));
            case "ferrule" -> number(value).map(_ -> Words.say("article.ferrule", value));
            case "resistor" -> number(value)
                    .map(ohms -> Words.say("part.resistor", Quantity.words(ohms, Unit.OHM)));
            case "capacitor" -> number(value).map(nf -> Words.say("article.capacitor", value));
            case "fuse" -> number(value).map(_ -> Words.say("article.fuse", value));
            case "diode", "marker", "cup", "mesh", "tie" -> value.isEmpty()
                    ? Optional.of(Words.say("part." + parts[0]))
                    : Optional.empty();
            default -> Optional.empty();
        };
    }

    private static Optional<Double> number(String text) {
        return text.matches("\\d{1,9}(\\.\\d{1,3})?") ? Optional.of(Double.valueOf(text)) : Optional.empty();
    }

    /** What a connector is called whatever its gender. */
    private static String familyTitle(ConnectorType type) {
        String ending = ", " + type.gender().words();
        return type.gender() != Gender.NONE && type.title().endsWith(ending)
                ? type.title().substring(0, type.title().length() - ending.length())
                : type.title();
    }

    /** What some words mean, the best first; a value behind "resistor" and the like is understood. O(all articles). */
    public List<Named> find(String typed, int most) {
        String[] words = typed.toLowerCase(Locale.ROOT).strip().split("\\s+");
        Stream<Named> values = value(words).stream();
        Stream<Named> named = Stream.concat(cables.stream(), rest.stream()).filter(n -> fits(n, words));
        Stream<Named> found = connectors.find(typed).stream()
                .flatMap(t -> t.methods().stream().map(m -> t.joinedBy(Optional.of(m.id()))))
                .map(t -> named(Materials.connector(t)));
        return Stream.of(values, named, found).flatMap(s -> s).distinct().limit(most).toList();
    }

    private static boolean fits(Named named, String[] words) {
        String all = (named.title() + " " + named.article().of()).toLowerCase(Locale.ROOT);
        return Arrays.stream(words).allMatch(all::contains);
    }

    /** "resistor 4k7", "capacitor 100n", "fuse 2 A". */
    private static Optional<Named> value(String[] words) {
        String rest = String.join(" ", Arrays.copyOfRange(words, 1, words.length));
        try {
            Article article = new Article(Kind.PART, switch (words[0]) {
                case "resistor" -> "resistor/" + Words.plain(Quantity.parse(rest, Unit.OHM), 2);
                case "capacitor" -> "capacitor/" + Words.plain(1e9 * Quantity.parse(rest, Unit.FARAD), 3);
                case "fuse" -> "fuse/" + Words.plain(Quantity.parse(upper(rest), Unit.AMP), 2);
                default -> "";
            });
            return title(article).map(t -> new Named(article, t));
        } catch (IllegalArgumentException _) {
            // no value yet
            return Optional.empty();
        }
    }

    private static String upper(String amps) {
        return amps.replace('a', 'A');
    }
}
