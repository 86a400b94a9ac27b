package wegweiser.app.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Outline;
import wegweiser.files.json.Mapping;

/** Entries of the catalogue as they are shown on the command line. */
final class CatalogShape {
    private CatalogShape() {}

    static Map<String, Object> connector(ConnectorType type, Catalogue catalogue) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", type.id());
        map.put("title", type.title());
        map.put("family", type.family());
        map.put("gender", type.gender().id());
        map.put("numbersToCheck", type.numbersToCheck());
        map.put("pitchMm", type.pitchMm());
        map.put("outline", outline(type.outline()));
        map.put("contacts", type.contacts().stream().map(c -> contact(type, c)).toList());
        map.put("ribbonOrder", type.ribbonOrder());
        map.put("methods", type.methods().stream()
                .map(m -> m.id()).toList());
        map.put("mates", catalogue.all().stream().filter(type::matesWith).map(ConnectorType::id).toList());
        Map<String, Object> ratings = new LinkedHashMap<>();
        ratings.put("ampsPerContact", type.ratings().ampsPerContact());
        ratings.put("thickestAwg", type.ratings().thickestAwg());
        ratings.put("thinnestAwg", type.ratings().thinnestAwg());
        ratings.put("entryMinMm", type.ratings().entryMinMm());
        ratings.put("entryMaxMm", type.ratings().entryMaxMm());
        ratings.put("stripMm", type.ratings().stripMm());
        map.put("ratings", ratings);
        return map;
    }

    private static Map<String, Object> outline(Outline outline) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("shape", outline.getClass().getSimpleName().toLowerCase(Locale.ROOT));
        map.put("widthMm", round(outline.widthMm()));
        map.put("heightMm", round(outline.heightMm()));
        return map;
    }

    /** A contact on the mating face: to the right of the middle and below it, in mm. */
    private static Map<String, Object> contact(ConnectorType type, Contact contact) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", contact.id());
        map.put("xMm", round(contact.xMm()));
        map.put("yMm", round(contact.yMm()));
        map.put("row", contact.isShell() ? null : contact.row() + 1);
        map.put("neighbours", type.neighbours(contact.id()));
        return map;
    }

    private static double round(double mm) {
        return Math.round(1000 * mm) / 1000.0 + 0.0;
    }

    /** An entry of a table as it stands in a library file. */
    static Map<String, Object> entry(Object entry) {
        return Mapping.members(entry);
    }

    static List<String> lines(Map<String, Object> shape) {
        List<String> lines = new ArrayList<>();
        shape.forEach((name, value) -> {
            boolean table = value instanceof List<?> list && !list.isEmpty()
                    && list.getFirst() instanceof Map;
            if (table) {
                lines.add(name);
                ((List<?>) value).forEach(v -> lines.add("  " + plain(v)));
            } else {
                lines.add(name + "  " + plain(value));
            }
        });
        return lines;
    }

    private static String plain(Object value) {
        return switch (value) {
            case Map<?, ?> map -> String.join("  ", map.entrySet().stream()
                    .map(e -> e.getKey() + " " + plain(e.getValue())).toList());
            case List<?> list -> String.join(" ", list.stream().map(CatalogShape::plain).toList());
            case null -> "-";
            default -> value.toString();
        };
    }
}
