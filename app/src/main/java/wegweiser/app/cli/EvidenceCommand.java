package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wegweiser.core.evidence.Claim;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** Says what a job's readings prove. */
@Command(name = "evidence", description = "Says what the readings of a job prove, and by which readings.", footerHeading = "%nExample%n", footer = {
        "  wegweiser evidence dome.wegweiser.json"})
final class EvidenceCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB", description = "A job file.")
    private Path job;

    @Override
    public Integer call() throws Exception {
        Evidence evidence = Evidence.of(read(job));
        List<Claim> claims = evidence.claims();
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("joined",
                claims.stream().filter(c -> c.state().isJoined()).map(EvidenceCommand::shape).toList());
        map.put("apart",
                claims.stream().filter(c -> c.state().isApart()).map(EvidenceCommand::shape).toList());
        map.put("parts", evidence.parts().stream().map(Shape::part).toList());
        map.put("contradictions", evidence.contradictions().stream().map(Shape::contradiction).toList());
        map.put("intermittent", evidence.intermittent().stream().map(Terminal::toString).toList());
        List<String> lines = new ArrayList<>();
        for (Claim c : claims) {
            lines.add(c.a() + (c.state().isJoined() ? " – " : " | ") + c.b() + "  " + word(c)
                    + "  " + t("cli.because", c.because()));
        }
        evidence.contradictions()
                .forEach(c -> lines
                        .add(t("trace.contradiction", Words.list(c.readings()), Words.list(c.settle().red()),
                                Words.list(c.settle().black()))));
        evidence.intermittent().forEach(at -> lines.add(t("cli.intermittent", at)));
        write(map, lines);
        boolean wrong = !evidence.contradictions().isEmpty() || !evidence.intermittent().isEmpty();
        return wrong ? CommandLineApp.WRONG : CommandLineApp.FINE;
    }

    private static String word(Claim claim) {
        return claim.state().isMeasured() ? "measured" : "follows";
    }

    private static Map<String, Object> shape(Claim claim) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("pair", List.of(claim.a().toString(), claim.b().toString()));
        map.put("state", word(claim));
        map.put("because", claim.because());
        return map;
    }
}
