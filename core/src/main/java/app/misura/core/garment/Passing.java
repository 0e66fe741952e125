package app.misura.core.garment;

import app.misura.core.formula.Formula;
import org.jspecify.annotations.Nullable;

/**
 * A closed edge that must go over a part of the body.
 *
 * @param edge the line whose girth it has
 * @param over the girth that it passes; a rule stands in for it where it was not read, and then nothing is proved
 * @param slit how far it opens, mm; null where it does not
 * @param by what it opens by
 * @param past a part of the body beyond it: where that is not there, nothing has to be passed; null where it always is
 */
public record Passing(
        String edge,
        Net over,
        @Nullable Formula slit,
        String by,
        @Nullable Net past) {}
