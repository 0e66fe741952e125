package app.misura.core.slip;

import app.misura.core.form.OrderForm;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Measure;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a reading may have been before something was done to it: for each kind of slip, every length that it would have turned
 * into what stands on the sheet. Only what the form could have kept and a body can have.
 */
final class Intended {
    private static final Pattern DECIMAL = Pattern.compile("(\\d+)(?:[.,](\\d+))?");
    private static final Pattern FRACTION = Pattern.compile("(\\d+)[ -](\\d+/\\d+)");
    /** Digits that hands and eyes take for each other. */
    private static final List<String> ALIKE = List.of("17", "38", "60");
    /** A tape is passed at its end, or where somebody pinned it: cm, inches. */
    private static final List<String> STRETCHES_CM = List.of("140", "150");

    private static final List<String> STRETCHES_INCH = List.of("55", "60");
    private static final List<String> BLANK_ENDS_CM = List.of("1", "1.5", "2");

    private final Settled settled;
    private final OrderForm form;
    private final Length shown;
    private final Map<Slip.Kind, Set<Length>> found = new EnumMap<>(Slip.Kind.class);

    private Intended(Settled settled, OrderForm form) {
        this.settled = settled;
        this.form = form;
        this.shown =
                Objects.requireNonNull(settled.length()).minus(settled.step().adds());
    }

    /** By kind of slip, what the sheet would keep. @param neighbours what stands on the lines beside it */
    static Map<Slip.Kind, Set<Length>> of(Settled settled, OrderForm form, List<Length> neighbours) {
        Intended intended = new Intended(settled, form);
        intended.tape();
        if (settled.made().size() == 1) {
            intended.hand();
            neighbours.forEach(n -> intended.was(Slip.Kind.NEIGHBOURS_LINE, n));
        }
        return intended.found;
    }

    private Unit unit() {
        return form.unit();
    }

    private Length of(String text) {
        return Length.of(text, unit());
    }

    /** What the hand does: once, to one written number. */
    private void hand() {
        Reading reading = settled.made().get(0);
        String text = reading.text().strip();
        Matcher decimal = DECIMAL.matcher(text);
        Matcher fraction = FRACTION.matcher(text);
        if (decimal.matches()) {
            String part = decimal.group(2) == null ? "" : decimal.group(2);
            digits(decimal.group(1), part, Length.ZERO);
            if (part.isEmpty()) {
                dropped();
                was(Slip.Kind.COMMA_LOST, new Length(shown.nanometres() / 10));
            }
        } else if (fraction.matches()) {
            digits(fraction.group(1), "", shown.minus(of(fraction.group(1))));
        }
        for (String ten : List.of("10", "-10")) {
            was(Slip.Kind.TEN_OFF, shown.plus(of(ten)));
            was(Slip.Kind.HUNDRED_OFF, shown.plus(of(ten + "0")));
        }
        free(Slip.Kind.OTHER_UNIT, Length.from(shown.to(unit()), unit().other()));
    }

    /** @param rest what stands behind the digits and is left alone */
    private void digits(String whole, String part, Length rest) {
        String all = whole + part;
        for (int i = 0; i + 1 < all.length(); i++) {
            String swapped = all.substring(0, i) + all.charAt(i + 1) + all.charAt(i) + all.substring(i + 2);
            written(Slip.Kind.DIGITS_SWAPPED, swapped, whole.length(), rest);
        }
        for (int i = 0; i < all.length(); i++) {
            for (String pair : ALIKE) {
                int at = pair.indexOf(all.charAt(i));
                if (at >= 0) {
                    String other = all.substring(0, i) + pair.charAt(1 - at) + all.substring(i + 1);
                    written(Slip.Kind.DIGIT_MISREAD, other, whole.length(), rest);
                }
            }
        }
    }

    private void written(Slip.Kind kind, String digits, int whole, Length rest) {
        String text = digits.length() == whole ? digits : digits.substring(0, whole) + "." + digits.substring(whole);
        was(kind, of(text).plus(rest));
    }

    private void dropped() {
        for (String part : unit() == Unit.CM ? List.of("0.5") : List.of("0.25", "0.5", "0.75")) {
            was(Slip.Kind.PART_DROPPED, shown.plus(of(part)));
        }
    }

    /** What the tape and its habits do: to every try alike. */
    private void tape() {
        was(Slip.Kind.BEGUN_AT_ONE, shown.minus(of("1")));
        Kind kind = settled.step().taken().kind();
        if (kind == Kind.WIDTH || kind == Kind.GIRTH) {
            was(Slip.Kind.NOT_DOUBLED, shown.times(2));
            free(Slip.Kind.DOUBLED_TWICE, new Length(shown.nanometres() / 2));
        }
        if (kind == Kind.SEATED || kind == Kind.HEIGHT) {
            BLANK_ENDS_CM.forEach(end -> free(Slip.Kind.BLANK_END, shown.plus(Length.of(end, Unit.CM))));
        }
        if (kind == Kind.LOOP) {
            for (String stretch : unit() == Unit.CM ? STRETCHES_CM : STRETCHES_INCH) {
                was(Slip.Kind.STRETCH_LOST, shown.plus(of(stretch)));
            }
        }
        if (settled.step().adds().isPositive()) {
            was(Slip.Kind.CONSTANT_TWICE, shown.minus(settled.step().adds()));
        }
    }

    /** A number that the form would have kept as it is. */
    private void was(Slip.Kind kind, Length length) {
        if (form.increment().holds(length)) {
            free(kind, length);
        }
    }

    /** A number of another tape or ruler, which may lie between two of the form's. */
    private void free(Slip.Kind kind, Length length) {
        Length kept = length.plus(settled.step().adds());
        Measure measure = settled.step().taken();
        if (length.isPositive()
                && !length.equals(shown)
                && !measure.fit(kept, 1).isImpossible()) {
            found.computeIfAbsent(kind, k -> new LinkedHashSet<>()).add(kept);
        }
    }
}
