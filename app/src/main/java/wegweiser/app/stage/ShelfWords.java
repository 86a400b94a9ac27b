package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.shelf.Articles;
import wegweiser.core.shelf.Cover;
import wegweiser.core.words.Words;
import wegweiser.files.workshop.ShelfFile;

/** What lies on the shelf, and what was taken from it, in words. */
public final class ShelfWords {
    private static final int NAMED = 3;

    private ShelfWords() {}

    /** An amount with its unit, where it has one. */
    public static String amount(Article article, double amount) {
        return article.isMeasured() ? t("shelf.metres", Words.number(amount)) : Words.number(amount);
    }

    /** So much of an article. */
    public static String some(Article article, double amount, Library library) {
        String title = Articles.title(article, library).orElse(article.of());
        return t(article.isMeasured() ? "shelf.piece-of" : "shelf.count-of", amount(article, amount), title);
    }

    /** What was counted off, and what was not there; empty when nothing was. */
    public static String taken(ShelfFile.Change change, Library library) {
        List<String> taken = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        for (Cover cover : change.covers()) {
            double sum = cover.amounts().stream().mapToDouble(Double::doubleValue).sum();
            if (sum > 0) {
                taken.add(some(cover.need().article(), sum, library));
            }
            if (!cover.isMet()) {
                missing.add(some(cover.need().article(), cover.missing(), library));
            }
        }
        String said = taken.isEmpty() ? "" : t("shelf.taken", listed(taken));
        return missing.isEmpty() || taken.isEmpty()
                ? said
                : said + " " + t("shelf.not-there", listed(missing));
    }

    /** The first few by name, the others by their count. */
    private static String listed(List<String> all) {
        if (all.size() <= NAMED + 1) {
            return Words.list(all);
        }
        List<String> few = new ArrayList<>(all.subList(0, NAMED));
        few.add(t("shelf.others", all.size() - NAMED));
        return Words.list(few);
    }
}
