package wegweiser.app.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.CutList;
import wegweiser.core.make.Materials;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;

/** What to cut and in which order to build. */
@Command(name = "make", description = "Cut list, bench steps, parts and electrical figures.", footerHeading = "%nExample%n", footer = {
        "  wegweiser make dome.wegweiser.json"})
final class MakeCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB", description = "A job file.")
    private Path job;

    @Option(names = "--left-handed", description = "Orders the joints for a left-handed person.")
    private boolean leftHanded;

    @Override
    public Integer call() throws Exception {
        Job read = read(job);
        List<Step> steps = BenchSteps.of(read, !leftHanded);
        List<Map<String, Object>> cuts = new ArrayList<>();
        CutList.of(read)
                .ifPresent(c -> c.items().forEach(i -> cuts.add(pair("what", i.words(), "mm", i.mm()))));
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("steps", steps.stream().map(MakeCommand::shape).toList());
        map.put("cuts", cuts);
        map.put("parts", Materials.parts(read).stream()
                .map(p -> pair("what", p.words(), "count", p.count())).toList());
        map.put("electrical", Materials.electrical(read).stream()
                .map(f -> pair("what", f.words(), "value", f.value())).toList());
        write(map, steps.stream()
                .map(s -> s.n() + "  " + s.text() + (s.caution().isEmpty() ? "" : "\n      " + s.caution()))
                .toList());
        return CommandLineApp.FINE;
    }

    /** Two members, in this order. */
    private static Map<String, Object> pair(String first, Object one, String second, Object other) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put(first, one);
        map.put(second, other);
        return map;
    }

    private static Map<String, Object> shape(Step step) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("n", step.n());
        map.put("end", step.end().isEmpty() ? null : step.end());
        map.put("text", step.text());
        map.put("wait", step.waitSeconds());
        map.put("caution", step.caution());
        return map;
    }
}
