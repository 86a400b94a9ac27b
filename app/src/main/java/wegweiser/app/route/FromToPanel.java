package wegweiser.app.route;

import java.util.List;
import wegweiser.app.stage.LinesPanel;
import wegweiser.app.stage.Session;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.readings.FromToList;
import wegweiser.core.route.Allocation;

/** The plan as a from-to list: as it is, typed or pasted. */
final class FromToPanel {
    private FromToPanel() {}

    static LinesPanel<FromToList> of(Session session, Runnable close) {
        Job job = session.job();
        return new LinesPanel<>(
                new LinesPanel.Kind<>("from-to", text -> FromToList.read(text, job), FromToPanel::lines,
                        list -> session.edit(j -> j.withLinks(coloured(j, list.links()))),
                        () -> FromToList.csv(session.job().links()), "from-to.csv"),
                job.links().isEmpty() ? "" : FromToList.csv(job.links()), close);
    }

    private static List<LinesPanel.Line> lines(FromToList list) {
        return list.lines().stream().map(
                l -> new LinesPanel.Line(l.number(), l.link().isPresent() ? l.text() : l.why(),
                        l.link().isPresent()))
                .toList();
    }

    /** A list that names no conductor at all leaves them to the program. */
    private static List<Link> coloured(Job job, List<Link> links) {
        return links.stream().allMatch(l -> l.conductor().isEmpty()) ? Allocation.of(job, links) : links;
    }
}
