package wegweiser.core.words;

import java.util.Optional;

/**
 * Characters that no name or note should hold: controls, halves of surrogate pairs, noncharacters, and those that turn the
 * direction of whatever is written after them. Line breaks and tabs are well in a text of several lines.
 */
public final class Unshowable {
    private Unshowable() {}

    /** The first such character of a text, as {@code U+202E}, or empty. */
    public static Optional<String> in(String text) {
        return text.codePoints().filter(Unshowable::is).mapToObj(c -> String.format("U+%04X", c)).findFirst();
    }

    private static boolean is(int c) {
        boolean control = Character.getType(c) == Character.CONTROL && c != '\n' && c != '\r' && c != '\t';
        boolean turns = c >= 0x202A && c <= 0x202E || c >= 0x2066 && c <= 0x2069;
        boolean noCharacter = (c & 0xFFFE) == 0xFFFE || c >= 0xFDD0 && c <= 0xFDEF;
        return control || turns || noCharacter || Character.getType(c) == Character.SURROGATE;
    }
}
