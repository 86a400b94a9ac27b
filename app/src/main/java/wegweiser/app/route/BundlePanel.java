package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Form;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.WireSwatch;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.conductors.BundleCodes;
import wegweiser.core.conductors.CodedBundle;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;

/** Several devices fed from one bundle of single wires: which colours go to which, so that none is taken for another. */
final class BundlePanel extends VBox {
    private static final String USUAL = "WH BN GN YE GY PK BU RD BK VT";
    private static final int SHOWN = 60;

    private final TextField colours = new TextField();
    private final Spinner<Integer> wires = new Spinner<>(1, 8, 3);
    private final Spinner<Integer> devices = new Spinner<>(1, 99, 6);
    private final VBox sets = new VBox(4);
    private final Label words = Panels.whole(new Label());
    private List<List<String>> shown = List.of();

    BundlePanel(Session session, Runnable close) {
        super(10);
        Job job = session.job();
        setId("bundle");
        colours.setId("bundle-colours");
        wires.setId("bundle-wires");
        devices.setId("bundle-devices");
        colours.setText(Cables.of(job).map(CableStock::conductors).filter(c -> c.size() > 3)
                .map(c -> String.join(" ", c)).orElse(USUAL));
        for (Spinner<Integer> spinner : List.of(wires, devices)) {
            spinner.setEditable(true);
            spinner.setPrefWidth(90);
            spinner.valueProperty().addListener((_, _, _) -> show());
        }
        colours.textProperty().addListener((_, _, _) -> show());
        words.setId("bundle-words");
        ScrollPane scroll = Panels.scroll(sets);
        scroll.setPrefSize(520, 260);
        Button copy = new Button(t("bundle.copy"));
        copy.setId("bundle-copy");
        copy.setOnAction(_ -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text());
            Clipboard.getSystemClipboard().setContent(content);
        });
        Button take = new Button(t("bundle.take"));
        take.setId("bundle-take");
        take.getStyleClass().add("dark");
        take.setDisable(job.ends().size() < 3 || job.links().isEmpty());
        take.setOnAction(_ -> {
            List<List<String>> chosen = shown;
            close.run();
            session.edit(j -> CodedBundle.of(j, chosen));
        });
        if (!take.isDisabled()) {
            wires.getValueFactory().setValue(Math.clamp(CodedBundle.wiresEach(job), 1, 8));
            devices.getValueFactory().setValue(job.ends().size() - 1);
        }
        Button back = new Button(t("bundle.close"));
        back.setOnAction(_ -> close.run());
        HBox numbers = new HBox(20, Form.asked(t("bundle.wires"), wires),
                Form.asked(t("bundle.devices"), devices));
        boolean pairs = Cables.of(job).filter(c -> !c.pairs().isEmpty()).isPresent();
        Label twist = Panels.quiet(t(pairs ? "bundle.untwist" : "bundle.twist"));
        twist.setId("bundle-twist");
        getChildren().addAll(Panels.heading(t("bundle.title")), Panels.quiet(t("bundle.hint")), twist,
                Form.asked(t("bundle.colours"), colours), numbers, words, scroll,
                new HBox(10, take, copy, back));
        setPrefWidth(560);
        show();
    }

    void begin() {
        colours.requestFocus();
    }

    private List<String> typed() {
        Set<String> found = new LinkedHashSet<>();
        for (String word : colours.getText().strip().split("[\\s,;]+")) {
            if (!word.isEmpty()) {
                found.add(ColourCode.of(word.toLowerCase(Locale.ROOT)).orElse(word.toUpperCase(Locale.ROOT)));
            }
        }
        return new ArrayList<>(found);
    }

    private void show() {
        List<String> all = typed();
        sets.getChildren().clear();
        shown = List.of();
        if (all.size() < wires.getValue()) {
            words.setText(t("bundle.few", all.size(), wires.getValue()));
            return;
        }
        BundleCodes codes = BundleCodes.of(all, wires.getValue(), devices.getValue());
        shown = codes.sets();
        words.setText(t(codes.isEnough(devices.getValue())
                ? codes.apart() > 1 ? "bundle.by-two" : "bundle.by-one"
                : "bundle.not-enough", codes.possible(), wires.getValue(), all.size()));
        IntStream.range(0, Math.min(SHOWN, shown.size()))
                .forEach(k -> sets.getChildren().add(line(k + 1, shown.get(k))));
    }

    private static HBox line(int number, List<String> set) {
        Label label = new Label(t("bundle.device", number));
        label.setMinWidth(90);
        HBox line = new HBox(8, label);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        for (String colour : set) {
            Label code = new Label(colour);
            code.getStyleClass().add("mono");
            code.setMinWidth(52);
            line.getChildren().addAll(new WireSwatch(colour), code);
        }
        return line;
    }

    private String text() {
        return String.join("\n", IntStream.range(0, shown.size())
                .mapToObj(k -> t("bundle.device", k + 1) + "\t" + String.join(" ", shown.get(k))).toList());
    }
}
