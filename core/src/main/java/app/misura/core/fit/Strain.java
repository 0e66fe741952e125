package app.misura.core.fit;

import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Line;
import app.misura.core.house.ClothKind;
import app.misura.core.house.HouseTables;
import app.misura.core.house.MeasureClass;
import app.misura.core.reading.AgeGroup;
import java.util.Locale;

/**
 * How far a cloth is stretched when it is worn: as wanted, but never above half of what it was tested to give, nor beyond
 * what the cloth is worn at, and round the body never so far that it presses above the ceiling of the house.
 */
record Strain(Garment garment, Choices choices, HouseTables tables, AgeGroup age, int fit) {
    /** A strain and what ruled it, in words. */
    private record Ruled(double strain, String by) {
        Ruled atMost(double other, String why) {
            return other < strain ? new Ruled(other, why) : this;
        }
    }

    /** @param around the body with what is beneath, mm */
    Ease of(Line.Give.ByStrain give, MeasureClass kind, double around) {
        if (kind.strain() == MeasureClass.Strain.NONE) {
            return new Ease(0, Ease.RuledBy.STRETCH, "not stretched");
        }
        boolean girth = kind.strain() == MeasureClass.Strain.GIRTH;
        Ruled ruled = new Ruled(wanted(give, girth), "")
                .atMost(
                        choices.numberOr0(kind.across() ? "tested-across" : "tested-along") / 2,
                        ", half of what the cloth gives");
        Pull pull = Pull.of(garment, choices);
        if (girth) {
            double ceiling = tables.pressureMmHg(age == AgeGroup.ADULT);
            ruled = ruled.atMost(
                    pull.strain(ceiling, around),
                    String.format(Locale.ROOT, ", so as to press no more than %.0f mmHg", ceiling));
        }
        double e = ruled.strain();
        String words = String.format(Locale.ROOT, "stretched by %.1f %%%s", e * 100, ruled.by());
        double presses = girth ? pull.pressure(e, around) : 0;
        return new Ease(around / (1 + e) - around, Ease.RuledBy.STRETCH, words, words, presses);
    }

    /**
     * A band that holds by its grip: {@code P = 2 m g / (friction x girth x width)}, twice what would just hold; stretched
     * until its elastic presses so.
     */
    Ease ofGrip(Line.Give.ByGrip give, double around) {
        HouseTables.Grip grip = tables.grip();
        Pull elastic = new Pull(grip.pull(), false);
        double presses = elastic.holding(
                choices.numberOr0(give.weight()), grip.friction(), around, choices.numberOr0(give.width()));
        double e = elastic.strain(presses, around);
        String words = String.format(
                Locale.ROOT, "stretched by %.1f %% to hold %.0f g", e * 100, choices.numberOr0(give.weight()));
        String why = words
                + String.format(
                        Locale.ROOT,
                        "; its elastic is assumed to pull %.0f N/m, its friction %.1f",
                        grip.pull(),
                        grip.friction());
        return new Ease(around / (1 + e) - around, Ease.RuledBy.STRETCH, words, why, presses);
    }

    private double wanted(Line.Give.ByStrain give, boolean girth) {
        ClothKind cloth = garment.cloth(choices);
        double usual = girth ? cloth.strainGirth() : cloth.strainLength();
        double wanted = give.strains().isEmpty()
                ? usual
                : give.strains().get(Math.min(fit, give.strains().size() - 1));
        return Math.min(wanted, girth ? cloth.mostGirth() : cloth.mostLength());
    }
}
