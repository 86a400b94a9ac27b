package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Consumer;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.Paper;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Background;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Testing;
import wegweiser.files.sheet.PagePictures;

/** The sheet as it will be on paper, and the way to the platform's printers. */
final class PrintPanel extends VBox {
    private static final float SEEN_DPI = 96;
    private static final float PRINTED_DPI = 300;
    /** Points of a page of A4. */
    private static final double PAGE_WIDE = 595.3;

    private final Job job;
    private final Testing testing;
    private final Consumer<String> say;
    private final VBox pages = new VBox(12);
    private final Label count = Panels.quiet("");
    private final Button print = new Button(t("print.go"));

    PrintPanel(Job job, Testing testing, Consumer<String> say, Runnable save, Runnable close) {
        super(10);
        this.job = job;
        this.testing = testing;
        this.say = say;
        setId("print");
        print.setId("print-go");
        print.getStyleClass().add("dark");
        print.setOnAction(_ -> print());
        Button write = new Button(t("print.save"));
        write.setId("print-save");
        write.setOnAction(_ -> {
            close.run();
            save.run();
        });
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> close.run());
        ScrollPane scroll = Panels.scroll(pages);
        scroll.setPrefSize(840, 520);
        getChildren().addAll(Panels.line(Panels.heading(t("print.title")), count), scroll,
                new HBox(10, print, write, back));
        Background.errand(() -> pictures(SEEN_DPI), seen -> {
            count.setText(t("print.pages", seen.size()));
            pages.getChildren().setAll(seen.stream().map(PrintPanel::view).toList());
        });
    }

    void begin() {
        print.requestFocus();
    }

    private List<Image> pictures(float dpi) {
        try {
            return PagePictures.of(job, "", testing, dpi).stream().map(PrintPanel::image).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Image image(PagePictures.Page page) {
        WritableImage image = new WritableImage(page.width(), page.height());
        image.getPixelWriter().setPixels(0, 0, page.width(), page.height(), PixelFormat.getIntArgbInstance(),
                page.argb(), 0, page.width());
        return image;
    }

    private static ImageView view(Image image) {
        ImageView view = new ImageView(image);
        view.getStyleClass().add("paper");
        return view;
    }

    /** Asks by the platform's dialog, and prints at true size. */
    private void print() {
        PrinterJob printer = Printer.getAllPrinters().isEmpty() ? null : PrinterJob.createPrinterJob();
        if (printer == null) {
            say.accept(t("print.none"));
            return;
        }
        if (printer.showPrintDialog(getScene().getWindow())) {
            Background.errand(() -> pictures(PRINTED_DPI), all -> print(printer, all));
        }
    }

    private void print(PrinterJob printer, List<Image> all) {
        PageLayout whole = printer.getPrinter().createPageLayout(Paper.A4, PageOrientation.PORTRAIT,
                Printer.MarginType.HARDWARE_MINIMUM);
        boolean fine = true;
        for (Image image : all) {
            ImageView page = new ImageView(image);
            page.setPreserveRatio(true);
            page.setFitWidth(PAGE_WIDE);
            // what the printer cannot reach is white on the sheet; so the page keeps its size and is moved, not shrunk
            page.setTranslateX(-whole.getLeftMargin());
            page.setTranslateY(-whole.getTopMargin());
            fine &= printer.printPage(whole, page);
        }
        say.accept(t(fine && printer.endJob() ? "print.done" : "print.failed"));
    }
}
