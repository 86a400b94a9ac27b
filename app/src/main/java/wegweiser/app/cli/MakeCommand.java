package wegweiser.app.cli;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.CutList;
import wegweiser.core.make.Materials;
import wegweiser.core.make.OnPaper;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.route.NoWay;
import wegweiser.core.rules.Mains;
import wegweiser.core.sizing.Sizing;
import wegweiser.core.words.Words;

/** What to cut and in which order to build. */
@Command(name = "make")
final class MakeCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB")
    private Path job;

    @Option(names = "--left-handed")
    private boolean leftHanded;

    private record Done(int n, String key, String end, String text, @JsonProperty("wait") int waitSeconds,
            String caution, String detail, String check, String setting, int handSeconds,
            List<String> needs) {}

    private record Cut(String what, double mm) {}

    private record Part(String what, int count) {}

    private record Figure(String what, String value, String limit, boolean kept, String formula,
            String remedy) {}

    private record Result(List<Done> steps, List<Cut> cuts, List<CutList.Wire> wires, List<Part> parts,
            List<Figure> electrical) {}

    @Override
    public Integer call() throws Exception {
        Job read = read(job);
        if (Mains.isIn(Derived.of(read))) {
            write(new Result(List.of(), List.of(), List.of(), List.of(), List.of()),
                    NoWay.because(Derived.of(read)));
            return CommandLineApp.WRONG;
        }
        List<Step> steps = BenchSteps.of(read, !leftHanded);
        Result result = new Result(steps.stream().map(MakeCommand::shape).toList(),
                CutList.of(read).stream().flatMap(c -> c.items().stream())
                        .map(i -> new Cut(i.words(), i.mm())).toList(),
                CutList.of(read).map(CutList::wires).orElse(List.of()),
                Materials.parts(read).stream().map(p -> new Part(p.words(), p.count())).toList(),
                Sizing.of(read).stream().map(f -> new Figure(f.words(), f.shown(), f.limit(), f.isKept(),
                        f.formula(), f.remedy())).toList());
        List<String> lines = new ArrayList<>(OnPaper.cautions(steps));
        if (!lines.isEmpty()) {
            lines.add("");
        }
        for (OnPaper.Line line : OnPaper.lines(steps)) {
            lines.add(line.n() + "  " + line.text());
            line.notes().forEach(note -> lines.add("      " + note));
        }
        write(result, steps.isEmpty() ? List.of(Words.say("make.nothing-planned")) : lines);
        return CommandLineApp.FINE;
    }

    private static Done shape(Step step) {
        return new Done(step.n(), step.key(), step.end().isEmpty() ? null : step.end(), step.text(),
                step.waitSeconds(), step.caution(), step.detail(), step.check(), step.setting(),
                step.deed().handSeconds(), step.needs());
    }
}
