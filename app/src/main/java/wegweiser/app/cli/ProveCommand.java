package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.prove.Diagnosis;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Prover;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Verdict;
import wegweiser.core.words.Words;
import wegweiser.instruments.MeterTraits;
import wegweiser.instruments.SimulatedCable;
import wegweiser.instruments.SimulatedMeter;

/** The test plan of a job, and with readings its verdict. */
@Command(name = "prove")
final class ProveCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB")
    private Path job;

    @Option(names = "--hidden", paramLabel = "TRUTH")
    private Path hidden;

    @Option(names = "--fixture", defaultValue = "probes")
    private Fixture fixture;

    @Option(names = "--once")
    private boolean once;

    @Option(names = "--seed", defaultValue = "1")
    private long seed;

    private record Planned(String kind, List<Terminal> red, List<Terminal> black, String expect,
            String danger) {
        static Planned of(Test test) {
            return new Planned(test.kind().id(), test.red(), test.black(), test.expect(), test.danger().id());
        }
    }

    private record Wrong(String kind, List<Terminal> terminals) {}

    private record Story(String kind, String end, String text, double explains, List<String> repair,
            int joints) {
        static Story of(Explanation e) {
            return new Story(e.kind(), e.end().isEmpty() ? null : e.end(), e.text(), e.explains(), e.repair(),
                    e.joints());
        }
    }

    private record Result(List<Planned> plan, String verdict, int once, List<String> blind,
            List<Wrong> faults,
            List<Story> explanations) {}

    @Override
    public Integer call() throws Exception {
        Job tested = read(job);
        if (hidden != null) {
            SimulatedCable cable = new SimulatedCable(read(hidden), Terminals.of(tested));
            SimulatedMeter meter = new SimulatedMeter(cable, MeterTraits.USUAL, seed);
            tested = once
                    ? Prover.once(tested, fixture, meter::measure, seed)
                    : Prover.run(tested, fixture, meter::measure, seed);
        }
        Derived derived = Derived.of(tested);
        Verdict verdict = Verdict.of(derived, fixture);
        List<Explanation> explanations = Diagnosis.of(tested, derived.evidence(), verdict.faults());
        write(new Result(verdict.plan().stream().map(Planned::of).toList(), verdict.result().id(),
                verdict.once().size(), verdict.blind(),
                verdict.faults().stream().map(f -> new Wrong(f.kind().id(), f.terminals())).toList(),
                explanations.stream().map(Story::of).toList()), lines(verdict, explanations));
        return verdict.result() == Verdict.Result.FAIL ? CommandLineApp.WRONG : CommandLineApp.FINE;
    }

    private static List<String> lines(Verdict verdict, List<Explanation> explanations) {
        List<String> lines = new ArrayList<>();
        for (int k = 0; k < verdict.plan().size(); k++) {
            Test test = verdict.plan().get(k);
            lines.add(t("cli.prove.test", k + 1, t("cli.test." + test.kind().id()),
                    String.join(" ", names(test.red())), String.join(" ", names(test.black())), test.expect(),
                    t("danger." + test.danger().name()), t("cli.state." + verdict.states().get(k).id())));
        }
        lines.add(t("prove.verdict") + ": " + Words.say("verdict." + verdict.word()));
        if (verdict.result() == Verdict.Result.PASS) {
            lines.add(t("prove.blind") + ":");
            verdict.blind().forEach(b -> lines.add("  " + b));
        }
        verdict.faults().forEach(f -> lines.add("  " + t("cli.fault." + f.kind().id()) + "  "
                + String.join(" ", names(f.terminals()))));
        explanations.forEach(e -> lines.add("  " + Math.round(100 * e.explains()) + " %  " + e.text() + " "
                + String.join(" ", e.repair())));
        return lines;
    }
}
