package app.misura.core.form;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;

/** Lines of a form under one label, of which an order has one: a length to the floor, or to the heel. */
final class Variants {
    private Variants() {}

    /** The question that every one of them hangs on with a choice of its own; empty where there is none. */
    static Optional<String> question(List<Step> same) {
        return same.get(0).onlyIf().keySet().stream()
                .filter(option -> {
                    HashSet<String> choices = new HashSet<>();
                    return same.stream()
                            .allMatch(s -> s.onlyIf().containsKey(option)
                                    && choices.add(s.onlyIf().get(option)));
                })
                .findFirst();
    }
}
