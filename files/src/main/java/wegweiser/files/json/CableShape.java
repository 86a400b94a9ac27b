package wegweiser.files.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import com.fasterxml.jackson.databind.util.StdConverter;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import wegweiser.core.model.CableStock;

/** A kind of cable as it stands in a file; what most cables are not is left out. */
record CableShape(String id, String title, List<String> conductors, int awg,
        @JsonInclude(Include.NON_EMPTY) List<String> thick, OptionalInt thickAwg,
        @JsonInclude(Include.NON_EMPTY) List<List<String>> pairs,
        @JsonInclude(Include.NON_EMPTY) String screen,
        double pfPerMetre, double diameterMm, String core, @JsonInclude(Include.NON_DEFAULT) boolean flat,
        @JsonInclude(Include.NON_DEFAULT) boolean coloursUncertain,
        @JsonInclude(Include.NON_EMPTY) List<String> inside, OptionalDouble lengthMm,
        @JsonInclude(Include.NON_EMPTY) String note, Map<String, Object> extra) {
    static final class From extends StdConverter<CableStock, CableShape> {
        @Override
        public CableShape convert(CableStock c) {
            return new CableShape(c.id(), c.title(), c.conductors(), c.awg(), c.thick(),
                    c.thick().isEmpty() ? OptionalInt.empty() : OptionalInt.of(c.thickAwg()), c.pairs(),
                    c.screen(),
                    c.pfPerMetre(), c.diameterMm(), c.stranded() ? "stranded" : "solid", c.flat(),
                    c.coloursUncertain(), c.inside().stream().map(CableStock.Inside::id).toList(),
                    c.lengthMm(), c.note(), c.extra());
        }
    }
}
