package app.misura.core.known;

import app.misura.core.form.ValueId;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a sheet may take over from the other sheets of the same body, and what it may not. Two sheets share a value only where
 * measure, side, condition and place are the same, it was written by the same tape, and it is fresh enough.
 *
 * @param carried in form order; only values that the sheet has no reading of, struck ones left out; never what was struck there
 * @param not what is known and must be taken anew all the same, in form order
 * @param <S> what a value came from
 */
public record Reuse<S>(List<Carried<S>> carried, List<Not<S>> not) {
    public Reuse {
        carried = List.copyOf(carried);
        not = List.copyOf(not);
    }

    /** A known value with the sheet that it stands on. */
    public record Source<S>(S sheet, Known known) {}

    /** A value that is taken over. @param readings of the new sheet: as they were written, when and by whom they were */
    public record Carried<S>(ValueId value, Source<S> source, List<Reading> readings) {
        public Carried {
            readings = List.copyOf(readings);
        }
    }

    /** A value that is known and not taken over. */
    public record Not<S>(ValueId value, Source<S> source, Why why) {}

    /** Why a known value is to be taken anew; the reason that can least be argued with stands first. */
    public enum Why {
        CHANGED("before the body changed"),
        STALE("too long ago"),
        DOUBTED("called wrong there"),
        OTHER_TAPE("written by another tape"),
        OTHER_WAIST("from another waist");

        private final String said;

        Why(String said) {
            this.said = said;
        }

        public String said() {
            return said;
        }
    }

    /**
     * What counts as fresh.
     *
     * @param oldest what was read before is stale
     * @param changed what was read before is of another body; null if that was never said
     */
    public record Limits(Instant oldest, @Nullable Instant changed) {
        /** Whether a value is of this body, and not too old. */
        public boolean isFresh(Known known) {
            return !known.at().isBefore(oldest)
                    && (changed == null || !known.at().isBefore(changed));
        }
    }

    /** @param known of the same body, in any order; of several that fit, the one that was read last is taken */
    public static <S> Reuse<S> of(Sheet sheet, List<Source<S>> known, Limits limits) {
        List<Carried<S>> carried = new ArrayList<>();
        List<Not<S>> not = new ArrayList<>();
        for (Sheet.Slot slot : sheet.slots()) {
            List<Reading> tries = sheet.tries(slot);
            if (tries.stream().anyMatch(Reading::counts)) {
                continue;
            }
            List<Source<S>> asked = known.stream()
                    .filter(s -> s.known().isAskedBy(slot.step(), slot.side()))
                    .filter(s -> tries.stream()
                            .noneMatch(t -> t.at().equals(s.known().at())))
                    .sorted(Comparator.comparing((Source<S> s) -> s.known().at())
                            .reversed())
                    .toList();
            Optional<Source<S>> usable = asked.stream()
                    .filter(s -> why(s.known(), slot, sheet, limits).isEmpty())
                    .findFirst();
            if (usable.isPresent()) {
                carried.add(carried(slot, usable.get()));
            } else {
                asked.stream()
                        .findFirst()
                        .ifPresent(s -> not.add(new Not<>(
                                slot.id(),
                                s,
                                why(s.known(), slot, sheet, limits).orElseThrow())));
            }
        }
        return new Reuse<>(carried, not);
    }

    private static <S> Carried<S> carried(Sheet.Slot slot, Source<S> source) {
        return new Carried<>(
                slot.id(),
                source,
                source.known().made().stream()
                        .map(r -> r.at(slot.step().label(), slot.side()))
                        .toList());
    }

    private static Optional<Why> why(Known known, Sheet.Slot slot, Sheet sheet, Limits limits) {
        if (limits.changed() != null && known.at().isBefore(limits.changed())) {
            return Optional.of(Why.CHANGED);
        }
        if (known.at().isBefore(limits.oldest())) {
            return Optional.of(Why.STALE);
        }
        if (known.doubted()) {
            return Optional.of(Why.DOUBTED);
        }
        if (known.length() != null && known.unit() != sheet.unit()) {
            return Optional.of(Why.OTHER_TAPE);
        }
        return !known.waist().equals(sheet.form().heading().waist()) && Known.isFromTheWaist(slot.step())
                ? Optional.of(Why.OTHER_WAIST)
                : Optional.empty();
    }
}
