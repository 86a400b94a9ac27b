package wegweiser.app.stage;

/** The stages of a job in order, and the log beside them. */
public enum StageId {
    ENDS, TRACE, ROUTE, MAKE, PROVE, LOG;

    /** Key of the stage's name. */
    public String key() {
        return "stage." + name().toLowerCase(java.util.Locale.ROOT);
    }
}
