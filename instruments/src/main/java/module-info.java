/** Meters, real and simulated. */
module wegweiser.instruments {
    requires transitive wegweiser.core;
    requires wegweiser.files;

    exports wegweiser.instruments;
}
