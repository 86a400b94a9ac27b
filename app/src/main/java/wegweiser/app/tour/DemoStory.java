package wegweiser.app.tour;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.app.stage.StageId;
import wegweiser.app.window.MainWindow;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Proposal;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.ladder.LadderPlug;
import wegweiser.core.ladder.LadderTrace;
import wegweiser.core.ladder.LadderWork;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Simulated;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.port.PortAdvisor;
import wegweiser.core.port.PortBelief;
import wegweiser.core.prove.Diagnosis;
import wegweiser.core.prove.Sureness;
import wegweiser.core.prove.Telling;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Testing;
import wegweiser.core.prove.Verdict;
import wegweiser.core.route.Router;
import wegweiser.instruments.SimulatedPort;
import wegweiser.instruments.Simulation;

/** The demo job taken through its stages by the program's own advice and the simulated meter. */
public final class DemoStory {
    private static final String PASTED = """
            Rear connector of the logger
            1 - DCD
            2: RXD (in)
            3: TXD (out)
            Sendeanforderung = 7, CTS = 8
            | 5 | Signal Ground | |
            10 Ring
            9  +12 V  power out
            then to the dome
            """;

    private final MainWindow window;

    /** One view to prepare and, when it has a name, to take a picture of. */
    public record Scene(String name, Runnable prepare) {}

    public DemoStory(MainWindow window) {
        this.window = window;
    }

    /** The views in the order of the work. */
    public List<Scene> scenes() {
        List<Scene> scenes = new ArrayList<>();
        scenes.add(new Scene("bench", () -> window.go(StageId.BENCH)));
        scenes.add(new Scene("ends", () -> window.go(StageId.ENDS)));
        ends(scenes);
        scenes.add(new Scene("", () -> {
            window.chooseFixture(Fixture.PROBES);
            window.edit(j -> traced(j, Fixture.PROBES, 6));
        }));
        scenes.add(new Scene("trace", () -> window.go(StageId.TRACE)));
        scenes.add(new Scene("", () -> window.edit(j -> laddered(j, 3))));
        scenes.add(new Scene("trace-ladder", window::ladder));
        scenes.add(new Scene("", () -> {
            window.closeOverlay();
            window.edit(j -> laddered(j, 0));
            window.chooseFixture(Fixture.COMB);
            window.edit(j -> traced(j, Fixture.COMB, 200));
        }));
        scenes.add(new Scene("trace-proved", () -> {}));
        bench(scenes);
        scenes.add(new Scene("", () -> {
            window.edit(j -> Router.schemes(j).getFirst().applyTo(j));
            window.go(StageId.ROUTE);
        }));
        scenes.add(new Scene("route", () -> {}));
        scenes.add(new Scene("", () -> {
            window.edit(j -> j.withReadingsSetAside(SetAside.BEFORE_BUILDING));
            window.edit(j -> ticked(j, 9));
            window.go(StageId.MAKE);
        }));
        scenes.add(new Scene("make", () -> {}));
        scenes.add(new Scene("", () -> {
            window.edit(j -> ticked(j, 200));
            window.chooseFixture(Fixture.PROBES);
            window.edit(j -> tested(j, 6));
            window.go(StageId.PROVE);
        }));
        scenes.add(new Scene("prove", () -> {}));
        scenes.add(new Scene("", () -> window.edit(j -> tested(j, 400))));
        scenes.add(new Scene("prove-tested", window::record));
        scenes.add(new Scene("log", () -> window.go(StageId.LOG)));
        scenes.add(new Scene("", () -> {
            window.clearNotice();
            window.edit(j -> tested(spoilt(j.withReadings(List.of())), 400));
            window.go(StageId.PROVE);
        }));
        scenes.add(new Scene("prove-failed", () -> {}));
        scenes.add(new Scene("", () -> {
            window.clearNotice();
            window.chooseNight(true);
            window.go(StageId.TRACE);
        }));
        scenes.add(new Scene("night", () -> {}));
        scenes.add(new Scene("", () -> window.chooseNight(false)));
        Path first = window.file();
        scenes.add(new Scene("", () -> {
            window.open(first.resolveSibling(DemoWorkshop.PANELS + ".wegweiser.json"));
            Job planned = DemoWorkshop.panelsPlanned();
            window.edit(j -> ticked(
                    j.withReadingsSetAside(SetAside.BEFORE_BUILDING).withLinks(planned.links())
                            .withCable(planned.cable()),
                    1));
            window.go(StageId.MAKE);
        }));
        scenes.add(new Scene("make-loom", () -> {}));
        return scenes;
    }

    /** Loose leads that cannot be probed, and a lead with three ends. */
    private void bench(List<Scene> scenes) {
        Path first = window.file();
        scenes.add(new Scene("", () -> {
            window.open(first.resolveSibling(DemoWorkshop.HEADSET + ".wegweiser.json"));
            window.edit(j -> j.withReading(Reading.of(Mode.REACTION,
                    Touch.of(Terminal.parse("B.red"), Terminal.parse("B.white")), Outcome.NOTHING)));
        }));
        scenes.add(new Scene("trace-leads", () -> window.loose(true)));
        scenes.add(new Scene("", () -> {
            window.loose(false);
            window.chooseFixture(Fixture.PROBES);
            window.open(first.resolveSibling(DemoWorkshop.PANELS + ".wegweiser.json"));
            window.edit(j -> traced(j, Fixture.PROBES, 14));
        }));
        scenes.add(new Scene("trace-three-ends", () -> {}));
        scenes.add(new Scene("", () -> {
            window.open(first);
            window.chooseFixture(Fixture.COMB);
        }));
    }

    /** The values that a ladder plug shows at the first contacts of the simulated lead. */
    private static Job laddered(Job job, int contacts) {
        LadderPlug plug = LadderTrace.plug(job, job.ends().get(1), 1).orElseThrow();
        Simulation lead = Simulation.of(job).orElseThrow();
        Job read = LadderWork.of(job, plug).written(List.of(), Instant.EPOCH);
        for (Terminal near : LadderWork.of(read, plug).near().subList(0, contacts)) {
            List<Terminal> far = LadderWork.of(read, plug).far();
            double ohms = plug
                    .shows(k -> lead.measure(Touch.of(near, far.get(k)), Mode.CONTINUITY)
                            .equals(Outcome.BEEP))
                    .orElse(Double.POSITIVE_INFINITY);
            read = LadderWork.of(read, plug).read(near, ohms);
        }
        return read;
    }

    /** Choosing a connector, pasting a pinout, two drawings that disagree, and an unknown port. */
    private void ends(List<Scene> scenes) {
        Path first = window.file();
        scenes.add(new Scene("ends-gallery", () -> window.ends().gallery("A", "serial nine")));
        scenes.add(new Scene("ends-paste",
                () -> window.ends().paste("A", PASTED, "leaflet of the logger, p. 3")));
        scenes.add(new Scene("", () -> {
            window.closeOverlay();
            window.open(first.resolveSibling(DemoWorkshop.SKY_SENSOR + ".wegweiser.json"));
        }));
        scenes.add(new Scene("ends-compare", () -> window.ends().compare("B")));
        scenes.add(new Scene("", () -> {
            window.closeOverlay();
            window.edit(j -> measured(j, 17));
        }));
        scenes.add(new Scene("ends-detective", () -> window.ends().detective("A")));
        scenes.add(new Scene("", () -> {
            window.closeOverlay();
            window.open(first);
        }));
    }

    /** A job after some measurements at the port of its first end, answered by the simulated device. */
    static Job measured(Job job, int measurements) {
        Job now = job;
        List<String> contacts = Catalogue.of(job).of(job.ends().getFirst()).orElseThrow().pinIds();
        SimulatedPort port = Simulation.port(job, "A", contacts).orElseThrow();
        boolean powered = false;
        for (int k = 0; k < measurements; k++) {
            End end = now.end("A").orElseThrow();
            Optional<PortAdvisor.Proposal> next = PortAdvisor.next(
                    PortBelief.of(contacts, end.portReadings()), powered,
                    (_, _) -> true);
            if (next.isEmpty()) {
                break;
            }
            powered = next.get().measure().powered();
            now = now.withEnd(end.withPortReading(next.get().measure().reading(next.get().contact(),
                    port.measure(next.get().contact(), next.get().measure()))));
        }
        return now;
    }

    /** Every stage of the open job, as it is. */
    public List<Scene> stages() {
        List<Scene> scenes = new ArrayList<>();
        for (StageId id : StageId.values()) {
            scenes.add(new Scene(id.id(), () -> window.go(id)));
        }
        scenes.add(new Scene("help", window::help));
        return scenes;
    }

    /** The finished cable with two wires exchanged at the modular plug. */
    static Job spoilt(Job job) {
        Map<String, String> exchanged = Map.of("B.5", "B.6", "B.6", "B.5");
        return job.withSimulation(Simulated.built(job.links().stream().filter(l -> l.to().isPresent())
                .map(l -> Link.of(l.from().toString(),
                        exchanged.getOrDefault(l.to().get().toString(), l.to().get().toString())))
                .toList(), 11));
    }

    /** A job after some touches of the advisor, answered by the simulated lead. */
    public static Job traced(Job job, Fixture fixture, int touches) {
        Job now = job;
        Advisor advisor = new Advisor(job, new TerminalIndex(Terminals.of(job)), fixture, Goal.PROVE,
                CostModel.USUAL, 1);
        for (int k = 0; k < touches; k++) {
            Optional<Proposal> next = advisor.next(new Evidence(advisor.index(), now.readings()));
            if (next.isEmpty()) {
                break;
            }
            Simulation simulation = Simulation.of(now).orElseThrow();
            now = now.withReading(Reading.of(next.get().mode(), next.get().touch(),
                    simulation.measure(next.get().touch(), next.get().mode())));
        }
        return now;
    }

    static Job ticked(Job job, int steps) {
        return job.withDone(BenchSteps.of(job, true).stream().limit(steps).map(Step::key).toList());
    }

    /**
     * A job after some tests, answered by the simulated new cable: those that make it as sure as is usual, and where one fails
     * those that tell why.
     */
    static Job tested(Job job, int tests) {
        Job now = job;
        Testing testing = Testing.with(Fixture.PROBES);
        for (int k = 0; k < tests; k++) {
            Derived derived = Derived.of(now);
            Verdict verdict = Verdict.of(derived, Fixture.PROBES);
            boolean failed = verdict.result() == Verdict.Result.FAIL;
            Optional<Test> next = failed ? Optional.empty() : Sureness.next(derived, testing);
            Optional<Touch> touch = failed
                    ? Telling.next(derived, Diagnosis.of(derived, verdict), testing)
                    : next.map(Test::touch);
            if (touch.isEmpty()) {
                break;
            }
            Mode mode = next.map(Test::mode).orElse(Mode.OHMS);
            Simulation simulation = Simulation.of(now).orElseThrow();
            now = now.withReading(Reading.of(mode, touch.get(), simulation.measure(touch.get(), mode)));
        }
        return now;
    }
}
