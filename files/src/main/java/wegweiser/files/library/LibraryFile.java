package wegweiser.files.library;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.List;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.library.Library;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.wiring.NamedWiring;

/** A library file, its members in the order in which they are written. */
record LibraryFile(String format, int version, @JsonInclude(Include.NON_EMPTY) List<OwnConnector> connectors,
        @JsonInclude(Include.NON_EMPTY) List<CableStock> cables,
        @JsonInclude(Include.NON_EMPTY) List<NamedPinout> pinouts,
        @JsonInclude(Include.NON_EMPTY) List<NamedWiring> wirings) {
    static final String FORMAT = "wegweiser-library";

    static LibraryFile of(Library library) {
        return new LibraryFile(FORMAT, 1, library.connectors(), library.cables(), library.pinouts(),
                library.wirings());
    }
}
