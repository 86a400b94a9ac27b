package wegweiser.app.cli;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import wegweiser.core.evidence.Contradiction;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.evidence.Unsettled;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.Terminal;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;
import wegweiser.core.words.Words;

/** The shapes that several commands write; their components are the members of the JSON. */
final class Shape {
    private Shape() {}

    /** Something with a name in a table. */
    record Named(String id, String title) {}

    /** A finding of a rule. */
    record Found(String rule, String severity, List<Terminal> terminals, String message, String remedy) {
        static List<Found> of(List<Finding> findings) {
            return findings.stream()
                    .map(f -> new Found(f.rule(), f.severity().id(), f.terminals(), f.message(),
                            f.remedy()))
                    .toList();
        }
    }

    /** A link of a scheme; {@code to} is null for an insulated conductor. */
    record Joined(Terminal from, Terminal to, Planned part, String conductor, String why) {
        static Joined of(Link link) {
            return new Joined(link.from(), link.to().orElse(null), link.part().map(Planned::of).orElse(null),
                    link.conductor().orElse(null), link.why().orElse(""));
        }
    }

    /** A part of a link. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Planned(String kind, Double ohms) {
        static Planned of(Part part) {
            return new Planned(part.kind().id(),
                    part.ohms().isPresent() ? (Double) part.ohms().getAsDouble() : null);
        }
    }

    /**
     * A part that readings show; {@code ohms} is null for one that has none. {@code unsettled} where the volts may as well be
     * those of the resistance beside it, which depends on the current of the meter.
     */
    record Measured(List<Terminal> between, String kind, Double ohms,
            @JsonInclude(JsonInclude.Include.NON_NULL) Double volts,
            @JsonInclude(JsonInclude.Include.NON_NULL) Boolean unsettled, List<Integer> because) {
        /** The parts that are named, and then the diodes that may be there. */
        static List<Measured> of(Evidence evidence) {
            return Stream.concat(evidence.parts().stream().map(part -> of(part, null)),
                    Unsettled.in(evidence).stream().map(part -> of(part, true))).toList();
        }

        private static Measured of(MeasuredPart part, Boolean unsettled) {
            return new Measured(List.of(part.a(), part.b()), part.kind().id(),
                    Double.isNaN(part.ohms()) ? null : (Double) (Math.round(10 * part.ohms()) / 10.0),
                    Double.isNaN(part.volts()) ? null : (Double) part.volts(), unsettled, part.because());
        }
    }

    /** Readings that speak against each other, and the touch that settles it. */
    record Against(List<Integer> readings, Touched settle) {
        static Against of(Contradiction c) {
            return new Against(c.readings(), new Touched(c.settle().red(), c.settle().black()));
        }
    }

    /** Where the probes are. */
    record Touched(List<Terminal> red, List<Terminal> black) {}

    static List<String> lines(List<Finding> findings) {
        List<String> lines = new ArrayList<>();
        for (Finding f : Rules.spoken(findings)) {
            lines.add(Words.say("severity." + f.severity().id()) + "  " + f.rule() + "  " + f.message());
            lines.add("       " + f.remedy());
        }
        return lines;
    }
}
