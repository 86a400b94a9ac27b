package wegweiser.app;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.app.cli.CommandLineApp;

/** The entry point. Commands other than the window never touch a class of the interface. */
public final class Main {
    private static final Set<String> WINDOW = Set.of("demo", "screenshots", "window");

    private static final Set<String> ASKS = Set.of("-h", "--help", "-V", "--version");

    private static final int UNUSABLE = 2;

    private Main() {}

    public static void main(String[] args) {
        boolean asks = Stream.of(args).anyMatch(ASKS::contains);
        boolean window = !asks && (args.length == 0 || WINDOW.contains(args[0])
                || args[0].equals("--workshop")
                        && (args.length <= 2 || args[2].endsWith(".wegweiser.json"))
                || args[0].endsWith(".wegweiser.json"));
        Optional<String> refused = window ? WindowWords.refused(args) : Optional.empty();
        if (refused.isPresent()) {
            System.err.println("wegweiser: " + refused.get());
            System.exit(UNUSABLE);
        } else if (window) {
            WindowStart.run(args);
        } else {
            System.exit(CommandLineApp.run(args));
        }
    }
}
