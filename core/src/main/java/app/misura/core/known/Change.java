package app.misura.core.known;

import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.proof.Proof;
import app.misura.core.proof.SheetNetwork;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How a value differs from what the same body had on an earlier sheet, the tape's play taken off on both. A note: bodies
 * change, and the young grow.
 *
 * @param by how much more it is now; negative where less
 * @param then when it was read there
 * @param large whether two honest tapes hardly differ so much
 * @param <S> what the earlier value came from
 */
public record Change<S>(ValueId value, Step step, Length by, Instant then, S sheet, boolean large) {
    /** What whoever is not grown gains of stature in a year at most, cm; lengths gain by their share of it. House default. */
    private static final double GROWTH_CM = 7;

    private static final double STATURE_CM = 150;
    private static final double DAYS = 365;

    /**
     * Every value that an earlier sheet has too, in form order, against the newest of those that were read before it. Lengths
     * that begin at another waist there are other lengths.
     */
    public static <S> List<Change<S>> since(Proof proof, List<Reuse.Source<S>> known, HouseTables tables) {
        List<Change<S>> changes = new ArrayList<>();
        for (Sheet.Slot slot : proof.sheet().slots()) {
            Settled now = proof.settled().get(slot.id());
            if (now != null && now.length() != null) {
                of(now, slot, proof, known, tables).ifPresent(changes::add);
            }
        }
        return changes;
    }

    private static <S> Optional<Change<S>> of(
            Settled now, Sheet.Slot slot, Proof proof, List<Reuse.Source<S>> known, HouseTables tables) {
        Instant at = now.made().stream()
                .map(r -> r.at())
                .min(Comparator.naturalOrder())
                .orElse(Instant.MIN);
        return known.stream()
                .filter(s -> s.known().isAskedBy(slot.step(), slot.side()))
                .filter(s -> s.known().length() != null
                        && s.known().at().isBefore(at)
                        && !s.known().doubted())
                .filter(s ->
                        s.known().waist().equals(proof.sheet().form().heading().waist())
                                || !Known.isFromTheWaist(slot.step()))
                .max(Comparator.comparing(s -> s.known().at()))
                .map(s -> change(now, slot, proof, s, tables));
    }

    /** By how much a length of whoever is not grown may have grown since; nothing of girths, and of the grown. */
    private static double growthCm(Settled now, Sheet sheet, Instant since) {
        Length length = now.length();
        if (sheet.wearer().age() == AgeGroup.ADULT
                || length == null
                || now.step().taken().kind().hasPlay()) {
            return 0;
        }
        Instant at = now.made().get(now.made().size() - 1).at();
        double years = Math.max(0, Duration.between(since, at).toDays() / DAYS);
        return GROWTH_CM * years * Math.min(1, length.toCm() / STATURE_CM);
    }

    private static <S> Change<S> change(
            Settled now, Sheet.Slot slot, Proof proof, Reuse.Source<S> earlier, HouseTables tables) {
        Length by = Length.fromMm(Known.netMm(now, tables) - earlier.known().netMm(tables));
        double honest = proof.sheet().judging().tolerance("change") * SheetNetwork.sdCm(proof.sheet(), slot, now);
        double expected =
                by.isPositive() ? growthCm(now, proof.sheet(), earlier.known().at()) : 0;
        boolean large = by.abs().toCm() > honest + expected;
        return new Change<>(slot.id(), slot.step(), by, earlier.known().at(), earlier.sheet(), large);
    }
}
