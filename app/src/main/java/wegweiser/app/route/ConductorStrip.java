package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.CrossSection;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.SchoolChoice;
import wegweiser.app.controls.WireSwatch;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Cables;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.NetworkColours;
import wegweiser.core.words.Words;

/** The cable in cross-section, and which conductor carries what. */
final class ConductorStrip extends VBox {
    /** So much of the list shows before it scrolls. */
    private static final double LIST_HEIGHT = 108;

    private final Label about = Panels.quiet("");
    private final CrossSection section = new CrossSection();
    private final FlowPane list = new FlowPane(14, 3);
    private final SchoolChoice<Schools.Network> network;
    private final SchoolChoice<Schools.Screen> screen;

    ConductorStrip(Session session) {
        super(8);
        getStyleClass().addAll("sheet", "strip");
        network = new SchoolChoice<>("network", Schools.Network.values(),
                way -> session.edit(j -> NetworkColours.follow(j, way)));
        screen = new SchoolChoice<>("screen", Schools.Screen.values(),
                way -> session.edit(j -> j.withSchools(j.schools().withScreen(way))));
        HBox title = new HBox(8, Panels.heading(t("route.conductors.title")), about);
        title.setAlignment(Pos.BASELINE_LEFT);
        FlowPane schools = new FlowPane(8, 4, network, screen);
        schools.visibleProperty().bind(network.visibleProperty().or(screen.visibleProperty()));
        schools.managedProperty().bind(schools.visibleProperty());
        ScrollPane scroll = Panels.scroll(list);
        HBox body = new HBox(20, section, scroll);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(title, schools, body);
        scroll.setPrefHeight(LIST_HEIGHT);
        setMinHeight(USE_PREF_SIZE);
    }

    void show(Job job) {
        Optional<CableStock> stock = Cables.of(job);
        about.setText(stock.map(s -> t("route.cable", s.title(), s.awg(), Words.number(s.diameterMm())))
                .orElse(t("route.cable.none")));
        network.setVisible(NetworkColours.matter(job));
        network.show(NetworkColours.chosen(job));
        screen.setVisible(stock.map(CableStock::isScreened).orElse(false));
        screen.show(job.schools().screen().orElse(null));
        section.show(stock, used(job).keySet());
        list.getChildren().clear();
        Map<String, String> used = used(job);
        for (String conductor : stock.map(CableStock::conductors).orElse(List.of())) {
            list.getChildren().add(line(conductor, used.getOrDefault(conductor, t("route.spare"))));
        }
    }

    private static HBox line(String conductor, String what) {
        Label code = new Label(conductor);
        code.getStyleClass().add("mono");
        code.setMinWidth(52);
        Label words = new Label(what);
        words.setMinWidth(132);
        words.setPrefWidth(132);
        HBox line = new HBox(8, new WireSwatch(conductor), code, words);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return line;
    }

    private static Map<String, String> used(Job job) {
        Map<String, String> used = new LinkedHashMap<>();
        for (Link link : job.links()) {
            link.conductor().ifPresent(c -> {
                String signal = job.row(link.from()).map(PinRow::label).orElse("");
                used.merge(c,
                        link.from() + " " + link.to().map(Terminal::toString).orElse(t("route.insulated"))
                                + "  " + signal,
                        (a, b) -> a + ", " + b);
            });
        }
        return used;
    }
}
