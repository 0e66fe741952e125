package app.misura.core.reading;

import java.util.Arrays;
import java.util.Collection;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** In what a body is not to be compared with most others: what it switches off is not asked of it. */
public enum Differs {
    SEATED("seated", "sits, or cannot stand to be measured", "lengths with height, girths of the legs"),
    ARM("an arm", "an arm that differs, or an arm prosthesis", "girths of the arms, left against right"),
    LEG(
            "a leg",
            "a leg that differs, or a leg prosthesis",
            "lengths with height, girths of the legs, left against right"),
    PREGNANCY("pregnancy", "a pregnancy", "girths of the trunk"),
    INJURY("injury", "a recent injury or swelling of a limb", "girths of arms and legs, left against right"),
    TRUNK("the trunk", "surgery, a brace or a curve of the trunk", "girths of the trunk"),
    STATURE("stature", "height and limbs in proportions of their own", "everything that rests on height");

    private final String name;
    private final String said;
    private final String off;

    Differs(String name, String said, String off) {
        this.name = name;
        this.said = said;
        this.off = off;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Its short name for people. */
    public String title() {
        return name;
    }

    /** What it means, for people. */
    public String said() {
        return said;
    }

    /** What is not asked of such a body, for people. */
    public String off() {
        return off;
    }

    public static Optional<Differs> named(String word) {
        return Arrays.stream(values()).filter(d -> d.word().equals(word)).findFirst();
    }

    /** Those of these words that there are, in the order of their kinds. */
    public static Set<Differs> all(Collection<String> words) {
        Set<Differs> all = new TreeSet<>();
        words.forEach(word -> named(word).ifPresent(all::add));
        return all;
    }

    /** Whether left and right of such a body say nothing of each other in a region of the catalogue. */
    public boolean isUneven(String region) {
        return switch (this) {
            case ARM -> region.equals("arm") || region.equals("hand");
            case LEG -> region.equals("leg") || region.equals("foot");
            case INJURY -> !region.equals("trunk");
            default -> false;
        };
    }
}
