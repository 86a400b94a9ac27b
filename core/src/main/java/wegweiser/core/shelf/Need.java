package wegweiser.core.shelf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.Cables;
import wegweiser.core.make.Article;
import wegweiser.core.make.CutList;
import wegweiser.core.make.Materials;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;

/**
 * What a job takes from the shelf.
 *
 * @param amount metres of a cable, in one piece; else a count
 */
public record Need(Article article, double amount) {
    /** Everything that a job takes, each article once; the cable only when it is known which and how long. */
    public static List<Need> of(Job job) {
        List<Need> needs = new ArrayList<>();
        cable(job).ifPresent(needs::add);
        Map<Article, Integer> counts = new LinkedHashMap<>();
        Materials.parts(job).stream().filter(i -> i.count() > 0)
                .forEach(i -> counts.merge(i.article(), i.count(), Integer::sum));
        counts.forEach((article, count) -> needs.add(new Need(article, count)));
        return needs;
    }

    /** The piece of cable that a job takes. */
    public static Optional<Need> cable(Job job) {
        // single wires that nobody took from a stock are no piece of cable
        Optional<CableStock> stock = Cables.of(job)
                .filter(_ -> job.cable().stock().isPresent() || job.cable().own().isPresent());
        return CutList.of(job).filter(_ -> stock.isPresent())
                .map(cut -> new Need(new Article(Article.Kind.CABLE, stock.orElseThrow().id()),
                        cut.pieceMm() / 1000));
    }
}
