package app.misura.web.photo;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** From where a person is seen on a photograph. */
public enum SeenFrom {
    FRONT,
    SIDE,
    BACK;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    static Optional<SeenFrom> named(String word) {
        return Stream.of(values()).filter(v -> v.word().equals(word)).findFirst();
    }
}
