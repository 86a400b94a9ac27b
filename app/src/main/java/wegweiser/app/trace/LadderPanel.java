package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.PortValue;
import wegweiser.app.shell.Background;
import wegweiser.app.shell.Session;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.port.PortMeasure;
import wegweiser.core.trace.LadderList;
import wegweiser.core.trace.LadderPlug;
import wegweiser.core.trace.LadderTrace;
import wegweiser.files.job.AtomicFile;

/** A plug with a resistor on each contact of the second end: what to build, and one reading a contact to know the cable. */
final class LadderPanel extends VBox {
    private final Session session;
    private final List<Terminal> near;
    private final List<Terminal> far;
    private final Label question = new Label();
    private final TextField field = new TextField();
    private final Label answer = Panels.quiet("");
    private final String connector;
    private final Button done = new Button(t("ladder.close"));
    private Optional<LadderPlug> plug = Optional.empty();
    private final Map<List<Integer>, Terminal> named = new HashMap<>();
    private int at;

    LadderPanel(Session session, Job job, Runnable close) {
        super(10);
        this.session = session;
        this.near = Terminals.of(job, job.ends().get(0));
        this.far = Terminals.of(job, job.ends().get(1));
        this.connector = job.ends().get(1).connector();
        setId("ladder");
        done.setId("ladder-close");
        getChildren().addAll(Panels.heading(t("ladder.title", job.ends().get(1).name())), answer, done);
        done.setOnAction(_ -> close.run());
        setPrefSize(820, 500);
        answer.setId("ladder-answer");
        answer.setText(t("ladder.choosing"));
        if (near.isEmpty() || far.isEmpty()) {
            answer.setText(t("ladder.no-contacts", job.ends().get(near.isEmpty() ? 0 : 1).name()));
            return;
        }
        // choosing the resistors of a large plug takes seconds
        new Background().run(() -> LadderTrace.plug(job, job.ends().get(1), 1), this::show);
    }

    private void show(Optional<LadderPlug> chosen) {
        plug = chosen;
        answer.setText("");
        if (chosen.isEmpty()) {
            answer.setText(t("ladder.impossible", far.size()));
            return;
        }
        GridPane list = new GridPane();
        list.getStyleClass().add("detective");
        int rows = Math.max(13, (far.size() + 1) / 2);
        for (int k = 0; k < far.size(); k++) {
            Label contact = new Label(far.get(k).toString());
            contact.getStyleClass().add("contact-id");
            Label value = new Label(PortValue.words(PortMeasure.OHMS, chosen.get().values().get(k)));
            value.getStyleClass().add("mono");
            // what is built from must be read whole
            contact.setMinWidth(USE_PREF_SIZE);
            value.setMinWidth(USE_PREF_SIZE);
            list.add(contact, k / rows * 2, k % rows);
            list.add(value, k / rows * 2 + 1, k % rows);
        }
        question.getStyleClass().add("detective-question");
        field.setId("ladder-value");
        field.setPromptText(t("port.prompt.ohms"));
        field.setPrefColumnCount(9);
        field.setOnAction(_ -> enter());
        Button copy = new Button(t("ladder.copy"));
        copy.setId("ladder-copy");
        copy.setOnAction(_ -> copy());
        Button write = new Button(t("ladder.write"));
        write.setId("ladder-write");
        write.setOnAction(_ -> write());
        ScrollPane scroll = Panels.scroll(list);
        scroll.setPrefHeight(340);
        // room for the bar beside the values
        list.setPadding(new Insets(0, 18, 0, 0));
        scroll.setMinWidth(USE_PREF_SIZE);
        question.setWrapText(true);
        HBox entry = new HBox(8, field, new Label("\u03A9"));
        entry.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        VBox right = new VBox(10, question, entry, answer, new HBox(8, write, copy, done));
        HBox.setHgrow(right, Priority.ALWAYS);
        long shared = chosen.get().ambiguous();
        Label build = Panels.quiet(
                t("ladder.build") + (shared > 0 ? " " + t("ladder.shared", shared, far.size()) : ""));
        build.setWrapText(true);
        getChildren().removeAll(answer, done);
        getChildren().addAll(build, new HBox(18, scroll, right));
        ask();
        begin();
    }

    /** Writes the list beside the sheets of the workshop, to be printed or taken to the bench. */
    private void write() {
        Path file = session.workshop().folder().resolve("sheets").resolve("ladder-" + connector + ".txt");
        try {
            AtomicFile.write(file, LadderList.of(plug.orElseThrow(), far, connector)
                    .getBytes(StandardCharsets.UTF_8));
            answer.setText(t("ladder.written", file));
        } catch (IOException e) {
            answer.setText(t("ladder.not-written", file, e.getMessage()));
        }
    }

    private void copy() {
        ClipboardContent content = new ClipboardContent();
        content.putString(LadderList.of(plug.orElseThrow(), far, connector));
        Clipboard.getSystemClipboard().setContent(content);
        answer.setText(t("ladder.copied"));
    }

    void begin() {
        field.requestFocus();
    }

    private void ask() {
        question.setText(at < near.size() ? t("ladder.ask", near.get(at)) : t("ladder.done"));
        field.setDisable(at >= near.size());
        field.clear();
    }

    private void enter() {
        OptionalDouble value = PortValue.parse(field.getText(), PortMeasure.OHMS);
        if (value.isEmpty()) {
            answer.setText(t("port.error", field.getText()));
            return;
        }
        Terminal contact = near.get(at);
        List<List<Integer>> fits = plug.orElseThrow().meanings(value);
        List<Reading> said = said(contact, fits, value.getAsDouble());
        if (!said.isEmpty()) {
            session.edit(j -> {
                List<Reading> all = new ArrayList<>(j.readings());
                all.addAll(said);
                return j.withReadings(all);
            });
        }
        answer.setText(words(contact, fits));
        if (fits.size() == 1) {
            named.putIfAbsent(fits.getFirst(), contact);
        }
        at++;
        ask();
    }

    /**
     * What holds whatever the value means. A part in the cable bends values: two contacts, or one that another near
     * contact names as well, are not joined before they beep.
     */
    private List<Reading> said(Terminal contact, List<List<Integer>> fits, double ohms) {
        if (fits.isEmpty()) {
            return List.of();
        }
        List<List<Integer>> meanings = fits.size() == 1 && fits.getFirst().size() > 1
                ? fits.getFirst().stream().map(List::of).toList()
                : fits;
        Extra from = new Extra(Map.of(Reading.LADDER, ohms > plug.orElseThrow().openOhms() ? "open" : ohms));
        return LadderTrace.said(contact, meanings, far).stream()
                .filter(r -> !isTwice(fits) || r.outcome() != Outcome.BEEP)
                .map(r -> r.withExtra(from))
                .toList();
    }

    private boolean isTwice(List<List<Integer>> fits) {
        return fits.size() == 1 && !fits.getFirst().isEmpty() && named.containsKey(fits.getFirst());
    }

    private String words(Terminal contact, List<List<Integer>> fits) {
        if (fits.isEmpty()) {
            return t("ladder.nothing", contact);
        }
        if (isTwice(fits)) {
            return t("ladder.twice", contact, words(fits.getFirst()), named.get(fits.getFirst()));
        }
        if (fits.size() == 1 && fits.getFirst().size() < 2) {
            return fits.getFirst().isEmpty()
                    ? t("ladder.open", contact)
                    : t("ladder.joined", contact, words(fits.getFirst()));
        }
        return t(LadderTrace.isShort(fits) ? "ladder.short" : "ladder.several", contact,
                fits.stream().map(this::words).reduce((some, one) -> t("ladder.or", some, one))
                        .orElseThrow());
    }

    private String words(List<Integer> positions) {
        return String.join(" + ", positions.stream().map(k -> far.get(k).toString()).toList());
    }
}
