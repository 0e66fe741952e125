package app.misura.core.proof;

import app.misura.core.form.Closure;
import app.misura.core.form.Option;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Settle;
import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.measure.Kind;
import app.misura.core.reading.MadeUp;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;

/** Honest hands with a tape, and what they do to a number now and then: made-up bodies measured as people measure. */
public final class Hands {
    private static final HouseTables TABLES = HouseTables.shipped();

    private final OrderForm form;
    private final Map<String, String> answers;
    private final double steadiness;
    private final Random random;
    private final boolean varied;

    /** Hands whose bodies are plain ones. */
    public Hands(OrderForm form, double steadiness, long seed) {
        this(form, steadiness, seed, false);
    }

    /** @param varied whether every body is of its own kind, men and women @param steadiness 1 for hands that scatter as the catalogue says, less for steadier ones */
    public Hands(OrderForm form, double steadiness, long seed, boolean varied) {
        this.varied = varied;
        this.form = form;
        this.answers = both(form);
        this.steadiness = steadiness;
        this.random = new Random(seed);
    }

    /** The usual answers; of sides both. */
    private static Map<String, String> both(OrderForm form) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (Option option : form.options()) {
            answers.put(option.id(), option.choices().contains("both") ? "both" : option.usual());
        }
        return answers;
    }

    public Random random() {
        return random;
    }

    /** A made-up body as honest hands measure it: readings scatter, and sums are as loose as a body is. */
    public Sheet honest() {
        return honest(new MadeUp(random.nextInt(1_000_000), varied));
    }

    /** A body as honest hands measure it. */
    public Sheet honest(MadeUp body) {
        OrderForm asked = form.asAsked(answers);
        Sheet empty = new Sheet(asked, body.wearer, answers, List.of());
        Map<ValueId, Double> loose = looseness(empty);
        List<Reading> readings = new ArrayList<>();
        for (Sheet.Slot slot : empty.slots()) {
            List<Reading> tries = new ArrayList<>();
            do {
                double cm = loose.getOrDefault(slot.id(), 0.0) + scatter(slot, empty);
                tries.add(body.reading(slot, asked, answers, TABLES, cm));
            } while (wantsAnother(slot, tries));
            readings.addAll(tries);
        }
        return new Sheet(form, body.wearer, answers, readings);
    }

    private double scatter(Sheet.Slot slot, Sheet sheet) {
        Kind kind = slot.step().taken().kind();
        return kind == Kind.WISH || slot.step().isAux() || !kind.isLength()
                ? 0
                : random.nextGaussian() * steadiness * SheetNetwork.sdCm(sheet, slot, null);
    }

    /** Where two tries must agree, up to four are taken until they do. */
    private static boolean wantsAnother(Sheet.Slot slot, List<Reading> tries) {
        if (slot.step().settle() != Settle.TWO_AGREE || tries.size() > 3) {
            return false;
        }
        return tries.stream()
                .noneMatch(a -> tries.stream()
                        .anyMatch(b -> a != b
                                && a.length() != null
                                && b.length() != null
                                && a.length()
                                                .minus(b.length())
                                                .abs()
                                                .compareTo(slot.step().within())
                                        <= 0));
    }

    /** How loose each sum of a body is, in cm, on that of its values that stands in the fewest others. */
    private Map<ValueId, Double> looseness(Sheet exact) {
        Map<ValueId, Double> loose = new HashMap<>();
        for (Closure closure : exact.form().closures()) {
            ValueId member = closure.members().stream()
                    .min(Comparator.comparingLong(m -> exact.form().closures().stream()
                            .filter(c -> c.concerns(m))
                            .count()))
                    .orElseThrow();
            double tau = closure.tolerance().toCm() / 2;
            loose.merge(member, random.nextGaussian() * tau / Math.abs(closure.factor(member)), Double::sum);
        }
        return loose;
    }

    /** The values that take part in sums, as they are settled. */
    public static List<Settled> checked(Sheet sheet) {
        Proof proof = Proof.of(sheet);
        return proof.settled().values().stream()
                .filter(s -> s.length() != null && s.made().size() == 1)
                .filter(s -> !proof.adjustment().unchecked().contains(s.id().toString()))
                .filter(s ->
                        s.step().taken().kind().isLength() && s.step().taken().kind() != Kind.WISH)
                .filter(s -> proof.brackets().stream()
                        .anyMatch(b -> b.isJudged() && b.closure().concerns(s.id())))
                .toList();
    }

    /** The same sheet with a value read so much too long. */
    public static Sheet moved(Sheet sheet, Settled value, double cm) {
        Length by = Length.fromMm(10 * cm);
        return replaced(
                sheet,
                value,
                sheet.form()
                        .increment()
                        .snap(Objects.requireNonNull(value.length())
                                .minus(value.step().adds())
                                .plus(by)));
    }

    static Sheet replaced(Sheet sheet, Settled value, Length shown) {
        List<Reading> readings = new ArrayList<>();
        for (Reading r : sheet.readings()) {
            boolean own = value.made().contains(r);
            Sheet.Slot slot = sheet.slots().stream()
                    .filter(s -> s.id().equals(value.id()))
                    .findFirst()
                    .orElseThrow();
            readings.add(own ? MadeUp.reading(slot, sheet.form(), shown) : r);
        }
        return new Sheet(sheet.form(), sheet.wearer(), sheet.answers(), readings);
    }

    /** What was done to a value. @param meant what it was before */
    public record Done(Sheet sheet, Settled value, Length meant, String what) {}

    /** A slip of the hand with one value, of at least 3 cm; null where this one cannot slip so. */
    public @org.jspecify.annotations.Nullable Done slip(Sheet sheet, Settled value) {
        Length shown = Objects.requireNonNull(value.length()).minus(value.step().adds());
        String text = LengthText.exact(shown, sheet.unit());
        String digits = text.replaceAll("\\D.*", "");
        String rest = text.substring(digits.length());
        String other = switch (random.nextInt(4)) {
            case 0 -> swapped(digits) + rest;
            case 1 -> misread(digits) + rest;
            case 2 -> (Integer.parseInt(digits) + (random.nextBoolean() ? 10 : -10)) + rest;
            default -> (Integer.parseInt(digits) + 10) + rest;
        };
        String what = text + " as " + other;
        Length written;
        try {
            written = Length.of(decimal(other), sheet.unit());
        } catch (IllegalArgumentException none) {
            return null;
        }
        boolean large = written.minus(shown).abs().toCm() >= 3;
        boolean usual =
                written.isPositive() && !value.step().taken().fit(written, 1).isImpossible();
        return large && usual ? new Done(replaced(sheet, value, written), value, value.length(), what) : null;
    }

    private static String decimal(String text) {
        if (!text.contains("/")) {
            return text;
        }
        String[] parts = text.split("[ /]");
        double whole = parts.length == 3 ? Double.parseDouble(parts[0]) : 0;
        double top = Double.parseDouble(parts[parts.length - 2]);
        return Double.toString(whole + top / Double.parseDouble(parts[parts.length - 1]));
    }

    private String swapped(String digits) {
        if (digits.length() < 2) {
            return digits;
        }
        int i = random.nextInt(digits.length() - 1);
        return digits.substring(0, i) + digits.charAt(i + 1) + digits.charAt(i) + digits.substring(i + 2);
    }

    private String misread(String digits) {
        int i = random.nextInt(digits.length());
        String from = "173860";
        String to = "718306";
        int at = from.indexOf(digits.charAt(i));
        return at < 0 ? digits : digits.substring(0, i) + to.charAt(at) + digits.substring(i + 1);
    }

    public Unit unit() {
        return form.unit();
    }
}
