package wegweiser.app.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;
import wegweiser.core.model.Terminal;

class PegboardTest extends ApplicationTest {
    private Pegboard board;
    private Pegboard other;

    @Override
    public void start(Stage stage) {
        board = new Pegboard();
        other = new Pegboard();
        StackPane root = new StackPane(other, board);
        stage.setScene(new Scene(root, 620, 480));
        stage.setX(0);
        stage.setY(0);
        stage.show();
        // a focused board marks its selected cell, so neither may have the focus while pictures are compared
        root.setFocusTraversable(true);
        root.requestFocus();
    }

    private static PegModel model(int n, SplittableRandom random, Optional<PegModel.Target> target) {
        List<PegModel.Head> rows = new ArrayList<>();
        List<PegModel.Head> columns = new ArrayList<>();
        List<List<PegCell>> cells = new ArrayList<>();
        for (int r = 0; r < n; r++) {
            rows.add(
                    new PegModel.Head(new Terminal("A", String.valueOf(r + 1)), r % 2 == 0 ? "TXD" : "", ""));
            columns.add(new PegModel.Head(new Terminal("B", String.valueOf(r + 1)), "",
                    r % 3 == 0 ? "WH/GN" : ""));
            List<PegCell> row = new ArrayList<>();
            for (int c = 0; c < n; c++) {
                row.add(PegCell.values()[random.nextInt(PegCell.values().length)]);
            }
            cells.add(row);
        }
        return new PegModel(rows, columns, cells, target, List.of(new PegModel.Bracket(0, n - 1, true)),
                List.of());
    }

    private static PegModel with(PegModel model, int row, int column, PegCell cell) {
        List<List<PegCell>> cells = new ArrayList<>();
        for (int r = 0; r < model.rows().size(); r++) {
            List<PegCell> line = new ArrayList<>(model.cells().get(r));
            if (r == row) {
                line.set(column, cell);
            }
            cells.add(line);
        }
        return new PegModel(model.rows(), model.columns(), cells, model.target(), model.rowBrackets(),
                model.columnBrackets());
    }

    private static boolean same(WritableImage a, WritableImage b) {
        for (int y = 0; y < (int) a.getHeight(); y++) {
            for (int x = 0; x < (int) a.getWidth(); x++) {
                if (a.getPixelReader().getArgb(x, y) != b.getPixelReader().getArgb(x, y)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** However many contacts there are, the last one of both ends is on the board and can be clicked. */
    @Test
    void aLargeCableFitsASmallBoardWhole() {
        for (int n : new int[]{9, 25, 50, 78}) {
            PegModel many = model(n, new SplittableRandom(n), Optional.empty());
            WaitForAsyncUtils.waitForAsyncFx(20_000, () -> board.setModel(many));
            boolean reached = false;
            for (int y = 470; y > 100 && !reached; y -= 2) {
                for (int x = 610; x > 200 && !reached; x -= 2) {
                    var cell = board.cellAt(x, y);
                    reached = cell.isPresent() && cell.get().row() == n - 1 && cell.get().column() == n - 1;
                }
            }
            assertThat(reached).as("%d contacts", n).isTrue();
        }
    }

    /** Painting single cells over an older picture gives the picture that painting everything gives. */
    @Test
    void changedCellsLookAsIfEverythingHadBeenPainted() {
        SplittableRandom random = new SplittableRandom(5);
        for (int n : new int[]{4, 9, 36}) {
            for (boolean targeted : new boolean[]{false, true}) {
                Optional<PegModel.Target> target = targeted
                        ? Optional.of(new PegModel.Target(List.of(1), List.of(2)))
                        : Optional.empty();
                PegModel[] now = {model(n, random, target)};
                WaitForAsyncUtils.waitForAsyncFx(20_000, () -> board.setModel(now[0]));
                for (int k = 0; k < 25; k++) {
                    now[0] = with(now[0], random.nextInt(n), random.nextInt(n),
                            PegCell.values()[random.nextInt(PegCell.values().length)]);
                    WaitForAsyncUtils.waitForAsyncFx(20_000, () -> board.setModel(now[0]));
                }
                boolean equal = WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
                    other.setModel(PegModel.EMPTY);
                    other.setModel(now[0]);
                    return same(board.snapshot(null, null), other.snapshot(null, null));
                });
                assertThat(equal).as("%d x %d, target %s", n, n, targeted).isTrue();
            }
        }
    }

    @Test
    void everyStateLooksDifferentAlsoWithoutColour() {
        List<String> seen = new ArrayList<>();
        for (PegCell cell : PegCell.values()) {
            PegModel one = with(model(1, new SplittableRandom(1), Optional.empty()), 0, 0, cell);
            String picture = WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
                other.setModel(one);
                WritableImage image = other.snapshot(null, null);
                StringBuilder bits = new StringBuilder();
                int background = image.getPixelReader().getArgb(1, (int) image.getHeight() - 2);
                for (int y = 0; y < (int) image.getHeight(); y++) {
                    for (int x = 0; x < (int) image.getWidth(); x++) {
                        bits.append(image.getPixelReader().getArgb(x, y) == background ? '.' : '#');
                    }
                }
                return bits.toString();
            });
            seen.add(picture);
        }
        assertThat(seen).doesNotHaveDuplicates();
    }

    @Test
    void arrowsStayOnTheBoardAndSpacePegs() {
        List<String> pegged = new ArrayList<>();
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
            board.setModel(model(3, new SplittableRandom(2), Optional.empty()));
            board.setOnPeg((r, c) -> pegged.add(r + " " + c));
            board.requestFocus();
        });
        for (int k = 0; k < 5; k++) {
            push(KeyCode.DOWN);
        }
        push(KeyCode.RIGHT);
        push(KeyCode.SPACE);
        for (int k = 0; k < 5; k++) {
            push(KeyCode.LEFT);
            push(KeyCode.UP);
        }
        push(KeyCode.SPACE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(pegged).containsExactly("2 1", "0 0");
        assertThat(board.words()).startsWith("A.1 and B.1: ");
    }

    @Test
    void aSmallerModelKeepsTheSelectionInside() {
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
            board.setModel(model(9, new SplittableRandom(3), Optional.empty()));
            board.requestFocus();
        });
        for (int k = 0; k < 8; k++) {
            push(KeyCode.DOWN);
        }
        WaitForAsyncUtils.waitForAsyncFx(20_000,
                () -> board.setModel(model(2, new SplittableRandom(3), Optional.empty())));
        assertThat(board.selectionProperty().get().row()).isEqualTo(1);
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> board.setModel(PegModel.EMPTY));
        assertThat(board.words()).isEmpty();
    }
}
