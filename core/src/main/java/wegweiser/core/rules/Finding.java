package wegweiser.core.rules;

import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Volts;
import wegweiser.core.words.Words;

/**
 * One result of a rule.
 *
 * @param message one plain sentence
 * @param remedy one plain sentence
 * @param fix the remedy as an edit, where one click can apply it
 */
public record Finding(String rule, Severity severity, List<Terminal> terminals, String message, String remedy,
        Optional<Fix> fix) {
    public Finding {
        terminals = List.copyOf(terminals);
    }

    /** A finding with the sentences of its rule, {@code rule.ID.message} and {@code rule.ID.remedy}. */
    static Finding of(String rule, Severity severity, List<Terminal> terminals, Object... args) {
        return new Finding(rule, severity, terminals, Words.say("rule." + rule + ".message", args),
                Words.say("rule." + rule + ".remedy", args), Optional.empty());
    }

    /**
     * A finding with one of several sentences of its rule, {@code rule.ID.WHICH}; its remedy is {@code rule.ID.WHICH.remedy},
     * or where there is none that of the rule.
     */
    static Finding variant(String rule, String which, Severity severity, List<Terminal> terminals,
            Object... args) {
        String key = "rule." + rule + "." + which;
        return new Finding(rule, severity, terminals, Words.say(key, args),
                Words.sayIfThere(key + ".remedy", args)
                        .orElseGet(() -> Words.say("rule." + rule + ".remedy", args)),
                Optional.empty());
    }

    /** The finding for a supply that no source of the right voltage feeds. */
    public static Finding refusedSupply(Pin source, Pin sink) {
        return of("supply-voltage", Severity.ERROR, List.of(source.terminal(), sink.terminal()),
                source.words(), source.volts().map(Volts::words).orElse(Words.say("volts.unknown")),
                sink.words(),
                sink.volts().map(Volts::words).orElse(Words.say("volts.unknown")));
    }

    Finding withFix(Fix newFix) {
        return new Finding(rule, severity, terminals, message, remedy, Optional.of(newFix));
    }

    public boolean isError() {
        return severity == Severity.ERROR;
    }
}
