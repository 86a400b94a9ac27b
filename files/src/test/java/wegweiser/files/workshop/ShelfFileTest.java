package wegweiser.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.make.Article.Kind;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.model.SetAside;
import wegweiser.core.shelf.Articles;
import wegweiser.core.shelf.Shelf;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.io.BadFile;

class ShelfFileTest {
    private static final String HEADING = "kind,item,title,amount,unit,low\n";

    private static final Path FILE = Path.of("jobs/console.wegweiser.json");

    @TempDir
    private Path folder;
    private ShelfFile shelf;

    @BeforeEach
    void shelf() {
        shelf = new Workshop(folder).shelf(Library.NONE);
    }

    private static Shelf parse(String text) throws BadFile {
        return ShelfCsv.parse(text, "shelf.csv", Library.NONE);
    }

    @Test
    void whatIsWrittenIsReadBack() throws BadFile {
        List<Articles.Named> all = new Articles(Library.NONE).find("", 5000);
        Random random = new Random(7);
        for (int round = 0; round < 300; round++) {
            Shelf random1 = Shelf.EMPTY;
            for (int k = random.nextInt(12); k > 0; k--) {
                Articles.Named named = all.get(random.nextInt(all.size()));
                boolean cable = named.article().isMeasured();
                random1 = random1.with(new ShelfLine(named.article(),
                        k == 3 ? "the \"old\" one, grey; thick" : named.title(),
                        cable ? random.nextInt(900_000) / 10_000.0 : random.nextInt(500),
                        k % 2 == 0 ? OptionalDouble.of(k) : OptionalDouble.empty(),
                        k == 5 ? Map.of("place", "drawer\n3") : Map.of()));
            }
            assertThat(parse(ShelfCsv.text(random1))).isEqualTo(random1);
        }
    }

    @Test
    void anotherOrderAnotherSignAndOnlyTheTitleWillDo() throws BadFile {
        Shelf read = parse("\uFEFFamount;title;KIND;place\n6,4 m;sensor cable, four cores;cable;drawer 3\n"
                + "\n5;D-sub 9, socket;connector;\n1.2 m;shrink sleeve 1.6 mm;sleeve;\n20;cable ties;part;\n");
        assertThat(read.lines()).extracting(l -> l.article().toString())
                .contains("connector dsub-9-socket", "sleeve 1.6", "part cable ties");
        assertThat(read.lines().getFirst().amount()).isEqualTo(6.4);
        assertThat(read.lines().getFirst().more()).containsEntry("place", "drawer 3");
        assertThat(read.lines().get(2).amount()).as("pieces of 20 mm").isEqualTo(60);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            screws,x,x,1,,                  | 3 | is no kind
            connector,dsub-9-scoket,,1,,    | 3 | there is no connector called “dsub-9-scoket”
            connector,dsub-9-socket,,half,, | 3 | “half” is no count
            connector,dsub-9-socket,,1.5,,  | 3 | “1.5” is no count
            connector,dsub-9-socket,,2 V,,  | 3 | “2 V” is no count
            cable,sensor-4,,some,m,         | 3 | “some” is no length
            cable,sensor-4,,-1,m,           | 3 | “-1” is no length
            cable,sensor-4,,"1,234",m,      | 3 | “1,234” is no length
            cable,grey,,1,m,                | 3 | there is no cable called “grey”
            sleeve,wide,,1,,                | 3 | “wide” is no sleeve
            part,,,1,,                      | 3 | it has no name""")
    void aBadRowIsNamedWithItsLineAndReason(String row, int line, String words) {
        assertThatExceptionOfType(BadFile.class)
                .isThrownBy(() -> parse(HEADING + "connector,dsub-9-plug,,1,,\n" + row + "\n"))
                .withMessageContaining("shelf.csv, line " + line).withMessageContaining(words);
    }

    @Test
    void aTableOfSomethingElseIsRefused() {
        assertThatExceptionOfType(BadFile.class).isThrownBy(() -> parse("pin,name\n1,TXD\n"))
                .withMessageContaining("heading");
        assertThatExceptionOfType(BadFile.class).isThrownBy(() -> parse(HEADING + "cable,\"sensor-4,1"));
    }

    @Test
    void aShelfThatCannotBeReadIsNeverWrittenOver() throws Exception {
        String text = HEADING + "connector,dsub-9-scoket,,1,,\n";
        Files.writeString(folder.resolve("shelf.csv"), text);
        assertThatExceptionOfType(BadFile.class).isThrownBy(() -> shelf.change(s -> Shelf.EMPTY));
        assertThatExceptionOfType(BadFile.class)
                .isThrownBy(() -> shelf.take(FILE, UsualCable.all().getFirst().job()));
        assertThat(folder.resolve("shelf.csv")).hasContent(text);
    }

    private Job stocked() throws BadFile, IOException {
        Job job = UsualCable.all().getFirst().job();
        shelf.change(_ -> new Shelf(List.of(
                ShelfLine.of(new Article(Kind.CABLE, job.cable().stock().orElseThrow()), "serial", 10),
                ShelfLine.of(new Article(Kind.CONNECTOR, "dsub-9-socket"), "socket", 3))));
        return job;
    }

    private double sockets() throws BadFile, IOException {
        return shelf.read().lines().get(1).amount();
    }

    @Test
    void aCableIsCountedOffOnceAndTheNextUnitAgain() throws Exception {
        Job job = stocked();
        assertThat(shelf.take(FILE, job).isNone()).isFalse();
        assertThat(shelf.isTaken(FILE, job)).isTrue();
        assertThat(shelf.take(FILE, job.withReading(Reading.beep("A.5", "B.5"))).isNone()).as("the same unit")
                .isTrue();
        assertThat(sockets()).isEqualTo(1);
        Job next = job.withReading(Reading.beep("A.5", "B.5")).withReadingsSetAside(SetAside.OTHER_UNIT);
        ShelfFile.Change second = shelf.take(FILE, next);
        assertThat(sockets()).as("as far as it is there").isZero();
        assertThat(second.covers()).anyMatch(c -> !c.isMet());
    }

    @Test
    void aJobIsKnownByItsFileAndNotByItsTitle() throws Exception {
        Job job = stocked();
        JobFolder folder = new JobFolder(new Workshop(this.folder));
        Path first = folder.add(job);
        shelf.take(first, job);
        folder.rename(first, "another name");
        assertThat(shelf.isTaken(first, job.withTitle("another name"))).isTrue();
        Path second = folder.add(job);
        assertThat(shelf.isTaken(second, job)).as("one more with the same title").isFalse();
        folder.remove(first);
        Path third = folder.add(job);
        assertThat(shelf.isTaken(third, job)).as("in the place of one that was removed").isFalse();
    }

    @Test
    void whatWasTakenIsPutBackAlsoWhenSomebodyChangedTheShelfSince() throws Exception {
        Job job = stocked();
        Shelf before = shelf.read();
        ShelfFile.Change change = shelf.take(FILE, job);
        shelf.putBack(change);
        assertThat(shelf.read()).isEqualTo(before);
        assertThat(shelf.isTaken(FILE, job)).isFalse();
        ShelfFile.Change again = shelf.take(FILE, job);
        shelf.change(s -> s.with(ShelfLine.of(new Article(Kind.SLEEVE, "1.6"), "sleeve", 4)));
        shelf.putBack(again);
        assertThat(sockets()).isEqualTo(3);
        assertThat(shelf.read().lines().stream().filter(l -> l.article().isMeasured())
                .mapToDouble(ShelfLine::amount).sum())
                .isEqualTo(10);
        assertThat(shelf.read().lines()).anyMatch(l -> l.article().of().equals("1.6"));
    }

    @Test
    void aChangeByHandIsNotTakenBackOverThatOfSomebodyElse() throws Exception {
        stocked();
        ShelfFile.Change change = shelf.change(s -> s.withoutLine(0));
        shelf.change(s -> s.with(ShelfLine.of(new Article(Kind.SLEEVE, "1.6"), "sleeve", 4)));
        assertThatExceptionOfType(IOException.class).isThrownBy(() -> shelf.putBack(change))
                .withMessageContaining("meanwhile");
    }

    @Test
    void twoWindowsAtOnceLoseNothing() throws Exception {
        Article sleeve = new Article(Kind.SLEEVE, "1.6");
        try (ExecutorService both = Executors.newFixedThreadPool(4)) {
            List<Future<ShelfFile.Change>> all = java.util.stream.IntStream.range(0, 40)
                    .mapToObj(_ -> both.submit(
                            () -> new Workshop(folder).shelf(Library.NONE)
                                    .change(s -> s.with(ShelfLine.of(sleeve, "sleeve", 1)))))
                    .toList();
            for (Future<ShelfFile.Change> one : all) {
                one.get();
            }
        }
        assertThat(shelf.read().lines()).singleElement().satisfies(l -> assertThat(l.amount()).isEqualTo(40));
    }
}
