package wegweiser.files.json;

import com.fasterxml.jackson.databind.util.StdConverter;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Map;
import wegweiser.core.model.Waiting;
import wegweiser.core.words.Words;

/** A step that only time does, as it stands in a file: with its times after ISO 8601. */
record WaitingShape(String step, String since, String until, Map<String, Object> extra) {
    static final class From extends StdConverter<Waiting, WaitingShape> {
        @Override
        public WaitingShape convert(Waiting w) {
            return new WaitingShape(w.step(), w.since().toString(), w.until().toString(), w.extra());
        }
    }

    static final class To extends StdConverter<WaitingShape, Waiting> {
        @Override
        public Waiting convert(WaitingShape s) {
            return new Waiting(s.step, time(s.since), time(s.until), s.extra);
        }
    }

    private static Instant time(String text) {
        try {
            return OffsetDateTime.parse(text).toInstant();
        } catch (DateTimeException _) {
            throw new Mapping.Senseless(Place.ROOT, Words.say("typed.time", text));
        }
    }
}
