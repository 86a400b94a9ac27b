package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.words.Titles;

/** The USB connectors, each with its shell as a terminal. */
final class Usb {
    private Usb() {}

    static ConnectorType of(String kind, Gender gender) {
        List<Contact> contacts = switch (kind) {
            case "usb-a" -> Grid.line(List.of("4", "3", "2", "1"), 2.3);
            case "usb-b" -> List.of(new Contact("1", 1.25, -1.6, 0), new Contact("2", -1.25, -1.6, 0),
                    new Contact("3", -1.25, 1.6, 1), new Contact("4", 1.25, 1.6, 1));
            case "usb-mini-b" -> Grid.line(List.of("5", "4", "3", "2", "1"), 0.8);
            case "usb-micro-b" -> Grid.line(List.of("5", "4", "3", "2", "1"), 0.65);
            case "usb3-a" -> superSpeedA();
            default -> typeC();
        };
        double pitch = switch (kind) {
            case "usb-a", "usb3-a" -> 2.3;
            case "usb-b" -> 2.5;
            case "usb-mini-b" -> 0.8;
            case "usb-micro-b" -> 0.65;
            default -> 0.5;
        };
        Outline outline = switch (kind) {
            case "usb-a", "usb3-a" -> new Outline.Box(12, 4.5, Outline.Key.NONE);
            case "usb-b" -> new Outline.Box(8.5, 7.8, Outline.Key.NONE);
            case "usb-mini-b" -> new Outline.Tapered(6.8, 3.1);
            case "usb-micro-b" -> new Outline.Tapered(6.9, 2.2);
            default -> new Outline.Box(8.3, 2.6, Outline.Key.NONE);
        };
        List<Contact> all = new ArrayList<>(Grid.forGender(contacts, gender));
        all.sort(java.util.Comparator.comparing(Contact::id, wegweiser.core.model.ContactOrder.PRINTED));
        all.add(new Contact(Contact.SHELL, 0, outline.heightMm() / 2 - 0.2, -1));
        String name = kind.equals("usb3-a") ? "USB 3 A" : "USB " + kind.substring(4);
        return new ConnectorType(kind + "-" + gender.id(), Titles.of("connector.usb", name, gender.words()),
                kind, gender, all,
                pitch, outline,
                Termination.SOLDER_CUP, new Ratings(kind.equals("usb-c") ? 1.25 : 1.5, 20, 30, 3, 5, 1.5),
                List.of(),
                !kind.equals("usb-c"));
    }

    private static List<Contact> superSpeedA() {
        List<Contact> contacts = new ArrayList<>(Grid.line(List.of("4", "3", "2", "1"), 2.3));
        for (int n = 5; n <= 9; n++) {
            contacts.add(new Contact(String.valueOf(n), (n - 7) * 1.9, -1.2, 1));
        }
        return contacts;
    }

    /** Seen into the socket: A1 to A12 above from the left, B12 to B1 below; the plug is the mirror image. */
    private static List<Contact> typeC() {
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= 12; n++) {
            double x = (6.5 - n) * 0.5;
            contacts.add(new Contact("A" + n, x, -0.45, 0));
            contacts.add(new Contact("B" + n, -x, 0.45, 1));
        }
        return contacts;
    }
}
