package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Insets;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.MeterDisplay;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Session;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** The readings with their times; any of them can be set aside. */
final class ReadingLines extends VBox {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");
    private static final int MOST = 40;

    private final Session session;
    private List<Reading> shown = List.of();

    ReadingLines(Session session) {
        super(2);
        // room for the bar beside the results
        setPadding(new Insets(0, 14, 0, 0));
        this.session = session;
    }

    /** Shows the latest readings, the last one first. */
    void show(List<Reading> all) {
        int digits = String.valueOf(all.size()).length();
        // one more than before is the usual: the lines that are there stay, for a new line costs much more than an old one
        if (!shown.isEmpty() && all.size() == shown.size() + 1 && all.subList(0, shown.size()).equals(shown)
                && digits == String.valueOf(shown.size()).length()) {
            getChildren().addFirst(line(all.size(), digits, all.getLast()));
            if (all.size() > MOST) {
                getChildren().remove(MOST);
            }
        } else if (!all.equals(shown) || getChildren().isEmpty()) {
            showAnew(all, digits);
        }
        shown = List.copyOf(all);
    }

    private void showAnew(List<Reading> all, int digits) {
        getChildren().clear();
        for (int i = all.size() - 1; i >= Math.max(0, all.size() - MOST); i--) {
            getChildren().add(line(i + 1, digits, all.get(i)));
        }
        if (all.isEmpty()) {
            getChildren().add(Panels.quiet(t("trace.readings.none")));
        } else {
            getChildren().add(Panels.quiet(t("trace.readings.undo", Keys.shown(Keys.UNDO.getFirst()))));
        }
    }

    /** A line that can be set aside by its menu, with its number as wide as the last one. */
    private ReadingLine line(int number, int digits, Reading r) {
        String padded = String.format(Locale.ROOT, "%" + digits + "d", number);
        Label touch = new Label(t("reading.line", padded, side(r.red()), side(r.black())));
        touch.getStyleClass().add("mono");
        Label result = new Label(switch (r.outcome()) {
            case Outcome.Beep() -> t("reading.beep");
            case Outcome.Silent() -> t("reading.silent");
            default -> MeterDisplay.text(r.outcome());
        });
        result.getStyleClass().add("reading-result");
        ReadingLine line = new ReadingLine(touch, result, small(note(r), "reading-note"),
                small(r.at().map(ReadingLines::clock).orElse(""), "reading-time"));
        if (!r.touch().isSingle()) {
            Tooltip.install(line, new Tooltip(Words.list(r.red()) + "\n" + Words.list(r.black())));
        }
        MenuItem aside = new MenuItem(t("trace.reading.aside", number));
        aside.setOnAction(
                _ -> session.edit(j -> j.withReadingSetAside(r, SetAside.BY_HAND)));
        ContextMenu menu = new ContextMenu(aside);
        line.setOnContextMenuRequested(e -> menu.show(line, e.getScreenX(), e.getScreenY()));
        line.setId("reading-" + number);
        return line;
    }

    private static Label small(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().addAll("mono", style);
        return label;
    }

    /** How a reading was taken, where that is out of the ordinary. */
    private static String note(Reading r) {
        return switch (r.how()) {
            case Provenance.Measured() -> "";
            case Provenance.Wiggled(double seconds) -> t("reading.wiggled", (int) seconds);
            case Provenance.ByLadder(double _, boolean assumed) ->
                t(assumed ? "reading.assumed" : "reading.ladder");
            case Provenance.Assumed() -> t("reading.assumed");
        };
    }

    /** The time of day of a reading, where this machine is. */
    private static String clock(Instant at) {
        return CLOCK.format(at.atZone(ZoneId.systemDefault()));
    }

    private static String side(List<Terminal> terminals) {
        return terminals.size() == 1
                ? terminals.getFirst().end() + "·" + terminals.getFirst().contact()
                : t("reading.gang", terminals.getFirst().end(), terminals.size());
    }
}
