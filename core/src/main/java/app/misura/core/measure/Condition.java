package app.misura.core.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What the body does meanwhile. A condition that is not stated means standing, straight, relaxed, breathing normally,
 * barefoot, in close clothing; two conditions are the same when they are so with these filled in. The stance of the feet
 * has no such default and tells conditions apart only where both state it.
 *
 * @param stated what was said, by aspect, in the order of {@link Aspect}
 */
public record Condition(Map<Aspect, String> stated) {
    public static final Condition USUAL = new Condition(Map.of());

    /** What can be said of a body, with the words for it; the first is meant where nothing is said (but for the stance). */
    public enum Aspect {
        BREATH("breath", "normal", "in", "out", "half-out"),
        MUSCLE("muscle", "relaxed", "tensed"),
        JOINT("joint", "straight", "bent", "hand-on-hip"),
        POSTURE("posture", "standing", "seated", "kneeling", "crouched", "riding", "stride", "dancing", "bent-forward"),
        ARM("arm", "hanging", "in-front", "turned-out", "fist"),
        STANCE("stance", "feet-together", "shoulder-wide", "apart", "weight-on-the-measured-leg"),
        SHOD("shod", "barefoot", "shoes", "boots"),
        /** What the tape lies on; from a shirt on it adds to the body. */
        OVER("over", "close-clothing", "skin", "underwear", "shirt", "under-layers", "protector", "kit");

        private final String key;
        private final List<String> words;

        Aspect(String key, String... words) {
            this.key = key;
            this.words = List.of(words);
        }

        public String key() {
            return key;
        }

        public List<String> words() {
            return words;
        }

        public static Optional<Aspect> named(String key) {
            for (Aspect aspect : values()) {
                if (aspect.key.equals(key)) {
                    return Optional.of(aspect);
                }
            }
            return Optional.empty();
        }
    }

    public Condition {
        stated = java.util.Collections.unmodifiableMap(new TreeMap<>(stated));
        stated.forEach((aspect, word) -> {
            if (!aspect.words.contains(word)) {
                throw new IllegalArgumentException(
                        aspect.key + " must be one of " + aspect.words + ", not \"" + word + "\"");
            }
        });
    }

    /** The condition that these words state. @throws IllegalArgumentException naming every key or word that is unknown */
    public static Condition of(Map<String, String> words) {
        Map<Aspect, String> stated = new TreeMap<>();
        List<String> faults = new ArrayList<>();
        words.forEach((key, word) -> {
            Optional<Aspect> aspect = Aspect.named(key);
            if (aspect.isEmpty()) {
                faults.add("\"" + key + "\" is no condition");
            } else if (!aspect.get().words.contains(word)) {
                faults.add(key + " must be one of " + aspect.get().words + ", not \"" + word + "\"");
            } else {
                stated.put(aspect.get(), word);
            }
        });
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(String.join("; ", faults));
        }
        return new Condition(stated);
    }

    /** The word for an aspect, the usual one where none was stated. */
    public String get(Aspect aspect) {
        return stated.getOrDefault(aspect, aspect.words.get(0));
    }

    public boolean isSame(Condition other) {
        return isSameBut(null, other);
    }

    /** Whether the body does the same, whatever it wears. */
    public boolean isSameWhateverIsWorn(Condition other) {
        return isSameBut(Aspect.OVER, other);
    }

    private boolean isSameBut(@Nullable Aspect passed, Condition other) {
        for (Aspect aspect : Aspect.values()) {
            if (aspect == passed) {
                continue;
            }
            boolean open = aspect == Aspect.STANCE && !(stated.containsKey(aspect) && other.stated.containsKey(aspect));
            if (!open && !get(aspect).equals(other.get(aspect))) {
                return false;
            }
        }
        return true;
    }

    /** Whether the tape lies on more than close clothing: such a value is of the body and of what it wears. */
    public boolean isOverMore() {
        return !List.of("close-clothing", "skin", "underwear").contains(get(Aspect.OVER));
    }

    /** The same of a body that wears something else. */
    public Condition over(String worn) {
        Map<Aspect, String> other = new TreeMap<>(stated);
        other.put(Aspect.OVER, worn);
        return new Condition(other);
    }

    public boolean is(Aspect aspect, String word) {
        return get(aspect).equals(word);
    }

    /** What was stated, by key: the form it has in documents. */
    public Map<String, String> words() {
        Map<String, String> words = new LinkedHashMap<>();
        stated.forEach((aspect, word) -> words.put(aspect.key, word));
        return words;
    }
}
