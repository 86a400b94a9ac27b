package wegweiser.core.catalog;

/**
 * What a connector takes.
 *
 * @param ampsPerContact in A
 * @param thickestAwg smallest AWG number that fits
 * @param thinnestAwg largest AWG number that holds
 * @param entryMinMm smallest cable diameter that its entry grips, in mm
 * @param entryMaxMm largest cable diameter that passes, in mm
 * @param stripMm bare wire at each contact, in mm; 0 where wires are not stripped
 */
public record Ratings(double ampsPerContact, int thickestAwg, int thinnestAwg, double entryMinMm,
        double entryMaxMm, double stripMm) {}
