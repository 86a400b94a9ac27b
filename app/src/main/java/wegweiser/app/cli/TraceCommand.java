package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Sweep;
import wegweiser.core.advice.Tracer;
import wegweiser.core.belief.Belief;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.wiring.Wiring;
import wegweiser.files.io.BadFile;
import wegweiser.instruments.SimulatedCable;
import wegweiser.instruments.SimulatedTrace;

/** Traces a simulated cable with the advisor. */
@Command(name = "trace", description = "Traces a simulated cable, whose truth is the links of another job, with the advisor.", footerHeading = "%nExample%n", footer = {
        "  wegweiser trace open.wegweiser.json --hidden truth.wegweiser.json --fixture comb"})
final class TraceCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB", description = "A job file: its ends, and what is known already.")
    private Path job;

    @Option(names = "--hidden", required = true, paramLabel = "TRUTH", description = "A job file whose links are the truth.")
    private Path hidden;

    /** What is in the hands; a ladder plug tells joins apart, and what it leaves open is touched with probes. */
    private enum Hands {
        PROBES, CLIP, COMB, LADDER
    }

    @Option(names = "--fixture", defaultValue = "probes", description = "probes, clip, comb or ladder.")
    private Hands fixture;

    @Option(names = "--goal", defaultValue = "prove", description = "identify; once: every pair is read; prove: and no reading stands alone.")
    private Goal goal;

    @Option(names = "--seed", defaultValue = "1", description = "Seed of the simulated meter.")
    private long seed;

    @Override
    public Integer call() throws Exception {
        Job known = read(job);
        Job truth = read(hidden);
        boolean ladder = fixture == Hands.LADDER;
        Fixture with = ladder ? Fixture.PROBES : Fixture.valueOf(fixture.name());
        TerminalIndex index = new TerminalIndex(Terminals.of(known));
        CostModel cost = CostModel.USUAL;
        Advisor advisor = new Advisor(known, index, with, goal, cost, seed);
        if (ladder && known.ends().size() < 2) {
            throw new BadFile(t("cli.ladder.ends"));
        }
        SimulatedTrace trace = new SimulatedTrace(known, truth, advisor, seed);
        Tracer.Run run = ladder
                ? trace.laddered().orElseThrow(() -> new BadFile(
                        t("cli.ladder.contacts")))
                : trace.touched(with);
        Sweep sweep = Sweep.of(known, new SimulatedCable(truth, index.terminals()).nets(), cost, with);
        write(result(known, index, advisor, run, sweep), lines(run, advisor.proof(run.evidence()), sweep));
        return CommandLineApp.FINE;
    }

    private static Map<String, Object> result(Job job, TerminalIndex index, Advisor advisor, Tracer.Run run,
            Sweep sweep) {
        Evidence evidence = run.evidence();
        Proof proof = advisor.proof(evidence);
        Belief.Leader leader = run.belief().leader();
        Nets believed = new Nets(index,
                proof.isHeardOut() ? evidence.labels() : believed(evidence, leader));
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("touches", run.touches());
        map.put("seconds", Math.round(run.seconds()));
        map.put("sweepTouches", sweep.touches());
        map.put("sweepSeconds", Math.round(sweep.seconds()));
        map.put("nets", believed.joinedNets().stream().map(JobCommand::names).toList());
        map.put("parts", evidence.parts().stream().map(Shape::part).toList());
        map.put("recognised", recognised(job, believed, proof.isHeardOut() ? 1 : leader.probability()));
        map.put("proved", proof.isProved());
        map.put("alone", proof.alone());
        map.put("unproved", proof.unproved());
        map.put("depth", proof.coverage().id());
        map.put("open", proof.open().stream().map(p -> names(List.of(p.a(), p.b()))).toList());
        map.put("contradictions", evidence.contradictions().stream().map(Shape::contradiction).toList());
        return map;
    }

    /** What is most believed, without any join that readings rule out. */
    private static int[] believed(Evidence evidence, Belief.Leader leader) {
        int[] labels = leader.labels();
        for (int i = 0; i < labels.length; i++) {
            for (int j = i + 1; j < labels.length; j++) {
                if (labels[i] == labels[j] && evidence.isApart(i, j)) {
                    return evidence.labels();
                }
            }
        }
        return labels;
    }

    private static Map<String, Object> recognised(Job job, Nets nets, double confidence) {
        if (job.ends().size() != 2) {
            return null;
        }
        Catalogue catalogue = Catalogue.of(job);
        String near = catalogue.of(job.ends().get(0)).map(t -> t.family()).orElse("");
        String far = catalogue.of(job.ends().get(1)).map(t -> t.family()).orElse("");
        Wiring wiring = Wiring.between(nets, job.ends().get(0).name(), job.ends().get(1).name());
        Optional<Recogniser.Candidate> found = Recogniser.recognise(near, far, wiring);
        Map<String, Object> map = new LinkedHashMap<>();
        found.ifPresent(c -> {
            map.put("id", c.named().id());
            map.put("title", c.named().title());
            map.put("confidence", Math.round(1000 * confidence) / 1000.0);
        });
        return map.isEmpty() ? null : map;
    }

    private static List<String> lines(Tracer.Run run, Proof proof, Sweep sweep) {
        List<String> lines = new ArrayList<>();
        lines.add(t("cli.trace.cost", run.touches(), Math.round(run.seconds()), sweep.touches()));
        for (List<Terminal> net : run.evidence().nets().joinedNets()) {
            lines.add("  " + String.join(" – ", names(net)));
        }
        lines.add(proof.words());
        return lines;
    }
}
