package wegweiser.core.rules;

/** How bad a finding is. Errors keep a cable from being marked ready. */
public enum Severity {
    ERROR("error"), WARNING("warning"), NOTE("note");

    private final String id;

    Severity(String id) {
        this.id = id;
    }

    /** The word used in results. */
    public String id() {
        return id;
    }
}
