package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import wegweiser.app.controls.Form;
import wegweiser.app.controls.Overlay;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.Job;
import wegweiser.core.shelf.FromShelf;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.workshop.JobIndex;
import wegweiser.files.workshop.OwnUsual;

/** How a piece of work begins: with the few questions that it needs, and then at the right stage. */
final class Beginnings {
    private final Session session;
    private final Overlay overlay;
    private final Doors doors;
    private final JobIndex index;

    Beginnings(Session session, Overlay overlay, Doors doors, JobIndex index) {
        this.session = session;
        this.overlay = overlay;
        this.doors = doors;
        this.index = index;
    }

    /** Two devices: their ports, and the way between them is worked out. */
    void join() {
        TwoPorts ports = new TwoPorts(session.library());
        up(ports, new Form("join", t("way.join"), t("join.hint"), t("join.go"), () -> {
            Optional<Job> job = ports.job();
            job.ifPresent(j -> begin(j, isKnown(j) ? StageId.ROUTE : StageId.ENDS));
            return job.isPresent() ? Optional.empty() : Optional.of(t("join.missing"));
        }, overlay::down, ports));
    }

    private static boolean isKnown(Job job) {
        return job.ends().stream().noneMatch(e -> e.pinout().isEmpty());
    }

    /** A cable that nobody knows: what is at its ends, and then it is touched. */
    void unknown() {
        cable("unknown", t("way.unknown"), t("unknown.hint"), t("unknown.go"), t("unknown.title"));
    }

    private void cable(String id, String title, String hint, String button, String jobTitle) {
        TwoEnds ends = new TwoEnds(session.library(), id);
        Form form = new Form(id, title, hint, button, () -> {
            Optional<Job> job = ends.job(jobTitle);
            job.ifPresent(j -> begin(j, StageId.TRACE));
            return job.isPresent() ? Optional.empty() : Optional.of(t("unknown.missing"));
        }, overlay::down, ends);
        overlay.up(form);
        ends.begin(form::toButton);
    }

    private void up(TwoPorts ports, Form form) {
        overlay.up(form);
        ports.begin(form::toButton);
    }

    private void begin(Job job, StageId stage) {
        overlay.down();
        doors.begin(job, stage);
    }

    /** A cable to test: against a plan that there is, or against a good one that is measured first. */
    void test() {
        JobChoice jobs = new JobChoice("test", t("way.test"), t("test.hint"), index, JobChoice::isPlanned,
                job -> {
                    overlay.down();
                    doors.open(job.file(), Optional.of(StageId.PROVE));
                }, new JobChoice.Instead(t("test.good"),
                        () -> cable("good", t("test.good"), t("good.hint"), t("unknown.go"),
                                t("good.title"))),
                overlay::down);
        overlay.up(jobs);
        jobs.begin();
    }

    /** Which of the cables that were made would join two ports. */
    void which() {
        TwoPorts ports = new TwoPorts(session.library());
        up(ports, new Form("which", t("way.which"), t("which.hint"), t("which.go"), () -> {
            Optional<Job> job = ports.job();
            job.ifPresent(this::look);
            return job.isPresent() ? Optional.empty() : Optional.of(t("join.missing"));
        }, overlay::down, ports));
    }

    private void look(Job wanted) {
        Background.errand(() -> WouldDo.of(wanted, session.workshop(), session.library()), found -> {
            WouldDoPanel panel = new WouldDoPanel(wanted, found, session.library(),
                    () -> begin(withCable(wanted, found), isKnown(wanted) ? StageId.ROUTE : StageId.ENDS),
                    overlay::down);
            overlay.up(panel);
            panel.begin();
        });
    }

    /** The job with the piece of cable from the shelf that suits it best. */
    private Job withCable(Job wanted, WouldDo found) {
        Optional<ShelfLine> piece = found.shelf().flatMap(s -> s.cables().stream().findFirst());
        return piece.flatMap(p -> FromShelf.stock(p, session.library()))
                .map(stock -> wanted.withCable(wanted.cable().withStock(stock.id(),
                        session.library().alongWith(stock))))
                .orElse(wanted);
    }

    /** A cable that becomes two; the half at its first end is opened, where its new connector is chosen. */
    private void halve(Job job) {
        HalveForm form = HalveForm.of(job, halves -> {
            doors.lay(halves.getLast());
            begin(halves.getFirst(), StageId.ENDS);
        }, overlay::down);
        overlay.up(form.form());
        form.begin();
    }

    /** A connector to be put on anew: which cable, which end, how much is cut off. */
    void redo() {
        JobChoice jobs = new JobChoice("redo", t("way.redo"), t("redo.hint"), index, JobChoice::isPlanned,
                chosen -> Background.errand(() -> session.recorded(chosen.job().orElseThrow()), number -> {
                    RedoForm form = new RedoForm(chosen.job().orElseThrow(), number,
                            job -> begin(job, StageId.MAKE), () -> halve(chosen.job().orElseThrow()),
                            overlay::down);
                    overlay.up(form);
                    form.begin();
                }), new JobChoice.Instead(t("redo.unknown"), this::unknown), overlay::down);
        overlay.up(jobs);
        jobs.begin();
    }

    /** A cable that others build too, or all of them. */
    void usual(Optional<UsualCable> cable) {
        Background.errand(() -> new OwnUsual(session.workshop()).all(), own -> {
            UsualPanel panel = new UsualPanel(own, job -> begin(job, StageId.ROUTE), overlay::down);
            overlay.up(panel);
            panel.begin(cable.map(UsualCable::id).orElse(""));
        });
    }
}
