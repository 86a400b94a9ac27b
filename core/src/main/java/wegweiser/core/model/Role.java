package wegweiser.core.model;

import java.util.Arrays;
import java.util.Optional;

/** How a device behaves on its port, which fixes the directions of lines whose names do not. */
public enum Role {
    TERMINAL("terminal"), MODEM("modem"), HOST("host"), PERIPHERAL("peripheral");

    private final String id;

    Role(String id) {
        this.id = id;
    }

    /** The word used in job files. */
    public String id() {
        return id;
    }

    /** The role with this word, or empty when there is none. */
    public static Optional<Role> of(String id) {
        return Arrays.stream(values()).filter(r -> r.id.equals(id)).findFirst();
    }
}
