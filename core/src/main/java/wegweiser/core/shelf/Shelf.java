package wegweiser.core.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import wegweiser.core.catalog.Cables;
import wegweiser.core.make.Article;

/** What lies on the shelf, line by line. */
public record Shelf(List<ShelfLine> lines) {
    public static final Shelf EMPTY = new Shelf(List.of());
    /** A shorter piece is not worth keeping, in m. */
    private static final double SCRAP_M = 0.1;

    public Shelf {
        lines = List.copyOf(lines);
    }

    /** This shelf and one thing more: cable as a piece of its own, all else counted together with its like. */
    public Shelf with(ShelfLine more) {
        OptionalInt same = more.article().isMeasured() ? OptionalInt.empty() : lineOf(more.article());
        List<ShelfLine> all = new ArrayList<>(lines);
        if (same.isPresent()) {
            ShelfLine old = all.get(same.getAsInt());
            all.set(same.getAsInt(), new ShelfLine(old.article(), more.title(), old.amount() + more.amount(),
                    more.low().isPresent() ? more.low() : old.low(),
                    more.more().isEmpty() ? old.more() : more.more()));
        } else {
            all.add(more);
        }
        return new Shelf(all);
    }

    public Shelf with(Shelf more) {
        Shelf all = this;
        for (ShelfLine line : more.lines) {
            all = all.with(line);
        }
        return all;
    }

    /** This shelf with a line replaced. */
    public Shelf withLine(int at, ShelfLine line) {
        List<ShelfLine> all = new ArrayList<>(lines);
        all.set(at, line);
        return new Shelf(all);
    }

    public Shelf withoutLine(int at) {
        List<ShelfLine> all = new ArrayList<>(lines);
        all.remove(at);
        return new Shelf(all);
    }

    private OptionalInt lineOf(Article article) {
        return IntStream.range(0, lines.size()).filter(k -> lines.get(k).article().equals(article))
                .findFirst();
    }

    /** How each need is met: O(needs x lines). No line is promised twice. */
    public List<Cover> covers(List<Need> needs) {
        double[] left = lines.stream().mapToDouble(ShelfLine::amount).toArray();
        List<Cover> covers = new ArrayList<>();
        for (Need need : needs) {
            Cover cover = need.article().isMeasured() ? piece(need, left) : count(need, left);
            for (int k = 0; k < cover.lines().size(); k++) {
                left[cover.lines().get(k)] -= cover.amounts().get(k);
            }
            covers.add(cover);
        }
        return covers;
    }

    /** The shortest piece that is long enough; of ribbon a wider one where there is none as wide, the narrowest first. */
    private Cover piece(Need need, double[] left) {
        String of = need.article().of();
        List<Integer> fit = IntStream.range(0, lines.size()).filter(k -> wider(k, of) >= 0).boxed().toList();
        double longest = fit.stream().mapToDouble(k -> left[k]).max().orElse(0);
        return fit.stream().filter(k -> left[k] >= need.amount() - 1e-9)
                .min(Comparator.comparing((Integer k) -> wider(k, of)).thenComparing(k -> left[k]))
                .map(k -> new Cover(need, List.of(k), List.of(need.amount()), longest))
                .orElse(new Cover(need, List.of(), List.of(), longest));
    }

    /** How many wires more the cable of a line has than the one wanted: 0 for the same, -1 where it is another cable. */
    private int wider(int line, String of) {
        Article article = lines.get(line).article();
        if (!article.isMeasured()) {
            return -1;
        }
        if (article.of().equals(of)) {
            return 0;
        }
        OptionalInt has = Cables.ribbonWires(article.of());
        OptionalInt wants = Cables.ribbonWires(of);
        return has.isPresent() && wants.isPresent() ? Math.max(-1, has.getAsInt() - wants.getAsInt()) : -1;
    }

    private Cover count(Need need, double[] left) {
        List<Integer> from = new ArrayList<>();
        List<Double> amounts = new ArrayList<>();
        double wanted = need.amount();
        double there = 0;
        for (int k = 0; k < lines.size(); k++) {
            if (lines.get(k).article().equals(need.article())) {
                there += left[k];
                double taken = Math.min(wanted, left[k]);
                if (taken > 0) {
                    from.add(k);
                    amounts.add(taken);
                    wanted -= taken;
                }
            }
        }
        return new Cover(need, from, amounts, there);
    }

    /**
     * This shelf without what was taken. Of a ribbon that was cut down the other strip is put back; what is left of a cable
     * is gone when it is too short for anything.
     *
     * @param covers of this shelf
     */
    public Shelf without(List<Cover> covers) {
        List<ShelfLine> all = new ArrayList<>(lines);
        List<ShelfLine> strips = new ArrayList<>();
        for (Cover cover : covers) {
            for (int k = 0; k < cover.lines().size(); k++) {
                int at = cover.lines().get(k);
                ShelfLine line = all.get(at);
                all.set(at, line.withAmount(Math.max(0, line.amount() - cover.amounts().get(k))));
                int more = cover.need().article().isMeasured() ? wider(at, cover.need().article().of()) : 0;
                if (more > 1) {
                    strips.add(strip(more, cover.amounts().get(k)));
                }
            }
        }
        all.removeIf(l -> l.article().isMeasured() && l.amount() < SCRAP_M && !lines.contains(l));
        all.addAll(strips);
        return new Shelf(all);
    }

    private static ShelfLine strip(int wires, double metres) {
        Article article = new Article(Article.Kind.CABLE, "ribbon-" + wires);
        return ShelfLine.of(article, Articles.title(article).orElseThrow(), 0).withAmount(metres);
    }
}
