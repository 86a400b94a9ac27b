package wegweiser.files.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import java.io.IOException;

/**
 * A place in a JSON file, such as {@code ends[0].connector}.
 *
 * @param path empty for the file as a whole
 */
public record Place(String path) {
    /** The file as a whole. */
    public static final Place ROOT = new Place("");

    public Place member(String name) {
        return new Place(path.isEmpty() ? name : path + "." + name);
    }

    public Place element(int i) {
        return new Place(path + "[" + i + "]");
    }

    /** A place within this one. */
    public Place then(Place within) {
        return within.path.isEmpty() ? this : member(within.path);
    }

    /** The line in which this place, or the nearest place around it that exists, begins; 1 for the whole file. */
    public int line(String text) {
        int best = 1;
        int longest = -1;
        try (JsonParser parser = new JsonFactory().createParser(text)) {
            JsonToken token;
            while ((token = parser.nextToken()) != null) {
                if (token == JsonToken.FIELD_NAME) {
                    continue;
                }
                String here = pathOf(parser);
                boolean around = path.equals(here) || path.startsWith(here + ".")
                        || path.startsWith(here + "[");
                if (around && here.length() > longest) {
                    longest = here.length();
                    best = parser.currentTokenLocation().getLineNr();
                }
            }
        } catch (IOException _) {
            // the text was read once already, so a fault here can only cost the line number
            return best;
        }
        return best;
    }

    private static String pathOf(JsonParser parser) {
        String pointer = parser.getParsingContext().pathAsPointer().toString();
        StringBuilder here = new StringBuilder();
        for (String step : pointer.split("/")) {
            if (step.isEmpty()) {
                continue;
            }
            boolean number = step.chars().allMatch(Character::isDigit);
            here.append(number ? "[" + step + "]" : here.isEmpty() ? step : "." + step);
        }
        return here.toString();
    }
}
