package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Identified;
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
@Command(name = "trace")
final class TraceCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB")
    private Path job;

    @Option(names = "--hidden", required = true, paramLabel = "TRUTH")
    private Path hidden;

    /** What is in the hands; a ladder plug tells joins apart, and what it leaves open is touched with probes. */
    private enum Hands {
        PROBES,
        CLIP,
        COMB,
        LADDER
    }

    @Option(names = "--fixture", defaultValue = "probes")
    private Hands fixture;

    @Option(names = "--goal", defaultValue = "prove")
    private Goal goal;

    @Option(names = "--seed", defaultValue = "1")
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
        write(result(known, index, advisor, run, sweep), lines(run, advisor, goal, sweep));
        return CommandLineApp.FINE;
    }

    private record Recognised(String id, String title, double confidence) {}

    private record Result(int touches, long seconds, int sweepTouches, long sweepSeconds,
            List<List<Terminal>> nets,
            List<Shape.Measured> parts, Recognised recognised, boolean proved, List<Integer> alone,
            int unproved,
            Said said, String depth, List<List<Terminal>> open, List<Shape.Against> contradictions) {}

    /** On what the nets stand when a cable was only identified. */
    private record Said(int measured, int believed, List<Terminal> open, List<Terminal> notLookedAt,
            int pairsNotTouched) {
        static Said of(Identified said) {
            return new Said(said.measured(), said.onlyBelieved(), said.open(), said.notLookedAt(),
                    said.unseen());
        }
    }

    private static Result result(Job job, TerminalIndex index, Advisor advisor, Tracer.Run run, Sweep sweep) {
        Evidence evidence = run.evidence();
        Proof proof = advisor.proof(evidence);
        Belief.Leader leader = run.belief().leader();
        Identified said = advisor.identified(evidence, run.belief());
        Nets believed = new Nets(index, proof.isHeardOut() ? evidence.partition() : said.said());
        return new Result(run.touches(), Math.round(run.seconds()), sweep.touches(),
                Math.round(sweep.seconds()), believed.joinedNets(),
                Shape.Measured.of(evidence),
                recognised(job, believed, proof.isHeardOut() ? 1 : leader.probability()), proof.isProved(),
                proof.alone(), proof.unproved(), Said.of(said), proof.coverage().id(),
                proof.open().stream().map(p -> List.of(p.a(), p.b())).toList(),
                evidence.contradictions().stream().map(Shape.Against::of).toList());
    }

    private static Recognised recognised(Job job, Nets nets, double confidence) {
        if (job.ends().size() != 2) {
            return null;
        }
        Catalogue catalogue = Catalogue.of(job);
        String near = catalogue.of(job.ends().get(0)).map(t -> t.family()).orElse("");
        String far = catalogue.of(job.ends().get(1)).map(t -> t.family()).orElse("");
        Wiring wiring = Wiring.between(nets, job.ends().get(0).name(), job.ends().get(1).name());
        return Recogniser.recognise(near, far, wiring).map(Recogniser.Candidate::named)
                .map(n -> new Recognised(n.id(), n.title(), Math.round(1000 * confidence) / 1000.0))
                .orElse(null);
    }

    private static List<String> lines(Tracer.Run run, Advisor advisor, Goal goal, Sweep sweep) {
        List<String> lines = new ArrayList<>();
        lines.add(t("cli.trace.cost", run.touches(), Math.round(run.seconds()), sweep.touches()));
        for (List<Terminal> net : run.evidence().nets().joinedNets()) {
            lines.add("  " + String.join(" – ", names(net)));
        }
        lines.add(goal == Goal.IDENTIFY
                ? advisor.identified(run.evidence(), run.belief()).words()
                : advisor.proof(run.evidence()).words());
        return lines;
    }
}
