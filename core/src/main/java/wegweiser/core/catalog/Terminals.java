package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.model.ContactOrder;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;

/** Which terminals a job has. */
public final class Terminals {
    private Terminals() {}

    /**
     * All terminals of a job, end by end in printed order: the contacts of each connector, for bare leads the
     * contacts that the pinout names, and last whatever links or readings mention beyond those.
     */
    public static List<Terminal> of(Job job) {
        Set<Terminal> all = new LinkedHashSet<>();
        Set<Terminal> mentioned = job.mentioned();
        for (End end : job.ends()) {
            all.addAll(of(job, end));
        }
        all.addAll(mentioned);
        return new ArrayList<>(all);
    }

    /** The terminals of one end. */
    public static List<Terminal> of(Job job, End end) {
        Set<Terminal> found = new LinkedHashSet<>();
        Catalogue.of(job).of(end).ifPresent(type -> found.addAll(type.terminals(end.name())));
        List<Terminal> named = new ArrayList<>();
        if (found.isEmpty()) {
            for (PinRow row : end.pinout()) {
                named.add(end.terminal(row.contact()));
            }
        }
        found.addAll(named);
        job.mentioned().stream()
                .filter(t -> t.end().equals(end.name()) && !found.contains(t))
                .sorted((a, b) -> ContactOrder.PRINTED.compare(a.contact(), b.contact()))
                .forEach(found::add);
        return new ArrayList<>(found);
    }
}
