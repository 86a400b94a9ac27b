package wegweiser.core.make;

import java.util.List;
import java.util.stream.IntStream;
import wegweiser.core.model.CableStock;
import wegweiser.core.words.Words;

/** Ribbon under a connector that is pressed on: square, its marked edge at contact 1, evenly. */
final class PressedEnd {
    private PressedEnd() {}

    /** Each wire with what it is short by, the two that are alike together, from outside to inside. */
    private static String shorts(TurnedOver run, CableStock cable) {
        int first = cable.conductors().indexOf(run.first());
        int count = run.contacts().size();
        return Words.list(IntStream.range(0, (count + 1) / 2).mapToObj(k -> {
            String mm = Words.decimals(run.shortMm(cable, k), 1);
            String wire = cable.conductors().get(first + k);
            String mate = cable.conductors().get(first + count - 1 - k);
            return wire.equals(mate)
                    ? Words.say("step.turn.short", wire, mm)
                    : Words.say("step.turn.shorts", wire, mate, mm);
        }).toList());
    }

    /** Wires that the connector has no grooves for would lie in the press, and are split off beside it. */
    private static void beside(AtEnd at) {
        int grooves = at.type.ribbonOrder().size();
        List<String> there = at.place.present();
        if (at.cable == null || grooves == 0 || there.size() <= grooves) {
            return;
        }
        List<String> off = there.subList(grooves, there.size());
        at.list.add("beside", new Deed.PutBack(at.name(), off), at.place.goesOn() ? "beside-on" : "beside",
                "blade",
                Words.list(off), off.size(), at.type.title(), at.name());
    }

    static void write(CommonSteps common) {
        AtEnd at = common.at;
        at.place.joints().keySet().forEach(common::inLine);
        List<TurnedOver> turned = TurnedOver.at(at.derived, at.end, at.type, at.cable);
        for (TurnedOver run : turned) {
            at.list.add("turn:" + run.first(),
                    new Deed.Ready(at.name(), run.contacts().stream().map(at::at).toList(), 120), "turn",
                    "blade", run.first(), run.last(), run.contact(), run.splitMm(at.cable),
                    Words.number(run.costMm(at.cable)), shorts(run, at.cable));
        }
        List<String> sorted = TurnedOver.sortedByHand(at.derived, at.end, at.type, at.cable);
        if (!sorted.isEmpty()) {
            at.list.add("sort", new Deed.Ready(at.name(), sorted.stream().map(at::at).toList(),
                    30 * sorted.size()), "sort", "blade", at.places(sorted));
        }
        if (turned.isEmpty() && !at.place.goesOn()) {
            at.list.add("square", new Deed.Ready(at.name(), List.of(), 15), "square", "blade");
        }
        beside(at);
        String first = at.type.ribbonOrder().isEmpty() ? "1" : at.type.ribbonOrder().getFirst();
        if (at.place.goesOn()) {
            at.list.add("through", new Deed.Ready(at.name(), List.of(), 30), "through", "", at.type.title());
        }
        at.list.add("edge", new Deed.Ready(at.name(), List.of(at.at(at.type.ids().getFirst())), 20), "edge",
                "",
                first);
        at.list.add("press", new Deed.Join(at.name(), at.contacts(), at.used(), 30), "close", "",
                at.type.title());
        if (!turned.isEmpty() && !at.place.goesOn()) {
            // the turned wires are shorter now, so the ends are even only behind the connector
            at.list.add("square", new Deed.Ready(at.name(), List.of(), 15), "square-after", "blade");
        }
        common.bridges("splice");
        common.test(turned.stream()
                .map(run -> Words.say("step.beep.turned", run.first(), run.last(),
                        run.contacts().getLast(), run.contact()))
                .toList());
        if (!at.place.goesOn()) {
            at.list.add("relief", new Deed.Close(at.name()), turned.isEmpty() ? "relief" : "relief-turned",
                    "");
        }
    }
}
