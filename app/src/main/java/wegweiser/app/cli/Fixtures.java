package wegweiser.app.cli;

import wegweiser.core.advice.Fixture;
import wegweiser.files.io.BadFile;

/** Fixture words on the command line. */
final class Fixtures {
    private Fixtures() {}

    /** The fixture with this name. */
    static Fixture of(String word) throws BadFile {
        return switch (word.toLowerCase(java.util.Locale.ROOT)) {
            case "probes" -> Fixture.PROBES;
            case "clip" -> Fixture.CLIP;
            case "comb" -> Fixture.COMB;
            // a ladder plug tells joins apart; what remains is touched with probes
            case "ladder" -> Fixture.PROBES;
            default ->
                throw new BadFile("--fixture must be probes, clip, comb or ladder, not “" + word + "”.");
        };
    }
}
