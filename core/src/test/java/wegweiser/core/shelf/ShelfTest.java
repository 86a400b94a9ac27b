package wegweiser.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.make.Article.Kind;
import wegweiser.core.make.CutList;
import wegweiser.core.make.Redo;
import wegweiser.core.model.Job;
import wegweiser.core.usual.UsualCable;

class ShelfTest {
    private static final Article SENSOR = new Article(Kind.CABLE, "sensor-4");
    private static final Article SOCKET = new Article(Kind.CONNECTOR, "dsub-9-socket");

    private static ShelfLine line(Article article, double amount) {
        return ShelfLine.of(article, Articles.title(article).orElseThrow(), amount);
    }

    private static Shelf shelf(ShelfLine... lines) {
        return new Shelf(List.of(lines));
    }

    private static double metres(Shelf shelf) {
        return shelf.lines().stream().filter(l -> l.article().isMeasured()).mapToDouble(ShelfLine::amount)
                .sum();
    }

    static List<UsualCable> usual() {
        return UsualCable.all();
    }

    @Test
    void theShortestPieceThatIsLongEnoughIsCut() {
        Shelf shelf = shelf(line(SENSOR, 6), line(SENSOR, 1.5), line(SENSOR, 2.4));
        Cover cover = shelf.covers(List.of(new Need(SENSOR, 2))).getFirst();
        assertThat(cover.lines()).containsExactly(2);
        assertThat(shelf.without(List.of(cover)).lines()).extracting(ShelfLine::amount).containsExactly(6.0,
                1.5, 0.4);
    }

    @Test
    void twoShortPiecesAreNoLongOne() {
        Cover cover = shelf(line(SENSOR, 1.5), line(SENSOR, 1.5)).covers(List.of(new Need(SENSOR, 2)))
                .getFirst();
        assertThat(cover.isMet()).isFalse();
        assertThat(cover.there()).isEqualTo(1.5);
        assertThat(cover.missing()).isEqualTo(2);
    }

    @Test
    void whatIsLeftOfACableIsGoneWhenItIsTooShort() {
        Shelf shelf = shelf(line(SENSOR, 2.05), line(SOCKET, 2));
        List<Cover> covers = shelf.covers(List.of(new Need(SENSOR, 2), new Need(SOCKET, 2)));
        assertThat(shelf.without(covers).lines()).singleElement()
                .satisfies(l -> assertThat(l.amount()).isZero())
                .satisfies(l -> assertThat(l.isLow()).isTrue());
    }

    @Test
    void aWiderRibbonIsCutDownAndItsOtherStripIsPutBack() {
        Shelf shelf = shelf(line(new Article(Kind.CABLE, "ribbon-40"), 3),
                line(new Article(Kind.CABLE, "ribbon-16"), 2));
        List<Cover> covers = shelf.covers(List.of(new Need(new Article(Kind.CABLE, "ribbon-10"), 1)));
        assertThat(covers.getFirst().lines()).as("the narrowest that will do").containsExactly(1);
        assertThat(shelf.without(covers).lines()).extracting(l -> l.article().of() + " " + l.amount())
                .containsExactly("ribbon-40 3.0", "ribbon-16 1.0", "ribbon-6 1.0");
    }

    @Test
    void nothingIsPromisedTwice() {
        Shelf shelf = shelf(line(SENSOR, 3));
        List<Cover> covers = shelf.covers(List.of(new Need(SENSOR, 2), new Need(SENSOR, 2)));
        assertThat(covers).extracting(Cover::isMet).containsExactly(true, false);
    }

    @Test
    void thingsOfOneKindAreCountedTogetherAndCablesAreNot() {
        Shelf shelf = shelf(line(SOCKET, 3)).with(line(SOCKET, 4)).with(line(SENSOR, 1))
                .with(line(SENSOR, 1));
        assertThat(shelf.lines()).extracting(ShelfLine::amount).containsExactly(7.0, 1.0, 1.0);
    }

    @Test
    void littleIsWhatThePersonSaysOrNothing() {
        assertThat(line(SOCKET, 1).isLow()).isFalse();
        assertThat(line(SOCKET, 0).isLow()).isTrue();
        assertThat(line(SOCKET, 2).withLow(OptionalDouble.of(2)).isLow()).isTrue();
    }

    @Test
    void halfAConnectorIsNoAmount() {
        assertThatIllegalArgumentException().isThrownBy(() -> line(SOCKET, 1.5));
        assertThatIllegalArgumentException().isThrownBy(() -> line(SENSOR, -1));
        assertThatIllegalArgumentException().isThrownBy(() -> line(SENSOR, Double.NaN));
    }

    @ParameterizedTest
    @MethodSource("usual")
    void whateverAUsualCableTakesHasANameAndMayLieOnTheShelf(UsualCable cable) {
        Job job = cable.job();
        List<Need> needs = Need.of(job);
        assertThat(needs).isNotEmpty();
        Shelf shelf = Shelf.EMPTY;
        for (Need need : needs) {
            shelf = shelf.with(line(need.article(), need.amount()));
        }
        assertThat(shelf.covers(needs)).as("all is there").allMatch(Cover::isMet);
        Shelf after = shelf.without(shelf.covers(needs));
        assertThat(after.covers(needs)).as("and then nothing").noneMatch(Cover::isMet);
        assertThat(metres(shelf) - metres(after)).isEqualTo(CutList.of(job).orElseThrow().totalMm() / 1000,
                within(0.001));
    }

    @ParameterizedTest
    @MethodSource("usual")
    void aConnectorPutOnAnewTakesNoCableAndNothingForTheOtherEnd(UsualCable cable) {
        Job redone = Redo.of(cable.job(), "A", 30, "anew", java.util.Optional.empty());
        assertThat(Need.of(redone)).noneMatch(n -> n.article().isMeasured());
        assertThat(Need.of(redone).stream().filter(n -> n.article().kind() == Kind.CONNECTOR)
                .mapToDouble(Need::amount).sum()).isLessThanOrEqualTo(1);
    }

    /** Whatever is taken, in whatever order the lines lie, is gone from the shelf and nothing else is. */
    @Test
    void countingOffTakesWhatIsNeededAndNothingMore() {
        Random random = new Random(41);
        List<Article> articles = List.of(SENSOR, SOCKET, new Article(Kind.SLEEVE, "1.6"),
                new Article(Kind.CABLE, "ribbon-10"), new Article(Kind.CABLE, "control-7"));
        for (int round = 0; round < 3000; round++) {
            List<ShelfLine> lines = new ArrayList<>();
            for (int k = random.nextInt(9); k >= 0; k--) {
                lines.add(line(articles.get(random.nextInt(5)), 1 + random.nextInt(20)));
            }
            List<Need> needs = articles.stream().filter(_ -> random.nextBoolean())
                    .map(a -> new Need(a, 1 + random.nextInt(12))).toList();
            Shelf shelf = new Shelf(lines);
            List<Cover> covers = shelf.covers(needs);
            double taken = covers.stream().flatMap(c -> c.amounts().stream()).mapToDouble(d -> d).sum();
            assertThat(sum(shelf) - sum(shelf.without(covers))).isEqualTo(taken, within(0.01));
            for (Cover cover : covers) {
                assertThat(cover.lines())
                        .allMatch(k -> lines.get(k).article().equals(cover.need().article()));
            }
            List<ShelfLine> shuffled = new ArrayList<>(lines);
            Collections.shuffle(shuffled, random);
            assertThat(new Shelf(shuffled).covers(needs)).extracting(Cover::isMet)
                    .isEqualTo(covers.stream().map(Cover::isMet).toList());
        }
    }

    private static double sum(Shelf shelf) {
        return shelf.lines().stream().mapToDouble(ShelfLine::amount).sum();
    }

    @Test
    void thingsAreFoundByTheWordsOfThePersonWhoHasThem() {
        Articles articles = new Articles(Library.NONE);
        assertThat(articles.find("sensor four", 9)).extracting(n -> n.article().of()).contains("sensor-4")
                .doesNotContain("sensor-3");
        assertThat(articles.find("D-sub 9 socket", 5).getFirst().article()).isEqualTo(SOCKET);
        assertThat(articles.find("shrink 1.6", 5)).extracting(n -> n.article().of()).containsExactly("1.6");
        assertThat(articles.find("resistor 4k7", 5).getFirst().article().of()).isEqualTo("resistor/4700");
        assertThat(articles.find("capacitor 100n", 5).getFirst().article().of()).isEqualTo("capacitor/100");
        assertThat(articles.find("fuse 2 A", 5).getFirst().title()).isEqualTo("fuse 2 A");
        assertThat(articles.find("hood d-sub 25", 5)).extracting(Articles.Named::title)
                .containsExactly("hood for D-sub 25");
    }

    @Test
    void everyArticleOfTheListHasATitleOfItsOwn() {
        List<Articles.Named> all = new Articles(Library.NONE).find("", 5000);
        assertThat(all).hasSizeGreaterThan(500).allSatisfy(
                n -> assertThat(Articles.title(n.article())).as("%s", n.article()).contains(n.title()));
        assertThat(all).extracting(n -> n.article().kind() + n.title()).doesNotHaveDuplicates();
    }

    @Test
    void whatElseATableSaysIsKept() {
        ShelfLine line = new ShelfLine(SENSOR, "grey, four cores", 6, OptionalDouble.empty(),
                Map.of("place", "drawer 3"));
        assertThat(line.withAmount(4).more()).containsEntry("place", "drawer 3");
    }
}
