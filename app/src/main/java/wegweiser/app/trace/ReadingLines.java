package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.time.DateTimeException;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.MeterDisplay;
import wegweiser.app.controls.Panels;
import wegweiser.app.shell.Session;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** The readings with their times; any of them can be set aside. */
final class ReadingLines extends VBox {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");
    private static final int MOST = 40;

    private final Session session;

    ReadingLines(Session session) {
        super(2);
        this.session = session;
    }

    /** Shows the latest readings, the last one first. */
    void show(List<Reading> all) {
        getChildren().clear();
        for (int i = all.size() - 1; i >= Math.max(0, all.size() - MOST); i--) {
            Reading r = all.get(i);
            Label number = new Label(String.valueOf(i + 1));
            number.getStyleClass().addAll("mono", "quiet");
            number.setMinWidth(26);
            Label touch = new Label(side(r.red()) + "  –  " + side(r.black()));
            touch.getStyleClass().add("mono");
            Label result = new Label(switch (r.outcome()) {
                case wegweiser.core.model.Outcome.Beep() -> t("reading.beep");
                case wegweiser.core.model.Outcome.Silent() -> t("reading.silent");
                default -> MeterDisplay.text(r.outcome());
            } + (r.extra().members().get(Reading.WIGGLED) instanceof Number s
                    ? t("reading.wiggled", s.intValue())
                    : r.extra().members().containsKey(Reading.LADDER) ? t("reading.ladder") : ""));
            result.getStyleClass().add("reading-result");
            result.setMinWidth(USE_PREF_SIZE);
            getChildren().add(reading(i + 1, r, new HBox(number, touch), result));
        }
        if (all.isEmpty()) {
            getChildren().add(Panels.quiet(t("trace.readings.none")));
        } else {
            getChildren().add(Panels.quiet(t("trace.readings.undo")));
        }
    }

    /** A line with the time, which can be set aside by its menu. */
    private HBox reading(int number, Reading r, HBox touch, Label result) {
        Label time = new Label(r.at().flatMap(ReadingLines::clock).orElse(""));
        time.getStyleClass().addAll("mono", "reading-time");
        time.setMinWidth(USE_PREF_SIZE);
        HBox line = Panels.line(touch, new HBox(8, time, result));
        if (!r.touch().isSingle()) {
            Tooltip.install(line, new Tooltip(Words.list(r.red()) + "\n" + Words.list(r.black())));
        }
        MenuItem aside = new MenuItem(t("trace.reading.aside", number));
        aside.setOnAction(
                _ -> session.edit(j -> j.withReadingSetAside(number, t("trace.reading.aside.why"))));
        ContextMenu menu = new ContextMenu(aside);
        line.setOnContextMenuRequested(e -> menu.show(line, e.getScreenX(), e.getScreenY()));
        line.setId("reading-" + number);
        return line;
    }

    /** The time of day of a reading, where this machine is. */
    private static Optional<String> clock(String at) {
        try {
            return Optional
                    .of(CLOCK.format(OffsetDateTime.parse(at).atZoneSameInstant(ZoneId.systemDefault())));
        } catch (DateTimeException _) {
            // a time that cannot be read is not shown
            return Optional.empty();
        }
    }

    private static String side(List<Terminal> terminals) {
        return terminals.size() == 1
                ? terminals.getFirst().end() + "·" + terminals.getFirst().contact()
                : t("reading.gang", terminals.getFirst().end(), terminals.size());
    }
}
