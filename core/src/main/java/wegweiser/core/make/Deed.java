package wegweiser.core.make;

import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/**
 * What is done to the cable in a step, whatever its words are. What may come before what is worked out from deeds.
 * Every deed says at which end it is done (empty for the cable as a whole) and how long hands are at it.
 */
public sealed interface Deed {
    /** Name of the end; empty for the cable as a whole. */
    String end();

    /** Usual seconds of work by hand, from the rounds of a patient person; a guess that a workshop's own times replace. */
    int handSeconds();

    /** Seconds that must pass afterwards, in which hands are free; 0 for none. */
    default int waitSeconds() {
        return 0;
    }

    /** The contacts that it is about. */
    default List<Terminal> contacts() {
        return List.of();
    }

    /** The wire in the hand. */
    default Optional<String> wire() {
        return Optional.empty();
    }

    /** Looks, lays out, finds: nothing is changed. */
    record Look(String end, List<Terminal> contacts, int handSeconds) implements Deed {
        public Look {
            contacts = List.copyOf(contacts);
        }
    }

    /** The cable is cut to length, or an old end is cut off. */
    record Cut(String end) implements Deed {
        @Override
        public int handSeconds() {
            return 60;
        }
    }

    /** Wires at the side of a ribbon that no contact is there for are taken off. */
    record Peel(String end, List<String> wires) implements Deed {
        public Peel {
            wires = List.copyOf(wires);
        }

        @Override
        public int handSeconds() {
            return 40;
        }
    }

    /** Things go on the sheath, in this order. */
    record Slide(String end, List<Thing> things) implements Deed {
        public Slide {
            things = List.copyOf(things);
        }

        @Override
        public int handSeconds() {
            return 10 + 8 * things.size();
        }
    }

    /** Sheath off, ribbon split, or the sheath opened between the ends. */
    record Open(String end) implements Deed {
        @Override
        public int handSeconds() {
            return 45;
        }
    }

    /** Wires of a loom are led out into its branches at a point. */
    record LeadOut(String place, int handSeconds) implements Deed {
        @Override
        public String end() {
            return "";
        }
    }

    /**
     * Wires are joined to each other within the cable.
     *
     * @param contacts where they lead to
     */
    record Splice(String name, List<Terminal> contacts, List<String> wires) implements Deed {
        public Splice {
            contacts = List.copyOf(contacts);
            wires = List.copyOf(wires);
        }

        @Override
        public String end() {
            return "";
        }

        @Override
        public int handSeconds() {
            return 60 + 15 * wires.size();
        }
    }

    /** A screen is led to a contact, or ends here. */
    record Screen(String end, Optional<Terminal> to) implements Deed {
        @Override
        public int handSeconds() {
            return 60;
        }

        @Override
        public List<Terminal> contacts() {
            return to.stream().toList();
        }
    }

    /** Wires that go nowhere here are folded back and covered. */
    record PutBack(String end, List<String> wires) implements Deed {
        public PutBack {
            wires = List.copyOf(wires);
        }

        @Override
        public int handSeconds() {
            return 15 + 5 * wires.size();
        }
    }

    /** Things go on single wires. */
    record Sleeve(String end, List<Thing> things, int wires) implements Deed {
        public Sleeve {
            things = List.copyOf(things);
        }

        @Override
        public int handSeconds() {
            return 5 + 6 * wires;
        }
    }

    /** Wires are bared, or cut to the length that goes in. */
    record Bare(String end, List<Terminal> contacts, int handSeconds) implements Deed {
        public Bare {
            contacts = List.copyOf(contacts);
        }
    }

    /** Cups are filled, wires laid in order, folded or cut in steps: all that makes them ready. */
    record Ready(String end, List<Terminal> contacts, int handSeconds) implements Deed {
        public Ready {
            contacts = List.copyOf(contacts);
        }
    }

    /**
     * Something is put on the bare ends, or made ready for them, one for each contact.
     *
     * @param what ferrules, or contacts off their strip
     */
    record Fit(String end, What what, List<Terminal> contacts, int handSeconds) implements Deed {
        /** What is fitted. */
        enum What {
            FERRULES,
            CONTACTS
        }

        public Fit {
            contacts = List.copyOf(contacts);
        }
    }

    /** A wire is laid where it will be joined later, with others at once. */
    record Place(String end, Terminal contact, List<String> wires) implements Deed {
        public Place {
            wires = List.copyOf(wires);
        }

        @Override
        public int handSeconds() {
            return 15;
        }

        @Override
        public List<Terminal> contacts() {
            return List.of(contact);
        }

        @Override
        public Optional<String> wire() {
            return wires.stream().findFirst();
        }
    }

    /** A component is built in between the cable's wire and where that went. */
    record InLine(String end, Link link, List<Terminal> contacts) implements Deed {
        public InLine {
            contacts = List.copyOf(contacts);
        }

        @Override
        public int handSeconds() {
            return 120;
        }

        @Override
        public Optional<String> wire() {
            return link.conductor();
        }
    }

    /** Wires are joined to contacts; several at once where they are pressed. */
    record Join(String end, List<Terminal> contacts, List<String> wires, int handSeconds) implements Deed {
        public Join {
            contacts = List.copyOf(contacts);
            wires = List.copyOf(wires);
        }

        @Override
        public Optional<String> wire() {
            return contacts.size() == 1 ? wires.stream().findFirst() : Optional.empty();
        }
    }

    /** Two contacts of one end are joined, by a bare wire or a component. */
    record Bridge(String end, Link link) implements Deed {
        @Override
        public int handSeconds() {
            return 60;
        }

        @Override
        public List<Terminal> contacts() {
            return List.of(link.from(), link.to().orElseThrow());
        }
    }

    /** A wire is cut between the ends on purpose. */
    record Sever(Link link) implements Deed {
        @Override
        public String end() {
            return "";
        }

        @Override
        public int handSeconds() {
            return 120;
        }

        @Override
        public List<Terminal> contacts() {
            return link.to().map(t -> List.of(link.from(), t)).orElse(List.of(link.from()));
        }

        @Override
        public Optional<String> wire() {
            return link.conductor();
        }
    }

    /** An end is tried: every contact beeps with its wire, and is silent with its neighbours. */
    record Test(String end, List<Terminal> contacts) implements Deed {
        public Test {
            contacts = List.copyOf(contacts);
        }

        @Override
        public int handSeconds() {
            return 10 + 6 * contacts.size();
        }
    }

    /** Joints are covered for good: sleeves shrunk, resin cast. */
    record Cover(String end, int handSeconds) implements Deed {}

    /** Resin is poured in for good. */
    record Pour(String end, int handSeconds) implements Deed {}

    /** What slid on goes to its place, and the end is closed. */
    record Close(String end) implements Deed {
        @Override
        public int handSeconds() {
            return 60;
        }
    }

    /**
     * Nothing but time.
     *
     * @param after key of the step from which it counts, whatever else is done meanwhile; empty: what came before it
     */
    record Wait(String end, int waitSeconds, String after) implements Deed {
        Wait(String end, int waitSeconds) {
            this(end, waitSeconds, "");
        }

        @Override
        public int handSeconds() {
            return 0;
        }
    }
}
