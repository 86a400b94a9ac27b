package wegweiser.core.model;

/** How a device behaves on its port, which fixes the directions of lines whose names do not. */
public enum Role implements HasId {
    TERMINAL,
    MODEM,
    HOST,
    PERIPHERAL;
}
