package wegweiser.app.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
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
@Command(name = "chain")
final class ChainCommand extends JobCommand {
    @Parameters(arity = "1..*", paramLabel = "JOB")
    private List<Path> jobs;

    private record Result(Map<String, ? extends Collection<String>> map, Shape.Named recognised, String words,
            List<String> problems) {}

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
        List<String> lines = new ArrayList<>(List.of(recognised.map(c -> c.named().title()).orElse(words)));
        chain.wiring().map().forEach((from, to) -> lines.add("  " + from + " – " + String.join(" ", to)));
        lines.addAll(chain.problems());
        write(new Result(chain.wiring().map(),
                recognised.map(c -> new Shape.Named(c.named().id(), c.named().title())).orElse(null), words,
                chain.problems()), lines);
        return chain.problems().isEmpty() ? CommandLineApp.FINE : CommandLineApp.WRONG;
    }

    private static String family(Job job, End end) {
        return Catalogue.of(job).of(end).map(ConnectorType::family).orElse("");
    }
}
