package wegweiser.core.readings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.TextJob;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.Shape;

class NetListTest {
    private static final Job JOB = TextJob.of("A dsub-9-socket; 5 GND ground",
            "B dsub-9-socket; 5 GND ground");

    private static Job read(Job job, String text) {
        TypedLines<List<Link>> lines = NetList.read(text, job);
        assertThat(lines.open()).isEmpty();
        return job.withLinks(lines.values().stream().flatMap(List::stream).toList());
    }

    @Test
    void netsAndPartsAreWrittenAndRead() {
        Job job = read(JOB, "GND: A5, B5\n# data\ndata: A2 B3\nresistor 4k7: A2 A3\ndiode: B.2 A.3\n");
        assertThat(job.links()).hasSize(4);
        assertThat(NetList.of(job).lines()).contains("GND: A.5 B.5", "diode: B.2 A.3")
                .anyMatch(l -> l.startsWith("resistor") && l.endsWith(": A.2 A.3"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"A2 B3|colon", "x: A2|two contacts", "x: A2 Z9|Z9",
            "resistor: A2 B3|ohm", "diode: A2 B3 B4|two different", "resistor 5: A2 A2|two different"})
    void whatIsNotUnderstoodSaysWhy(String line, String why) {
        TypedLines<List<Link>> lines = NetList.read("GND: A5 B5\n" + line, JOB);
        assertThat(lines.values()).hasSize(1);
        assertThat(lines.open()).singleElement()
                .satisfies(l -> assertThat(l.why()).containsIgnoringCase(why));
    }

    @Test
    void aContactInTwoNetsIsSaid() {
        assertThat(NetList.read("a: A2 B2\nb: B2 A3", JOB).open()).singleElement()
                .satisfies(l -> assertThat(l.why()).contains("B.2", "line 1"));
    }

    /** Whatever is planned joins the same, with the same parts, when it is read again. */
    @Test
    void aPlanComesBackAsItWas() {
        End loose = End.of("C", "Light panel", End.LEADS,
                List.of(PinRow.named("D+"), PinRow.named("say \"no\", twice"),
                        PinRow.named("a;b: c"), PinRow.named("WH/OG")));
        Job three = Job.of("three", List.of(JOB.ends().get(0), JOB.ends().get(1), loose), List.of(),
                List.of());
        List<Terminal> all = wegweiser.core.catalog.Terminals.of(three);
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 1500; round++) {
            List<Link> links = new java.util.ArrayList<>();
            for (int k = 0; k < random.nextInt(9); k++) {
                Terminal a = all.get(random.nextInt(all.size()));
                Terminal b = all.get(random.nextInt(all.size()));
                if (!a.equals(b)) {
                    links.add(switch (random.nextInt(6)) {
                        case 0 -> Link.of(a, b).withPart(Part.resistor(random.nextInt(1, 1_000_000) / 100.0));
                        case 1 -> Link.of(a, b).withPart(Part.of(PartKind.DIODE));
                        case 2 -> Link.of(a, b).withPart(Part.of(PartKind.CUT));
                        default -> Link.of(a, b);
                    });
                }
            }
            Job job = three.withLinks(links);
            assertThat(Shape.of(read(job, NetList.of(job)))).as(NetList.of(job)).isEqualTo(Shape.of(job));
        }
    }
}
