package wegweiser.app.trace;

import java.util.ArrayList;
import java.util.List;
import wegweiser.app.stage.LinesPanel;
import wegweiser.app.stage.Session;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.readings.ReadingList;
import wegweiser.core.readings.TypedLines;

/** Readings typed or pasted as a list. */
final class ReadingsPanel {
    private ReadingsPanel() {}

    static LinesPanel<Reading> of(Session session, Runnable close) {
        Job job = session.job();
        return new LinesPanel<>(new LinesPanel.Kind<>("readings", text -> ReadingList.read(text, job),
                TypedLines.Line::text, fresh -> add(session, fresh),
                () -> ReadingList.csv(session.job().readings()), "readings.csv"), "", close);
    }

    private static void add(Session session, List<Reading> fresh) {
        session.edit(j -> {
            List<Reading> all = new ArrayList<>(j.readings());
            all.addAll(fresh);
            return j.withReadings(all);
        });
    }
}
