package wegweiser.files.io;

import wegweiser.core.words.Words;

/** A file that cannot be used; the message is one plain sentence with the file, the place and the reason. */
public final class BadFile extends Exception {
    private static final long serialVersionUID = 1L;
    private static final int LONGEST = 380;
    private static final int END = 80;

    public BadFile(String message) {
        // what is quoted from a file may hold anything, and as much of it as one likes
        super(shortened(message.replaceAll("\\p{Cntrl}+", " ")));
    }

    private static String shortened(String message) {
        return message.length() <= LONGEST
                ? message
                : message.substring(0, LONGEST - END) + " … " + message.substring(message.length() - END);
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
