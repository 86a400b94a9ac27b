package wegweiser.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wegweiser.app.WindowTest;
import wegweiser.app.stage.StageId;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.job.JobFile;

/** The shelf at the bench, at Make and at Prove. */
class ShelfPanelTest extends WindowTest {
    @Override
    protected Path fill(Path workshop) throws java.io.IOException {
        super.fill(workshop);
        Path file = workshop.resolve("jobs/terminals" + JobFile.ENDING);
        JobFile.write(file, UsualCable.all().getFirst().job());
        return file;
    }

    @BeforeEach
    void toTheBench() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        await("the demo's shelf", () -> lines().size() == 9);
    }

    private List<ShelfLine> lines() {
        return lookup("#shelf-list").<ListView<ShelfLine>>query().getItems();
    }

    private double amount(String of) {
        return call(
                () -> lines().stream().filter(l -> l.article().of().equals(of)).mapToDouble(ShelfLine::amount)
                        .sum());
    }

    private void fire(String id) {
        call(() -> {
            lookup(id).<Button>query().fire();
            return null;
        });
    }

    @Test
    void aCableIsPutOnTheShelfByAFewWordsAndUndone() {
        fire("#shelf-put");
        await("the form", () -> lookup("#shelf-form").tryQuery().isPresent());
        write("sensor three", 0);
        keys(KeyCode.ENTER);
        write("6,4 m", 0);
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("it lies there", () -> lines().size() == 10);
        assertThat(amount("sensor-3")).isEqualTo(6.4);
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("undone", () -> lines().size() == 9);
    }

    @Test
    void whatIsNoAmountIsSaidAndNothingIsKept() {
        fire("#shelf-put");
        write("d-sub 9 socket", 0);
        keys(KeyCode.ENTER);
        write("half", 0);
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("the reason", () -> shows("“half” is not a count"));
        keys(KeyCode.ESCAPE);
        assertThat(amount("dsub-9-socket")).isEqualTo(5);
    }

    private void toTheList(int line) {
        await("the list has the keys", () -> call(() -> {
            ListView<ShelfLine> list = lookup("#shelf-list").query();
            list.requestFocus();
            list.getSelectionModel().select(line);
            return list.isFocused();
        }));
    }

    @Test
    void aLineIsChangedAndTakenAwayByKeys() {
        toTheList(4);
        keys(KeyCode.ENTER);
        await("the form", () -> lookup("#shelf-amount").tryQuery().isPresent());
        write("8", 0);
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("changed", () -> amount("dsub-9-socket") == 8);
        toTheList(4);
        keys(KeyCode.DELETE);
        await("gone", () -> lines().size() == 8);
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("back", () -> amount("dsub-9-socket") == 8);
    }

    @Test
    void aShelfThatCannotBeReadIsSaidAndStaysAsItIs() throws Exception {
        Path file = folder.resolve("shelf.csv");
        Files.writeString(file, "kind,item,title,amount\ncable,string,,3\n");
        keys(KeyCode.CONTROL, KeyCode.DIGIT1);
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        await("the reason", () -> shows("shelf.csv, line 2"));
        fire("#shelf-put");
        write("sensor three", 0);
        keys(KeyCode.ENTER);
        write("1", 0);
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("refused", () -> shows("That could not be done"));
        assertThat(file).content().contains("string");
    }

    @Test
    void whatIsBuiltIsCountedOffWhenItIsRecordedAndCanBePutBack() {
        edit(j -> j.withDone(BenchSteps.of(j, true).stream().map(Step::key).limit(3).toList())
                .withReading(Reading.beep("A.5", "B.5")));
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("what is there", () -> shows("1 · there") && shows("From the shelf: serial cable"));
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        await("prove", () -> window.here() == StageId.PROVE);
        keys(KeyCode.R);
        await("counted off", () -> shows("Counted off the shelf: 2.11 m of serial cable"));
        assertThat(left("dsub-9-socket")).isEqualTo(3);
        fire("#notice-way");
        await("back", () -> shows("It is on the shelf again"));
        assertThat(left("dsub-9-socket")).isEqualTo(5);
    }

    private double left(String of) {
        try {
            return session.shelf().read().lines().stream().filter(l -> l.article().of().equals(of))
                    .mapToDouble(ShelfLine::amount).sum();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void aCableThatWasOnlyTestedTakesNothing() {
        edit(j -> j.withReading(Reading.beep("A.5", "B.5")));
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        await("prove", () -> window.here() == StageId.PROVE);
        keys(KeyCode.R);
        await("recorded", () -> shows("W-0001"));
        assertThat(left("dsub-9-socket")).isEqualTo(5);
    }

    @Test
    void takenByHandAtMakeItIsNotTakenAgain() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("the button", () -> lookup("#shelf-take").tryQuery().isPresent());
        fire("#shelf-take");
        await("taken", () -> shows("Counted off the shelf."));
        assertThat(left("dsub-9-socket")).isEqualTo(3);
        assertThat(lookup("#shelf-take").tryQuery()).isEmpty();
    }

    @Test
    void aNewCableBetweenTwoPortsBeginsWithThePieceThatSuits() {
        keys(KeyCode.DIGIT4);
        write("Dome drive", 0);
        keys(KeyCode.ENTER);
        write("rs-232 9", 0);
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        write("rs-232 9", 0);
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("what the shelf has", () -> shows("The connectors for both ends are there"));
        keys(KeyCode.ENTER);
        await("begun", () -> window.here() == StageId.ROUTE);
        Optional<String> stock = Optional.of(job()).map(Job::cable).flatMap(c -> c.stock());
        assertThat(stock).contains("sensor-4");
    }

    @Test
    void whereThereIsNoRoomJobsAndShelfTakeTurns() {
        call(() -> {
            listTargetWindows().getFirst().setWidth(1024);
            return null;
        });
        try {
            turnAndTurn();
        } finally {
            // the window is the same for all tests
            call(() -> {
                listTargetWindows().getFirst().setWidth(1280);
                return null;
            });
        }
    }

    private void turnAndTurn() {
        await("one of them", () -> !lookup("#shelf").query().isVisible());
        clickOn("#bench-to-shelf");
        await("the other",
                () -> lookup("#shelf").query().isVisible());
        clickOn("#bench-to-jobs");
        await("and back", () -> !lookup("#shelf").query().isVisible());
    }

    @Test
    void textGrowsAndIsRemembered() {
        double before = call(
                () -> lookup("#way-join .arm-name").<javafx.scene.control.Label>query().getFont().getSize());
        keys(KeyCode.CONTROL, KeyCode.PLUS);
        keys(KeyCode.CONTROL, KeyCode.PLUS);
        await("larger", () -> lookup("#way-join .arm-name").<javafx.scene.control.Label>query().getFont()
                .getSize() > 1.2 * before);
        assertThat(session.workshop().setting("text")).contains("125");
        restart();
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        await("still", () -> lookup("#way-join .arm-name").<javafx.scene.control.Label>query().getFont()
                .getSize() > 1.2 * before);
        keys(KeyCode.CONTROL, KeyCode.MINUS);
        keys(KeyCode.CONTROL, KeyCode.MINUS);
        await("as before", () -> lookup("#way-join .arm-name").<javafx.scene.control.Label>query().getFont()
                .getSize() == before);
    }
}
