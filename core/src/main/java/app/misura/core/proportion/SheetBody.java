package app.misura.core.proportion;

import app.misura.core.finding.Rules;
import app.misura.core.form.ValueId;
import app.misura.core.norm.Compared;
import app.misura.core.norm.Known;
import app.misura.core.norm.LikelyBody;
import app.misura.core.norm.Margins;
import app.misura.core.norm.Norms;
import app.misura.core.norm.Region;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Differs;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The body that a sheet's values tell of, by the norms of its house: net, in cm. */
public final class SheetBody {

    /** What else is known of a sheet's values. */
    public interface Hand {
        /** How widely a value scatters, cm. */
        double sdCm(Sheet.Slot slot, Settled settled);

        /** Whether the sides of a step really differ. */
        boolean isUneven(String label);
    }

    private SheetBody() {}

    /**
     * The body of a sheet; empty where the house has no norms.
     *
     * @param without values that are proved wrong already
     */
    public static Optional<LikelyBody> of(Sheet sheet, Map<ValueId, Settled> settled, Set<ValueId> without, Hand hand) {
        Norms norms = sheet.judging().norms();
        return norms.shapes().isEmpty()
                ? Optional.empty()
                : Optional.of(
                        LikelyBody.of(norms, known(sheet, settled, without, hand), isYoung(sheet), tolerance(sheet)));
    }

    /** The values of a sheet beside each other, in no order; none where nobody knows how tall a child is. */
    static List<Compared> compared(Sheet sheet, Map<ValueId, Settled> settled, Set<ValueId> without, Hand hand) {
        Norms norms = sheet.judging().norms();
        return norms.shapes().isEmpty() || sheet.spanScale().isEmpty()
                ? List.of()
                : LikelyBody.compared(norms, known(sheet, settled, without, hand), isYoung(sheet), tolerance(sheet));
    }

    private static boolean isYoung(Sheet sheet) {
        return sheet.wearer().age() == AgeGroup.CHILD;
    }

    private static double tolerance(Sheet sheet) {
        return sheet.judging().tolerance(Rules.PROPORTION);
    }

    private static List<Known> known(Sheet sheet, Map<ValueId, Settled> settled, Set<ValueId> without, Hand hand) {
        Norms norms = sheet.judging().norms();
        List<Known> known = new ArrayList<>();
        NetValue.of(sheet, settled, norms).forEach((of, values) -> {
            if (isAsked(norms, of, sheet)) {
                List<NetValue> kept =
                        values.stream().filter(v -> !without.contains(v.id())).toList();
                kept.forEach(v -> known.add(known(of, v, kept.size() > 1, norms.margins(), hand)));
            }
        });
        return known;
    }

    private static Known known(String of, NetValue value, boolean oneOfSome, Margins margins, Hand hand) {
        double side = !oneOfSome
                ? 0
                : hand.isUneven(value.id().step())
                        ? margins.sides().uneven()
                        : margins.sides().alike();
        return new Known(value.id().toString(), of, value.cm(), hand.sdCm(value.slot(), value.settled()), side);
    }

    /** Whether a measure of this body is like most people's. */
    private static boolean isAsked(Norms norms, String of, Sheet sheet) {
        return sheet.wearer().differs().stream()
                .noneMatch(differs -> isOff(norms.about(of).orElseThrow(), of, differs));
    }

    private static boolean isOff(Region about, String of, Differs differs) {
        boolean height = of.equals(Norms.HEIGHT);
        return switch (differs) {
            case SEATED, LEG -> about == Region.LENGTH && !height || about == Region.LEG;
            case ARM -> about == Region.ARM;
            case PREGNANCY, TRUNK -> about == Region.TRUNK;
            case INJURY -> about == Region.ARM || about == Region.LEG;
            case STATURE -> about == Region.LENGTH;
        };
    }
}
