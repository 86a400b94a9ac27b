package wegweiser.core.conductors;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wegweiser.core.RandomLooms;
import wegweiser.core.TextJob;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.BundleCode;
import wegweiser.core.model.Job;
import wegweiser.core.rules.Rules;

/** Colours of devices on one bundle, kept in the job. */
class CodedBundleTest {
    private static final Job JOB = TextJob.of("A terminal-12", "B terminal-2", "C terminal-2",
            "loom A-P:1 P-B:0.2 P-C:0.3", "links A.1-B.1 A.2-B.2 A.3-C.1 A.4-C.2");

    @Test
    void eachDeviceGetsItsSet() {
        Job coded = CodedBundle.of(JOB, List.of(List.of("WH", "BN"), List.of("WH", "GN")));
        Assembly assembly = Assembly.of(Derived.of(coded));
        assertThat(assembly.at("B").used()).containsExactly("WH", "BN");
        assertThat(assembly.at("C").used()).as("as many wires, one of a colour that is there already")
                .containsExactly("WH.2", "GN");
        assertThat(coded.cable().loom().codes()).containsExactly(BundleCode.of("B", List.of("WH", "BN")),
                BundleCode.of("C", List.of("WH", "GN")));
        assertThat(coded.cable().loom().wires()).hasSize(4);
    }

    @Test
    void aWireOfAnotherColourIsSeen() {
        Job coded = CodedBundle.of(JOB, List.of(List.of("WH", "BN"), List.of("WH", "GN")));
        assertThat(Rules.by("loom-fits", coded)).isEmpty();
        Job other = coded.replacing(coded.links().getFirst(), coded.links().getFirst().withPinned("YE"));
        assertThat(Rules.by("loom-fits", other)).singleElement()
                .satisfies(f -> assertThat(f.message())
                        .isEqualTo("End B was to be known by WH and BN, and its wires are BN and YE."));
    }

    /** Over random looms, spliced and plain: every device has its colours, no wire is used twice, the nets stay. */
    @Test
    void theColoursArriveAndTheNetsStay() {
        int coded = 0;
        for (long seed = 0; seed < 1000; seed++) {
            Job job = RandomLooms.of(seed);
            int wires = CodedBundle.wiresEach(job);
            BundleCodes codes = BundleCodes.of(List.of("WH", "BN", "GN", "YE", "GY", "PK", "BU", "RD"), wires,
                    job.ends().size() - 1);
            Job taken = CodedBundle.of(job, codes.sets());
            assertThat(Derived.of(taken).nets()).as("%d", seed).isEqualTo(Derived.of(job).nets());
            Set<String> all = new HashSet<>();
            Assembly assembly = Assembly.of(Derived.of(taken));
            for (BundleCode code : taken.cable().loom().codes()) {
                Place place = assembly.at(code.end());
                List<String> used = place.used();
                // a contact with two links has one wire for the first of them only, and says so elsewhere
                if (place.joints().values().stream().allMatch(j -> j.wires().size() == 1)) {
                    assertThat(used.stream().map(ColourCode::plain).sorted().toList()).as("%d", seed)
                            .isEqualTo(code.colours().stream().sorted().toList());
                    assertThat(used).as("%d: %s", seed, place.name()).allMatch(all::add);
                    coded++;
                }
            }
        }
        assertThat(coded).isGreaterThan(1000);
    }
}
