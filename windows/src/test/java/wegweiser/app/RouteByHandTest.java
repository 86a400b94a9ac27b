package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wegweiser.app.stage.StageId;
import wegweiser.core.catalog.Cables;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.Patterns;
import wegweiser.core.route.Router;
import wegweiser.files.job.JobFile;

/** The ways to plan by hand, to choose cable and conductors, and to hold two plans against each other. */
class RouteByHandTest extends WindowTest {
    @BeforeEach
    void atRoute() {
        call(() -> {
            window.go(StageId.ROUTE);
            return null;
        });
        await("schemes", () -> shows("Full handshake"));
    }

    private static Terminal at(String text) {
        return Terminal.parse(text);
    }

    private Optional<Link> link(String a, String b) {
        return job().links().stream().filter(l -> l.joins(at(a), at(b))).findFirst();
    }

    private <T> void choose(String id, T value) {
        call(() -> {
            lookup(id).<ChoiceBox<T>>query().setValue(value);
            return null;
        });
    }

    @Test
    void aLinkWithAPartIsPutIntoThePlanAndTakenBack() {
        keys(KeyCode.E);
        await("the form", () -> lookup("#link-form-go").tryQuery().isPresent());
        choose("#link-from", at("A.2"));
        choose("#link-to", Optional.of(at("B.6")));
        choose("#link-part", Optional.of(PartKind.RESISTOR));
        clickOn("#link-form-go");
        await("a resistor has ohms", () -> shows("ohm") || shows("Ω"));
        assertThat(job().links()).isEmpty();
        call(() -> {
            lookup("#link-value").<TextField>query().setText("4k7");
            return null;
        });
        choose("#link-conductor", Optional.of("BU"));
        clickOn("#link-form-go");
        await("planned", () -> link("A.2", "B.6").isPresent());
        Link made = link("A.2", "B.6").orElseThrow();
        assertThat(made.part().orElseThrow().ohms()).hasValue(4700);
        assertThat(made.conductor()).contains("BU");
        assertThat(made.pinned()).isTrue();
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("undone", () -> job().links().isEmpty());
    }

    @Test
    void theStripeOfADiodeIsSaidAndTurnsRound() {
        keys(KeyCode.E);
        await("the form", () -> lookup("#link-form-go").tryQuery().isPresent());
        choose("#link-from", at("A.2"));
        choose("#link-to", Optional.of(at("B.6")));
        choose("#link-part", Optional.of(PartKind.DIODE));
        await("the stripe", () -> text("#link-stripe").contains("B.6"));
        clickOn("#link-turn");
        await("the stripe", () -> text("#link-stripe").contains("A.2"));
        clickOn("#link-form-go");
        await("planned", () -> link("A.2", "B.6").isPresent());
        assertThat(link("A.2", "B.6").orElseThrow().from()).isEqualTo(at("B.6"));
    }

    @Test
    void thePlanIsReadFromNets() {
        keys(KeyCode.CONTROL, KeyCode.K);
        write("net list");
        keys(KeyCode.ENTER);
        await("the list is up", () -> lookup("#net-list-text").tryQuery().isPresent());
        call(() -> {
            lookup("#net-list-text").<TextArea>query()
                    .setText("GND: A5 B4\nloop: A7 A8\nresistor 120: A2 B6\nodd");
            return null;
        });
        await("told", () -> shows("3 lines understood, 1 line not"));
        clickOn("#net-list-take");
        await("planned", () -> job().links().size() == 3);
        assertThat(link("A.5", "B.4").flatMap(Link::conductor)).isPresent();
    }

    @Test
    void aWiringIsToldInAWord() {
        keys(KeyCode.T);
        await("the form", () -> lookup("#pattern-form-go").tryQuery().isPresent());
        choose("#pattern", Patterns.Pattern.REVERSED);
        clickOn("#pattern-form-go");
        await("planned", () -> job().links().size() == 8);
        await("said in words", () -> shows("eversed"));
        assertThat(link("A.1", "B.8")).isPresent();
    }

    private Point2D contact(int face, String id) {
        Node node = lookup("#faces .connector-face").queryAll().stream().skip(face).findFirst().orElseThrow()
                .lookup("#contact-" + id);
        Bounds bounds = node.localToScreen(node.getBoundsInLocal());
        return new Point2D(bounds.getCenterX(), bounds.getCenterY());
    }

    @Test
    void aWireIsDrawnFromFaceToFaceAndAwayAgain() {
        keys(KeyCode.G);
        await("the faces", () -> lookup("#faces").tryQuery().isPresent()
                && lookup("#faces .connector-face").queryAll().size() == 2);
        sleep(500);
        for (boolean there : new boolean[]{true, false}) {
            drag(contact(0, "3"), MouseButton.PRIMARY).dropTo(contact(1, "5"));
            await(there ? "joined" : "parted", () -> link("A.3", "B.5").isPresent() == there);
        }
        drag(contact(0, "7"), MouseButton.PRIMARY).dropTo(contact(0, "8"));
        await("a jumper within A", () -> link("A.7", "A.8").isPresent());
    }

    @Test
    void twoWaysAreHeldAgainstEachOther() {
        keys(KeyCode.DIGIT1);
        await("planned", () -> !job().links().isEmpty());
        Set<Link> plan = Set.copyOf(job().links());
        await("shown", () -> shows("A.5 B.4  GND"));
        clickOn("#compare-three-wires");
        await("told", () -> text("#route-beside").contains("Three wires only"));
        assertThat(Set.copyOf(job().links())).isEqualTo(plan);
        clickOn("#compare-three-wires");
        await("no longer", () -> text("#route-beside").isEmpty());
    }

    @Test
    void theCableIsChosenAmongThoseThatWouldDo() {
        keys(KeyCode.DIGIT1);
        await("planned", () -> !job().links().isEmpty());
        keys(KeyCode.C);
        await("tried", () -> lookup("#which-cable-list").tryQueryAs(ListView.class)
                .map(l -> !l.getItems().isEmpty()).orElse(false));
        call(() -> {
            lookup("#which-cable-filter").<TextField>query().setText("nine cores, foil");
            return null;
        });
        clickOn("#which-cable-take");
        await("taken", () -> Cables.of(job()).filter(c -> c.id().equals("serial-9-screened")).isPresent());
        Set<String> given = job().links().stream().filter(l -> l.to().isPresent() && !l.isWithinOneEnd())
                .map(l -> l.conductor().orElse("")).collect(Collectors.toSet());
        assertThat(Cables.of(job()).orElseThrow().conductors()).containsAll(given);
    }

    /** What is marked in a list has dark ground at night, as everything has. */
    @Test
    void aMarkedCableIsReadAtNight() {
        call(() -> {
            window.chooseNight(true);
            return null;
        });
        keys(KeyCode.C);
        await("marked", () -> lookup("#which-cable-list .list-cell").queryAll().stream()
                .anyMatch(n -> n instanceof ListCell<?> c && c.isSelected()));
        Color ground = call(() -> lookup("#which-cable-list .list-cell").queryAll().stream()
                .filter(n -> n instanceof ListCell<?> c && c.isSelected()).map(Region.class::cast).findFirst()
                .map(r -> (Color) r.getBackground().getFills().getLast().getFill()).orElseThrow());
        assertThat(ground.getBrightness()).isLessThan(0.4);
    }

    @Test
    void aConductorThatWasChosenStaysWhenOthersAreChosenAnew() {
        keys(KeyCode.DIGIT1);
        await("planned", () -> !job().links().isEmpty());
        Link ground = link("A.5", "B.4").orElseThrow();
        await("shown", () -> shows("A.5 B.4  GND"));
        call(() -> {
            lookup(n -> "conductor-OG".equals(n.getId())).<javafx.scene.control.Button>query().fire();
            return null;
        });
        await("the menu", () -> lookup("Carry A.5 B.4  GND").tryQuery().isPresent());
        clickOn("Carry A.5 B.4  GND");
        await("chosen", () -> link("A.5", "B.4").filter(Link::pinned).isPresent());
        assertThat(link("A.5", "B.4").orElseThrow().conductor()).contains("OG")
                .isNotEqualTo(ground.conductor());
        edit(wegweiser.core.conductors.Allocation::anew);
        await("stays", () -> link("A.5", "B.4").flatMap(Link::conductor).equals(Optional.of("OG")));
    }

    @Test
    void signalsTakeTheColoursTheyHaveInAnotherCable() throws IOException {
        keys(KeyCode.DIGIT4);
        await("planned", () -> !job().links().isEmpty());
        Job other = job().withTitle("The cable before").withLinks(job().links().stream()
                .map(l -> l.touches(at("A.5")) ? l.withConductor(Optional.of("BN")) : l).toList());
        JobFile.write(session.workshop().freshFile("The cable before"), other);
        assertThat(link("A.5", "B.4").flatMap(Link::conductor)).isPresent().isNotEqualTo(Optional.of("BN"));
        keys(KeyCode.CONTROL, KeyCode.K);
        write("colours of another");
        keys(KeyCode.ENTER);
        await("jobs to choose from", () -> lookup("#finder .list-view").tryQueryAs(ListView.class)
                .map(l -> l.getItems().toString().contains("The cable before"))
                .orElse(false));
        write("cable before");
        keys(KeyCode.ENTER);
        await("the same colour", () -> link("A.5", "B.4").flatMap(Link::conductor).equals(Optional.of("BN")));
    }

    @Test
    void whatIsLeftOpenIsSaidWithItsReason() {
        keys(KeyCode.DIGIT4);
        await("planned", () -> !job().links().isEmpty());
        await("left open", () -> shows("Left open") && shows("RI at A.9 is open"));
        assertThat(shows("this way of joining does not use it")).isTrue();
    }

    @Test
    void devicesOnOneBundleGetTheirColours() {
        keys(KeyCode.CONTROL, KeyCode.K);
        write("colours for several");
        keys(KeyCode.ENTER);
        await("the panel", () -> lookup("#bundle-colours").tryQuery().isPresent());
        call(() -> {
            lookup("#bundle-colours").<TextField>query().setText("white brown green blue");
            lookup("#bundle-wires").<Spinner<Integer>>query().getValueFactory().setValue(2);
            lookup("#bundle-devices").<Spinner<Integer>>query().getValueFactory().setValue(2);
            return null;
        });
        assertThat(text("#bundle-twist")).contains("take them apart");
        await("by two", () -> text("#bundle-words").contains("differ by two"));
        call(() -> {
            lookup("#bundle-devices").<Spinner<Integer>>query().getValueFactory().setValue(9);
            return null;
        });
        await("not enough", () -> text("#bundle-words").contains("only 6"));
    }

    @Test
    void aPlanFromTheRouterSurvivesItsWayThroughTheFile() {
        Job job = job();
        Job planned = Router.schemes(job).getFirst().applyTo(job);
        edit(_ -> planned.withLinks(planned.links().stream()
                .map(l -> l.conductor().equals(Optional.of("GN")) ? l.withPinned("GN") : l).toList()));
        await("saved", () -> !session.busyProperty().get());
        restart();
        assertThat(job().links()).filteredOn(Link::pinned).hasSize(1);
    }
}
