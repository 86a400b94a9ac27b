package wegweiser.core.model;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Terminals numbered from 0, so that relations between them fit into arrays and bit sets. */
public final class TerminalIndex {
    private final List<Terminal> terminals;
    private final Map<Terminal, Integer> numbers;
    private final int[] ends;

    public TerminalIndex(List<Terminal> terminals) {
        this.terminals = List.copyOf(terminals);
        this.numbers = HashMap.newHashMap(terminals.size());
        for (int i = 0; i < this.terminals.size(); i++) {
            numbers.put(this.terminals.get(i), i);
        }
        if (numbers.size() != this.terminals.size()) {
            throw new IllegalArgumentException("a terminal is listed twice");
        }
        List<String> names = this.terminals.stream().map(Terminal::end).distinct().toList();
        this.ends = this.terminals.stream().mapToInt(t -> names.indexOf(t.end())).toArray();
    }

    public int size() {
        return terminals.size();
    }

    public List<Terminal> terminals() {
        return terminals;
    }

    public Terminal get(int number) {
        return terminals.get(number);
    }

    public boolean contains(Terminal terminal) {
        return numbers.containsKey(terminal);
    }

    /**
     * The number of a terminal.
     *
     * @throws IllegalArgumentException naming the terminal when it is not listed
     */
    public int of(Terminal terminal) {
        Integer number = numbers.get(terminal);
        if (number == null) {
            throw new IllegalArgumentException("no terminal " + terminal + " here");
        }
        return number;
    }

    /** For each terminal the number of its end, ends numbered from 0 in the order in which they come. */
    public int[] ends() {
        return ends.clone();
    }

    /** Numbers of several terminals, in their order. */
    public int[] of(List<Terminal> several) {
        int[] found = new int[several.size()];
        for (int i = 0; i < found.length; i++) {
            found[i] = of(several.get(i));
        }
        return found;
    }

    /** The touch of terminals by their numbers: the red ones and the black ones. */
    public Touch touch(int[] red, int[] black) {
        return new Touch(several(red), several(black));
    }

    private List<Terminal> several(int[] some) {
        return Arrays.stream(some).mapToObj(terminals::get).toList();
    }
}
