package wegweiser.app.window;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Supplier;
import wegweiser.app.bench.BenchStage;
import wegweiser.app.controls.Overlay;
import wegweiser.app.ends.EndsStage;
import wegweiser.app.log.LogStage;
import wegweiser.app.make.MakeStage;
import wegweiser.app.prove.ProveStage;
import wegweiser.app.route.RouteStage;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.stage.StageView;
import wegweiser.app.trace.TraceStage;

/** The stages of a window. Each is made when it is first shown, since a person seldom needs them all. */
final class Stages {
    private final Map<StageId, Supplier<StageView>> makers = new EnumMap<>(StageId.class);
    private final Map<StageId, StageView> made = new EnumMap<>(StageId.class);

    Stages(Session session, Choices choices, Overlay overlay, MainWindow window) {
        makers.put(StageId.BENCH, () -> new BenchStage(session, choices, overlay,
                new BenchDoors(window, session, window.outside()), window::title));
        makers.put(StageId.ENDS, () -> new EndsStage(session, overlay));
        makers.put(StageId.TRACE, () -> new TraceStage(session, choices, overlay, window::go));
        makers.put(StageId.ROUTE, () -> new RouteStage(session, choices, overlay, window::go));
        makers.put(StageId.MAKE, () -> new MakeStage(session, choices, overlay, window::go));
        makers.put(StageId.PROVE, () -> new ProveStage(session, choices, window::go, window::refresh));
        makers.put(StageId.LOG, () -> new LogStage(session));
    }

    StageView get(StageId id) {
        return made.computeIfAbsent(id, i -> makers.get(i).get());
    }

    BenchStage bench() {
        return (BenchStage) get(StageId.BENCH);
    }

    EndsStage ends() {
        return (EndsStage) get(StageId.ENDS);
    }

    TraceStage trace() {
        return (TraceStage) get(StageId.TRACE);
    }

    ProveStage prove() {
        return (ProveStage) get(StageId.PROVE);
    }
}
