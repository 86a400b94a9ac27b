package wegweiser.app.bench;

import javafx.beans.property.IntegerProperty;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/**
 * The columns of the bench. Where there is no room for three, jobs and shelf take the same place, and the buttons lead from
 * the one to the other.
 */
final class Columns extends HBox {
    /** What three columns need with text of the usual size, in px. */
    private static final double WIDE = 1176;

    private final IntegerProperty textPercent;
    private final Node jobs;
    private final Node shelf;
    private final ToggleButton toShelf;
    private final ToggleButton toJobs;
    private boolean shelfShown;

    /**
     * @param toShelf stands with the jobs, and {@code toJobs} with the shelf
     * @param textPercent how large text is, of the usual size
     */
    Columns(Node ways, Node jobs, Node shelf, ToggleButton toShelf, ToggleButton toJobs,
            IntegerProperty textPercent) {
        super(12, ways, jobs, shelf);
        this.textPercent = textPercent;
        this.jobs = jobs;
        this.shelf = shelf;
        this.toShelf = toShelf;
        this.toJobs = toJobs;
        getStyleClass().add("stage");
        HBox.setHgrow(jobs, Priority.ALWAYS);
        for (Node node : new Node[]{jobs, shelf, toShelf, toJobs}) {
            node.managedProperty().bind(node.visibleProperty());
        }
        toShelf.setOnAction(_ -> turn(true));
        toJobs.setOnAction(_ -> turn(false));
        widthProperty().addListener((_, _, _) -> arrange());
        textPercent.addListener((_, _, _) -> arrange());
        arrange();
    }

    private void turn(boolean toTheShelf) {
        shelfShown = toTheShelf;
        arrange();
        (toTheShelf ? toJobs : toShelf).requestFocus();
    }

    private boolean isWide() {
        return 100 * getWidth() >= WIDE * textPercent.get();
    }

    private void arrange() {
        boolean wide = isWide();
        jobs.setVisible(wide || !shelfShown);
        shelf.setVisible(wide || shelfShown);
        HBox.setHgrow(shelf, wide ? Priority.NEVER : Priority.ALWAYS);
        toShelf.setVisible(!wide);
        toShelf.setSelected(false);
        toJobs.setVisible(!wide);
        toJobs.setSelected(false);
    }
}
