package wegweiser.app.controls;

import java.util.function.Function;
import javafx.scene.control.ListCell;

/** An item of a list, as wide as the list and as high as its words need. */
public final class WholeLine<T> extends ListCell<T> {
    /** What the scroll bar and the border take, in px. */
    private static final double BAR = 20;

    private final Function<T, String> words;

    public WholeLine() {
        this(Object::toString);
    }

    public WholeLine(Function<T, String> words) {
        this.words = words;
        setPrefWidth(0);
        setWrapText(true);
    }

    @Override
    protected double computePrefHeight(double width) {
        // a list asks without a width, and words that wrap need one
        double there = getListView() == null ? width : getListView().getWidth() - BAR;
        return super.computePrefHeight(Math.max(there, BAR));
    }

    @Override
    protected void updateItem(T item, boolean empty) {
        super.updateItem(item, empty);
        setText(empty || item == null ? null : words.apply(item));
    }
}
