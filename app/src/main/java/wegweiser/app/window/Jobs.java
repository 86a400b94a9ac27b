package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Notices.Notice;
import wegweiser.app.stage.Session;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Testing;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;
import wegweiser.files.sheet.Labels;
import wegweiser.files.sheet.Sheets;
import wegweiser.files.workshop.OwnUsual;
import wegweiser.files.workshop.Workshop;

/** The jobs of a workshop. */
public final class Jobs {
    private Jobs() {}

    static List<Path> all(Session session) {
        try {
            return session.workshop().jobFiles();
        } catch (IOException e) {
            session.notices().warn(t("notice.jobs", e.getMessage()));
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

    /** Where the sheet of the open job is written, in the workshop. */
    public static Path sheetFile(Session session) {
        String stem = session.file().orElseThrow().getFileName().toString().replace(JobFile.ENDING, "");
        return session.workshop().folder().resolve("sheets").resolve(stem + ".pdf");
    }

    /** Writes a copy of a job; returns the message to show. */
    static Notice export(Job job, Path target) {
        Path file = target.getFileName().toString().endsWith(JobFile.ENDING)
                ? target
                : target.resolveSibling(target.getFileName() + JobFile.ENDING);
        try {
            JobFile.write(file, job);
            return Notice.of(t("notice.exported", file));
        } catch (IOException | RuntimeException e) {
            return Notice.warning(t("notice.not-exported", Session.reason(e)));
        }
    }

    /** Keeps a job to start others from; returns the message to show. */
    static Notice keepUsual(Workshop workshop, Job job, String title) {
        try {
            new OwnUsual(workshop).keep(job, title);
            return Notice.of(t("notice.kept-usual", title));
        } catch (IOException | RuntimeException e) {
            return Notice.warning(t("notice.not-exported", Session.reason(e)));
        }
    }

    /** Writes a sheet of labels beside the job's sheet; returns the message to show. */
    static Notice writeLabels(Job job, List<String> numbers, Path sheet) {
        Path file = sheet.resolveSibling(sheet.getFileName().toString().replace(".pdf", "-labels.pdf"));
        try {
            Set<String> missing = Labels.write(job, numbers, file);
            return missing.isEmpty()
                    ? Notice.of(t("notice.labels", numbers.size(), file))
                    : Notice.warning(t("notice.labels-letters", file, String.join(" ", missing)));
        } catch (IOException | BadFile | RuntimeException | LinkageError e) {
            return Notice.warning(t("notice.no-sheet", Background.reason(e)));
        }
    }

    /** Writes the sheet as PDF and HTML; returns the message to show. */
    static Notice writeSheet(Job job, Path pdf, Testing testing) {
        Path html = pdf.resolveSibling(pdf.getFileName().toString().replace(".pdf", ".html"));
        try {
            Sheets.write(job, "", html, testing);
        } catch (IOException | BadFile | RuntimeException e) {
            return Notice.warning(t("notice.no-sheet", Session.reason(e)));
        }
        try {
            Set<String> missing = Sheets.write(job, "", pdf, testing);
            return missing.isEmpty()
                    ? Notice.of(t("notice.sheet", pdf))
                    : Notice.warning(t("notice.sheet-letters", pdf, String.join(" ", missing)));
        } catch (IOException | BadFile | RuntimeException | LinkageError e) {
            return Notice.warning(t("notice.html-only", html, Background.reason(e)));
        }
    }
}
