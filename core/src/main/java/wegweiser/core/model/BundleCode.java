package wegweiser.core.model;

import java.util.List;
import java.util.Map;

/**
 * The colours by which a device is known that is fed from a bundle of single wires.
 *
 * @param end where it is
 * @param colours in the order of its contacts, without numbers
 */
public record BundleCode(String end, List<String> colours, Map<String, Object> extra) {
    public BundleCode {
        colours = List.copyOf(colours);
        extra = Extra.kept(extra);
    }

    public static BundleCode of(String end, List<String> colours) {
        return new BundleCode(end, colours, Extra.NONE);
    }
}
