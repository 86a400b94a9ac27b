package wegweiser.app.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.evidence.Contradiction;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.rules.Finding;

/** The shapes that several commands write. */
final class Shape {
    private Shape() {}

    static Map<String, Object> finding(Finding f) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("rule", f.rule());
        map.put("severity", f.severity().id());
        map.put("terminals", JobCommand.names(f.terminals()));
        map.put("message", f.message());
        map.put("remedy", f.remedy());
        return map;
    }

    static List<String> lines(List<Finding> findings) {
        List<String> lines = new ArrayList<>();
        for (Finding f : findings) {
            lines.add(f.severity().id() + "  " + f.rule() + "  " + f.message());
            lines.add("       " + f.remedy());
        }
        return lines;
    }

    static Map<String, Object> link(Link link) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("from", link.from().toString());
        map.put("to", link.to().map(Terminal::toString).orElse(null));
        map.put("part", link.part().map(Shape::part).orElse(null));
        map.put("conductor", link.conductor().orElse(null));
        map.put("why", link.why().orElse(""));
        return map;
    }

    private static Map<String, Object> part(Part part) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("kind", part.kind().id());
        if (part.ohms().isPresent()) {
            map.put("ohms", part.ohms().getAsDouble());
        }
        return map;
    }

    static Map<String, Object> part(MeasuredPart part) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("between", List.of(part.a().toString(), part.b().toString()));
        map.put("kind", part.kind().id());
        map.put("ohms", Double.isNaN(part.ohms()) ? null : Math.round(10 * part.ohms()) / 10.0);
        if (!Double.isNaN(part.volts())) {
            map.put("volts", part.volts());
        }
        map.put("because", part.because());
        return map;
    }

    static Map<String, Object> contradiction(Contradiction c) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("readings", c.readings());
        map.put("settle", touch(c.settle()));
        return map;
    }

    static Map<String, Object> touch(Touch touch) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("red", JobCommand.names(touch.red()));
        map.put("black", JobCommand.names(touch.black()));
        return map;
    }
}
