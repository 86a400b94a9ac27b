package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.words.Titles;

/** Connectors of vehicles: the diagnostic port in both its keyings, the round one of heavy vehicles, trailer sockets. */
final class Vehicle {
    private Vehicle() {}

    /** ISO 15031-3 (type A, and B with a split guide for 24 V), wide side up: 1 to 8 above, 9 to 16 below, from the left. */
    static ConnectorType diagnostic(String kind, Gender gender) {
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= 16; n++) {
            contacts.add(new Contact(String.valueOf(n), ((n - 1) % 8 - 3.5) * 4.0, n <= 8 ? -3.5 : 3.5,
                    n <= 8 ? 0 : 1));
        }
        String title = kind.equals("16") ? "connector.vehicle" : "connector.vehicle-b";
        return new ConnectorType("vehicle-" + kind + "-" + gender.id(), Titles.of(title, gender.words()),
                "vehicle-" + kind, gender, forSocket(contacts, gender), 4.0, new Outline.Tapered(39, 17),
                Termination.CRIMP, new Ratings(8, 18, 24, 4, 9, 3), List.of(), true);
    }

    /** SAE J1939-13: nine contacts by letter, A to H clockwise on a ring from the key and J inside, on the socket's face. */
    static ConnectorType heavy(String ways, Gender gender) {
        List<String> ids = List.of("A", "B", "C", "D", "E", "F", "G", "H");
        List<Contact> contacts = new ArrayList<>(ring(ids, 9.5));
        contacts.add(new Contact("J", 0, 0, 1));
        String family = "vehicle-" + ways;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.vehicle-heavy", gender.words()),
                family, gender, forSocket(contacts, gender), 7.0, new Outline.Round(27, Outline.Key.TOP),
                Termination.CRIMP, new Ratings(10, 14, 20, 6, 12, 5), List.of(), true);
    }

    /** ISO 1724 (7) and ISO 11446 (13), the numbers clockwise on the socket's face from the key. */
    static ConnectorType trailer(int ways, Gender gender) {
        boolean seven = ways == 7;
        List<Contact> contacts = new ArrayList<>(ring(numbers(1, seven ? 6 : 8), seven ? 10 : 11));
        if (seven) {
            contacts.add(new Contact("7", 0, 0, 1));
        } else {
            ring(numbers(9, 13), 5).forEach(c -> contacts.add(new Contact(c.id(), c.xMm(), c.yMm(), 1)));
        }
        String family = "trailer-" + ways;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.trailer", ways, gender.words()),
                family, gender, forSocket(contacts, gender), seven ? 9.5 : 5.8,
                new Outline.Round(seven ? 31 : 33, Outline.Key.TOP), Termination.SCREW,
                new Ratings(15, 12, 20, 6, 14, 8), List.of(), true);
    }

    private static List<String> numbers(int from, int to) {
        return Grid.numbers(from, to);
    }

    private static List<Contact> ring(List<String> ids, double radius) {
        List<Contact> found = new ArrayList<>();
        for (int k = 0; k < ids.size(); k++) {
            double angle = Math.toRadians(-90 + (k + 0.5) * 360.0 / ids.size());
            found.add(new Contact(ids.get(k), radius * Math.cos(angle), radius * Math.sin(angle), 0));
        }
        return found;
    }

    private static List<Contact> forSocket(List<Contact> onSocket, Gender gender) {
        return gender == Gender.SOCKET ? onSocket : onSocket.stream().map(Contact::mirrored).toList();
    }
}
