/** The model of a cable job and everything that is computed from it. Knows no file, no clock and no screen. */
module wegweiser.core {
    requires transitive com.fasterxml.jackson.databind;
    requires ojalgo;
    requires org.jgrapht.core;

    exports wegweiser.core.assembly;
    exports wegweiser.core.conductors;
    exports wegweiser.core.data;
    exports wegweiser.core.derived;
    exports wegweiser.core.library;
    exports wegweiser.core.model;
    exports wegweiser.core.pinout;
    exports wegweiser.core.port;
    exports wegweiser.core.prove;
    exports wegweiser.core.quantity;
    exports wegweiser.core.route;
    exports wegweiser.core.batch;
    exports wegweiser.core.catalog;
    exports wegweiser.core.drawing;
    exports wegweiser.core.make;
    exports wegweiser.core.sizing;
    exports wegweiser.core.electrical;
    exports wegweiser.core.rules;
    exports wegweiser.core.signals;
    exports wegweiser.core.advice;
    exports wegweiser.core.belief;
    exports wegweiser.core.evidence;
    exports wegweiser.core.faults;
    exports wegweiser.core.ladder;
    exports wegweiser.core.readings;
    exports wegweiser.core.testers;
    exports wegweiser.core.shelf;
    exports wegweiser.core.usual;
    exports wegweiser.core.wiring;
    exports wegweiser.core.words;
}
