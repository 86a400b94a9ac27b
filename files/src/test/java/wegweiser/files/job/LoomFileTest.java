package wegweiser.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.model.Job;
import wegweiser.core.model.Loom;
import wegweiser.files.io.BadFile;

/** Branches and splices as they stand in a job file. */
class LoomFileTest {
    private static final String JOB = """
            { "format": "wegweiser-job", "version": %d, "title": "panels",
              "ends": [
                { "name": "A", "device": "supply", "connector": "terminal-2", "pinout": [] },
                { "name": "B", "device": "panel", "connector": "terminal-2", "pinout": [] },
                { "name": "C", "device": "panel", "connector": "terminal-2", "pinout": [] } ],
              "cable": { "loom": { %s } },
              "links": [{ "from": "A.1", "to": "B.1" }, { "from": "A.1", "to": "C.1" }], "readings": [] }
            """;

    private static Job read(String loom) throws Exception {
        return JobFile.parse(JOB.formatted(3, loom), "panels.json");
    }

    @Test
    void runsSplicesAndWiresAreRead() throws Exception {
        Job job = read(
                """
                        "runs": [{ "from": "A", "to": "fork", "lengthMm": 900 }, { "from": "fork", "to": "B", "lengthMm": 350 },
                                 { "from": "fork", "to": "C", "spare": ["VT"], "note": "behind the panel" }],
                        "splices": [{ "name": "S1", "at": "fork", "wires": [{ "to": "A.1", "wire": "RD" },
                                 { "to": "B.1", "wire": "RD.2" }, { "to": "C.1", "wire": "RD.3" }] }],
                        "wires": [{ "wire": "RD", "awg": 18 }],
                        "codes": [{ "end": "B", "colours": ["RD"] }]""");
        Loom loom = job.cable().loom();
        assertThat(job.version()).isEqualTo(3);
        assertThat(job.cable().lengthMm()).as("the longest way that is measured").hasValue(1250);
        assertThat(loom.runs().get(2).lengthMm()).isEmpty();
        assertThat(loom.runs().get(2).extra()).containsEntry("note", "behind the panel");
        assertThat(loom.splices().getFirst().wires()).hasSize(3);
        assertThat(JobFile.parse(JobFile.text(job), "again")).isEqualTo(job);
    }

    @Test
    void aFileOfAnEarlierVersionHasNone() throws Exception {
        String old = JOB.formatted(2, "").replace("\"cable\": { \"loom\": {  } },", "");
        Job job = JobFile.parse(old, "old.json");
        assertThat(job.cable().loom()).isEqualTo(Loom.NONE);
        assertThat(JobFile.text(job)).doesNotContain("loom").contains("\"version\" : 3");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {
            "\"runs\": [{ \"from\": \"A\", \"to\": \"P\" }, { \"from\": \"P\", \"to\": \"B\" }, { \"from\": \"B\", \"to\": \"A\" }]|cable.loom.runs[2]|leads back",
            "\"runs\": [{ \"from\": \"A\", \"to\": \" \" }]|cable.loom.runs[0].to|",
            "\"runs\": [{ \"from\": \"A\", \"to\": \"B\", \"lengthMm\": -1 }]|cable.loom.runs[0].lengthMm|",
            "\"splices\": [{ \"name\": \"S\", \"at\": \"P\", \"wires\": [{ \"to\": \"A.1\", \"wire\": \"RD\" }, { \"to\": \"B.1\", \"wire\": \"BK\" }] }]|cable.loom.splices[0].at|no run leads to",
            "\"splices\": [{ \"name\": \"S\", \"at\": \"A\", \"wires\": [{ \"to\": \"A.1\", \"wire\": \"RD\" }] }]|cable.loom.splices[0].wires|",
            "\"splices\": [{ \"name\": \"S\", \"at\": \"A\", \"wires\": [{ \"to\": \"A.1\", \"wire\": \"RD\" }, { \"to\": \"A.1\", \"wire\": \"BK\" }] }]|cable.loom.splices[0].wires[1].to|used twice",
            "\"splices\": [{ \"name\": \"S\", \"at\": \"A\", \"wires\": [{ \"to\": \"A.1\", \"wire\": \"RD\" }, { \"to\": \"D.1\", \"wire\": \"BK\" }] }]|cable.loom.splices[0].wires[1].to|does not have",
            "\"wires\": [{ \"wire\": \"RD\", \"awg\": 18 }, { \"wire\": \"RD\", \"awg\": 20 }]|cable.loom.wires[1].wire|used twice",
            "\"wires\": [{ \"wire\": \"RD\", \"awg\": 99 }]|cable.loom.wires[0].awg|",
            "\"codes\": [{ \"end\": \"Z\", \"colours\": [\"RD\"] }]|cable.loom.codes[0].end|does not have"})
    void whatMakesNoSenseIsRefusedWithItsPlace(String loom, String place, String why) {
        BadFile e = catchThrowableOfType(BadFile.class, () -> read(loom));
        assertThat(e).isNotNull();
        assertThat(e.getMessage()).contains(place).contains(why == null ? "" : why);
    }
}
