package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.finding.Severity;
import app.misura.core.form.Closure;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.norm.LikelyBody;
import app.misura.core.proportion.Expected;
import app.misura.core.proportion.Fits;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import app.misura.core.slip.Slip;
import app.misura.core.slip.Slips;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Are these numbers one body? Everything the core has to say of one sheet. Cheap enough to be made again at every
 * reading.
 *
 * <p>A sum over its tolerance alone is a note, far over it a warning; when the adjustment's gate flags, the strongest group
 * is a fault. Faults make the verdict, else an unread critical step, else warnings. What a person accepted makes none; but
 * a fault that was accepted still keeps the sheet from holding.
 *
 * @param findings cheap rules first, each rule's in form order
 * @param retake what to take again
 * @param slips what may have happened, the likeliest first
 * @param fits how the values fit each other, by the norms of the house
 */
public record Proof(
        Sheet sheet,
        Map<ValueId, Settled> settled,
        Adjustment adjustment,
        List<Bracket> brackets,
        List<Finding> findings,
        Verdict verdict,
        Sentence sentence,
        Retake retake,
        List<Unchecked> unchecked,
        List<Slip> slips,
        Fits fits) {

    public enum Verdict {
        HOLDS,
        WARNINGS,
        FAULTS,
        INCOMPLETE;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Proves a sheet. */
    public static Proof of(Sheet sheet) {
        Map<ValueId, Settled> settled = sheet.settled();
        Adjustment adjustment = Adjustment.of(SheetNetwork.of(sheet, settled));
        List<Bracket> judged = new Brackets(sheet, settled, adjustment).all();
        Evidence evidence =
                new Evidence(sheet, settled, adjustment, judged, ProportionRule.fits(sheet, settled, adjustment));
        List<Finding> findings = Accepting.of(evidence);
        List<Bracket> brackets = Accepting.stitched(judged, findings);
        return new Proof(
                sheet,
                settled,
                adjustment,
                brackets,
                List.copyOf(findings),
                verdict(sheet, settled, findings),
                Sentence.of(evidence, findings),
                Retake.of(sheet, settled, adjustment, findings),
                unchecked(sheet, adjustment, brackets),
                findings.stream().anyMatch(f -> f.rule().equals(Rules.CLOSURE_WRONG))
                        ? Slips.of(sheet, settled, adjustment)
                        : List.of(),
                evidence.fits());
    }

    private static Verdict verdict(Sheet sheet, Map<ValueId, Settled> settled, List<Finding> findings) {
        if (findings.stream().anyMatch(Finding::isFault)) {
            return Verdict.FAULTS;
        }
        boolean unread =
                sheet.slots().stream().anyMatch(slot -> slot.step().critical() && !settled.containsKey(slot.id()));
        if (unread) {
            return Verdict.INCOMPLETE;
        }
        return findings.stream().anyMatch(f -> f.isWarning() || f.severity() == Severity.FAULT)
                ? Verdict.WARNINGS
                : Verdict.HOLDS;
    }

    private static List<Unchecked> unchecked(Sheet sheet, Adjustment adjustment, List<Bracket> brackets) {
        List<Unchecked> list = new ArrayList<>();
        for (String id : adjustment.unchecked()) {
            if (isLevelled(sheet, ValueId.parse(id))) {
                continue;
            }
            Set<String> would = new LinkedHashSet<>();
            boolean any = false;
            for (Bracket bracket : brackets) {
                Closure closure = bracket.closure();
                if (closure.concerns(ValueId.parse(id))) {
                    any = true;
                    bracket.waiting().forEach(w -> would.add(w.toString()));
                }
            }
            list.add(new Unchecked(ValueId.parse(id), !any, List.copyOf(would)));
        }
        return list;
    }

    /** Whether it is one of the heights that a level is checked by: no sum has it, and it is checked. */
    private static boolean isLevelled(Sheet sheet, ValueId id) {
        return sheet.form().levels().stream().anyMatch(level -> level.members().contains(id));
    }

    public Optional<Length> value(ValueId id) {
        return Sheet.length(settled, id);
    }

    /** The strongest suspicion; empty where there is none, or a person took it as it is. */
    public Optional<Adjustment.Suspect> suspect() {
        Set<String> accepted = findings.stream()
                .filter(f -> f.rule().equals(Rules.CLOSURE_WRONG) && f.isAccepted())
                .map(Finding::about)
                .collect(Collectors.toSet());
        return adjustment.suspects().stream()
                .findFirst()
                .filter(s -> !accepted.contains(ClosureRule.about(s.members())));
    }

    /** The correction of a suspected value; empty where it is not under suspicion. */
    public Optional<Adjustment.Correction> correction(ValueId value) {
        String id = value.toString();
        return adjustment.suspects().stream()
                .filter(s -> s.corrections().containsKey(id))
                .map(s -> s.corrections().get(id))
                .findFirst();
    }

    /**
     * The groups that sums prove wrong and nobody accepted. Left and right of one step alone are no such group: sides may
     * really differ, and nothing says which of them does.
     */
    static List<Adjustment.Removal> wrong(Adjustment adjustment, List<Finding> findings) {
        Set<String> open = findings.stream()
                .filter(f -> f.rule().equals(Rules.CLOSURE_WRONG) && f.isFault())
                .map(Finding::about)
                .collect(Collectors.toSet());
        return adjustment.removals().stream()
                .filter(r -> open.contains(ClosureRule.about(r.group())))
                .toList();
    }

    /** Whether a value stands out from the rest of the body, accepted or not. */
    public boolean isUnusual(ValueId value) {
        return fits.unusual().stream().anyMatch(group -> group.contains(value));
    }

    /** What the rest of the body makes of each value that norms compare, in form order. */
    public List<Expected> expected() {
        return fits.expected();
    }

    /** What probably happened to what is suspected, where one thing is likelier than all others together by far. */
    public Optional<Slip> slip() {
        return suspect().isEmpty()
                ? Optional.empty()
                : slips.stream().filter(Slip::isSaid).findFirst();
    }

    /** Ids under suspicion, in form order. What was accepted as it is is under none. */
    public List<ValueId> suspected() {
        return wrong(adjustment, findings).stream()
                .flatMap(r -> r.group().stream())
                .map(ValueId::parse)
                .toList();
    }

    public List<Bracket> bracketsOf(String label) {
        return brackets.stream().filter(b -> b.closure().concerns(label)).toList();
    }

    /**
     * The body that the sheet tells of, without what is proved wrong and what stands out; empty where nothing tells of it. Made
     * anew each time it is asked for.
     */
    public Optional<LikelyBody> body() {
        return ProportionRule.body(sheet, settled, adjustment, fits);
    }

    public long count(Bracket.State state) {
        return brackets.stream().filter(b -> b.state() == state).count();
    }
}
