package app.misura.core.garment;

import app.misura.core.formula.Formula;
import app.misura.core.house.MeasureClass;
import app.misura.core.length.TapeWords;
import app.misura.core.length.Unit;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Measure;
import app.misura.core.measure.MeasureKey;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A length of the body that garments are cut from, and how it is come by: what was read, in order of preference; else
 * rules of the house.
 *
 * @param of sums of measures, {@code outside-leg - inside-leg}; the first whose measures were all read stands
 * @param likely the measure that the rest of the body tells of where it was not read; null where it tells none
 * @param rules what stands for it where that does not either, in order
 */
public record Net(
        String name,
        MeasureClass kind,
        List<Formula> of,
        @Nullable String likely,
        List<Rule> rules) {
    public Net {
        of = List.copyOf(of);
        rules = List.copyOf(rules);
    }

    /**
     * A rule of the house.
     *
     * @param text as it was written, for whoever asks where a number comes from
     * @param sd how far bodies scatter about it, mm
     */
    public record Rule(String text, Formula formula, Formula sd) {
        private static final Pattern CONSTANT =
                Pattern.compile("(?<![\\w./-])(\\d+(?:\\.\\d+)?)(?![\\w./])(?!\\s+[a-z])");
        private static final Pattern WORD = Pattern.compile("[a-z][a-z-]*[a-z](?:\\[[a-z-]+])?");
        private static final Pattern FACTOR = Pattern.compile("(\\d) (?=[a-z])");

        /**
         * The rule as a person with that tape reads it, measures by their names: {@code 0.30 x seat + 7.3}, {@code 0.30 x seat + 2
         * 7/8}.
         */
        public String said(Unit unit) {
            String own = CONSTANT.matcher(text).replaceAll(m -> constant(Double.parseDouble(m.group(1)), unit));
            String times = FACTOR.matcher(own).replaceAll("$1 x ");
            return WORD.matcher(times).replaceAll(m -> Matcher.quoteReplacement(name(m.group())));
        }

        /** A measure by its name, its condition behind it; another word as it is. */
        private static String name(String word) {
            if (word.equals("x") || word.startsWith("by-")) {
                return word.replace('-', ' ');
            }
            try {
                MeasureKey key = MeasureKey.parse(word);
                Measure measure = key.in(Catalogue.shipped());
                if (measure != null) {
                    String own = measure.name().toLowerCase(Locale.ROOT);
                    String moved = String.join(" ", key.condition().stated().values());
                    return moved.isEmpty() ? own : own + " " + moved;
                }
            } catch (IllegalArgumentException noMeasure) {
                return word.replace('-', ' ');
            }
            return word.replace('-', ' ');
        }

        private static String constant(double mm, Unit unit) {
            return unit == Unit.CM ? inCm(mm) : new TapeWords(unit).of(mm);
        }

        private static String inCm(double mm) {
            String text = String.format(Locale.ROOT, "%.1f", mm / 10);
            return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
        }
    }
}
