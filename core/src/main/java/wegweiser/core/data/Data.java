package wegweiser.core.data;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The tables that come with the program. They are files of its own, so a fault in one is a fault in the build. */
public final class Data {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private Data() {}

    /** A table in JSON. */
    public static JsonNode json(String name) {
        try (InputStream in = open(name)) {
            return MAPPER.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    /** A table of plain lines, without comments and empty lines. */
    public static List<String> lines(String name) {
        try (InputStream in = open(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines()
                    .map(String::strip)
                    .filter(l -> !l.isEmpty() && !l.startsWith("#"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    private static InputStream open(String name) {
        InputStream in = Data.class.getResourceAsStream(name);
        if (in == null) {
            throw new IllegalStateException("the program lacks its table " + name);
        }
        return in;
    }
}
