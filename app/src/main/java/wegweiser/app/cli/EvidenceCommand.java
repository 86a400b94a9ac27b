package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wegweiser.core.evidence.Claim;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.PairState;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** Says what a job's readings prove. */
@Command(name = "evidence")
final class EvidenceCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB")
    private Path job;

    private record Pair(List<Terminal> pair, String state, List<Integer> because) {
        static List<Pair> of(List<Claim> claims, Predicate<PairState> wanted) {
            return claims.stream().filter(c -> wanted.test(c.state()))
                    .map(c -> new Pair(List.of(c.a(), c.b()), word(c), c.because())).toList();
        }
    }

    private record Result(List<Pair> joined, List<Pair> apart, List<Shape.Measured> parts,
            List<Shape.Against> contradictions, List<Terminal> intermittent) {}

    @Override
    public Integer call() throws Exception {
        Evidence evidence = Evidence.of(read(job));
        List<Claim> claims = evidence.claims();
        List<String> lines = new ArrayList<>();
        for (Claim c : claims) {
            lines.add(c.a() + (c.state().isJoined() ? " – " : " | ") + c.b() + "  "
                    + t("cli.claim." + word(c)) + "  " + t("cli.because", c.because()));
        }
        evidence.contradictions()
                .forEach(c -> lines
                        .add(t("trace.contradiction", Words.list(c.readings()), Words.list(c.settle().red()),
                                Words.list(c.settle().black()))));
        evidence.intermittent().forEach(at -> lines.add(t("cli.intermittent", at)));
        write(new Result(Pair.of(claims, PairState::isJoined), Pair.of(claims, PairState::isApart),
                Shape.Measured.of(evidence),
                evidence.contradictions().stream().map(Shape.Against::of).toList(),
                List.copyOf(evidence.intermittent())), lines);
        boolean wrong = !evidence.contradictions().isEmpty() || !evidence.intermittent().isEmpty();
        return wrong ? CommandLineApp.WRONG : CommandLineApp.FINE;
    }

    private static String word(Claim claim) {
        return claim.state().isMeasured() ? "measured" : "follows";
    }
}
