package app.misura.core.garment;

import app.misura.core.length.Unit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Everything that is chosen for one garment, in the order in which it is asked for. The one place where a choice has its
 * words, its bounds and its usual value: page, documents, store and print all ask it.
 *
 * @param thickFromMm from which thickness on the cloth is a thick one, whose numbers are usual then; null where there is none
 */
public record ChoiceSheet(List<ChoiceDef> defs, @Nullable Double thickFromMm) {
    /** An answer such as {@code 5 mm} begins with its number. */
    private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");

    public ChoiceSheet {
        defs = List.copyOf(defs);
    }

    public Optional<ChoiceDef> find(String id) {
        return defs.stream().filter(d -> d.id().equals(id)).findFirst();
    }

    /** @throws IllegalArgumentException if there is none */
    public ChoiceDef get(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("there is no choice " + id));
    }

    /** The groups in order, each with its choices. */
    public Map<String, List<ChoiceDef>> groups() {
        Map<String, List<ChoiceDef>> groups = new LinkedHashMap<>();
        for (ChoiceDef def : defs) {
            groups.computeIfAbsent(def.group(), g -> new java.util.ArrayList<>())
                    .add(def);
        }
        return groups;
    }

    /** What is cut where nothing is chosen. @param answers of the form's options; they rule where a choice follows one */
    public Choices usual(Map<String, String> answers) {
        Map<String, String> words = new LinkedHashMap<>();
        Map<String, Double> numbers = new LinkedHashMap<>();
        boolean thick = defs.stream()
                .filter(d -> d.id().equals("thickness"))
                .anyMatch(d -> thickFromMm != null && number(d, answers).orElse(0) >= thickFromMm);
        for (ChoiceDef def : defs) {
            String answered = def.option() == null ? null : answers.get(def.option());
            if (def.isPick()) {
                String word = answered != null && def.words().contains(answered) ? answered : def.usual();
                words.put(def.id(), java.util.Objects.requireNonNull(word, def.id()));
            } else if (thick && def.thick() != null) {
                numbers.put(def.id(), Double.parseDouble(def.thick()));
            } else {
                number(def, answers).ifPresent(n -> numbers.put(def.id(), n));
            }
        }
        return new Choices(this, words, numbers);
    }

    /** A number as the form's question was answered, which begins with it; else the usual one. */
    private static OptionalDouble number(ChoiceDef def, Map<String, String> answers) {
        String answered = def.option() == null ? null : answers.get(def.option());
        Matcher begins = NUMBER.matcher(answered == null ? "" : answered);
        if (begins.lookingAt()) {
            return OptionalDouble.of(Double.parseDouble(begins.group()));
        }
        return def.usual() == null ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(def.usual()));
    }

    /** What was typed: choices, or what is wrong, by choice. */
    public record Read(Optional<Choices> choices, Map<String, String> faults) {}

    /**
     * Reads what was typed. What was not asked for stays as it was; an emptied number goes back to what follows.
     *
     * @param typed by id, numbers in the unit they are asked for in on such a tape, with point or comma
     */
    public Read read(Map<String, String> typed, Choices before, Unit tape) {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, String> words = new LinkedHashMap<>(before.words());
        Map<String, Double> numbers = new LinkedHashMap<>(before.numbers());
        Map<String, String> stood = typed(before, tape);
        for (ChoiceDef def : defs) {
            String text = typed.get(def.id());
            if (text == null || text.equals(stood.get(def.id()))) {
                continue;
            }
            if (def.isPick()) {
                def.fault(text.strip())
                        .ifPresentOrElse(
                                why -> faults.put(def.id(), "Choose one of " + String.join(", ", def.words()) + "."),
                                () -> words.put(def.id(), text.strip()));
            } else if (text.isBlank() && def.usual() == null) {
                numbers.remove(def.id());
            } else {
                number(def, text, tape)
                        .ifPresentOrElse(
                                n -> numbers.put(def.id(), n),
                                () -> faults.put(
                                        def.id(),
                                        "\"" + ChoiceDef.clipped(text) + "\" does not fit; a number from "
                                                + def.bounds(tape) + " does."));
            }
        }
        return new Read(faults.isEmpty() ? Optional.of(new Choices(this, words, numbers)) : Optional.empty(), faults);
    }

    private static Optional<Double> number(ChoiceDef def, String text, Unit tape) {
        OptionalDouble number = def.meant(text, tape);
        if (number.isEmpty()) {
            return Optional.empty();
        }
        double exact = Math.round(number.getAsDouble() * 1e9) / 1e9;
        return def.fault(exact).isEmpty() ? Optional.of(exact) : Optional.empty();
    }

    /** The choices as they would be typed, by id; empty where a number is left to what follows. */
    public Map<String, String> typed(Choices choices, Unit tape) {
        Map<String, String> typed = new LinkedHashMap<>();
        for (ChoiceDef def : defs) {
            typed.put(
                    def.id(),
                    def.isPick()
                            ? choices.word(def.id())
                            : choices.number(def.id()).isPresent() ? def.typed(choices.numberOr0(def.id()), tape) : "");
        }
        return typed;
    }
}
