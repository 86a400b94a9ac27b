package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.words.Titles;

/** Connectors whose contacts lie on a plain grid: ribbon headers, rows, terminals, vehicle sockets. */
final class Grid {
    private Grid() {}

    /** Two rows at 2.54 mm; odd numbers in the row with the key, which lies below on the plug's mating face. */
    static ConnectorType boxHeader(int ways, Gender gender) {
        List<Contact> contacts = new ArrayList<>();
        double left = -(ways / 2 - 1) * 2.54 / 2;
        for (int n = 1; n <= ways; n++) {
            boolean odd = n % 2 == 1;
            contacts.add(
                    new Contact(String.valueOf(n), left + Math.floorDiv(n - 1, 2) * 2.54, odd ? 1.27 : -1.27,
                            odd ? 1 : 0));
        }
        String family = "box-header-" + ways;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.box-header", ways / 2, gender.words()), family,
                gender, forGender(contacts, gender), 2.54,
                new Outline.Box((ways / 2 - 1) * 2.54 + 7.6, 8.9, Outline.Key.BOTTOM), Termination.RIBBON,
                new Ratings(1, 26, 28, 0, 1.27 * ways, 0), numbers(1, ways), false);
    }

    static ConnectorType singleRow(String kind, double pitch, int ways, Gender gender) {
        String family = "row-" + kind + "-" + ways;
        boolean crimp = kind.equals("250");
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.row", pitch, ways, gender.words()),
                family, gender, forGender(line(numbers(1, ways), pitch), gender), pitch,
                new Outline.Box((ways - 1) * pitch + pitch + 1.4, crimp ? 5.8 : 2.9, Outline.Key.NONE),
                Termination.CRIMP, new Ratings(3, 22, 28, 0, 20, 2.5), List.of(), true);
    }

    static ConnectorType terminal(int ways) {
        double pitch = 5.08;
        // a screw terminal is read from the side of its wire entries, with position 1 at the left
        List<Contact> contacts = line(numbers(1, ways), pitch).stream().map(Contact::mirrored).toList();
        return new ConnectorType("terminal-" + ways, Titles.of("connector.terminal", ways),
                "terminal-" + ways,
                Gender.NONE,
                contacts, pitch, new Outline.Box(ways * pitch + 1, 10, Outline.Key.NONE),
                Termination.SCREW, new Ratings(10, 12, 26, 0, 20, 6.5), List.of(), true);
    }

    /** The diagnostic socket of a vehicle, wide side up: 1 to 8 above, 9 to 16 below, from the left. */
    static ConnectorType vehicle(Gender gender) {
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= 16; n++) {
            contacts.add(new Contact(String.valueOf(n), ((n - 1) % 8 - 3.5) * 4.0, n <= 8 ? -3.5 : 3.5,
                    n <= 8 ? 0 : 1));
        }
        List<Contact> placed = gender == Gender.SOCKET
                ? contacts
                : contacts.stream().map(Contact::mirrored).toList();
        return new ConnectorType("vehicle-16-" + gender.id(), Titles.of("connector.vehicle", gender.words()),
                "vehicle-16", gender, placed, 4.0, new Outline.Tapered(39, 17), Termination.CRIMP,
                new Ratings(8, 18, 24, 4, 9, 3), List.of(), true);
    }

    static ConnectorType own(OwnConnector own) {
        List<Contact> contacts = new ArrayList<>();
        int widest = own.rows().stream().mapToInt(List::size).max().orElse(1);
        for (int row = 0; row < own.rows().size(); row++) {
            List<String> ids = own.rows().get(row);
            for (int k = 0; k < ids.size(); k++) {
                if (!ids.get(k).isEmpty()) {
                    contacts.add(new Contact(ids.get(k), (k - (widest - 1) / 2.0) * own.pitchMm(),
                            (row - (own.rows().size() - 1) / 2.0) * own.pitchMm(), row));
                }
            }
        }
        double height = own.rows().size() * own.pitchMm() + 3;
        if (own.shell()) {
            contacts.add(new Contact(Contact.SHELL, 0, height / 2 - 0.6, -1));
        }
        Gender gender = own.id().endsWith("-plug")
                ? Gender.PLUG
                : own.id().endsWith("-socket") ? Gender.SOCKET : Gender.NONE;
        String family = gender == Gender.NONE
                ? own.id()
                : own.id().substring(0, own.id().length() - gender.id().length() - 1);
        return new ConnectorType(own.id(), own.title(), family, gender, contacts, own.pitchMm(),
                new Outline.Box(widest * own.pitchMm() + 3, height, Outline.Key.NONE), Termination.SOLDER_CUP,
                new Ratings(1, 20, 30, 0, 20, 3), List.of(), true);
    }

    static List<Contact> line(List<String> ids, double pitch) {
        return IntStream.range(0, ids.size())
                .mapToObj(k -> new Contact(ids.get(k), (k - (ids.size() - 1) / 2.0) * pitch, 0, 0))
                .toList();
    }

    static List<String> numbers(int from, int to) {
        return IntStream.rangeClosed(from, to).mapToObj(String::valueOf).toList();
    }

    static List<Contact> forGender(List<Contact> onPlug, Gender gender) {
        return gender == Gender.PLUG ? onPlug : onPlug.stream().map(Contact::mirrored).toList();
    }
}
