package wegweiser.core.readings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.usual.UsualCable;

class FromToListTest {
    private static final Job JOB = Job.of("plan",
            List.of(End.of("A", "Mast logger", "dsub-9-socket", List.of()),
                    End.of("B", "Dome computer", "dsub-9-plug", List.of())),
            List.of(), List.of());

    static List<UsualCable> usual() {
        return UsualCable.all();
    }

    @ParameterizedTest
    @MethodSource("usual")
    void everyUsualPlanComesBackFromItsList(UsualCable cable) {
        Job job = cable.job();
        TypedLines<Link> read = FromToList.read(FromToList.csv(job.links()), job);
        assertThat(read.open()).isEmpty();
        assertThat(read.values()).isEqualTo(job.links());
    }

    @Test
    void anyPlanComesBackWithPartsValuesAndOddNames() {
        End loose = End.of("C d", "Light panel", End.LEADS,
                List.of(PinRow.named("D+"), PinRow.named("say \"no\", twice"), PinRow.named("a;b"),
                        PinRow.named("WH/OG")));
        Job job = JOB.withEnds(List.of(JOB.ends().get(0), JOB.ends().get(1), loose));
        List<Terminal> all = Terminals.of(job);
        Random random = new Random(5);
        for (int round = 0; round < 2000; round++) {
            List<Link> links = new ArrayList<>();
            for (int k = random.nextInt(8); k >= 0; k--) {
                Terminal from = all.get(random.nextInt(all.size()));
                Optional<Terminal> to = Optional.of(all.get(random.nextInt(all.size())))
                        .filter(t -> !t.equals(from) && random.nextInt(6) > 0);
                Link link = new Link(from, to,
                        random.nextBoolean() ? Optional.of("WH/OG, 2") : Optional.empty(),
                        part(random),
                        random.nextBoolean() ? Optional.of("since \"both\" talk; at once") : Optional.empty(),
                        random.nextBoolean(), Extra.NONE);
                if (links.stream().noneMatch(l -> l.from().equals(from) && l.to().equals(to)
                        && l.part().equals(link.part()))) {
                    links.add(link);
                }
            }
            TypedLines<Link> read = FromToList.read(FromToList.csv(links), job);
            assertThat(read.open()).isEmpty();
            assertThat(read.values()).isEqualTo(links);
        }
    }

    private static Optional<Part> part(Random random) {
        PartKind kind = PartKind.values()[random.nextInt(PartKind.values().length)];
        OptionalDouble value = OptionalDouble.of(Math.exp(random.nextDouble(-20, 12)));
        OptionalDouble none = OptionalDouble.empty();
        return switch (random.nextInt(3)) {
            case 0 -> Optional.of(Part.of(kind)).filter(_ -> kind != PartKind.RESISTOR);
            case 1 -> Optional.of(new Part(kind, value, none, value, none, none, Extra.NONE));
            default -> Optional.empty();
        };
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A2 B3            | A.2 | B.3 |       |
            a2, b3           | A.2 | B.3 |       |
            A.2 -> B.3       | A.2 | B.3 |       |
            A.2 → B.3 WH/OG  | A.2 | B.3 | WH/OG |
            2 - 3            | A.2 | B.3 |       |
            2 3 RD           | A.2 | B.3 | RD    |
            A1 A4 jumper     | A.1 | A.4 |       | jumper
            A2 B3 diode      | A.2 | B.3 |       | diode
            A2 B3 GN fuse 2A | A.2 | B.3 | GN    | fuse
            A2 B3 resistor 4k7 | A.2 | B.3 |     | resistor
            A7 insulated     | A.7 |     |       |""")
    void wiresAreReadAsPeopleTypeThem(String line, String from, String to, String conductor, String part) {
        TypedLines<Link> read = FromToList.read(line, JOB);
        assertThat(read.open()).as("%s", read.lines()).isEmpty();
        Link link = read.values().getFirst();
        assertThat(link.from()).hasToString(from);
        assertThat(link.to().map(Terminal::toString).orElse(null)).isEqualTo(to);
        assertThat(link.conductor().orElse(null)).isEqualTo(conductor);
        assertThat(link.part().map(p -> p.kind().id()).orElse(null)).isEqualTo(part);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A2                 | Name two contacts
            A2 A2              | joined to itself
            A2 B99             | B99
            A2 B3 RD thick     | “thick” is no part
            A2 B3 resistor     | needs its ohms
            A2 B3 resistor 2 V | 2 V
            A2 B3 jumper 3     | has no value""")
    void aLineThatMakesNoSenseIsToldAndTheOthersAreTaken(String line, String why) {
        TypedLines<Link> read = FromToList.read("A5 B5\n" + line + "\nA5 B5\nA7 B8", JOB);
        assertThat(read.values()).hasSize(2);
        assertThat(read.open()).extracting(TypedLines.Line::number).containsExactly(2, 3);
        assertThat(read.open().getFirst().why()).contains(why);
        assertThat(read.open().getLast().why()).contains("further up");
    }

    @Test
    void columnsMayComeInAnyOrderAndFromASpreadsheet() {
        TypedLines<Link> read = FromToList.read(
                "\uFEFFfrom;conductor;to;what;part;ohms\nA.2;\"WH/OG\";B.3;x;resistor;1,5\nA.3;;B.2;y\n",
                JOB);
        assertThat(read.values()).extracting(l -> l.from() + " " + l.to().orElseThrow())
                .containsExactly("A.2 B.3", "A.3 B.2");
        assertThat(read.values().getFirst().conductor()).contains("WH/OG");
        assertThat(read.values().getFirst().part().orElseThrow().ohms().getAsDouble()).isEqualTo(1.5);
    }
}
