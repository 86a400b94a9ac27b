package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Form;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.readings.FromToList;

/** One link of the plan, whatever it is: a wire, a jumper, a part with its direction, a conductor that is cut or ends loose. */
final class LinkForm extends VBox {
    private final Session session;
    private final ChoiceBox<Terminal> from = new ChoiceBox<>();
    private final ChoiceBox<Optional<Terminal>> to = new ChoiceBox<>();
    private final ChoiceBox<Optional<PartKind>> part = new ChoiceBox<>();
    private final TextField value = new TextField();
    private final ChoiceBox<Optional<String>> conductor = new ChoiceBox<>();
    private final Runnable close;

    /** @param first and {@code second}: what it is about at first; where the plan joins them, that link */
    LinkForm(Session session, Optional<Terminal> first, Optional<Terminal> second, Runnable close) {
        super(10);
        this.session = session;
        this.close = close;
        Job job = session.job();
        List<Terminal> all = Terminals.of(job);
        from.getItems().setAll(all);
        to.getItems().add(Optional.empty());
        all.forEach(x -> to.getItems().add(Optional.of(x)));
        to.setConverter(new Worded<>(o -> o.map(Terminal::toString).orElse(t("route.insulated"))));
        from.setConverter(new Worded<>(Terminal::toString));
        part.getItems().add(Optional.empty());
        for (PartKind kind : PartKind.values()) {
            part.getItems().add(Optional.of(kind));
        }
        part.setConverter(new Worded<>(k -> t("from-to.part." + k.map(PartKind::id).orElse("none"))));
        conductor.getItems().add(Optional.empty());
        Cables.of(job).map(CableStock::conductors).orElse(List.of())
                .forEach(c -> conductor.getItems().add(Optional.of(c)));
        if (Cables.of(job).filter(CableStock::isScreened).isPresent()) {
            conductor.getItems().add(Optional.of(Link.SCREEN));
        }
        conductor.setConverter(new Worded<>(c -> c.map(x -> x + "  " + ColourCode.words(x))
                .orElse(t("link.any-conductor"))));
        from.setId("link-from");
        to.setId("link-to");
        part.setId("link-part");
        value.setId("link-value");
        value.setPrefColumnCount(6);
        value.setPromptText(t("link.value"));
        conductor.setId("link-conductor");
        begin(job, first.orElse(all.getFirst()), second);
        Button turn = new Button(t("link.turn"));
        turn.setId("link-turn");
        turn.setOnAction(_ -> turn());
        value.disableProperty().bind(part.valueProperty().map(p -> p.filter(LinkForm::hasValue).isEmpty()));
        HBox what = new HBox(8, part, value);
        what.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        HBox two = new HBox(8, from, new javafx.scene.control.Label("–"), to, turn);
        two.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        var stripe = Panels.quiet("");
        stripe.setId("link-stripe");
        stripe.textProperty().bind(part.valueProperty().flatMap(p -> to.valueProperty()
                .map(o -> p.filter(k -> k == PartKind.DIODE).isPresent() && o.isPresent()
                        ? t("link.stripe", o.get())
                        : "")));
        getChildren()
                .add(new Form("link-form", t("link.title"), t("link.hint"), t("link.go"), this::go, close,
                        Form.asked(t("link.between"), two), Form.asked(t("link.part"), what), stripe,
                        Form.asked(t("link.conductor"), conductor)));
    }

    private static boolean hasValue(PartKind kind) {
        return switch (kind) {
            case RESISTOR, CAPACITOR, DIODE, FUSE -> true;
            case JUMPER, CUT -> false;
        };
    }

    private void begin(Job job, Terminal first, Optional<Terminal> second) {
        Optional<Link> there = second
                .flatMap(s -> job.links().stream().filter(l -> l.joins(first, s)).findFirst());
        from.setValue(there.map(Link::from).orElse(first));
        to.setValue(there.flatMap(Link::to).or(() -> second));
        part.setValue(there.flatMap(Link::part).map(Part::kind));
        value.setText(there.flatMap(Link::part).map(FromToList::value).orElse(""));
        conductor.setValue(there.filter(Link::pinned).flatMap(Link::conductor)
                .filter(c -> conductor.getItems().contains(Optional.of(c))));
    }

    /** Puts the focus where most people go on. */
    void begin() {
        part.requestFocus();
    }

    private void turn() {
        Optional<Terminal> other = to.getValue();
        if (other.isPresent()) {
            to.setValue(Optional.of(from.getValue()));
            from.setValue(other.get());
        }
    }

    private Optional<String> go() {
        Terminal start = from.getValue();
        if (to.getValue().filter(start::equals).isPresent()) {
            return Optional.of(t("link.itself"));
        }
        if (to.getValue().isEmpty() && part.getValue().isPresent()) {
            return Optional.of(t("link.nowhere"));
        }
        try {
            Optional<Part> made = part.getValue()
                    .map(k -> FromToList.wholePart(k, hasValue(k) ? value.getText().strip() : ""));
            boolean along = to.getValue().map(o -> !o.end().equals(start.end())).orElse(true);
            Optional<String> chosen = along ? conductor.getValue() : Optional.empty();
            Link link = new Link(start, to.getValue(), chosen, made, Optional.empty(), chosen.isPresent(),
                    Extra.NONE);
            close.run();
            session.edit(job -> with(job, link));
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
    }

    /** The plan with a link in place of one between the same two; whoever had its conductor gets another. */
    private static Job with(Job job, Link link) {
        List<Link> links = new ArrayList<>();
        for (Link l : job.links()) {
            boolean same = link.to().isPresent() ? l.joins(link.from(), link.to().get()) : l.equals(link);
            boolean taken = link.pinned() && l.conductor().equals(link.conductor());
            if (!same) {
                links.add(taken ? l.unpinned() : l);
            }
        }
        links.add(link);
        return job.withLinks(Allocation.of(job, links));
    }
}
