package wegweiser.core.model;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Marks of what a plan and readings were made for, by which it is seen that something changed since.
 *
 * @param ends of the ends at the last change of the plan
 * @param plan of the plan at the last reading
 */
public record Basis(Optional<String> ends, Optional<String> plan, Map<String, Object> extra) {
    /** Of a job whose plan and readings nobody marked. */
    public static final Basis NONE = new Basis(Optional.empty(), Optional.empty(), Extra.NONE);

    public Basis {
        extra = Extra.kept(extra);
    }

    /** The job after a change, with the marks of what that change was made for. */
    public static Job marked(Job before, Job after) {
        Optional<String> ends = after.links().isEmpty()
                ? Optional.empty()
                : after.links().equals(before.links()) ? after.basis().ends() : Optional.of(ofEnds(after));
        Optional<String> plan = after.readings().isEmpty() || after.links().isEmpty()
                ? Optional.empty()
                : after.readings().equals(before.readings())
                        ? after.basis().plan()
                        : Optional.of(ofPlan(after));
        Basis basis = new Basis(ends, plan, after.basis().extra());
        return basis.equals(after.basis()) ? after : after.withBasis(basis);
    }

    /** Whether the ends are others than those that the plan was made for. */
    public static boolean endsChanged(Job job) {
        return job.basis().ends().filter(mark -> !mark.equals(ofEnds(job))).isPresent();
    }

    /** Whether the plan is another than the one that the last reading was made for. */
    public static boolean planChanged(Job job) {
        return job.basis().plan().filter(mark -> !mark.equals(ofPlan(job))).isPresent();
    }

    /** What of the ends a plan stands on: connectors, and what is on each contact. */
    private static String ofEnds(Job job) {
        StringBuilder text = new StringBuilder();
        for (End end : job.ends()) {
            text.append(end.name()).append(' ').append(end.connector()).append('\n');
            for (PinRow row : end.pinout()) {
                text.append(row.contact()).append(' ').append(row.label()).append(' ').append(row.direction())
                        .append(' ').append(row.level()).append(' ').append(row.volts()).append(' ')
                        .append(row.amps()).append('\n');
            }
        }
        return mark(text);
    }

    /** What of a plan readings stand on: who is joined to whom, and by which part; colours and reasons do not count. */
    private static String ofPlan(Job job) {
        StringBuilder text = new StringBuilder();
        List<String> lines = job.links().stream().map(l -> l.from() + " " + l.to() + " " + l.part()).sorted()
                .toList();
        lines.forEach(line -> text.append(line).append('\n'));
        return mark(text);
    }

    /** FNV-1a over the letters, 64 bits. */
    private static String mark(CharSequence text) {
        long sum = 0xcbf29ce484222325L;
        for (int k = 0; k < text.length(); k++) {
            sum = (sum ^ text.charAt(k)) * 0x100000001b3L;
        }
        return String.format("%016x", sum);
    }
}
