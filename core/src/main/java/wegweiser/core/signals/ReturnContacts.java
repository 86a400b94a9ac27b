package wegweiser.core.signals;

import java.util.Optional;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;

/** Contacts that take the screen as a conductor and are at the same time the return of their signal. */
public final class ReturnContacts {
    private ReturnContacts() {}

    /** That of a connector: contact 1 of an XLR, the outer of a phono or a coaxial connector, the sleeve of a jack. */
    public static Optional<String> of(ConnectorType type) {
        return type.kind().returnContact();
    }

    /** That of an end; none where its pinout has a signal there, as of headsets with the microphone on the sleeve. */
    public static Optional<Terminal> of(End end, Optional<ConnectorType> type) {
        return type.flatMap(ReturnContacts::of)
                .filter(c -> end.row(c).flatMap(PinRow::direction).map(d -> !d.isSignal()).orElse(true))
                .map(end::terminal);
    }
}
