package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;

/**
 * The picture of a cable: rows are the contacts of one end, columns those of another, a peg is a connection.
 * Shared by Trace, Route and Prove. A change of single cells repaints those cells alone.
 */
public final class Pegboard extends Region {
    private static final StyleablePropertyFactory<Pegboard> FACTORY = new StyleablePropertyFactory<>(
            Region.getClassCssMetaData());

    private final StyleableProperty<Color> ink = colour("ink", "-peg-ink", Color.BLACK);
    private final StyleableProperty<Color> quiet = colour("quiet", "-peg-quiet", Color.GRAY);
    private final StyleableProperty<Color> line = colour("line", "-peg-line", Color.LIGHTGRAY);
    private final StyleableProperty<Color> sheet = colour("sheet", "-peg-sheet", Color.WHITE);
    private final StyleableProperty<Color> now = colour("now", "-peg-now", Color.GOLD);
    private final StyleableProperty<Color> band = colour("band", "-peg-band", Color.LIGHTYELLOW);
    private final StyleableProperty<Color> proved = colour("proved", "-peg-proved", Color.GREEN);
    private final StyleableProperty<Color> plan = colour("plan", "-peg-plan", Color.BLUE);
    private final StyleableProperty<Color> fault = colour("fault", "-peg-fault", Color.RED);

    private final StyleableProperty<Number> text = FACTORY.createStyleableNumberProperty(this, "text",
            "-peg-text", p -> p.text, 1);
    private final Canvas canvas = new Canvas();
    private final ObjectProperty<PegModel> model = new SimpleObjectProperty<>(this, "model", PegModel.EMPTY);
    private final ReadOnlyObjectWrapper<Selection> selection = new ReadOnlyObjectWrapper<>(this, "selection",
            new Selection(0, 0));
    private BiConsumer<Integer, Integer> onPeg = (_, _) -> {};
    private PegPainter painter;
    private PegModel painted = PegModel.EMPTY;

    /** The cell that the keyboard is at. */
    public record Selection(int row, int column) {}

    public Pegboard() {
        getStyleClass().add("pegboard");
        getChildren().add(canvas);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        model.addListener((_, before, after) -> changed(before, after));
        selection.addListener((_, before, _) -> {
            repaintSelection(before);
            notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
        });
        // one that is told the value: a change that nobody asks about would be the last that is told
        focusedProperty().addListener((_, _, _) -> repaintSelection(selection.get()));
        widthProperty().addListener(_ -> repaint());
        heightProperty().addListener(_ -> repaint());
        ((javafx.beans.value.ObservableValue<?>) text).addListener(_ -> repaint());
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(KeyEvent.KEY_PRESSED, this::typed);
        setMinSize(200, 110);
    }

    private StyleableProperty<Color> colour(String name, String css, Color initial) {
        StyleableProperty<Color> property = FACTORY.createStyleableColorProperty(this, name, css,
                p -> switch (name) {
                    case "ink" -> p.ink;
                    case "quiet" -> p.quiet;
                    case "line" -> p.line;
                    case "sheet" -> p.sheet;
                    case "now" -> p.now;
                    case "band" -> p.band;
                    case "proved" -> p.proved;
                    case "plan" -> p.plan;
                    default -> p.fault;
                }, initial);
        ((javafx.beans.value.ObservableValue<?>) property).addListener(_ -> repaint());
        return property;
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return FACTORY.getCssMetaData();
    }

    public ObjectProperty<PegModel> modelProperty() {
        return model;
    }

    public void setModel(PegModel newModel) {
        // of one that is equal nobody would be told, and it would stand there as not painted yet
        if (!newModel.equals(model.get())) {
            model.set(newModel);
        }
    }

    public PegModel getModel() {
        return model.get();
    }

    public ReadOnlyObjectProperty<Selection> selectionProperty() {
        return selection.getReadOnlyProperty();
    }

    /** What a click or Space on a cell does; gets row and column. */
    public void setOnPeg(BiConsumer<Integer, Integer> action) {
        onPeg = action;
    }

    private PegPainter.Palette palette() {
        return new PegPainter.Palette(ink.getValue(), quiet.getValue(), line.getValue(), sheet.getValue(),
                now.getValue(),
                band.getValue(), proved.getValue(), plan.getValue(), fault.getValue());
    }

    private void changed(PegModel before, PegModel after) {
        boolean sameShape = before.rows().equals(after.rows()) && before.columns().equals(after.columns())
                && before.target().equals(after.target()) && before.rowBrackets().equals(after.rowBrackets())
                && before.columnBrackets().equals(after.columnBrackets()) && painted == before
                && painter != null;
        int rows = after.rows().size();
        int columns = after.columns().size();
        Selection at = selection.get();
        if (at.row() >= rows || at.column() >= columns) {
            selection.set(new Selection(Math.clamp(at.row(), 0, Math.max(0, rows - 1)),
                    Math.clamp(at.column(), 0, Math.max(0, columns - 1))));
        }
        if (!sameShape) {
            repaint();
            return;
        }
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                if (before.cell(r, c) != after.cell(r, c)) {
                    painter.cell(after, r, c, isSelected(r, c));
                }
            }
        }
        painted = after;
        notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
    }

    private boolean isSelected(int row, int column) {
        return isFocused() && selection.get().row() == row && selection.get().column() == column;
    }

    private void repaintSelection(Selection before) {
        if (painter == null || painted != model.get() || painted.rows().isEmpty()
                || painted.columns().isEmpty()) {
            return;
        }
        for (Selection s : List.of(before, selection.get())) {
            if (s.row() < painted.rows().size() && s.column() < painted.columns().size()) {
                painter.cell(painted, s.row(), s.column(), isSelected(s.row(), s.column()));
            }
        }
    }

    /** Paints everything. */
    void repaint() {
        if (getWidth() < 1 || getHeight() < 1) {
            return;
        }
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        painter = new PegPainter(canvas.getGraphicsContext2D(), model.get(), getWidth(), getHeight(),
                text.getValue().doubleValue(), palette());
        painter.all(model.get(), isFocused() ? selection.get() : null);
        painted = model.get();
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        cellAt(e.getX(), e.getY()).ifPresent(cell -> {
            selection.set(cell);
            onPeg.accept(cell.row(), cell.column());
        });
    }

    /** The cell at a place on the board, if there is one. */
    Optional<Selection> cellAt(double x, double y) {
        int row = painter == null ? -1 : painter.rowAt(y);
        int column = painter == null ? -1 : painter.columnAt(x);
        return row >= 0 && column >= 0 ? Optional.of(new Selection(row, column)) : Optional.empty();
    }

    private void typed(KeyEvent e) {
        if (step(e) || peg().answers(e)) {
            e.consume();
        }
    }

    /** Moving on the board, by keys that may come from anywhere on the screen. */
    public Action move() {
        return Action.byKey("move", Keys.ARROWS, "← ↑ ↓ →", this::step);
    }

    /** Setting or lifting a peg at the selected cell. */
    public Action peg() {
        return Action.byKey("peg", Keys.plain(KeyCode.SPACE), Keys.shown(KeyCode.SPACE), _ -> {
            boolean there = !model.get().rows().isEmpty() && !model.get().columns().isEmpty();
            if (there) {
                onPeg.accept(selection.get().row(), selection.get().column());
            }
            return there;
        });
    }

    /** Moves the selected cell by an arrow key and takes the focus, wherever that was. */
    public boolean step(KeyEvent e) {
        PegModel shown = model.get();
        int down = switch (e.getCode()) {
            case UP -> -1;
            case DOWN -> 1;
            default -> 0;
        };
        int right = switch (e.getCode()) {
            case LEFT -> -1;
            case RIGHT -> 1;
            default -> 0;
        };
        if (down == 0 && right == 0 || shown.rows().isEmpty() || shown.columns().isEmpty()) {
            return false;
        }
        requestFocus();
        Selection at = selection.get();
        selection.set(new Selection(Math.clamp(at.row() + down, 0, shown.rows().size() - 1),
                Math.clamp(at.column() + right, 0, shown.columns().size() - 1)));
        return true;
    }

    /** The selected cell in words, for a screen reader and the line below the board. */
    public String words() {
        PegModel shown = model.get();
        Selection at = selection.get();
        if (at.row() >= shown.rows().size() || at.column() >= shown.columns().size()) {
            return "";
        }
        return t("cell.words", shown.rows().get(at.row()).terminal(),
                shown.columns().get(at.column()).terminal(),
                t(shown.cell(at.row(), at.column()).key()));
    }

    @Override
    public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
        return attribute == AccessibleAttribute.TEXT
                ? words()
                : super.queryAccessibleAttribute(attribute, parameters);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 480;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 300;
    }
}
