package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wegweiser.app.stage.LinesPanel;
import wegweiser.app.stage.Session;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.readings.FromToList;
import wegweiser.core.readings.NetList;

/** The plan as a from-to list: as it is, typed or pasted. */
final class FromToPanel {
    private FromToPanel() {}

    static LinesPanel<Link> of(Session session, Runnable close) {
        Job job = session.job();
        return new LinesPanel<>(
                new LinesPanel.Kind<>("from-to", text -> FromToList.read(text, job),
                        line -> words(line.value().orElseThrow()),
                        links -> session.edit(j -> j.withLinks(coloured(j, links))),
                        () -> FromToList.csv(session.job().links()), "from-to.csv"),
                job.links().isEmpty() ? "" : FromToList.csv(job.links()), close);
    }

    /** The same by nets: what is joined, and not which wire runs where. */
    static LinesPanel<List<Link>> nets(Session session, Runnable close) {
        Job job = session.job();
        return new LinesPanel<>(new LinesPanel.Kind<>("net-list", text -> NetList.read(text, job),
                line -> String.join("\n",
                        line.value().orElseThrow().stream().map(FromToPanel::words).toList()),
                nets -> session.edit(j -> j.withLinks(
                        Allocation.of(j, nets.stream().flatMap(List::stream).toList()))),
                () -> NetList.of(session.job()), "nets.txt"), NetList.of(job), close);
    }

    /** What a line was understood as, its contacts by their whole names. */
    private static String words(Link link) {
        String to = link.to().map(Terminal::toString).orElse(t("route.insulated"));
        String rest = String.join(" ",
                Stream.of(link.conductor(), link.part().map(p -> t("from-to.part." + p.kind().id())))
                        .flatMap(Optional::stream).toList());
        return t("from-to.line", link.from(), to, rest).strip();
    }

    /** A list that names no conductor at all leaves them to the program. */
    private static List<Link> coloured(Job job, List<Link> links) {
        return links.stream().allMatch(l -> l.conductor().isEmpty()) ? Allocation.of(job, links) : links;
    }
}
