package wegweiser.core.readings;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * A plan by its nets: a line for each net with its terminals, {@code GND: A.5 B.5}, and one for each part between two of them,
 * {@code resistor 120: A.2 A.7}. It says what is joined and not which wire runs where.
 */
public final class NetList {
    private static final Pattern WORD = Pattern.compile("\"((?:[^\"]|\"\")*)\"|[^\\s,;]+");
    private static final Pattern PLAIN = Pattern.compile("[^\\s,;\":]+");
    private static final Pattern LINE = Pattern.compile("\\s*([^:]*?)\\s*:\\s*(.*?)\\s*");

    private NetList() {}

    /**
     * Reads a list; a line that is not understood says why, and the others are read.
     *
     * @return for each line the links by which its terminals are joined, one after the other
     */
    public static TypedLines<List<Link>> read(String text, Job job) {
        TypedTerminals known = new TypedTerminals(Terminals.of(job));
        Map<Terminal, Integer> seen = new HashMap<>();
        List<TypedLines.Line<List<Link>>> found = new ArrayList<>();
        int number = 0;
        for (String line : text.lines().toList()) {
            number++;
            if (line.isBlank() || line.strip().startsWith("#")) {
                continue;
            }
            try {
                found.add(TypedLines.Line.good(number, line, links(line, known, seen, number)));
            } catch (IllegalArgumentException e) {
                found.add(TypedLines.Line.bad(number, line, e.getMessage()));
            }
        }
        return new TypedLines<>(found);
    }

    private static List<Link> links(String line, TypedTerminals known, Map<Terminal, Integer> seen,
            int number) {
        Matcher match = LINE.matcher(line);
        if (!match.matches()) {
            throw new IllegalArgumentException(Words.say("net-list.colon"));
        }
        List<Terminal> terminals = new ArrayList<>();
        Matcher word = WORD.matcher(match.group(2));
        while (word.find()) {
            terminals.add(
                    known.single(word.group(1) == null ? word.group() : word.group(1).replace("\"\"", "\"")));
        }
        if (terminals.size() < 2) {
            throw new IllegalArgumentException(Words.say("net-list.two"));
        }
        Optional<Part> part = part(match.group(1));
        if (part.isPresent()) {
            if (terminals.size() != 2 || terminals.getFirst().equals(terminals.getLast())) {
                throw new IllegalArgumentException(Words.say("net-list.part"));
            }
            return List.of(Link.of(terminals.getFirst(), terminals.getLast()).withPart(part.get()));
        }
        for (Terminal t : terminals) {
            Integer before = seen.putIfAbsent(t, number);
            if (before != null) {
                throw new IllegalArgumentException(Words.say("net-list.twice", t, before));
            }
        }
        List<Link> links = new ArrayList<>();
        for (int k = 1; k < terminals.size(); k++) {
            links.add(Link.of(terminals.get(k - 1), terminals.get(k)));
        }
        return links;
    }

    /** The part that a heading names; a net where it is no part's word. */
    private static Optional<Part> part(String heading) {
        String[] words = heading.strip().split("\\s+", 2);
        Optional<PartKind> kind = HasId.find(PartKind.class, words[0].toLowerCase(Locale.ROOT))
                .filter(k -> k != PartKind.JUMPER);
        return kind.map(k -> FromToList.wholePart(k, words.length > 1 ? words[1] : ""));
    }

    /** The list of a plan, that {@link #read} joins again. */
    public static String of(Job job) {
        List<String> lines = new ArrayList<>();
        int number = 0;
        for (List<Terminal> net : Nets.planned(job).joinedNets()) {
            number++;
            String name = net.stream().map(job::row).flatMap(Optional::stream).map(r -> r.label())
                    .filter(l -> !l.isBlank() && l.matches("[^:\\s]+")).findFirst().orElse("net" + number);
            lines.add(name(name, lines) + ": " + words(net));
        }
        for (Link link : job.links()) {
            if (!link.isCopper() && link.to().isPresent()) {
                lines.add(words(link.part().orElseThrow()) + ": "
                        + words(List.of(link.from(), link.to().get())));
            }
        }
        return String.join("\n", lines) + (lines.isEmpty() ? "" : "\n");
    }

    /** A name that no line before has, and no part is called by. */
    private static String name(String wanted, List<String> before) {
        boolean part = part(wanted).isPresent();
        String name = part ? wanted + "-net" : wanted;
        for (int k = 2; isTaken(name, before); k++) {
            name = wanted + "-" + k;
        }
        return name;
    }

    private static boolean isTaken(String name, List<String> before) {
        return before.stream().anyMatch(l -> l.startsWith(name + ": "));
    }

    private static String words(List<Terminal> terminals) {
        return terminals.stream().map(Terminal::toString)
                .map(t -> PLAIN.matcher(t).matches() ? t : '"' + t.replace("\"", "\"\"") + '"')
                .collect(Collectors.joining(" "));
    }

    private static String words(Part part) {
        return (part.kind().id() + " " + FromToList.value(part)).strip();
    }
}
