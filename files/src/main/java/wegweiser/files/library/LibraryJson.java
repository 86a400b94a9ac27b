package wegweiser.files.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.library.Library;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.model.PinRow;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Wiring;

/** The entries of library files as plain maps, in the order in which they are written. */
public final class LibraryJson {
    /** The members of a kind of cable. */
    public static final String[] CABLE = {"id", "title", "conductors", "awg", "thick", "thickAwg", "pairs",
            "screen",
            "pfPerMetre", "diameterMm", "core", "flat", "coloursUncertain", "lengthMm", "note"};

    private LibraryJson() {}

    /** A whole file. */
    public static Map<String, Object> file(Library library) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("format", "wegweiser-library");
        map.put("version", 1);
        put(map, "connectors", library.connectors().stream().map(LibraryJson::connector).toList());
        put(map, "cables", library.cables().stream().map(LibraryJson::cable).toList());
        put(map, "pinouts", library.pinouts().stream().map(LibraryJson::pinout).toList());
        put(map, "wirings", library.wirings().stream().map(LibraryJson::wiring).toList());
        return map;
    }

    private static void put(Map<String, Object> map, String name, List<?> list) {
        if (!list.isEmpty()) {
            map.put(name, list);
        }
    }

    private static Map<String, Object> connector(OwnConnector own) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", own.id());
        map.put("title", own.title());
        map.put("rows", own.rows());
        map.put("pitchMm", own.pitchMm());
        map.put("shell", own.shell());
        return map;
    }

    /** A kind of cable. */
    public static Map<String, Object> cable(CableStock cable) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", cable.id());
        map.put("title", cable.title());
        map.put("conductors", cable.conductors());
        map.put("awg", cable.awg());
        if (!cable.thick().isEmpty()) {
            map.put("thick", cable.thick());
            map.put("thickAwg", cable.thickAwg());
        }
        put(map, "pairs", cable.pairs());
        if (cable.isScreened()) {
            map.put("screen", cable.screen());
        }
        map.put("pfPerMetre", cable.pfPerMetre());
        map.put("diameterMm", cable.diameterMm());
        map.put("core", cable.stranded() ? "stranded" : "solid");
        if (cable.flat()) {
            map.put("flat", true);
        }
        if (cable.coloursUncertain()) {
            map.put("coloursUncertain", true);
        }
        cable.lengthMm().ifPresent(mm -> map.put("lengthMm", mm));
        if (!cable.note().isEmpty()) {
            map.put("note", cable.note());
        }
        return map;
    }

    private static Map<String, Object> pinout(NamedPinout pinout) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", pinout.id());
        map.put("title", pinout.title());
        map.put("connector", pinout.family());
        pinout.role().ifPresent(r -> map.put("role", r.id()));
        if (!pinout.note().isEmpty()) {
            map.put("note", pinout.note());
        }
        map.put("rows", pinout.rows().stream().map(LibraryJson::row).toList());
        return map;
    }

    private static Map<String, Object> row(PinRow row) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("contact", row.contact());
        row.name().ifPresent(n -> map.put("name", n));
        row.signal().ifPresent(s -> map.put("signal", s));
        row.direction().ifPresent(d -> map.put("direction", d.id()));
        row.level().ifPresent(l -> map.put("level", l));
        row.volts().ifPresent(v -> map.put("volts", v));
        row.pair().ifPresent(p -> map.put("pair", p));
        return map;
    }

    private static Map<String, Object> wiring(NamedWiring named) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", named.id());
        map.put("title", named.title());
        map.put("from", named.fromFamily());
        map.put("to", named.toFamily());
        map.put("weight", named.weight());
        List<List<String>> links = new ArrayList<>();
        List<List<String>> near = new ArrayList<>();
        List<List<String>> far = new ArrayList<>();
        for (Wiring.Net net : named.wiring().nets()) {
            List<String> here = List.copyOf(net.near());
            List<String> there = List.copyOf(net.far());
            if (!here.isEmpty() && !there.isEmpty()) {
                links.add(List.of(here.getFirst(), there.getFirst()));
            }
            chain(here, near);
            chain(there, far);
        }
        map.put("links", links);
        put(map, "fromJumpers", near);
        put(map, "toJumpers", far);
        return map;
    }

    private static void chain(List<String> contacts, List<List<String>> jumpers) {
        for (int k = 1; k < contacts.size(); k++) {
            jumpers.add(List.of(contacts.get(k - 1), contacts.get(k)));
        }
    }
}
