package wegweiser.core.make;

import wegweiser.core.model.Link;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/** Words for the component of a link. */
final class PartWords {
    private PartWords() {}

    static String of(Link link) {
        return link.part().map(p -> switch (p.kind()) {
            case RESISTOR -> Words.say("step.part.resistor", Quantity.words(p.ohms().orElse(0), Unit.OHM));
            case DIODE -> link.isWithinOneEnd()
                    ? Words.say("step.part.diode", link.from().contact())
                    : Words.say("step.part.diode-inline");
            case CAPACITOR -> Words.say("step.part.capacitor");
            case FUSE -> p.amps().isPresent()
                    ? Words.say("step.part.fuse-of", Words.number(p.amps().getAsDouble()))
                    : Words.say("step.part.fuse");
            case JUMPER, CUT -> Words.say("step.part.jumper");
        }).orElse(Words.say("step.part.jumper"));
    }
}
