package app.misura.core.figure;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Where on the body a mark is set. */
public enum Spot {
    /** Round the trunk, where the trousers' band lies. */
    BAND("band"),
    /** Round the trunk, where the body bends. */
    WAIST("waist"),
    /** Round the trunk, at the navel. */
    NAVEL("navel"),
    /** The middle of the kneecap, on the body's right. */
    KNEE(EnumSet.of(View.FRONT, View.SIDE), "knee.R"),
    /** Two fingers above the ankle bone, on the body's right. */
    ANKLE(EnumSet.of(View.FRONT, View.SIDE), "legS@ankleMark.R"),
    /** The bone that stands out where the neck begins. */
    NAPE(EnumSet.of(View.BACK, View.ARM_OUT, View.SIDE, View.BENT), "nape.M"),
    /** Where neck and shoulder meet, on both sides. */
    SIDE_NECK(EnumSet.of(View.FRONT, View.BACK), "neckSide.R", "neckSide.L"),
    /** The end of the shoulder, on both sides. */
    SHOULDER(EnumSet.of(View.FRONT, View.BACK), "shoulder.R", "shoulder.L"),
    /** Between the collar bones. */
    HOLLOW(EnumSet.of(View.FRONT, View.SIDE, View.BENT), "hollow.M");

    private final @Nullable String level;
    private final Set<View> seen;
    private final List<String> places;

    Spot(String level) {
        this.level = level;
        this.seen = EnumSet.allOf(View.class);
        this.places = List.of();
    }

    Spot(Set<View> seen, String... places) {
        this.level = null;
        this.seen = seen;
        this.places = List.of(places);
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Spot> named(String word) {
        return Arrays.stream(values()).filter(s -> s.word().equals(word)).findFirst();
    }

    /** The level at which it goes round the trunk; empty where it is a place. */
    public Optional<String> level() {
        return Optional.ofNullable(level);
    }

    /** The landmarks it is set on. */
    List<String> places() {
        return places;
    }

    /** Whether it is seen from there. */
    public boolean isSeenFrom(View view) {
        return seen.contains(view);
    }
}
