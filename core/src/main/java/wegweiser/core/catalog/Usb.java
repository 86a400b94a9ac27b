package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import wegweiser.core.model.ContactOrder;
import wegweiser.core.words.Titles;

/** USB and video connectors with their contacts on a tongue, each with its shell as a terminal. */
final class Usb {
    private static final Set<String> ONE_SOURCE = Set.of("usb3-b", "usb3-micro-b", "hdmi-a");

    private static final List<Contact> A = List.of(new Contact("1", 3.5, 0.9, 1),
            new Contact("2", 1.0, 0.9, 1),
            new Contact("3", -1.0, 0.9, 1), new Contact("4", -3.5, 0.9, 1));

    private Usb() {}

    static ConnectorType of(String kind, Gender gender) {
        List<Contact> contacts = switch (kind) {
            case "usb-a" -> A;
            case "usb-b" -> squareB(0);
            case "usb-mini-b" -> Grid.line(List.of("5", "4", "3", "2", "1"), 0.8);
            case "usb-micro-b" -> Grid.line(List.of("5", "4", "3", "2", "1"), 0.65);
            case "usb3-a" -> superSpeedA();
            case "usb3-b" -> superSpeedB();
            case "usb3-micro-b" -> superSpeedMicro();
            case "hdmi-a" -> video();
            default -> typeC(gender);
        };
        double pitch = switch (kind) {
            case "usb-a", "usb3-a" -> 2.0;
            case "usb-b", "usb3-b" -> 2.5;
            case "usb-mini-b" -> 0.8;
            case "hdmi-a" -> 1.0;
            case "usb-micro-b", "usb3-micro-b" -> 0.65;
            default -> 0.5;
        };
        Outline outline = outline(kind);
        List<Contact> all = new ArrayList<>(Grid.forGender(contacts, gender));
        all.sort(Comparator.comparing(Contact::id, ContactOrder.PRINTED));
        all.add(new Contact(Contact.SHELL, 0, outline.heightMm() / 2 + 0.1, -1));
        return new ConnectorType(kind + "-" + gender.id(), Titles.of("connector." + kind, gender.words()),
                kind,
                gender, all, pitch, outline, Termination.SOLDER_CUP, ratings(kind), List.of(),
                ONE_SOURCE.contains(kind));
    }

    private static Ratings ratings(String kind) {
        return kind.equals("usb-c")
                ? new Ratings(1.25, 20, 32, 3, 6, 1.5)
                : kind.equals("hdmi-a")
                        ? new Ratings(0.5, 24, 32, 3, 9, 1.5)
                        : new Ratings(1.5, 20, 30, 3, 7, 1.5);
    }

    private static Outline outline(String kind) {
        return switch (kind) {
            case "usb-a", "usb3-a" -> new Outline.Tongued(12, 4.5, -0.95, 1.9, false);
            case "usb-b" -> new Outline.Bevelled(8.5, 7.8);
            case "usb3-b" -> new Outline.Bevelled(8.5, 11.6);
            case "usb-mini-b" -> new Outline.Tapered(6.8, 3.1);
            case "usb-micro-b" -> new Outline.Tapered(6.9, 2.2);
            case "usb3-micro-b" -> new Outline.Box(12.3, 2.4, Outline.Key.NONE);
            case "hdmi-a" -> new Outline.Tapered(14, 4.6);
            default -> new Outline.Tongued(8.3, 2.6, 0, 0.7, true);
        };
    }

    private static List<Contact> squareB(double below) {
        return List.of(new Contact("1", 1.25, below - 1.6, 0), new Contact("2", -1.25, below - 1.6, 0),
                new Contact("3", -1.25, below + 1.6, 1), new Contact("4", 1.25, below + 1.6, 1));
    }

    /** Below the four contacts of the older kind five more on the tongue, seen into the plug. */
    private static List<Contact> superSpeedA() {
        List<Contact> contacts = new ArrayList<>(A);
        for (int n = 5; n <= 9; n++) {
            contacts.add(new Contact(String.valueOf(n), (n - 7) * 2.0, -1.0, 0));
        }
        return contacts;
    }

    /** The square with five contacts in the part above it. */
    private static List<Contact> superSpeedB() {
        List<Contact> contacts = new ArrayList<>();
        squareB(1.8).forEach(c -> contacts.add(new Contact(c.id(), c.xMm(), c.yMm(), c.row() + 1)));
        for (int n = 5; n <= 9; n++) {
            contacts.add(new Contact(String.valueOf(n), (n - 7) * 1.1, -4.0, 0));
        }
        return contacts;
    }

    /** The small one with five more contacts beside it. */
    private static List<Contact> superSpeedMicro() {
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= 10; n++) {
            contacts.add(new Contact(String.valueOf(n), (5.5 - n) * 0.65 + (n <= 5 ? 1.4 : -1.4), 0, 0));
        }
        return contacts;
    }

    /** Nineteen contacts in two rows, odd above; 1 at the right on the plug's mating face, wide side up. */
    private static List<Contact> video() {
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= 19; n++) {
            contacts.add(new Contact(String.valueOf(n), (n - 10) * 0.5, n % 2 == 1 ? -0.5 : 0.5,
                    n % 2 == 1 ? 0 : 1));
        }
        return contacts;
    }

    /** Seen into the socket: A1 to A12 above from the left, B12 to B1 below; the plug is the mirror image, without B6 and B7. */
    private static List<Contact> typeC(Gender gender) {
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= 12; n++) {
            double x = (6.5 - n) * 0.5;
            contacts.add(new Contact("A" + n, x, -0.45, 0));
            if (gender == Gender.SOCKET || n != 6 && n != 7) {
                contacts.add(new Contact("B" + n, -x, 0.45, 1));
            }
        }
        return contacts;
    }
}
