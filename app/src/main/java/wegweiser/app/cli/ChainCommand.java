package wegweiser.app.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.wiring.Chain;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.wiring.WiringWords;

/** What several cables make when they are plugged into one another. */
@Command(name = "chain", description = "The wiring from the first end of the first job to the last end of the last one.", footerHeading = "%nExample%n", footer = {
        "  wegweiser chain mast.wegweiser.json dome.wegweiser.json"})
final class ChainCommand extends JobCommand {
    @Parameters(arity = "1..*", paramLabel = "JOB", description = "Job files in the order in which they are plugged together.")
    private List<Path> jobs;

    @Override
    public Integer call() throws Exception {
        List<Job> read = new ArrayList<>();
        for (Path path : jobs) {
            read.add(read(path));
        }
        Chain chain = Chain.of(read);
        String near = family(read.getFirst(), read.getFirst().ends().getFirst());
        String far = family(read.getLast(), read.getLast().ends().getLast());
        Optional<Recogniser.Candidate> recognised = Recogniser.recognise(near, far, chain.wiring());
        String words = WiringWords.of(chain.wiring());
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("map", chain.wiring().map());
        map.put("recognised",
                recognised.map(c -> CatalogShape.idAndTitle(c.named().id(), c.named().title())).orElse(null));
        map.put("words", words);
        map.put("problems", chain.problems());
        List<String> lines = new ArrayList<>(List.of(recognised.map(c -> c.named().title()).orElse(words)));
        chain.wiring().map().forEach((from, to) -> lines.add("  " + from + " – " + String.join(" ", to)));
        lines.addAll(chain.problems());
        write(map, lines);
        return chain.problems().isEmpty() ? CommandLineApp.FINE : CommandLineApp.WRONG;
    }

    private static String family(Job job, End end) {
        return Catalogue.of(job).of(end).map(ConnectorType::family).orElse("");
    }
}
