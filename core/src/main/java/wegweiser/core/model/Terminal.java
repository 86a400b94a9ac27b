package wegweiser.core.model;

import java.util.Comparator;

/**
 * One contact of one end, written {@code A.2}.
 *
 * @param end the end's name, unique within a job
 * @param contact the contact's id as printed on the part
 */
public record Terminal(String end, String contact) implements Comparable<Terminal> {
    private static final Comparator<Terminal> ORDER = Comparator.comparing(Terminal::end)
            .thenComparing(Terminal::contact, ContactOrder.PRINTED);

    public Terminal {
        if (end.isBlank() || contact.isBlank()) {
            throw new IllegalArgumentException("a terminal needs an end and a contact");
        }
    }

    /**
     * Reads {@code END.CONTACT}; the first dot divides.
     *
     * @throws IllegalArgumentException with a sentence that quotes the text when it has no such form
     */
    public static Terminal parse(String text) {
        int dot = text.indexOf('.');
        if (dot <= 0 || dot == text.length() - 1) {
            throw new IllegalArgumentException("“" + text + "” is not a terminal such as A.2");
        }
        return new Terminal(text.substring(0, dot).strip(), text.substring(dot + 1).strip());
    }

    // written out, since terminals are looked up a million times an hour, mostly before the compiler has warmed up
    @Override
    public boolean equals(Object o) {
        return this == o
                || o instanceof Terminal t && contact.equals(t.contact) && end.equals(t.end);
    }

    @Override
    public int hashCode() {
        return 31 * end.hashCode() + contact.hashCode();
    }

    @Override
    public int compareTo(Terminal other) {
        return ORDER.compare(this, other);
    }

    @Override
    public String toString() {
        return end + "." + contact;
    }
}
