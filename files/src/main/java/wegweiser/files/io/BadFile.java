package wegweiser.files.io;

/** A file that cannot be used; the message is one plain sentence with the file, the place and the reason. */
public final class BadFile extends Exception {
    private static final long serialVersionUID = 1L;

    public BadFile(String message) {
        // what is quoted from a file may hold anything
        super(message.replaceAll("\\p{Cntrl}+", " "));
    }
}
