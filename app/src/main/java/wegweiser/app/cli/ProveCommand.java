package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Diagnosis;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Fault;
import wegweiser.core.prove.Prover;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Verdict;
import wegweiser.instruments.MeterTraits;
import wegweiser.instruments.SimulatedCable;
import wegweiser.instruments.SimulatedMeter;

/** The test plan of a job, and with readings its verdict. */
@Command(name = "prove", description = "Plans the tests of a finished cable; with readings also the verdict and what is wrong.", footerHeading = "%nExample%n", footer = {
        "  wegweiser prove dome.wegweiser.json --fixture comb",
        "  wegweiser prove dome.wegweiser.json --hidden truth.wegweiser.json --once"})
final class ProveCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB", description = "A job file.")
    private Path job;

    @Option(names = "--hidden", paramLabel = "TRUTH", description = "Takes the readings from a simulated cable with these links.")
    private Path hidden;

    @Option(names = "--fixture", defaultValue = "probes", description = "probes, clip or comb.")
    private Fixture fixture;

    @Option(names = "--once", description = "With --hidden: reads each test once; one wrong reading may pass a bad cable then.")
    private boolean once;

    @Option(names = "--seed", defaultValue = "1", description = "Seed of the simulated meter.")
    private long seed;

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
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("plan", verdict.plan().stream().map(ProveCommand::shape).toList());
        map.put("verdict", verdict.result().id());
        map.put("once", verdict.once().size());
        map.put("blind", verdict.blind());
        map.put("faults", verdict.faults().stream().map(ProveCommand::shape).toList());
        map.put("explanations", explanations.stream().map(ProveCommand::shape).toList());
        write(map, lines(verdict, explanations));
        return verdict.result() == Verdict.Result.FAIL ? CommandLineApp.WRONG : CommandLineApp.FINE;
    }

    private static Map<String, Object> shape(Test test) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("kind", test.kind().id());
        map.put("red", names(test.red()));
        map.put("black", names(test.black()));
        map.put("expect", test.expect());
        map.put("danger", test.danger().id());
        return map;
    }

    private static Map<String, Object> shape(Fault fault) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("kind", fault.kind().id());
        map.put("terminals", names(fault.terminals()));
        return map;
    }

    private static Map<String, Object> shape(Explanation e) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("kind", e.kind());
        map.put("end", e.end().isEmpty() ? null : e.end());
        map.put("text", e.text());
        map.put("explains", e.explains());
        map.put("repair", e.repair());
        map.put("joints", e.joints());
        return map;
    }

    private static List<String> lines(Verdict verdict, List<Explanation> explanations) {
        List<String> lines = new ArrayList<>();
        for (int k = 0; k < verdict.plan().size(); k++) {
            Test test = verdict.plan().get(k);
            lines.add((k + 1) + "  " + test.kind().id() + "  " + String.join(" ", names(test.red())) + " – "
                    + String.join(" ", names(test.black())) + "  expect " + test.expect() + "  ("
                    + test.danger().id() + ")  "
                    + verdict.states().get(k).name().toLowerCase(java.util.Locale.ROOT));
        }
        lines.add("Verdict: " + verdict.result().id());
        if (verdict.result() == Verdict.Result.PASS) {
            lines.add(t("prove.blind") + ":");
            verdict.blind().forEach(b -> lines.add("  " + b));
        }
        verdict.faults().forEach(f -> lines.add("  " + f.kind().id() + "  " + names(f.terminals())));
        explanations.forEach(e -> lines.add("  " + Math.round(100 * e.explains()) + " %  " + e.text() + " "
                + String.join(" ", e.repair())));
        return lines;
    }
}
