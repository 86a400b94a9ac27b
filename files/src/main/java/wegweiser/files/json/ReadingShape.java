package wegweiser.files.json;

import com.fasterxml.jackson.databind.util.StdConverter;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.words.Words;

/**
 * A reading as it stands in a file: touch, outcome and provenance are members beside each other.
 *
 * @param at a time with its offset; one that is not understood is kept as it is
 * @param ladderOhms a number, or "open"
 */
record ReadingShape(Mode mode, List<Terminal> red, List<Terminal> black, Optional<String> result,
        OptionalDouble ohms, OptionalDouble volts, Optional<String> at, OptionalDouble wiggledSeconds,
        Optional<Object> ladderOhms, Optional<Boolean> assumed, Map<String, Object> extra) {
    private static final String AT = "at";

    static final class From extends StdConverter<Reading, ReadingShape> {
        @Override
        public ReadingShape convert(Reading r) {
            return new ReadingShape(r.mode(), r.red(), r.black(), word(r.outcome()),
                    r.outcome() instanceof Outcome.Resistance(double v)
                            ? OptionalDouble.of(v)
                            : OptionalDouble.empty(),
                    r.outcome() instanceof Outcome.Voltage(double v)
                            ? OptionalDouble.of(v)
                            : OptionalDouble.empty(),
                    r.at().map(Instant::toString),
                    r.how() instanceof Provenance.Wiggled(double s)
                            ? OptionalDouble.of(s)
                            : OptionalDouble.empty(),
                    r.how() instanceof Provenance.ByLadder(double v, boolean _)
                            ? Optional.of(LadderShape.ohms(v))
                            : Optional.empty(),
                    r.isAssumed() ? Optional.of(true) : Optional.empty(), r.extra());
        }
    }

    static final class To extends StdConverter<ReadingShape, Reading> {
        @Override
        public Reading convert(ReadingShape s) {
            Optional<Instant> time = s.at.flatMap(ReadingShape::time);
            Map<String, Object> extra = s.extra;
            if (time.isEmpty() && s.at.isPresent()) {
                extra = new LinkedHashMap<>(extra == null ? Extra.NONE : extra);
                extra.put(AT, s.at.get());
            }
            return new Reading(s.mode, new Touch(s.red, s.black), s.outcome(), s.how(), time, extra);
        }
    }

    private static Optional<Instant> time(String text) {
        try {
            return Optional.of(OffsetDateTime.parse(text).toInstant());
        } catch (DateTimeException _) {
            return Optional.empty();
        }
    }

    private static Optional<String> word(Outcome outcome) {
        return switch (outcome) {
            case Outcome.Beep() -> Optional.of("beep");
            case Outcome.Silent() -> Optional.of("silent");
            case Outcome.Open() -> Optional.of("open");
            case Outcome.Reacts() -> Optional.of("reacts");
            case Outcome.Nothing() -> Optional.of("nothing");
            case Outcome.Resistance(double _), Outcome.Voltage(double _) -> Optional.empty();
        };
    }

    private Provenance how() {
        boolean supposed = assumed.orElse(false);
        return ladderOhms.isPresent()
                ? new Provenance.ByLadder(LadderShape.ohms(ladderOhms.get()), supposed)
                : supposed
                        ? Provenance.ASSUMED
                        : wiggledSeconds.isPresent()
                                ? new Provenance.Wiggled(wiggledSeconds.getAsDouble())
                                : Provenance.MEASURED;
    }

    private Outcome outcome() {
        return switch (mode) {
            case CONTINUITY -> switch (result.orElse("")) {
                case "beep" -> Outcome.BEEP;
                case "silent" -> Outcome.SILENT;
                default -> throw senseless("result", Words.say("bad.beep"));
            };
            case OHMS -> ohms.isPresent() ? new Outcome.Resistance(ohms.getAsDouble()) : open("ohms");
            case DIODE -> volts.isPresent() ? new Outcome.Voltage(volts.getAsDouble()) : open("volts");
            case REACTION -> switch (result.orElse("")) {
                case "reacts" -> Outcome.REACTS;
                case "nothing" -> Outcome.NOTHING;
                default -> throw senseless("result", Words.say("bad.reacts"));
            };
        };
    }

    private Outcome open(String value) {
        if (!result.equals(Optional.of("open"))) {
            throw senseless("", Words.say("bad.value", value));
        }
        return Outcome.OPEN;
    }

    private static Mapping.Senseless senseless(String member, String reason) {
        return new Mapping.Senseless(new Place(member), reason);
    }
}
