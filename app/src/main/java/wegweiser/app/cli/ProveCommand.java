package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.prove.Diagnosis;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Prover;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Testing;
import wegweiser.core.prove.Verdict;
import wegweiser.core.words.Words;
import wegweiser.files.io.BadFile;
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

    @Option(names = "--sure", paramLabel = "N")
    private Integer sure;

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

    @JsonInclude(JsonInclude.Include.NON_NULL)
    private record Result(List<Planned> plan, String verdict, Double chanceLeft, Double harmLeft,
            Integer touches,
            Integer seconds, int once, List<String> blind, List<Wrong> faults,
            List<Story> explanations) {}

    @Override
    public Integer call() throws Exception {
        if (sure != null && sure < 2) {
            throw new CommandLine.ParameterException(spec.commandLine(), t("cli.prove.sure-least"));
        }
        Job plan = read(job);
        Prover.Touched touched = touched(plan);
        Derived derived = Derived.of(touched.job());
        Verdict verdict = Verdict.of(derived, fixture);
        Optional<Sure> asked = Optional.ofNullable(sure).map(n -> Sure.of(derived, verdict, 1.0 / n));
        Sure said = asked.orElseGet(() -> Sure.of(derived, Testing.with(fixture)));
        List<Explanation> explanations = Diagnosis.of(derived, verdict);
        List<String> lines = lines(said, explanations);
        asked.ifPresent(s -> lines.addFirst(
                t("cli.prove.sure", s.words(), Words.say("touches", touched.touches()))));
        write(new Result(verdict.plan().stream().map(Planned::of).toList(),
                asked.map(Sure::id).orElse(verdict.result().id()),
                asked.map(Sure::chanceLeft).orElse(null), asked.map(Sure::harmLeft).orElse(null),
                asked.map(_ -> touched.touches()).orElse(null),
                asked.map(_ -> (int) Math.round(touched.seconds())).orElse(null),
                verdict.once().size(), verdict.blind(),
                verdict.faults().stream().map(f -> new Wrong(f.kind().id(), f.terminals())).toList(),
                explanations.stream().map(Story::of).toList()), lines);
        return verdict.result() == Verdict.Result.FAIL ? CommandLineApp.WRONG : CommandLineApp.FINE;
    }

    /** The job with the readings of the simulated cable, if there is one. */
    private Prover.Touched touched(Job plan) throws BadFile {
        if (hidden == null) {
            return new Prover.Touched(plan, true, 0, 0);
        }
        SimulatedCable cable = new SimulatedCable(read(hidden), Terminals.of(plan));
        Tracer.Answers meter = new SimulatedMeter(cable, MeterTraits.USUAL, seed)::measure;
        if (sure == null) {
            return new Prover.Touched(once
                    ? Prover.once(plan, fixture, meter, seed)
                    : Prover.run(plan, fixture, meter, seed), true, 0, 0);
        }
        Prover.Touched touched = Prover.untilSure(plan, fixture, meter, 1.0 / sure);
        return touched.fits() ? touched : Prover.told(touched, fixture, meter, seed);
    }

    private static List<String> lines(Sure said, List<Explanation> explanations) {
        Verdict verdict = said.verdict();
        List<String> lines = new ArrayList<>();
        for (int k = 0; k < verdict.plan().size(); k++) {
            Test test = verdict.plan().get(k);
            lines.add(t("cli.prove.test", k + 1, t("cli.test." + test.kind().id()),
                    String.join(" ", names(test.red())), String.join(" ", names(test.black())), test.expect(),
                    t("danger." + test.danger().name()), t("cli.state." + verdict.states().get(k).id())));
        }
        lines.add(said.words());
        if (said.standing() == Sure.Standing.PASS || said.standing() == Sure.Standing.TESTED) {
            lines.add(t("prove.blind") + ":");
            verdict.blind().forEach(b -> lines.add("  " + b));
        }
        verdict.faults().forEach(f -> lines.add("  " + t("cli.fault." + f.kind().id()) + "  "
                + String.join(" ", names(f.terminals()))));
        explanations.forEach(e -> lines.add("  " + Math.round(100 * (e.isWhole() ? e.share() : e.explains()))
                + " %  " + e.text() + " "
                + String.join(" ", e.repair())));
        return lines;
    }
}
