package wegweiser.core.model;

import java.util.List;
import java.util.Map;

/**
 * A connector that a job brings along: rows of contact ids on a grid, as on its mating face.
 *
 * @param rows contact ids, row by row from the top; an empty id leaves a gap
 * @param pitchMm distance of neighbouring contacts and of rows, in mm
 * @param shell whether the shell is a terminal of its own
 */
public record OwnConnector(String id, String title, List<List<String>> rows, double pitchMm, boolean shell,
        Map<String, Object> extra) {
    public OwnConnector {
        rows = rows.stream().map(List::copyOf).toList();
        extra = Extra.kept(extra);
    }

    public OwnConnector withExtra(Map<String, Object> more) {
        return new OwnConnector(id, title, rows, pitchMm, shell, more);
    }
}
