package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Form;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.shelf.Articles;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.words.Words;
import wegweiser.files.workshop.ShelfCsv;

/** Puts something on the shelf, or changes how much of it lies there. */
final class ShelfForm extends VBox {
    private final TextField name = new TextField();
    private final TextField amount = new TextField();
    private final TextField low = new TextField();
    private final Optional<ShelfLine> before;
    private final Optional<Picker<Articles.Named>> what;

    /** Asks for something that is not there yet. */
    ShelfForm(Library library, Consumer<ShelfLine> then, Runnable ownCable, Runnable close) {
        before = Optional.empty();
        Articles articles = new Articles(library);
        Picker<Articles.Named> picker = new Picker<>("shelf-what", t("shelf.what.prompt"),
                (typed, most) -> found(articles, typed, most), this::named);
        what = Optional.of(picker);
        Button own = new Button(t("shelf.own-cable"));
        own.setId("shelf-own-cable");
        own.getStyleClass().add("text-link");
        own.setOnAction(_ -> ownCable.run());
        build(t("shelf.put"), t("shelf.put.hint"), then, close,
                List.of(Form.asked(t("shelf.what"), picker), own));
    }

    /** Asks how much of something is there now. */
    ShelfForm(ShelfLine line, Consumer<ShelfLine> then, Runnable close) {
        before = Optional.of(line);
        what = Optional.empty();
        name.setText(line.title());
        amount.setText(Words.plain(line.amount(), 3));
        line.low().ifPresent(l -> low.setText(Words.plain(l, 3)));
        build(t("shelf.edit"), Articles.title(line.article()).orElse(line.title()), then, close, List.of());
    }

    private void build(String title, String hint, Consumer<ShelfLine> then, Runnable close,
            List<Node> first) {
        name.setId("shelf-name");
        amount.setId("shelf-amount");
        low.setId("shelf-low");
        amount.setPromptText(t("shelf.amount.prompt"));
        low.setPromptText(t("shelf.low.prompt"));
        List<Node> questions = new ArrayList<>(first);
        questions.add(Form.asked(t("shelf.name"), name));
        questions.add(Form.asked(t("shelf.amount"), amount));
        questions.add(Form.asked(t("shelf.low"), low));
        Form form = new Form("shelf-form", title, hint, t("shelf.keep"), () -> go(then), close,
                questions.toArray(new Node[0]));
        amount.setOnAction(_ -> form.toButton());
        low.setOnAction(_ -> form.toButton());
        name.setOnAction(_ -> amount.requestFocus());
        getChildren().add(form);
    }

    /** What the words mean, and last of all a part of the person's own that is called so. */
    private static List<Articles.Named> found(Articles articles, String typed, int most) {
        List<Articles.Named> found = new ArrayList<>(articles.find(typed, most - 1));
        String own = typed.strip();
        if (!own.isEmpty() && found.stream().noneMatch(n -> n.title().equalsIgnoreCase(own))) {
            found.add(new Articles.Named(new Article(Article.Kind.PART, own), own));
        }
        return found;
    }

    private void named(Articles.Named chosen) {
        name.setText(chosen.title());
        amount.requestFocus();
    }

    void begin() {
        what.ifPresentOrElse(Picker::begin, () -> {
            amount.requestFocus();
            amount.selectAll();
        });
    }

    private Optional<String> go(Consumer<ShelfLine> then) {
        Optional<Article> article = before.map(ShelfLine::article)
                .or(() -> what.flatMap(Picker::choice).map(Articles.Named::article));
        if (article.isEmpty()) {
            return Optional.of(t("shelf.error.what"));
        }
        Article of = article.get();
        OptionalDouble much = ShelfCsv.amount(amount.getText(), of);
        OptionalDouble little = ShelfCsv.amount(low.getText(), of);
        boolean none = low.getText().isBlank();
        if (much.isEmpty() || !none && little.isEmpty()) {
            return Optional.of(t(of.isMeasured() ? "shelf.error.length" : "shelf.error.count",
                    much.isEmpty() ? amount.getText() : low.getText()));
        }
        String title = name.getText().isBlank() ? Articles.title(of).orElse(of.of()) : name.getText().strip();
        then.accept(new ShelfLine(of, title, much.getAsDouble(), none ? OptionalDouble.empty() : little,
                before.map(ShelfLine::more).orElse(Map.of())));
        return Optional.empty();
    }
}
