package wegweiser.files.sheet;

import wegweiser.core.drawing.Drawing;

/** Something to lay a page out on; all measures in mm from the upper left corner, text sits on its baseline. */
interface Pen {
    /** Begins a new page of 210 x 297 mm. */
    void page();

    void text(double x, double y, double sizeMm, Fonts font, String text);

    void line(double x1, double y1, double x2, double y2, double width);

    void box(double x, double y, double width, double height, boolean filled);

    /** A filled field without an outline, so that fields beside each other leave no gap. */
    void square(double x, double y, double width, double height);

    /** A drawing at true size, its upper left corner here. */
    void drawing(double x, double y, Drawing drawing);
}
