package app.misura.core.slip;

import app.misura.core.finding.Spoken;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * One explanation of what the sums found: what was done to which reading, and what it would have been. A question, never a
 * fact: nothing is corrected by it.
 *
 * @param would what the sheet would keep of it
 * @param other the reading it was exchanged with; null for every other slip
 * @param likelihood between 0 and 1, among all that could have happened to any reading, the unexplained too
 */
public record Slip(
        ValueId value, Kind kind, Length would, @Nullable ValueId other, double likelihood) {
    /** From here on it is said. */
    public static final double SAID = 0.8;

    /**
     * What people do with numbers.
     *
     * <p>Each has a share of all slips, a house default set before any were counted: what the hand does to digits comes
     * first, what the tape does follows, mistaken units are rare because the entry asks about them.
     */
    public enum Kind {
        DIGITS_SWAPPED(0.17, "with two digits swapped"),
        DIGIT_MISREAD(0.15, "with one digit misread"),
        TEN_OFF(0.20, "written ten off"),
        HUNDRED_OFF(0.03, "written a hundred off"),
        PART_DROPPED(0.06, "with its last part dropped"),
        COMMA_LOST(0.03, "with the decimal point lost"),
        OTHER_UNIT(0.04, "read on the tape's other side"),
        NOT_DOUBLED(0.04, "and the half was not doubled"),
        DOUBLED_TWICE(0.02, "and was doubled twice"),
        BEGUN_AT_ONE(0.05, "with the tape begun at 1"),
        BLANK_END(0.02, "and the ruler's blank end was not added"),
        STRETCH_LOST(0.02, "and the tape's first stretch was not added"),
        CONSTANT_TWICE(0.02, "and the form's own number was added by hand too"),
        NEIGHBOURS_LINE(0.03, "and its neighbour's number stands here"),
        LINES_EXCHANGED(0.04, ""),
        SIDES_EXCHANGED(0.02, "");

        private final double share;
        private final String said;

        Kind(double share, String said) {
            this.share = share;
            this.said = said;
        }

        double share() {
            return share;
        }

        /** As it is written in documents: {@code digits-swapped}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    public boolean isSaid() {
        return likelihood >= SAID;
    }

    /** {@code Was S2 33.0, with two digits swapped?} */
    public String question(Unit unit) {
        return Spoken.of(
                switch (kind) {
                    case LINES_EXCHANGED -> "Were " + value + " and " + other + " written on each other's lines?";
                    case SIDES_EXCHANGED -> "Were left and right of " + value.step() + " exchanged?";
                    default -> "Was " + value + " " + LengthText.column(would, unit) + ", " + kind.said + "?";
                });
    }
}
