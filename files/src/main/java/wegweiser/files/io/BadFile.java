package wegweiser.files.io;

import wegweiser.core.words.Words;

/** A file that cannot be used; the message is one plain sentence with the file, the place and the reason. */
public final class BadFile extends Exception {
    private static final long serialVersionUID = 1L;

    public BadFile(String message) {
        // what is quoted from a file may hold anything
        super(message.replaceAll("\\p{Cntrl}+", " "));
    }

    /** A file that is refused, by its name and a sentence of the bundle. */
    public static BadFile of(Object name, String key, Object... args) {
        return new BadFile(name + ": " + Words.say(key, args));
    }

    /** A file that is refused because of something in a line. */
    public static BadFile of(Object name, int line, String key, Object... args) {
        return new BadFile(Words.say("file.line", name, line, Words.say(key, args)));
    }
}
