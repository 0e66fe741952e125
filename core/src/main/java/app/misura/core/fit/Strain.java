package app.misura.core.fit;

import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Line;
import app.misura.core.house.ClothKind;
import app.misura.core.house.MeasureClass;

/**
 * How far a cloth is stretched when it is worn: as wanted, but never above half of what it was tested to give, nor beyond
 * what the cloth is worn at.
 */
record Strain(Garment garment, Choices choices, int fit) {

    /** @param around the body with what is beneath, mm */
    Ease of(Line.Give.ByStrain give, MeasureClass kind, double around) {
        double wanted = wanted(give, kind);
        double tested = choices.numberOr0(kind.across() ? "tested-across" : "tested-along") / 2;
        double e = kind.strain() == MeasureClass.Strain.NONE ? 0 : Math.min(wanted, tested);
        String words = String.format(
                java.util.Locale.ROOT,
                "stretched by %.1f %%%s",
                e * 100,
                e < wanted ? ", half of what the cloth gives" : "");
        return new Ease(around / (1 + e) - around, Ease.RuledBy.STRETCH, words);
    }

    private double wanted(Line.Give.ByStrain give, MeasureClass kind) {
        ClothKind cloth = garment.cloth();
        boolean girth = kind.strain() == MeasureClass.Strain.GIRTH;
        double usual = girth ? cloth.strainGirth() : cloth.strainLength();
        double wanted = give.strains().isEmpty() ? usual : give.strains().get(fit);
        return Math.min(wanted, girth ? cloth.mostGirth() : cloth.mostLength());
    }
}
