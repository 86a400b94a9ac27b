package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;
import wegweiser.files.sheet.Sheets;

/** The jobs of a workshop. */
public final class Jobs {
    private Jobs() {}

    static List<Path> all(Session session) {
        try {
            return session.workshop().jobFiles();
        } catch (IOException e) {
            session.noticeProperty().set(t("notice.jobs", e.getMessage()));
            return List.of();
        }
    }

    /** An empty job with two ends. */
    public static Job blank() {
        return Job.of(t("job.new"),
                List.of(End.of("A", "", End.LEADS, List.of()), End.of("B", "", End.LEADS, List.of())),
                List.of(),
                List.of());
    }

    /** Makes a new job in a file of its own and opens it. */
    static void create(Session session) {
        Path file = session.workshop().freshFile(t("job.new"));
        try {
            JobFile.write(file, blank());
            session.open(file);
        } catch (IOException e) {
            session.noticeProperty().set(t("notice.not-saved", file.getFileName(), e.getMessage()));
        }
    }

    public static Path sheetFile(Session session) {
        String stem = session.file().getFileName().toString().replace(JobFile.ENDING, "");
        return session.workshop().folder().resolve("sheets").resolve(stem + ".pdf");
    }

    /** Writes the sheet as PDF and HTML; returns the sentence to show. */
    static String writeSheet(Job job, Path pdf) {
        Path html = pdf.resolveSibling(pdf.getFileName().toString().replace(".pdf", ".html"));
        try {
            Sheets.write(job, "", html);
        } catch (IOException | BadFile | RuntimeException e) {
            return t("notice.no-sheet", Session.reason(e));
        }
        try {
            Set<String> missing = Sheets.write(job, "", pdf);
            return missing.isEmpty()
                    ? t("notice.sheet", pdf)
                    : t("notice.sheet-letters", pdf, String.join(" ", missing));
        } catch (IOException | BadFile | RuntimeException | LinkageError e) {
            return t("notice.html-only", html, Background.reason(e));
        }
    }
}
