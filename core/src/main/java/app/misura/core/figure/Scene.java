package app.misura.core.figure;

import app.misura.core.figure.TapePaths.Shown;
import app.misura.core.measure.Side;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What is shown on a body: from where, with the tape of one measure, what is marked, and what is held to it.
 *
 * @param shown how the measure is shown; null without a tape
 * @param side on which the tape lies; null where there is none
 * @param aid what is held to the body; null if nothing is
 * @param levels the heights that are named, from above
 */
public record Scene(
        View view,
        @Nullable Shown shown,
        @Nullable Side side,
        List<Mark> marks,
        @Nullable Aid aid,
        List<String> levels) {

    /** The heights that help to read a sheet of the legs. */
    private static final List<String> LEGS = List.of("band", "seat", "crotch", "knee", "ankle", "floor");

    /** The heights that are named on a form whose waist mark lies there. */
    public static List<String> levels(String waist) {
        return waist.equals(LEGS.get(0)) ? LEGS : List.of("shoulder", "chest", waist, "seat", "knee", "floor");
    }

    /** @param set on the body; else it is wanted */
    public record Mark(String label, Spot spot, boolean set) {}

    public Scene {
        marks = List.copyOf(marks);
        levels = List.copyOf(levels);
    }

    /** The body alone. */
    public static Scene plain(View view) {
        return new Scene(view, null, null, List.of(), null, LEGS);
    }

    /** With a tape, from its own view. */
    public static Scene of(Shown shown) {
        return new Scene(shown.view(), shown, null, List.of(), null, LEGS);
    }

    /** The tape as it is seen from here; empty where it cannot be seen. */
    public Optional<TapePath> path() {
        return Optional.ofNullable(shown)
                .filter(s -> s.path().isSeenFrom(view, s.view()))
                .map(s -> s.on(side, view));
    }

    /** From where its path is written. */
    public View own() {
        return shown == null ? view : shown.view();
    }
}
