package wegweiser.app.controls;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/** The two ends of a cable that face each other on the pegboard, by name: one as rows, one as columns. */
public record Facing(String rows, String columns) {
    /** For a cable with fewer than two ends. */
    private static final Facing NONE = new Facing("", "");

    public boolean isNone() {
        return equals(NONE);
    }

    /** Every two ends, in the order of the job. */
    public static List<Facing> all(Job job) {
        List<Facing> all = new ArrayList<>();
        for (int i = 0; i < job.ends().size(); i++) {
            for (int j = i + 1; j < job.ends().size(); j++) {
                all.add(new Facing(job.ends().get(i).name(), job.ends().get(j).name()));
            }
        }
        return all;
    }

    /**
     * The two ends to show: those that were chosen, as long as the job has them; else those that are touched; else the
     * first two.
     */
    public static Facing of(Job job, Optional<Facing> chosen, Optional<Touch> touch) {
        List<Facing> all = all(job);
        if (all.isEmpty()) {
            return NONE;
        }
        if (chosen.isPresent() && all.contains(chosen.get())) {
            return chosen.get();
        }
        List<Terminal> touched = new ArrayList<>();
        touch.ifPresent(t -> {
            touched.addAll(t.red());
            touched.addAll(t.black());
        });
        List<String> ends = job.ends().stream().map(End::name)
                .filter(e -> touched.stream().anyMatch(t -> t.end().equals(e))).toList();
        return all.stream().filter(f -> ends.contains(f.rows()) && ends.contains(f.columns())).findFirst()
                .or(() -> all.stream().filter(f -> ends.contains(f.rows()) || ends.contains(f.columns()))
                        .findFirst())
                .orElse(all.getFirst());
    }

    End rowsOf(Job job) {
        return job.end(rows).orElseThrow();
    }

    End columnsOf(Job job) {
        return job.end(columns).orElseThrow();
    }
}
