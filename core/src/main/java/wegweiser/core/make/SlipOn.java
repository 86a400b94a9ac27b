package wegweiser.core.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.CableStock;

/** What has to be on the sheath before an end is made, in the order in which it goes on. */
final class SlipOn {
    private SlipOn() {}

    /**
     * The things for an end. They go on from that end, so that what waits further away from the connector comes first:
     * afterwards nothing gets past what lies before it, nor past a joint.
     */
    static List<Thing> of(AtEnd at) {
        if (at.end.panel()) {
            // it has neither barrel nor clamp, and no cable goes into it
            return of(at.type, at.assembly.isOfSingleWires() ? null : at.cable, EndSteps.isCast(at)).stream()
                    .filter(t -> t.kind() == Thing.Kind.SHEATH_SLEEVE || t.kind() == Thing.Kind.OUTER_SLEEVE)
                    .toList();
        }
        // nothing goes on a sheath where there is none
        return of(at.type, at.assembly.isOfSingleWires() ? null : at.cable, EndSteps.isCast(at));
    }

    private static List<Thing> of(ConnectorType type, CableStock cable, boolean cast) {
        List<Thing> things = new ArrayList<>();
        for (Thing.Kind kind : kinds(type, cable, cast)) {
            OptionalDouble size = cable == null || cable.flat()
                    ? OptionalDouble.empty()
                    : switch (kind) {
                        case SHEATH_SLEEVE -> Sleeves.over(cable.diameterMm());
                        // it covers the joints, which lie beside each other
                        case OUTER_SLEEVE -> Sleeves.over(1.3 * cable.diameterMm());
                        default -> OptionalDouble.empty();
                    };
            things.add(new Thing(kind, size.orElse(0)));
        }
        return inOrder(things);
    }

    /** Things in the order in which they go on from the open end. */
    static List<Thing> inOrder(List<Thing> things) {
        return things.stream().sorted(Comparator.comparing(Thing::kind).reversed()).toList();
    }

    private static List<Thing.Kind> kinds(ConnectorType type, CableStock cable, boolean cast) {
        boolean sheathed = cable != null && !cable.flat() && cable.conductors().size() > 1;
        return switch (type.termination()) {
            case MODULAR -> sheathed ? List.of(Thing.Kind.BOOT) : List.of();
            case RIBBON, PUNCH_DOWN -> List.of();
            // its ring sits on the end of the sheath, and goes on when that is made
            case CIRCULAR_DISPLACEMENT -> List.of(Thing.Kind.NUT);
            case POTTED -> List.of(Thing.Kind.CUP, Thing.Kind.LOCKING_RING, Thing.Kind.BACK_SHELL,
                    Thing.Kind.TAIL);
            case SPLICE -> List.of(cast ? Thing.Kind.CUP : Thing.Kind.OUTER_SLEEVE);
            case SOLDER_CUP, CRIMP, JACK_SOLDER, SCREW, BARE -> ofBody(type, sheathed);
        };
    }

    private static List<Thing.Kind> ofBody(ConnectorType type, boolean sheathed) {
        boolean crimped = type.termination() == Termination.CRIMP;
        // the screen of a coaxial plug that is crimped has a ferrule in place of the nut
        List<Thing.Kind> kinds = crimped && type.kind() == ConnectorKind.COAX
                ? new ArrayList<>(List.of(Thing.Kind.FERRULE_OF_SCREEN, Thing.Kind.BOOT))
                : new ArrayList<>(
                        type.kind().fittings().stream().map(f -> Thing.Kind.valueOf(f.name())).toList());
        if (crimped && sheathed && type.kind().isHoused() && !kinds.contains(Thing.Kind.FERRULE_OF_SCREEN)) {
            kinds.add(Thing.Kind.SHEATH_SLEEVE);
        }
        return kinds;
    }
}
