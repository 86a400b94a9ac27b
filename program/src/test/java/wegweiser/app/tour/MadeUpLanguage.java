package wegweiser.app.tour;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import wegweiser.app.WindowApp;
import wegweiser.app.actions.Action;
import wegweiser.app.cli.CommandLineApp;
import wegweiser.app.cli.HelpTexts;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.window.MainWindow;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.route.Router;
import wegweiser.core.rules.Rules;
import wegweiser.files.workshop.Workshop;
import wegweiser.headless.RowCopy;

/**
 * Walks the window in a language that nobody speaks, and says of every text that can be read whether a bundle had it. Runs in a process of its own, since bundles are read once.
 */
public final class MadeUpLanguage {
    private static final Pattern PLAIN = Pattern.compile("[A-Za-z]{3,}");
    private final Set<String> said = new LinkedHashSet<>();
    private final Set<String> data;
    private MainWindow window;
    private int seen;

    private MadeUpLanguage(Set<String> data) {
        this.data = data;
    }

    /**
     * Walks and prints what it found.
     *
     * @param args the folder to work in
     */
    public static void main(String[] args) throws Exception {
        Path folder = Path.of(args[0]);
        Path file = DemoWorkshop.create(folder);
        RowCopy.install();
        CompletableFuture<Void> ready = new CompletableFuture<>();
        Platform.startup(() -> ready.complete(null));
        ready.get();
        Set<String> data = data(folder);
        data.add(folder.toAbsolutePath().toString());
        MadeUpLanguage walk = new MadeUpLanguage(data);
        Session session = WindowApp.session(new Workshop(folder), Optional.of(file));
        walk.fx(() -> walk.open(session));
        walk.everything(session);
        walk.commands(file);
        System.out.println("seen " + walk.seen);
        walk.said.forEach(System.out::println);
        System.out.flush();
        Runtime.getRuntime().halt(0);
    }

    private void open(Session session) {
        window = new MainWindow(session);
        Scene scene = WindowApp.scene(window);
        Stage stage = new Stage();
        stage.setScene(scene);
        stage.setWidth(1280);
        stage.setHeight(800);
        stage.show();
    }

    private void everything(Session session) throws Exception {
        DemoStory story = new DemoStory(window);
        for (DemoStory.Scene scene : story.scenes()) {
            fx(scene.prepare());
            settle();
            fx(() -> look(Optional.ofNullable(scene.name()).orElse("")));
        }
        for (StageId id : StageId.values()) {
            fx(() -> window.go(id));
            settle();
            fx(() -> look(id.name()));
            popUp(id + " help", window::help);
        }
        popUp("finder", window::find);
        for (Action action : window.everywhere()) {
            if (Set.of("open", "rename", "settings", "keep-wiring", "keep-usual").contains(action.id())) {
                popUp(action.id(), action::run);
            }
        }
        fx(() -> window.go(StageId.BENCH));
        settle();
        for (Action action : window.actions(StageId.BENCH)) {
            if (action.id().startsWith("way-") || action.id().equals("job-rename")) {
                popUp(action.id(), action::run);
            }
        }
        fx(() -> ((Button) window.root().lookup("#usual-all")).fire());
        settle();
        fx(() -> look("usual"));
        fx(window::closeOverlay);
        String end = session.job().ends().getFirst().name();
        popUp("gallery", () -> window.ends().gallery(end, ""));
        popUp("paste", () -> window.ends().paste(end, "1 TX\n2 nonsense nonsense\n5 ground", ""));
        popUp("compare", () -> window.ends().compare(end));
        popUp("detective", () -> window.ends().detective(end));
        popUp("ladder", window::ladder);
        fx(() -> window.loose(true));
        settle();
        fx(() -> look("loose wires"));
    }

    /** What commands print, and what their help says. */
    private void commands(Path job) {
        data.addAll(List.of(job.toString(), job.getParent().getParent().toString()));
        Rules.all().forEach(r -> data.add(r.id()));
        Router.schemes(DemoWorkshop.mastLogger()).forEach(s -> data.add(s.id()));
        for (List<String> words : List.of(List.of("check"), List.of("route"), List.of("evidence"),
                List.of("make"), List.of("chain"), List.of("prove", "--hidden", job.toString()),
                List.of("trace", "--hidden", job.toString(), "--fixture", "comb"))) {
            List<String> all = new ArrayList<>(words);
            all.add(1, job.toString());
            printed(all).lines().forEach(line -> read(words.getFirst(), line));
        }
        for (String help : HelpTexts.all()) {
            read("help", help);
        }
    }

    private static String printed(List<String> words) {
        PrintStream screen = System.out;
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        System.setOut(new PrintStream(bytes, true, StandardCharsets.UTF_8));
        try {
            CommandLineApp.run(words.toArray(String[]::new));
        } finally {
            System.setOut(screen);
        }
        return bytes.toString(StandardCharsets.UTF_8);
    }

    private void popUp(String where, Runnable show) throws Exception {
        fx(show);
        settle();
        fx(() -> look(where));
        fx(window::closeOverlay);
    }

    private void fx(Runnable work) throws Exception {
        CompletableFuture<Void> done = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                work.run();
                done.complete(null);
            } catch (RuntimeException | Error e) {
                done.completeExceptionally(e);
            }
        });
        done.get();
    }

    /** Until the disk and the computations are done and laid out. */
    private void settle() throws Exception {
        for (int k = 0; k < 4; k++) {
            Thread.sleep(40);
            fx(() -> window.root().layout());
        }
    }

    private void look(String where) {
        // twice, as a second pulse would: what looks otherwise when it is narrow knows its width only once it is laid out
        for (int pulse = 0; pulse < 2; pulse++) {
            window.root().applyCss();
            window.root().layout();
        }
        look(where, window.root());
    }

    private void look(String where, Node node) {
        if (!node.isVisible() || node.getStyleClass().contains("mono") && node instanceof TextInputControl) {
            return;
        }
        switch (node) {
            case Labeled labeled -> {
                read(where, labeled.getText());
                cut(where, labeled);
            }
            case TextInputControl input -> read(where, input.getPromptText());
            case Text text when !(node.getParent() instanceof Labeled) -> read(where, text.getText());
            default -> {
            }
        }
        if (node instanceof Parent parent && !(node instanceof ComboBoxBase<?>)) {
            parent.getChildrenUnmodifiable().forEach(child -> look(where, child));
        }
    }

    /** What is shown of a text differs from it where it does not fit. */
    private void cut(String where, Labeled labeled) {
        if (labeled.getText() == null || labeled.getText().isBlank() || labeled.getWidth() <= 0) {
            return;
        }
        for (Node child : labeled.getChildrenUnmodifiable()) {
            if (child instanceof Text shown && !shown.getText().equals(labeled.getText())
                    && !shown.getText().replace("\n", "").equals(labeled.getText().replace("\n", ""))) {
                say("CUT", where,
                        labeled.getText() + "  <" + shown.getText() + "> " + labeled.getStyleClass() + " "
                                + Math.round(labeled.getWidth()) + " x " + Math.round(labeled.getHeight()));
            }
        }
    }

    private void read(String where, String text) {
        if (text == null || text.isBlank()) {
            return;
        }
        seen++;
        String rest = text;
        for (String known : data) {
            rest = rest.replace(known, " ");
        }
        Matcher plain = PLAIN.matcher(rest);
        if (plain.find()) {
            say("PLAIN", where, text + "  <" + plain.group() + ">");
        }
    }

    private void say(String what, String where, String text) {
        if (said.stream().noneMatch(s -> s.endsWith(": " + text.replace('\n', ' ')))) {
            said.add(what + " " + where + ": " + text.replace('\n', ' '));
        }
    }

    /** What stands in jobs and tables, longest first: names, titles, signals, colours, keys. */
    private static Set<String> data(Path folder) throws IOException {
        Set<String> all = new TreeSet<>(
                Comparator.comparingInt(String::length).reversed().thenComparing(s -> s));
        try (Stream<Path> files = Files.list(folder.resolve("jobs"))) {
            for (Path file : files.toList()) {
                Matcher text = Pattern.compile("\"([^\"]+)\"").matcher(Files.readString(file));
                while (text.find()) {
                    all.add(text.group(1));
                }
                all.add(file.getFileName().toString().replace(".wegweiser.json", ""));
            }
        }
        all.addAll(DemoWorkshop.panelsPlanned().cable().loom().places());
        Catalogue.standard().all().forEach(c -> all.addAll(List.of(c.id(), c.family())));
        Cables.all().forEach(c -> all.add(c.id()));
        NamedPinout.standard().forEach(p -> p.rows().forEach(r -> r.signal().ifPresent(all::add)));
        Catalogue.standard().all().forEach(c -> c.contacts().forEach(k -> all.add(k.id())));
        // what the demo pastes and types
        all.addAll(List.of("serial nine", "Signal Ground", "Sendeanforderung", "leaflet of the logger, p. 3",
                "nonsense nonsense", "NONSENSENONSENSE", "AWG", "Ctrl+Shift+", "Ctrl+", "Enter", "Backspace",
                "Delete",
                "Space", "Esc", "Tab",
                "Wegweiser", "W-00", "TRS", "TRRS"));
        all.remove("A");
        all.remove("B");
        all.removeIf(s -> s.length() < 2);
        return all;
    }
}
