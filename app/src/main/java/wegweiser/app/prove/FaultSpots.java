package wegweiser.app.prove;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wegweiser.core.faults.FaultChances;
import wegweiser.core.faults.FaultKind;
import wegweiser.core.faults.PossibleFault;
import wegweiser.core.model.Terminal;

/** Where on the picture of a cable faults could still be: those at one spot are one mark. */
record FaultSpots(List<Spot> spots) {
    /**
     * One place of the picture.
     *
     * @param end whose connector it is on; empty for the cable between
     * @param contacts the one contact or the two between which it lies; none for the whole connector
     */
    record Place(String end, List<String> contacts) {}

    /**
     * What is left at one place.
     *
     * @param chance that a fault is there
     * @param harm whether one of those that are not excluded may destroy a device
     * @param excluded whether the readings exclude all of them
     */
    record Spot(Place place, double chance, boolean harm, boolean excluded) {}

    static FaultSpots of(List<FaultChances.Chance> chances) {
        Map<Place, List<FaultChances.Chance>> by = new LinkedHashMap<>();
        chances.forEach(c -> by.computeIfAbsent(place(c.fault()), _ -> new ArrayList<>()).add(c));
        List<Spot> spots = new ArrayList<>();
        by.forEach((place, here) -> spots.add(new Spot(place,
                here.stream().mapToDouble(FaultChances.Chance::chance).sum(),
                here.stream().anyMatch(c -> c.harm() && !c.isExcluded()),
                here.stream().allMatch(FaultChances.Chance::isExcluded))));
        return new FaultSpots(List.copyOf(spots));
    }

    static Place place(PossibleFault fault) {
        List<Terminal> at = fault.at();
        if (fault.end().isEmpty()) {
            return new Place("", List.of());
        }
        boolean whole = at.size() > 2 || at.isEmpty();
        boolean two = !whole && at.size() == 2 && at.get(1).end().equals(fault.end())
                && fault.kind() != FaultKind.OPEN;
        return new Place(fault.end(), whole
                ? List.of()
                : two
                        ? Stream.of(at.get(0).contact(), at.get(1).contact()).sorted().toList()
                        : List.of(at.get(0).contact()));
    }
}
