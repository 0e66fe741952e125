package app.misura.core.slip;

import app.misura.core.adjust.Adjustment;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Ranks slips together with the readings they may have happened to. What was meant is where the other readings say it lies, as
 * a normal distribution; a slip that would turn it into what stands there scores by its share of all slips, how near it lands,
 * and how much of the contradiction the reading explains: {@code log(share x density) + log(sd sqrt(2 pi)) + w^2 / 2}. That
 * something else happened is one of the hypotheses of every reading.
 */
public final class Slips {
    /** An error that no usual slip explains lies anywhere within so much, either way. */
    private static final double FLAT_CM = 15;

    private static final double UNEXPLAINED = 0.06;
    private static final double LEAST_SAID = 0.05;
    private static final int MOST = 5;
    private static final double ROOT_2_PI = Math.sqrt(2 * Math.PI);

    private final Sheet sheet;
    private final Map<ValueId, Settled> settled;
    private final Adjustment adjustment;
    private final List<ValueId> lines;
    private final List<Hypothesis> hypotheses = new ArrayList<>();

    /** @param slip null for what no slip explains @param score logarithm of its weight */
    private record Hypothesis(@Nullable Slip slip, double score) {}

    /** What is so much less likely than the likeliest, as a logarithm, changes nothing that is said. */
    private static final double NEGLIGIBLE = 18;

    private Slips(Sheet sheet, Map<ValueId, Settled> settled, Adjustment adjustment) {
        this.sheet = sheet;
        this.settled = settled;
        this.adjustment = adjustment;
        this.lines = List.copyOf(settled.keySet());
    }

    /**
     * What may have happened, the likeliest first; slips of one reading with the same outcome are one. Empty while nothing is
     * wrong.
     */
    public static List<Slip> of(Sheet sheet, Map<ValueId, Settled> settled, Adjustment adjustment) {
        return adjustment.holds() ? List.of() : new Slips(sheet, settled, adjustment).ranked();
    }

    private List<Slip> ranked() {
        adjustment.judged().forEach((id, correction) -> reading(ValueId.parse(id), correction));
        adjustment.exchanges().forEach(this::exchange);
        double most = hypotheses.stream().mapToDouble(Hypothesis::score).max().orElse(0);
        double all =
                hypotheses.stream().mapToDouble(h -> Math.exp(h.score() - most)).sum();
        List<Slip> merged = new ArrayList<>();
        hypotheses.stream()
                .filter(h -> h.slip() != null && h.score() > most - NEGLIGIBLE)
                .sorted(Comparator.comparingDouble(Hypothesis::score).reversed())
                .forEach(h -> merge(merged, Objects.requireNonNull(h.slip()), Math.exp(h.score() - most) / all));
        return merged.stream()
                .filter(s -> s.likelihood() >= LEAST_SAID)
                .sorted(Comparator.comparingDouble(Slip::likelihood).reversed())
                .limit(MOST)
                .toList();
    }

    /** Slips that ask the same question are one, named as the likeliest of them. */
    private static void merge(List<Slip> merged, Slip slip, double likelihood) {
        for (int i = 0; i < merged.size(); i++) {
            Slip known = merged.get(i);
            boolean same = known.value().equals(slip.value())
                    && known.would().equals(slip.would())
                    && (known.other() == null) == (slip.other() == null);
            if (same) {
                merged.set(
                        i,
                        new Slip(
                                known.value(),
                                known.kind(),
                                known.would(),
                                known.other(),
                                known.likelihood() + likelihood));
                return;
            }
        }
        merged.add(new Slip(slip.value(), slip.kind(), slip.would(), slip.other(), likelihood));
    }

    private void reading(ValueId id, Adjustment.Correction correction) {
        Settled value = settled.get(id);
        if (value == null || value.length() == null) {
            return;
        }
        double explains = correction.absW() * correction.absW() / 2;
        double flat = sheet.unit() == Unit.CM ? FLAT_CM : FLAT_CM / 2.54;
        double anywhere = Math.log(UNEXPLAINED / (2 * flat) * correction.errorSd() * ROOT_2_PI);
        hypotheses.add(new Hypothesis(null, anywhere + explains));
        Map<Slip.Kind, Set<Length>> intended = Intended.of(value, sheet.form(), neighbours(id));
        intended.forEach((kind, lengths) -> lengths.forEach(would -> {
            double z = (would.to(sheet.unit()) - correction.suggested()) / correction.errorSd();
            hypotheses.add(
                    new Hypothesis(new Slip(id, kind, would, null, 0), Math.log(kind.share()) - z * z / 2 + explains));
        }));
    }

    /** What stands on the lines before and after one. */
    private List<Length> neighbours(ValueId id) {
        int at = lines.indexOf(id);
        List<Length> beside = new ArrayList<>();
        for (int line : new int[] {at - 1, at + 1}) {
            Length length =
                    line < 0 || line >= lines.size() || lines.get(line).step().equals(id.step())
                            ? null
                            : Objects.requireNonNull(settled.get(lines.get(line)))
                                    .length();
            if (length != null) {
                beside.add(length);
            }
        }
        return beside;
    }

    private void exchange(Adjustment.Exchange pair) {
        ValueId a = ValueId.parse(pair.a());
        ValueId b = ValueId.parse(pair.b());
        boolean sides = a.step().equals(b.step());
        if (!sides && Math.abs(lines.indexOf(a) - lines.indexOf(b)) != 1) {
            return;
        }
        Length would = Objects.requireNonNull(settled.get(b)).length();
        if (would != null) {
            Slip.Kind kind = sides ? Slip.Kind.SIDES_EXCHANGED : Slip.Kind.LINES_EXCHANGED;
            hypotheses.add(new Hypothesis(new Slip(a, kind, would, b, 0), Math.log(kind.share()) + pair.gain() / 2));
        }
    }
}
