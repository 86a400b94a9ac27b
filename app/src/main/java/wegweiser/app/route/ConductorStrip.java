package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
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
import wegweiser.core.conductors.Allocation;
import wegweiser.core.conductors.ConductorWhy;
import wegweiser.core.conductors.NetworkColours;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.Pegs;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** The cable in cross-section, and which conductor carries what. */
final class ConductorStrip extends VBox {
    /** So much of the list shows before it scrolls. */
    private static final double LIST_HEIGHT = 108;

    private final Session session;
    private final Label about = Panels.quiet("");
    private final CrossSection section = new CrossSection();
    private final FlowPane list = new FlowPane(6, 1);
    private final SchoolChoice<Schools.Network> network;
    private final SchoolChoice<Schools.Screen> screen;
    private final SchoolChoice<Schools.Current> current;

    ConductorStrip(Session session, Runnable cable) {
        super(8);
        this.session = session;
        getStyleClass().addAll("sheet", "strip");
        network = new SchoolChoice<>("network", Schools.Network.values(),
                way -> session.edit(j -> NetworkColours.follow(j, way)));
        screen = new SchoolChoice<>("screen", Schools.Screen.values(),
                way -> session.edit(j -> j.withSchools(j.schools().withScreen(way))));
        Button which = new Button(t("do.which-cable"));
        which.setId("route-cable");
        which.getStyleClass().add("small");
        which.setMinWidth(USE_PREF_SIZE);
        which.setOnAction(_ -> cable.run());
        current = new SchoolChoice<>("current", Schools.Current.values(),
                way -> session.edit(j -> j.withSchools(j.schools().withCurrent(way))));
        Label heading = Panels.heading(t("route.conductors.title"));
        heading.setMinWidth(USE_PREF_SIZE);
        about.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(about, Priority.ALWAYS);
        HBox title = new HBox(8, heading, about, which);
        title.setAlignment(Pos.BASELINE_LEFT);
        FlowPane schools = new FlowPane(8, 4, network, screen, current);
        schools.visibleProperty().bind(network.visibleProperty().or(screen.visibleProperty())
                .or(current.visibleProperty()));
        schools.managedProperty().bind(schools.visibleProperty());
        ScrollPane scroll = Panels.scroll(list);
        HBox body = new HBox(20, section, scroll);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(title, schools, body);
        scroll.setPrefHeight(LIST_HEIGHT);
        setMinHeight(USE_PREF_SIZE);
    }

    void show(Derived derived) {
        Job job = derived.job();
        Optional<CableStock> stock = Cables.of(job);
        // single wires have no diameter together, and each its own gauge
        about.setText(stock.map(s -> s.diameterMm() > 0
                ? t("route.cable", s.title(), s.awg(), Words.number(s.diameterMm()))
                : s.title())
                .orElse(t("route.cable.none")));
        network.setVisible(NetworkColours.matter(job));
        network.show(NetworkColours.chosen(job));
        screen.setVisible(stock.map(CableStock::isScreened).orElse(false));
        screen.show(job.schools().screen().orElse(null));
        current.setVisible(Pin.of(job).stream()
                .anyMatch(p -> p.isSupply() && p.row().amps().isPresent()));
        current.show(job.schools().current().orElse(Schools.Current.CAUTIOUS));
        section.show(stock, job.wiresInUse());
        list.getChildren().clear();
        for (String conductor : stock.map(CableStock::conductors).orElse(List.of())) {
            list.getChildren().add(line(derived, conductor));
        }
    }

    private static List<Link> on(Job job, String conductor) {
        return job.links().stream().filter(l -> l.conductor().equals(Optional.of(conductor))).toList();
    }

    /** A conductor and what it carries; pressed, it offers what it could carry. */
    private Button line(Derived derived, String conductor) {
        Job job = derived.job();
        List<Link> carried = on(job, conductor);
        boolean pinned = carried.stream().anyMatch(Link::pinned);
        Label code = new Label(conductor);
        code.getStyleClass().add("mono");
        code.setMinWidth(52);
        Optional<Splice> splice = job.cable().loom().splices().stream()
                .filter(s -> s.wires().stream().anyMatch(w -> w.wire().equals(conductor))).findFirst();
        String what = splice.isPresent()
                ? spliced(job, splice.get(), conductor)
                : carried.isEmpty()
                        ? t("route.spare")
                        : carried.size() == 1 ? words(job, carried.getFirst()) : together(job, carried);
        Label words = new Label(pinned ? t("route.pinned", what) : what);
        words.setMinWidth(124);
        words.setPrefWidth(124);
        HBox row = new HBox(8, new WireSwatch(conductor), code, words);
        row.setAlignment(Pos.CENTER_LEFT);
        Button line = new Button("", row);
        line.setId("conductor-" + conductor);
        line.getStyleClass().add("conductor-line");
        String why = carried.stream().map(l -> ConductorWhy.of(derived, l)).flatMap(Optional::stream)
                .findFirst()
                .orElse(splice.map(s -> t("route.spliced.why", s.name(), s.at()))
                        .orElse(t("route.spare.why")));
        line.setAccessibleText(conductor + ", " + what + ". " + why);
        line.setTooltip(new Tooltip(why));
        if (splice.isEmpty()) {
            line.setOnAction(_ -> menu(job, conductor).show(line, Side.BOTTOM, 0, 0));
        }
        return line;
    }

    private ContextMenu menu(Job job, String conductor) {
        ContextMenu menu = new ContextMenu();
        for (Link link : job.links()) {
            boolean along = link.to().isPresent() && !link.isWithinOneEnd()
                    && job.cable().loom().spliceOf(link).isEmpty();
            if (along && !link.conductor().equals(Optional.of(conductor))) {
                item(menu, t("route.carry", words(job, link)),
                        () -> session.edit(j -> Pegs.onConductor(j, link, conductor)));
            }
        }
        if (!on(job, conductor).isEmpty()) {
            item(menu, t("route.leave-spare"), () -> session.edit(j -> Pegs.spared(j, conductor)));
        }
        if (job.links().stream().anyMatch(Link::pinned)) {
            item(menu, t("route.unpin"), () -> session.edit(j -> Allocation.anew(j.withLinks(
                    j.links().stream().map(l -> l.pinned() ? l.unpinned() : l).toList()))));
        }
        return menu;
    }

    /** Where a wire of a splice leads, and which splice it is. */
    private static String spliced(Job job, Splice splice, String wire) {
        Terminal to = splice.wires().stream().filter(w -> w.wire().equals(wire)).findFirst().orElseThrow()
                .to();
        String signal = job.row(to).map(PinRow::label).orElse("");
        return t("route.spliced", splice.name(), (to + "  " + signal).strip());
    }

    private static void item(ContextMenu menu, String text, Runnable does) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(_ -> does.run());
        menu.getItems().add(item);
    }

    /** A conductor that runs on from end to end, its contacts once each and its signal once. */
    private static String together(Job job, List<Link> links) {
        List<String> contacts = links.stream()
                .flatMap(l -> Stream.concat(Stream.of(l.from()), l.to().stream()))
                .distinct().map(Terminal::toString).toList();
        String signal = links.stream().map(l -> job.row(l.from()).map(PinRow::label).orElse(""))
                .filter(s -> !s.isBlank()).findFirst().orElse("");
        return (String.join(" ", contacts) + "  " + signal).strip();
    }

    private static String words(Job job, Link link) {
        String signal = job.row(link.from()).map(PinRow::label).filter(l -> !l.isBlank())
                .or(() -> link.to().flatMap(job::row).map(PinRow::label)).orElse("");
        return (link.from() + " " + link.to().map(Terminal::toString).orElse(t("route.insulated")) + "  "
                + signal)
                .strip();
    }
}
