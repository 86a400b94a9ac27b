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
        return boxHeader("box-header-", 2.54, ways, gender);
    }

    static ConnectorType boxHeader2(int ways, Gender gender) {
        return boxHeader("box-header-200-", 2.0, ways, gender);
    }

    static ConnectorType boxHeader127(int ways, Gender gender) {
        return boxHeader("box-header-127-", 1.27, ways, gender);
    }

    private static ConnectorType boxHeader(String stem, double pitch, int ways, Gender gender) {
        List<Contact> contacts = new ArrayList<>();
        double left = -(ways / 2 - 1) * pitch / 2;
        for (int n = 1; n <= ways; n++) {
            boolean odd = n % 2 == 1;
            contacts.add(new Contact(String.valueOf(n), left + Math.floorDiv(n - 1, 2) * pitch,
                    odd ? pitch / 2 : -pitch / 2, odd ? 1 : 0));
        }
        String family = stem + ways;
        String title = pitch == 2.54
                ? Titles.of("connector.box-header", ways / 2, gender.words())
                : Titles.of("connector.box-header.pitch", pitch, ways / 2, gender.words());
        return new ConnectorType(family + "-" + gender.id(), title, family, gender,
                forGender(contacts, gender), pitch,
                new Outline.Box((ways / 2 - 1) * pitch + pitch * 4, 3.5 * pitch, Outline.Key.BOTTOM),
                Termination.RIBBON, new Ratings(1, 26, pitch < 2 ? 32 : 28, 0, pitch / 2 * ways, 0),
                numbers(1, ways),
                false);
    }

    /** Two rows at 2.16 mm, 1 at the left of the upper, wider side on the plug's mating face. */
    static ConnectorType microRibbon(int ways, Gender gender) {
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= ways; n++) {
            boolean upper = n <= ways / 2;
            contacts.add(new Contact(String.valueOf(n), ((n - 1) % (ways / 2) - (ways / 2 - 1) / 2.0) * 2.16,
                    upper ? -1.5 : 1.5, upper ? 0 : 1));
        }
        List<Contact> placed = new ArrayList<>(forGender(contacts, gender));
        placed.add(new Contact(Contact.SHELL, 0, 4.2, -1));
        String family = "micro-ribbon-" + ways;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.micro-ribbon", ways, gender.words()), family, gender, placed, 2.16,
                new Outline.Tapered(ways * 2.16 / 2 + 14, 10), Termination.SOLDER_CUP,
                new Ratings(5, 24, 28, 6, 14, 3), List.of(), true);
    }

    /**
     * A screw terminal that is plugged on to a header. Whichever half goes on a cable has the screws; the header is on the
     * board. Read from the wire entries.
     */
    static ConnectorType pluggable(String kind, double pitch, int ways, Gender gender) {
        List<Contact> fromWires = line(numbers(1, ways), pitch);
        List<Contact> contacts = gender == Gender.SOCKET
                ? fromWires.stream().map(Contact::mirrored).toList()
                : fromWires;
        String family = "pluggable-" + kind + "-" + ways;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.pluggable", pitch, ways, gender.words()), family, gender, contacts,
                pitch,
                new Outline.Box(ways * pitch + 1, pitch < 4 ? 7.2 : 10, Outline.Key.NONE),
                Termination.SCREW,
                new Ratings(pitch < 4 ? 8 : 12, pitch < 4 ? 16 : 12, 28, 0, 20, pitch < 4 ? 6 : 7), List.of(),
                true);
    }

    static ConnectorType singleRow(String kind, double pitch, int ways, Gender gender) {
        String family = "row-" + kind + "-" + ways;
        boolean crimp = kind.equals("250");
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.row", pitch, ways, gender.words()),
                family, gender, forGender(line(numbers(1, ways), pitch), gender), pitch,
                new Outline.Box((ways - 1) * pitch + pitch + 1.4, crimp ? 5.8 : 2.9, Outline.Key.NONE),
                Termination.CRIMP, pitch < 2
                        ? new Ratings(1, 28, 32, 0, 20, 1.5)
                        : new Ratings(pitch < 2.5 ? 2 : 3, pitch < 2.5 ? 24 : 22, pitch < 2.5 ? 30 : 28, 0,
                                20, 2.5),
                List.of(), true);
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
        Gender gender = Gender.of(own.id());
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
