package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.ShelfWords;
import wegweiser.core.library.Library;
import wegweiser.core.model.Job;
import wegweiser.core.route.Suits;
import wegweiser.core.shelf.Articles;
import wegweiser.core.shelf.FromShelf;
import wegweiser.core.words.Words;

/** Which cables would do, each with the reason, and the way to build one where none does. */
final class WouldDoPanel extends VBox {
    private static final int SHOWN = 12;
    private static final int PIECES = 3;
    private static final double LINE = 62;

    private final Button build = new Button(t("which.build"));

    WouldDoPanel(Job wanted, WouldDo found, Library library, Runnable begin, Runnable close) {
        super(10);
        setId("would-do");
        VBox list = new VBox(8);
        found.cables().stream().limit(SHOWN).forEach(f -> list.getChildren().add(line(f)));
        ScrollPane scroll = Panels.scroll(list);
        scroll.setPrefSize(600, Math.min(260, LINE * found.cables().size()));
        build.setId("which-build");
        build.setOnAction(_ -> begin.run());
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> close.run());
        getChildren().addAll(Panels.heading(wanted.title()), Panels.quiet(words(found)));
        if (!found.cables().isEmpty()) {
            getChildren().add(scroll);
        }
        found.shelf().ifPresent(s -> fromShelf(s, library));
        getChildren().add(new HBox(10, build, back));
        setPrefWidth(620);
    }

    /** What of a new one lies on the shelf. */
    private void fromShelf(FromShelf shelf, Library library) {
        Label heading = new Label(t("which.shelf"));
        heading.getStyleClass().add("group");
        getChildren().add(heading);
        List<String> pieces = shelf.cables().stream().limit(PIECES)
                .map(l -> t("which.piece", l.title(), ShelfWords.amount(l.article(), l.amount()))).toList();
        if (shelf.conductors() > 0) {
            getChildren().add(Panels.whole(new Label(pieces.isEmpty()
                    ? t("which.no-piece", shelf.conductors())
                    : t("which.pieces", shelf.conductors(), Words.list(pieces)))));
        }
        List<String> missing = shelf.connectors().stream().filter(c -> !c.isMet())
                .map(c -> Articles.title(c.need().article(), library).orElse(c.need().article().of()))
                .toList();
        getChildren().add(Panels.whole(new Label(missing.isEmpty()
                ? t("which.connectors")
                : t("which.no-connector", Words.list(missing)))));
    }

    void begin() {
        build.requestFocus();
    }

    private static String words(WouldDo found) {
        if (!found.trouble().isEmpty()) {
            return t("log.trouble", found.trouble());
        }
        long good = found.cables().stream().filter(WouldDo.Found::would).count();
        return found.looked() == 0
                ? t("which.none-logged")
                : good > 0 ? t("which.found", good) : t("which.none", t("units", found.looked()));
    }

    private static VBox line(WouldDo.Found found) {
        Suits suits = found.suits();
        Label title = new Label(t("which.unit", found.unit().label(), found.unit().job()));
        title.getStyleClass().add("card-title");
        Label verdict = new Label(reason(found));
        verdict.getStyleClass().add(found.would() ? "paste-good" : "state-error");
        Panels.whole(verdict);
        VBox box = new VBox(2, title, verdict);
        if (suits.turned()) {
            box.getChildren().add(Panels.quiet(t("which.turned")));
        }
        return box;
    }

    private static String reason(WouldDo.Found found) {
        Suits suits = found.suits();
        if (!suits.judged()) {
            return t("which.not-judged");
        }
        if (!suits.errors().isEmpty()) {
            return suits.errors().getFirst().message();
        }
        List<String> missing = suits.missing().stream()
                .map(l -> t("which.pair", l.from(), l.to().orElseThrow())).toList();
        return missing.isEmpty()
                ? t(found.would() ? "which.would" : "which.not-passed",
                        t("log.result." + found.unit().result()))
                : t("which.missing", Words.list(missing));
    }
}
