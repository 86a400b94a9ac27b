package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.words.Titles;

/** Connectors with a round body or a round plug: jacks, phono, XLR, M12, M8, circular. */
final class RoundBodies {
    private RoundBodies() {}

    /** Contacts along the length, counted from the tip; the sleeve is nearest the cable. */
    static ConnectorType jack(String diameter, String poles, Gender gender) {
        List<String> ids = switch (poles) {
            case "ts" -> List.of("tip", "sleeve");
            case "trs" -> List.of("tip", "ring", "sleeve");
            default -> List.of("tip", "ring1", "ring2", "sleeve");
        };
        double size = Double.parseDouble(diameter);
        double length = size * 4;
        double step = length / ids.size();
        List<Contact> contacts = new ArrayList<>();
        for (int k = 0; k < ids.size(); k++) {
            contacts.add(new Contact(ids.get(k), 0, -length / 2 + step * (k + 0.5), k));
        }
        String family = "jack-" + diameter + "-" + poles;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.jack", diameter, poles.toUpperCase(java.util.Locale.ROOT),
                        gender.words()),
                family, gender, contacts, step, new Outline.Axial(size, length), Termination.JACK_SOLDER,
                new Ratings(1, 22, 30, 2, size < 4 ? 4 : 7, 4), List.of(), true);
    }

    static ConnectorType phono(Gender gender) {
        List<Contact> contacts = List.of(new Contact("centre", 0, 0, 0), new Contact("outer", 0, 3.6, 1));
        return new ConnectorType("phono-" + gender.id(), Titles.of("connector.phono", gender.words()),
                "phono", gender, contacts,
                3.6,
                new Outline.Round(9, false), Termination.JACK_SOLDER, new Ratings(1, 22, 30, 2, 6, 4),
                List.of(), false);
    }

    /** Key up, on the plug's mating face: three poles have 2 left, 1 right, 3 below. */
    static ConnectorType xlr(int poles, Gender gender) {
        List<Contact> contacts = poles == 3
                ? List.of(new Contact("1", 4.9, -2.0, 0), new Contact("2", -4.9, -2.0, 0),
                        new Contact("3", 0, 4.9, 1))
                : List.of(new Contact("1", 4.4, 2.4, 1), new Contact("2", 4.4, -2.4, 0),
                        new Contact("3", 0, 5.0, 2),
                        new Contact("4", -4.4, -2.4, 0), new Contact("5", -4.4, 2.4, 1));
        List<Contact> withShell = new ArrayList<>(Grid.forGender(contacts, gender));
        withShell.add(new Contact(Contact.SHELL, 0, 8.6, -1));
        String family = "xlr-" + poles;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.xlr", poles, gender.words()),
                family, gender,
                withShell, poles == 3 ? 8.5 : 5.2, new Outline.Round(19, true), Termination.SOLDER_CUP,
                new Ratings(poles == 3 ? 16 : 7.5, 14, 28, 3.5, 8, 4), List.of(), poles == 5);
    }

    /** Key up, on the plug's mating face: 2 upper left, 1 upper right, 4 lower right, 3 lower left, 5 inside. */
    static ConnectorType m12(int poles, Gender gender) {
        List<Contact> contacts = new ArrayList<>();
        if (poles == 8) {
            contacts.add(new Contact("8", 0, 0, 1));
            for (int n = 1; n <= 7; n++) {
                double angle = Math.toRadians(-65 - (n - 1) * 360.0 / 7);
                contacts.add(
                        new Contact(String.valueOf(n), 2.75 * Math.cos(angle), 2.75 * Math.sin(angle), 0));
            }
            contacts.sort((a, b) -> a.id().compareTo(b.id()));
        } else {
            contacts.add(new Contact("1", 2.5, -2.5, 0));
            if (poles > 3) {
                contacts.add(new Contact("2", -2.5, -2.5, 0));
            }
            contacts.add(new Contact("3", -2.5, 2.5, 1));
            contacts.add(new Contact("4", 2.5, 2.5, 1));
            if (poles > 4) {
                contacts.add(new Contact("5", 0, 0, 2));
            }
        }
        String family = "m12-a-" + poles;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.m12", poles, gender.words()), family,
                gender, Grid.forGender(contacts, gender), poles == 8 ? 2.4 : 5.0, new Outline.Round(12, true),
                Termination.CIRCULAR_DISPLACEMENT, new Ratings(poles == 8 ? 2 : 4, 18, 24, 4, 8, 0),
                List.of(), true);
    }

    static ConnectorType m8(int poles, Gender gender) {
        List<Contact> contacts = new ArrayList<>();
        contacts.add(new Contact("1", 1.5, 1.3, 1));
        if (poles == 4) {
            contacts.add(new Contact("2", 1.5, -1.3, 0));
        }
        contacts.add(new Contact("3", -1.5, 1.3, 1));
        contacts.add(poles == 4 ? new Contact("4", -1.5, -1.3, 0) : new Contact("4", 0, -1.6, 0));
        String family = "m8-" + poles;
        return new ConnectorType(family + "-" + gender.id(), Titles.of("connector.m8", poles, gender.words()),
                family, gender,
                Grid.forGender(contacts, gender), 3.0, new Outline.Round(8, true),
                Termination.CIRCULAR_DISPLACEMENT,
                new Ratings(3, 20, 26, 3.5, 5, 0), List.of(), true);
    }

    /** A generic numbered circular connector: contacts on a ring, clockwise on the plug's mating face. */
    static ConnectorType circular(int poles) {
        double radius = Math.max(3, poles * 3.0 / (2 * Math.PI));
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= poles; n++) {
            double angle = Math.toRadians(-90 + (n - 0.5) * 360.0 / poles);
            double x = radius * Math.cos(angle);
            contacts.add(
                    new Contact(String.valueOf(n), Math.abs(x) < 1e-9 ? 0 : x, radius * Math.sin(angle), 0));
        }
        double step = poles < 2 ? 3 : 2 * radius * Math.sin(Math.PI / poles);
        return new ConnectorType("circular-" + poles, Titles.of("connector.circular", poles),
                "circular-" + poles,
                Gender.NONE, contacts, step, new Outline.Round(2 * radius + 6, true), Termination.SOLDER_CUP,
                new Ratings(5, 18, 28, 3, 12, 4), List.of(), true);
    }
}
