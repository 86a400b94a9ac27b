package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import wegweiser.core.make.HandTimes;

/** By whose times work at the bench is reckoned, in words. */
public final class HandWords {
    private HandWords() {}

    public static String of(HandTimes times) {
        return times.learnedFrom() == 0 ? t("hands.usual") : t("hands.own", times.learnedFrom());
    }
}
