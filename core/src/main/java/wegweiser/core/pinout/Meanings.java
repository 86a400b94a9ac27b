package wegweiser.core.pinout;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Extra;
import wegweiser.core.model.PinRow;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Signals;

/** What the words beside a contact say: a name, a direction, a level, a voltage. */
final class Meanings {
    private static final Map<String, Direction> DIRECTIONS = Map.ofEntries(Map.entry("in", Direction.IN),
            Map.entry("input", Direction.IN), Map.entry("i", Direction.IN),
            Map.entry("eingang", Direction.IN),
            Map.entry("ein", Direction.IN), Map.entry("\u2190", Direction.IN), Map.entry("<", Direction.IN),
            Map.entry("out", Direction.OUT), Map.entry("output", Direction.OUT),
            Map.entry("o", Direction.OUT),
            Map.entry("ausgang", Direction.OUT), Map.entry("aus", Direction.OUT),
            Map.entry("\u2192", Direction.OUT),
            Map.entry(">", Direction.OUT), Map.entry("i/o", Direction.BOTH), Map.entry("io", Direction.BOTH),
            Map.entry("in/out", Direction.BOTH), Map.entry("bidirectional", Direction.BOTH),
            Map.entry("bidirektional", Direction.BOTH), Map.entry("bidir", Direction.BOTH),
            Map.entry("both", Direction.BOTH), Map.entry("\u2194", Direction.BOTH),
            Map.entry("e/a", Direction.BOTH),
            Map.entry("supply out", Direction.SUPPLY_OUT), Map.entry("supply-out", Direction.SUPPLY_OUT),
            Map.entry("power out", Direction.SUPPLY_OUT), Map.entry("supply in", Direction.SUPPLY_IN),
            Map.entry("supply-in", Direction.SUPPLY_IN), Map.entry("power in", Direction.SUPPLY_IN),
            Map.entry("unused", Direction.UNUSED), Map.entry("ground", Direction.GROUND),
            Map.entry("<-", Direction.IN), Map.entry("<--", Direction.IN), Map.entry("<=", Direction.IN),
            Map.entry("->", Direction.OUT), Map.entry("-->", Direction.OUT), Map.entry("=>", Direction.OUT),
            Map.entry("<->", Direction.BOTH), Map.entry("<-->", Direction.BOTH),
            Map.entry("<>", Direction.BOTH),
            Map.entry("output/input", Direction.BOTH), Map.entry("input/output", Direction.BOTH),
            Map.entry("shield", Direction.SHIELD));
    private static final Map<String, Level> LEVELS = Map.ofEntries(Map.entry("rs-232", Level.RS232),
            Map.entry("v.24", Level.RS232), Map.entry("v.28", Level.RS232), Map.entry("eia-232", Level.RS232),
            Map.entry("ttl", Level.TTL_5V), Map.entry("5 v ttl", Level.TTL_5V),
            Map.entry("5v ttl", Level.TTL_5V),
            Map.entry("lvttl", Level.CMOS_3V3), Map.entry("3.3 v", Level.CMOS_3V3),
            Map.entry("3.3v", Level.CMOS_3V3), Map.entry("3v3", Level.CMOS_3V3),
            Map.entry("rs-422", Level.RS422),
            Map.entry("rs-485", Level.RS485), Map.entry("open collector", Level.OPEN_COLLECTOR),
            Map.entry("open drain", Level.OPEN_DRAIN));
    private static final Pattern BRACKETS = Pattern.compile("[(\\[]((?![AB+-][)\\]])[^()\\[\\]]*)[)\\]]");

    private Meanings() {}

    static Optional<Direction> direction(String text) {
        return Optional.ofNullable(DIRECTIONS.get(text.strip().toLowerCase(Locale.ROOT)));
    }

    static Optional<String> level(String text) {
        String word = text.strip().toLowerCase(Locale.ROOT);
        // a supply is no level that a word beside a contact names: it is what the contact is
        return Level.of(word).filter(l -> l != Level.SUPPLY)
                .or(() -> Optional.ofNullable(LEVELS.get(word))).map(Level::id);
    }

    /** The row that a contact and the words after it make. */
    static PinRow row(String contact, String words) {
        String rest = words.strip();
        Optional<Direction> direction = Optional.empty();
        Optional<String> level = Optional.empty();
        Supply supply = Supply.in(rest);
        Matcher bracket = BRACKETS.matcher(rest);
        String bracketed = "";
        while (bracket.find()) {
            for (String word : bracket.group(1).split("[,;]")) {
                direction = direction.or(() -> direction(word));
                level = level.or(() -> level(word));
            }
            bracketed = bracketed.isEmpty() ? bracket.group(1).strip() : bracketed;
        }
        rest = supply.without(BRACKETS.matcher(rest).replaceAll(" ").strip());
        List<String> tokens = List.of(rest.split("\\s+"));
        if (direction.isEmpty() && tokens.size() > 1) {
            Optional<Direction> last = direction(tokens.getLast());
            Optional<Direction> first = direction(tokens.getFirst());
            if (last.isPresent()
                    && (!Signals.isKnown(rest) || !Character.isLetter(tokens.getLast().charAt(0)))) {
                direction = last;
                rest = rest.substring(0, rest.lastIndexOf(tokens.getLast())).strip();
            } else if (first.isPresent()
                    && (!Signals.isKnown(rest) || !Character.isLetter(tokens.getFirst().charAt(0)))) {
                direction = first;
                rest = rest.substring(tokens.getFirst().length()).strip();
            }
        }
        String name = name(rest.replaceAll("[\u2190\u2192\u2194]", " ").strip());
        if (name.isEmpty() || !Signals.isKnown(name) && Signals.isKnown(bracketed)) {
            name = bracketed;
        }
        return row(contact, name, direction, level, supply);
    }

    static PinRow row(String contact, String name, Optional<Direction> direction, Optional<String> level,
            Supply supply) {
        String signal = Signals.canonical(name);
        boolean isSupply = Signals.isSupply(signal);
        boolean idle = signal.equals("NC");
        Optional<Direction> told = direction.map(d -> !isSupply
                ? d
                : d == Direction.OUT ? Direction.SUPPLY_OUT : d == Direction.IN ? Direction.SUPPLY_IN : d);
        PinRow row = new PinRow(contact, name.isEmpty() ? Optional.empty() : Optional.of(name),
                signal.isEmpty() ? Optional.empty() : Optional.of(signal),
                idle ? Optional.of(Direction.UNUSED) : told, level, OptionalDouble.empty(),
                OptionalDouble.empty(),
                isSupply ? supply.amps() : OptionalDouble.empty(), Optional.empty(), List.of(), Extra.NONE);
        return isSupply ? supply.volts().map(v -> row.withVolts(v.least(), v.most())).orElse(row) : row;
    }

    /** The part of a description that is the name: all of it, or its beginning as far as it is a known spelling. */
    private static String name(String text) {
        String bare = text.replaceAll("^[\\s:=.,;|\"'\u201C\u201D\u2018\u2019-]+(?=[\\p{L}/~!*#+])", "")
                .replaceAll("^[\\s:=.,;/|\"'\u201C\u201D\u2018\u2019]+(?=\\S)", "")
                .replaceAll("[\\s:;,.=|\"'\u201C\u201D\u2018\u2019]+$", "");
        bare = text.strip().matches("-\\s?\\d.*")
                || text.strip().startsWith("-") && Signals.isKnown(text.strip())
                        ? text.strip()
                        : bare;
        if (Signals.isKnown(bare)) {
            return bare;
        }
        String head = bare.split("\\s+[-:=]\\s+|\\s{2,}|\t|[,;]", 2)[0].strip();
        if (Signals.isKnown(head)) {
            return head;
        }
        String[] words = head.split("\\s+");
        for (int n = Math.min(4, words.length - 1); n >= 1; n--) {
            String begin = String.join(" ", List.of(words).subList(0, n));
            if (Signals.isKnown(begin)) {
                return begin;
            }
        }
        return words.length <= 3 ? head : words[0];
    }
}
