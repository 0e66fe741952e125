package app.misura.web.measuring;

import org.jspecify.annotations.Nullable;

/**
 * Somebody at a place of the measuring screen.
 *
 * @param by whose screen it is
 * @param turned the view of the figure that is wanted; null for the tape's own
 * @param kept id of the reading that was kept on the way here; null if none was
 * @param heard what was typed and could not be kept
 * @param knew how many readings the page knows; all of them where it is loaded anew
 * @param look whether an open page only asks for what is new
 * @param open the part of the ladder that is looked at; null for the one of the place
 */
record Visit(
        Place place,
        Screen by,
        @Nullable String turned,
        @Nullable String kept,
        Heard heard,
        int knew,
        @Nullable String open,
        boolean look) {
    static Visit at(Place place, Screen by) {
        return new Visit(place, by, null, null, Heard.NOTHING, Integer.MAX_VALUE, null, false);
    }

    Visit turned(@Nullable String view) {
        return new Visit(place, by, view, kept, heard, knew, open, look);
    }

    Visit having(@Nullable String reading) {
        return new Visit(place, by, turned, reading, heard, knew, open, look);
    }

    Visit having(Heard typed) {
        return new Visit(place, by, turned, kept, typed, knew, open, look);
    }

    /** By an open page that knows so many readings and only asks for what is new. */
    Visit knowing(int readings) {
        return new Visit(place, by, turned, kept, heard, readings, open, true);
    }

    /** With a part of the ladder open. */
    Visit looking(@Nullable String part) {
        return new Visit(place, by, turned, kept, heard, knew, part, look);
    }
}
