package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.Termination;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.faults.FaultKind;
import wegweiser.core.faults.PossibleFault;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/** A story in words, and how what went wrong is put right at the place where hands worked, the cheapest way first. */
final class StoryWords {
    private final Assembly assembly;
    private final Evidence evidence;

    StoryWords(Assembly assembly, Evidence evidence) {
        this.assembly = assembly;
        this.evidence = evidence;
    }

    Explanation of(Stories.Story story) {
        PossibleFault first = easiest(story.faults().getFirst());
        List<String> repair = new ArrayList<>();
        String text = text(first, story);
        for (int k = 0; k < story.faults().size(); k++) {
            List<PossibleFault> same = story.faults().get(k);
            repair.addAll(repair(same));
            if (k > 0) {
                text = Words.say("diagnosis.also", text, text(easiest(same), story));
            }
        }
        return new Explanation(kind(first.kind()), end(story.faults().getFirst(), first), text, 1, repair,
                story.faults().stream().mapToInt(same -> joints(easiest(same))).sum(), story.share(),
                story.links());
    }

    /** Strands and pinched wires are shorts too. */
    private static String kind(FaultKind kind) {
        return switch (kind) {
            case STRAND, PINCHED -> FaultKind.SHORT.id();
            default -> kind.id();
        };
    }

    /** The end where it happened, if it is one: of a wire that is open no meter tells at which end. */
    private static String end(List<PossibleFault> same, PossibleFault first) {
        return same.stream().filter(f -> f.kind() == first.kind()).map(PossibleFault::end).distinct()
                .count() > 1
                        ? ""
                        : first.end();
    }

    /** Of faults that no meter tells apart the likeliest kind, and of that the one that is put right most easily. */
    private PossibleFault easiest(List<PossibleFault> same) {
        FaultKind kind = same.getFirst().kind();
        return same.stream().filter(f -> f.kind() == kind).min(Comparator.comparingInt(this::seconds))
                .orElseThrow();
    }

    private Optional<Place> place(PossibleFault fault) {
        return Optional.of(fault.end()).filter(e -> !e.isEmpty()).map(assembly::at);
    }

    private int seconds(PossibleFault fault) {
        return place(fault).map(p -> p.undoing().seconds()).orElse(0);
    }

    private static int joints(PossibleFault fault) {
        return fault.at().size() > 2 ? fault.at().size() : fault.kind() == FaultKind.SWAPPED ? 2 : 1;
    }

    private static String at(PossibleFault fault, int k) {
        return k < fault.at().size() ? fault.at().get(k).toString() : "";
    }

    private String text(PossibleFault fault, Stories.Story story) {
        String a = at(fault, 0);
        String b = at(fault, 1);
        String title = place(fault).flatMap(Place::type).map(t -> t.title()).orElse("");
        return switch (fault.kind()) {
            case COLD_JOINT -> cold(fault);
            case PART_MISSING -> missing(story, a, b);
            case TWIST ->
                Words.say(isStraight(story) ? "diagnosis.twist.forgotten" : "diagnosis.twist", fault.end(),
                        Words.list(fault.about()));
            case SHORT -> Words.say("diagnosis.bridge", a, b, fault.end());
            case SWAPPED -> Words.say("diagnosis.swapped", fault.end(), contacts(fault));
            case MIRRORED, SHIFTED, ROWS_SWAPPED, RIBBON_FOR_NUMBER, COLOUR_STANDARD ->
                Words.say("diagnosis." + fault.kind().id(), fault.end(), Words.list(fault.about()), title);
            case PLUGS_EXCHANGED -> Words.say("diagnosis.plugs-exchanged", Words.list(fault.about()));
            case OPEN, WRONG_CONTACT, WRONG_CONDUCTOR, STRAND, PINCHED, PART_BRIDGED,
                    PART_REVERSED,
                    PART_WRONG, STRAND_LEFT, WRONG_CUT ->
                Words.say("diagnosis." + fault.kind().id(), a, b, at(fault, 2), at(fault, 3));
        };
    }

    /** How many ohms it has, where that was read. */
    private String cold(PossibleFault fault) {
        Terminal one = fault.at().get(0);
        Terminal other = fault.at().get(1);
        OptionalDouble ohms = evidence.ohms(evidence.index().of(one), evidence.index().of(other));
        return ohms.isPresent()
                ? Words.say("diagnosis.cold-joint", one, other, Quantity.words(ohms.getAsDouble(), Unit.OHM))
                : Words.say("diagnosis.cold", one);
    }

    /** Of several alike across the same nets any may be the one. */
    private static String missing(Stories.Story story, String a, String b) {
        List<String> places = story.faults().stream().flatMap(List::stream)
                .filter(f -> f.kind() == FaultKind.PART_MISSING)
                .map(f -> Words.say("diagnosis.place", at(f, 0), at(f, 1))).distinct().toList();
        return places.size() > 1 && story.faults().size() == 1
                ? Words.say("diagnosis.one-missing", Words.list(places))
                : Words.say("diagnosis.part-missing", a, b);
    }

    /** Whether every contact goes to the one of its own name: a turn that was to be is not there. */
    private static boolean isStraight(Stories.Story story) {
        return story.links().stream().filter(l -> l.isCopper() && !l.isWithinOneEnd())
                .allMatch(l -> l.from().contact().equals(l.to().orElseThrow().contact()));
    }

    private static String contacts(PossibleFault fault) {
        return Words.list(fault.at().stream().map(Terminal::contact).toList());
    }

    /** What to do, one line for each place where it may have happened, the quickest first. */
    private List<String> repair(List<PossibleFault> same) {
        FaultKind kind = same.getFirst().kind();
        List<PossibleFault> quickest = same.stream().filter(f -> f.kind() == kind)
                .sorted(Comparator.comparingInt(this::seconds)).toList();
        List<String> lines = new ArrayList<>();
        for (PossibleFault fault : quickest) {
            boolean joint = kind == FaultKind.OPEN || kind == FaultKind.COLD_JOINT;
            String line = lines.isEmpty()
                    ? repair(fault)
                    : joint && whole(fault).isEmpty()
                            ? Words.say("repair.joint-then", at(fault, 0))
                            : Words.say("repair.or", repair(fault));
            if (!lines.contains(line)) {
                lines.add(line);
            }
        }
        return lines;
    }

    private String repair(PossibleFault fault) {
        String a = at(fault, 0);
        String b = at(fault, 1);
        String title = place(fault).flatMap(Place::type).map(t -> t.title()).orElse("");
        return whole(fault).orElseGet(() -> switch (fault.kind()) {
            case OPEN, COLD_JOINT -> Words.say("repair.joint", a);
            case SHORT, STRAND -> Words.say("repair.bridge", a, b);
            case SWAPPED -> Words.say("repair.swap", fault.end(), fault.at().get(0).contact(),
                    fault.at().get(1).contact());
            case COLOUR_STANDARD, MIRRORED, SHIFTED, ROWS_SWAPPED, RIBBON_FOR_NUMBER, TWIST ->
                Words.say("repair.redo", fault.end(), title);
            case WRONG_CONTACT, WRONG_CONDUCTOR, PINCHED, PLUGS_EXCHANGED, PART_MISSING, PART_BRIDGED,
                    PART_REVERSED,
                    PART_WRONG, STRAND_LEFT, WRONG_CUT ->
                Words.say("repair." + fault.kind().id(), a, b, at(fault, 2), at(fault, 3));
        });
    }

    private Optional<String> whole(PossibleFault fault) {
        return place(fault).flatMap(StoryWords::whole);
    }

    /** How an end is done again whose wires cannot be taken out one by one. */
    static Optional<String> whole(Place place) {
        String title = place.type().map(t -> t.title()).orElse("");
        return switch (place.undoing().manner()) {
            case REPLACE -> Optional.of(
                    place.type().filter(t -> t.termination() == Termination.RIBBON).isPresent()
                            ? Words.say("repair.repress", place.name(), title)
                            : Words.say("repair.replug", place.name()));
            case CUT_OFF -> Optional.of(Words.say("repair.cut-off", place.name(), title));
            case LOOSEN, PUSH_OUT, MELT, NEVER -> Optional.empty();
        };
    }
}
