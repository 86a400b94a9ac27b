package wegweiser.core.make;

import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Terminal;

/**
 * One step at the bench.
 *
 * @param key stable within a job's design; what a tick refers to
 * @param deed what is done
 * @param said the words for it
 * @param needs keys of the steps without which this one cannot be done, or proves nothing
 */
public record Step(int n, String key, Deed deed, Said said, List<String> needs) {
    /**
     * The words of a step; all but the first two may be empty.
     *
     * @param text what to do, short
     * @param spoken the same in whole words, for reading from afar
     * @param detail how
     * @param check when it is right
     * @param setting of which tool: temperature, die, length
     * @param caution what may hurt, where it applies
     */
    public record Said(String text, String spoken, String detail, String check, String setting,
            String caution) {}

    public Step {
        needs = List.copyOf(needs);
    }

    Step needing(List<String> keys) {
        return new Step(n, key, deed, said, keys);
    }

    /** Name of the end, empty for the cable as a whole. */
    public String end() {
        return deed.end();
    }

    /** Contacts to show. */
    public List<Terminal> lit() {
        return deed.contacts();
    }

    /** The wire in the hand. */
    public Optional<String> conductor() {
        return deed.wire();
    }

    /** How long to wait before what needs this step, in seconds; 0 for not at all. */
    public int waitSeconds() {
        return deed.waitSeconds();
    }

    public String text() {
        return said.text();
    }

    public String spoken() {
        return said.spoken();
    }

    public String detail() {
        return said.detail();
    }

    public String check() {
        return said.check();
    }

    public String setting() {
        return said.setting();
    }

    public String caution() {
        return said.caution();
    }
}
