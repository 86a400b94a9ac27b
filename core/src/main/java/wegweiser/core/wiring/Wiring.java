package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import wegweiser.core.model.ContactOrder;
import wegweiser.core.model.Terminal;

/**
 * How the contacts of one end relate to those of another, without colours: a set of nets, each with some
 * contacts at the near end and some at the far one.
 *
 * @param nets nets of two contacts or more, in the order of their first contacts
 */
public record Wiring(List<Net> nets) {
    /** One net: contacts at the near end and at the far end, each in printed order. */
    public record Net(SortedSet<String> near, SortedSet<String> far) {
        public Net {
            near = sorted(near);
            far = sorted(far);
        }

        private static SortedSet<String> sorted(SortedSet<String> ids) {
            TreeSet<String> copy = new TreeSet<>(ContactOrder.PRINTED);
            copy.addAll(ids);
            return java.util.Collections.unmodifiableSortedSet(copy);
        }

        @Override
        public String toString() {
            return String.join("+", near) + "-" + String.join("+", far);
        }
    }

    public Wiring {
        List<Net> kept = new ArrayList<>(
                nets.stream().filter(n -> n.near().size() + n.far().size() > 1).toList());
        kept.sort((a, b) -> ContactOrder.PRINTED.compare(key(a), key(b)));
        nets = List.copyOf(kept);
    }

    private static String key(Net net) {
        // nets that lie in the far end alone come last, behind every id that a contact can have
        return net.near().isEmpty() ? "\uffff" + net.far().first() : net.near().first();
    }

    /** The wiring between two ends of a set of nets; nets that touch neither end fall away. */
    public static Wiring between(Nets nets, String nearEnd, String farEnd) {
        List<Net> found = new ArrayList<>();
        for (List<Terminal> net : nets.joinedNets()) {
            found.add(new Net(contacts(net, nearEnd), contacts(net, farEnd)));
        }
        return new Wiring(found);
    }

    private static SortedSet<String> contacts(List<Terminal> net, String end) {
        TreeSet<String> ids = new TreeSet<>(ContactOrder.PRINTED);
        net.stream().filter(t -> t.end().equals(end)).map(Terminal::contact).forEach(ids::add);
        return ids;
    }

    /** The same wiring looked at from the other end. */
    public Wiring inverse() {
        return new Wiring(nets.stream().map(n -> new Net(n.far(), n.near())).toList());
    }

    /**
     * This wiring followed by another, the far contacts of this one touching the near contacts of the other
     * with the same id. Jumpers in the middle count. Costs O(n log n) in the number of contacts.
     */
    public Wiring then(Wiring next) {
        Map<String, Integer> number = new HashMap<>();
        for (Net net : nets) {
            net.near().forEach(c -> number.putIfAbsent("n" + c, number.size()));
            net.far().forEach(c -> number.putIfAbsent("m" + c, number.size()));
        }
        for (Net net : next.nets) {
            net.near().forEach(c -> number.putIfAbsent("m" + c, number.size()));
            net.far().forEach(c -> number.putIfAbsent("f" + c, number.size()));
        }
        DisjointSets sets = new DisjointSets(number.size());
        for (Net net : nets) {
            joinAll(sets, number, net.near(), "n", net.far(), "m");
        }
        for (Net net : next.nets) {
            joinAll(sets, number, net.near(), "m", net.far(), "f");
        }
        Map<Integer, Net> byRoot = new TreeMap<>();
        number.forEach((key, i) -> {
            Net net = byRoot.computeIfAbsent(sets.find(i), _ -> new Net(new TreeSet<>(), new TreeSet<>()));
            TreeSet<String> near = new TreeSet<>(net.near());
            TreeSet<String> far = new TreeSet<>(net.far());
            if (key.charAt(0) == 'n') {
                near.add(key.substring(1));
            } else if (key.charAt(0) == 'f') {
                far.add(key.substring(1));
            }
            byRoot.put(sets.find(i), new Net(near, far));
        });
        return new Wiring(new ArrayList<>(byRoot.values()));
    }

    private static void joinAll(DisjointSets sets, Map<String, Integer> number, SortedSet<String> first,
            String p,
            SortedSet<String> second, String q) {
        int anchor = first.isEmpty() ? number.get(q + second.first()) : number.get(p + first.first());
        first.forEach(c -> sets.union(anchor, number.get(p + c)));
        second.forEach(c -> sets.union(anchor, number.get(q + c)));
    }

    /** For each near contact that reaches the far end, the far contacts it reaches, all in printed order. */
    public SortedMap<String, List<String>> map() {
        SortedMap<String, List<String>> found = new TreeMap<>(ContactOrder.PRINTED);
        for (Net net : nets) {
            if (!net.far().isEmpty()) {
                net.near().forEach(c -> found.put(c, List.copyOf(net.far())));
            }
        }
        return found;
    }

    /** Groups of contacts joined within the near end. */
    public List<List<String>> nearJumpers() {
        return nets.stream().filter(n -> n.near().size() > 1).map(n -> List.copyOf(n.near())).toList();
    }

    /** Groups of contacts joined within the far end. */
    public List<List<String>> farJumpers() {
        return nets.stream().filter(n -> n.far().size() > 1).map(n -> List.copyOf(n.far())).toList();
    }

    /** This wiring without a contact at either end, such as the shell. */
    public Wiring without(String contact) {
        return new Wiring(
                nets.stream().map(n -> new Net(less(n.near(), contact), less(n.far(), contact))).toList());
    }

    private static SortedSet<String> less(SortedSet<String> ids, String contact) {
        TreeSet<String> rest = new TreeSet<>(ids);
        rest.remove(contact);
        return rest;
    }

    /** Canonical text, equal for equal wirings: what the logbook searches by. */
    public String signature() {
        return String.join(" ", nets.stream().map(Net::toString).toList());
    }
}
