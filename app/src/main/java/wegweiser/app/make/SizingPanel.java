package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import javafx.collections.FXCollections;
import javafx.scene.chart.LineChart;
import javafx.scene.chart.NumberAxis;
import javafx.scene.chart.XYChart;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.core.model.Job;
import wegweiser.core.sizing.Sizing;
import wegweiser.core.sizing.SizingLine;
import wegweiser.core.words.Words;

/** What another length or gauge would do, answered at once: the figures, and each against its limit over the length. */
final class SizingPanel extends VBox {
    private static final List<Integer> GAUGES = List.of(0, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30);
    private static final int POINTS = 25;
    private static final double FARTHEST = 3;
    private static final double TOP = 200;

    private final Job job;
    private final Background background = new Background();
    private final Slider length = new Slider();
    private final Label metres = new Label();
    private final ComboBox<Integer> gauge = new ComboBox<>(FXCollections.observableArrayList(GAUGES));
    private final NumberAxis across = new NumberAxis();
    private final LineChart<Number, Number> plot;
    private final Label none = Panels.quiet(t("sizing.no-curve"));
    private final VBox figures = new VBox(4);

    private record Answer(List<SizingLine> lines, Map<String, List<double[]>> curves) {}

    SizingPanel(Session session, Runnable close) {
        super(10);
        setId("sizing");
        job = session.job();
        double now = job.cable().lengthMm().orElse(1000) / 1000;
        length.setId("sizing-length");
        length.setMin(now / 10);
        length.setMax(FARTHEST * now);
        length.setValue(now);
        length.setBlockIncrement(now / 20);
        gauge.setId("sizing-gauge");
        gauge.setConverter(new Worded<>(g -> g == 0 ? t("sizing.as-chosen") : t("sizing.awg", g)));
        gauge.setValue(0);
        across.setForceZeroInRange(true);
        across.setLabel(t("sizing.across"));
        NumberAxis up = new NumberAxis(0, TOP, 50);
        up.setLabel(t("sizing.up"));
        plot = new LineChart<>(across, up);
        plot.setAnimated(false);
        plot.setCreateSymbols(false);
        plot.setPrefHeight(230);
        plot.setMinHeight(200);
        plot.managedProperty().bind(plot.visibleProperty());
        none.managedProperty().bind(none.visibleProperty());
        length.valueProperty().addListener(_ -> answer());
        gauge.valueProperty().addListener(_ -> answer());
        Button use = new Button(t("sizing.use"));
        use.setId("sizing-use");
        use.getStyleClass().add("dark");
        use.setOnAction(_ -> {
            double chosen = Math.round(length.getValue() * 100) / 100.0;
            session.edit(j -> j.withCable(j.cable().withLengthMm(1000 * chosen)));
            close.run();
        });
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> close.run());
        Label lengthWords = new Label(t("sizing.length"));
        lengthWords.setLabelFor(length);
        Label gaugeWords = new Label(t("sizing.gauge"));
        gaugeWords.setLabelFor(gauge);
        HBox.setHgrow(length, javafx.scene.layout.Priority.ALWAYS);
        metres.getStyleClass().add("figure");
        metres.setMinWidth(70);
        HBox line = new HBox(10, lengthWords, length, metres, gaugeWords, gauge);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        figures.getStyleClass().add("beside-scroll-bar");
        ScrollPane scroll = Panels.scroll(figures);
        scroll.setPrefHeight(200);
        getChildren().addAll(Panels.heading(t("sizing.title")), Panels.quiet(t("sizing.hint")), line, none,
                plot,
                scroll,
                new HBox(10, use, back));
        setPrefWidth(760);
        answer();
    }

    void begin() {
        length.requestFocus();
    }

    private void answer() {
        double chosen = length.getValue();
        OptionalInt awg = gauge.getValue() == 0 ? OptionalInt.empty() : OptionalInt.of(gauge.getValue());
        metres.setText(t("sizing.metres", Words.fixed(chosen, 2)));
        double most = length.getMax();
        background.run(() -> {
            Map<String, List<double[]>> curves = new LinkedHashMap<>();
            for (int k = 1; k <= POINTS; k++) {
                double at = most * k / POINTS;
                for (SizingLine l : Sizing.of(Sizing.asIf(job, at, awg))) {
                    if (l.share().isPresent()) {
                        curves.computeIfAbsent(l.words(), _ -> new java.util.ArrayList<>())
                                .add(new double[]{at, Math.min(TOP, 100 * l.share().getAsDouble())});
                    }
                }
            }
            return new Answer(Sizing.of(Sizing.asIf(job, chosen, awg)), curves);
        }, this::show);
    }

    private void show(Answer answer) {
        plot.getData().clear();
        XYChart.Series<Number, Number> limit = new XYChart.Series<>();
        limit.setName(t("sizing.limit"));
        limit.getData().add(new XYChart.Data<>(0, 100));
        limit.getData().add(new XYChart.Data<>(length.getMax(), 100));
        plot.getData().add(limit);
        answer.curves().forEach((words, points) -> {
            // what does not change with the length is no curve
            if (points.getFirst()[1] != points.getLast()[1]) {
                XYChart.Series<Number, Number> series = new XYChart.Series<>();
                series.setName(words);
                points.forEach(p -> series.getData().add(new XYChart.Data<>(p[0], p[1])));
                plot.getData().add(series);
            }
        });
        boolean any = plot.getData().size() > 1;
        plot.setVisible(any);
        none.setVisible(!any);
        figures.getChildren().setAll(answer.lines().stream().map(SizingPanel::line).toList());
    }

    /** A figure with its limit, where it comes from, and what would keep within. */
    static VBox line(SizingLine line) {
        Label figure = new Label(line.figure());
        figure.getStyleClass().add("figure");
        figure.setMinWidth(USE_PREF_SIZE);
        Label words = new Label(line.words());
        words.setWrapText(true);
        VBox box = new VBox(1, Panels.line(words, figure), Panels.quiet(line.formula()));
        if (!line.isKept()) {
            figure.getStyleClass().add("field-error");
            Label remedy = new Label(line.remedy());
            remedy.getStyleClass().add("state-error");
            box.getChildren().add(Panels.whole(remedy));
        }
        return box;
    }
}
