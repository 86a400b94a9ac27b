package wegweiser.app.cli;

import wegweiser.core.trace.Fixture;
import wegweiser.files.job.BadFile;

/** Fixture words on the command line. */
final class Fixtures {
    private Fixtures() {}

    /** The fixture with this name. */
    static Fixture of(String word) throws BadFile {
        return switch (word.toLowerCase(java.util.Locale.ROOT)) {
            case "probes" -> Fixture.PROBES;
            case "clip" -> Fixture.CLIP;
            case "comb" -> Fixture.COMB;
            case "ladder" ->
                throw new BadFile("--fixture ladder is not there yet; use probes, clip or comb.");
            default -> throw new BadFile("--fixture must be probes, clip or comb, not “" + word + "”.");
        };
    }
}
