package app.misura.core.cut;

import java.util.List;

/**
 * Can it be put on? A closed edge must pass over what is behind it, or open, or give.
 *
 * @param edge the garment's edge
 * @param finished its girth, mm
 * @param passing the girth it must pass, mm
 * @param holds whether it does, with the cloth's stretch
 * @param remedies where it does not: what to do, with numbers
 */
public record Opening(
        String edge, double finished, double passing, String step, boolean holds, List<String> remedies) {}
