package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.Facing;
import wegweiser.app.controls.Overlay;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.LinesPanel;
import wegweiser.app.stage.Session;
import wegweiser.core.conductors.SameColours;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.files.workshop.JobIndex;

/** The ways to plan by hand beside setting pegs, each a button and a key. */
final class ByHand extends HBox {
    /** The two terminals of a cell. */
    record Two(Terminal row, Terminal column) {}

    private final Session session;
    private final Overlay overlay;
    private final Supplier<Facing> facing;
    private final Supplier<Optional<Two>> selected;
    private final List<Action> actions;

    ByHand(Session session, Overlay overlay, Supplier<Facing> facing, Supplier<Optional<Two>> selected) {
        super(4);
        this.session = session;
        this.overlay = overlay;
        this.facing = facing;
        this.selected = selected;
        actions = List.of(Action.of("from-to", Keys.plain(KeyCode.L), this::list),
                Action.of("net-list", List.of(), this::nets),
                Action.of("link", Keys.plain(KeyCode.E), this::link),
                Action.of("pattern", Keys.plain(KeyCode.T), this::pattern),
                Action.of("faces", Keys.plain(KeyCode.G), this::faces),
                Action.of("which-cable", Keys.plain(KeyCode.C), this::cable),
                Action.of("bundle", List.of(), this::bundle),
                Action.of("same-colours", List.of(), this::sameColours));
        button("route-list", "hand.list", this::list);
        button("route-link", "hand.link", this::link);
        button("route-pattern", "hand.pattern", this::pattern);
        button("route-faces", "hand.faces", this::faces);
        setMinWidth(USE_PREF_SIZE);
        setAlignment(javafx.geometry.Pos.CENTER_RIGHT);
    }

    private void button(String id, String key, Runnable does) {
        Button button = new Button(t(key));
        button.setId(id);
        button.getStyleClass().add("small");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(_ -> does.run());
        getChildren().add(button);
    }

    List<Action> actions() {
        return actions;
    }

    private boolean hasTwoEnds() {
        return session.job().ends().size() > 1;
    }

    private void list() {
        if (hasTwoEnds()) {
            LinesPanel<Link> panel = FromToPanel.of(session, overlay::down);
            overlay.up(panel);
            panel.begin();
        }
    }

    private void nets() {
        if (hasTwoEnds()) {
            LinesPanel<List<Link>> panel = FromToPanel.nets(session, overlay::down);
            overlay.up(panel);
            panel.begin();
        }
    }

    private void link() {
        if (hasTwoEnds() && selected.get().isPresent()) {
            LinkForm form = new LinkForm(session, selected.get().map(Two::row),
                    selected.get().map(Two::column),
                    overlay::down);
            overlay.up(form);
            form.begin();
        }
    }

    private void pattern() {
        if (hasTwoEnds()) {
            PatternForm form = new PatternForm(session, facing.get(), overlay::down);
            overlay.up(form);
            form.begin();
        }
    }

    private void faces() {
        if (hasTwoEnds()) {
            overlay.up(new FacesPanel(session, facing.get(), overlay::down));
        }
    }

    void cable() {
        CablePanel panel = new CablePanel(session, overlay::down);
        overlay.up(panel);
        panel.begin();
    }

    private void bundle() {
        BundlePanel panel = new BundlePanel(session, overlay::down);
        overlay.up(panel);
        panel.begin();
    }

    /** The plans of the workshop to choose from; the signals here get the colours that they have there. */
    private void sameColours() {
        Path here = session.file().orElse(null);
        Background.errand(() -> planned(here), jobs -> overlay.find(jobs.stream()
                .map(j -> new Overlay.Entry(j.title(), () -> session.edit(now -> SameColours.as(now, j))))
                .toList()));
    }

    private List<Job> planned(Path here) {
        JobIndex index = new JobIndex(session.workshop());
        try {
            return index.files().stream().filter(f -> !f.equals(here)).map(index::read)
                    .flatMap(j -> j.job().stream())
                    .filter(j -> j.links().stream().anyMatch(l -> l.conductor().isPresent())).toList();
        } catch (IOException e) {
            session.notices().warn(t("notice.kept", Session.reason(e)));
            return List.of();
        }
    }
}
