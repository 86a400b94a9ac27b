/** Meters, real and simulated. */
module wegweiser.instruments {
    requires transitive wegweiser.core;

    exports wegweiser.instruments;
}
