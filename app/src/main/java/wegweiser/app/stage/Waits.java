package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import wegweiser.core.words.Words;

/** Times and how long is left, as they are said. */
public final class Waits {
    private static final int MINUTE = 60;
    private static final int HOUR = 60 * MINUTE;

    private Waits() {}

    /** A moment by the clock on the wall, with the day where it is not today. */
    public static String clock(Instant moment) {
        var at = moment.atZone(ZoneId.systemDefault());
        String time = DateTimeFormatter.ofPattern("HH:mm").format(at);
        return at.toLocalDate().equals(LocalDate.now(ZoneId.systemDefault()))
                ? time
                : t("waits.day", time, DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM).format(at));
    }

    /** How long something takes, such as {@code 4:05} minutes or {@code 23 h 55 min}. */
    public static String length(long seconds) {
        if (seconds < HOUR) {
            return t("waits.minutes", seconds / MINUTE, twoDigits(seconds % MINUTE));
        }
        Duration d = Duration.ofSeconds(seconds);
        return t("waits.hours", d.toHours(), d.toMinutesPart());
    }

    private static String twoDigits(long n) {
        return n < 10 ? "0" + n : Words.plain(n, 0);
    }
}
