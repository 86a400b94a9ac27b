package wegweiser.core.rules;

import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Ampacity;
import wegweiser.core.model.Schools;

/**
 * What warms a core beside its own current: the other loaded cores of its sheath, or nothing, where it is a single wire and the
 * job goes by free air.
 *
 * @param cores how many of the sheath carry current, this one included
 * @param freeAir whether it is a single wire with nothing round it
 */
public record Loading(int cores, boolean freeAir) {
    /** The loading in the cable of a job of which so many cores carry current. */
    public static Loading of(Derived derived, int cores) {
        boolean single = derived.cable().filter(c -> c.conductors().size() == 1).isPresent();
        return new Loading(cores, single && derived.job().schools().current()
                .filter(c -> c == Schools.Current.FREE_AIR).isPresent());
    }

    /** The same with so many times the cores. */
    Loading times(int factor) {
        return new Loading(cores * factor, freeAir);
    }

    /** What a core of a gauge is usually made to carry, in A. */
    public double usual(int awg) {
        return freeAir ? Ampacity.freeAir(awg) : Ampacity.usual(awg, cores);
    }

    /** The most before its sheath gets too warm, in A. */
    double hot(int awg) {
        return freeAir ? Ampacity.freeAir(awg) : Ampacity.hot(awg, cores);
    }
}
