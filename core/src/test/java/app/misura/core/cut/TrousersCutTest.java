package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.draft.Dart;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Target;
import app.misura.core.draft.block.TrousersInput;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Cloth;
import app.misura.core.fit.Ease;
import app.misura.core.fit.FitChoice;
import app.misura.core.fit.TrousersChoices;
import app.misura.core.form.OrderForms;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Wearer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class TrousersCutTest {
    private static final TrousersChoices USUAL = TrousersChoices.of(Map.of());

    private static TrousersChoices choices(
            FitChoice fit, TrousersInput.Front front, Cloth cloth, double layers, int months) {
        return new TrousersChoices(fit, front, null, 40, 0, 0, cloth, layers, months, 10, 40);
    }

    private static CutSpec cut(String sheet, TrousersChoices choices) {
        TrousersCut.Result result = TrousersCut.of(Proof.of(Sheets.of(sheet)), choices);
        assertThat(result).isInstanceOf(TrousersCut.Cut.class);
        return ((TrousersCut.Cut) result).spec();
    }

    private static String with(String change) {
        String text = Sheets.AVERAGE;
        for (String each : change.split(" ")) {
            text = text.replaceAll(" " + each.split("=")[0] + "=\\S+", "") + (each.endsWith("=") ? "" : " " + each);
        }
        return text;
    }

    @Test
    void anAverageBodyHasItsNumbers() {
        CutSpec spec = cut(Sheets.AVERAGE, USUAL);
        assertThat(spec.line("waist").finished()).isEqualTo(875, within(1e-9));
        assertThat(spec.line("seat").finished()).isEqualTo(1060, within(1e-9));
        assertThat(spec.line("knee").finished()).isEqualTo(439.9, within(0.01));
        assertThat(spec.line("inside-leg").finished()).isEqualTo(765, within(1e-9));
        assertThat(spec.line("outside-leg").finished()).isEqualTo(1030, within(1e-9));
        assertThat(spec.line("rise").finished()).isEqualTo(265, within(1e-9));
        assertThat(spec.line("crotch-loop").finished()).isEqualTo(712, within(1e-9));
        assertThat(spec.draft().holds()).isTrue();
        assertThat(spec.estimates()).isEmpty();
    }

    @Test
    void everyLineOfTheChainAddsUp() {
        for (FitChoice fit : FitChoice.values()) {
            CutSpec spec =
                    cut(Sheets.AVERAGE, choices(fit, TrousersInput.Front.FLAT, new Cloth(0.02, 0.03, 0, 0), 3, 0));
            for (ChainLine line : spec.chain()) {
                assertThat(line.net()
                                + line.growth()
                                + line.layers()
                                + line.ease().value())
                        .as(line.line())
                        .isEqualTo(line.finished(), within(1e-9));
                boolean along = line.line().contains("leg")
                        || line.line().equals("rise")
                        || line.line().equals("crotch-loop");
                assertThat(line.cut()).as(line.line()).isEqualTo(line.finished() / (along ? 0.97 : 0.98), within(1e-6));
            }
            assertThat(spec.line("seat").layers()).isEqualTo(2 * Math.PI * 3, within(1e-9));
        }
    }

    @Test
    void theSeatNeedsWhatSittingNeeds() {
        String sheet = Sheets.AVERAGE + " M3=107";
        var stiff = new app.misura.core.reading.Sheet(
                OrderForms.shipped().get("trousers-tailored"),
                Wearer.USUAL,
                Map.of("stiff-cloth", "yes"),
                Sheets.of(sheet).readings());
        CutSpec spec = ((TrousersCut.Cut) TrousersCut.of(Proof.of(stiff), USUAL)).spec();
        assertThat(spec.line("seat").ease()).isEqualTo(new Ease(80, Ease.RuledBy.MOVEMENT));
    }

    @Test
    void inputsThatWereNotTakenAreEstimatedAndSaid() {
        CutSpec spec = cut(with("D4= D3= D8= M2="), USUAL);
        assertThat(spec.estimates().stream().map(e -> e.input()))
                .containsExactlyInAnyOrder("seat-depth", "knee-height", "knee-straight", "knee-bent");
        assertThat(spec.estimates().stream()
                        .filter(e -> e.input().equals("knee-height"))
                        .findFirst()
                        .orElseThrow()
                        .rule())
                .isEqualTo("implied by the sums");
        assertThat(spec.draft().holds()).isTrue();
    }

    @Test
    void theLoopMayBeImpliedByItsSum() {
        CutSpec spec = cut(with("S3="), USUAL);
        assertThat(spec.estimates().get(0).step()).isEqualTo("S3");
        assertThat(spec.line("crotch-loop").net()).isEqualTo(695, within(1e-6));
    }

    @Test
    void withoutTheLoopAndItsPartsNothingIsCut() {
        TrousersCut.Result result = TrousersCut.of(Proof.of(Sheets.of(with("S3= S4="))), USUAL);
        assertThat(result).isEqualTo(new TrousersCut.Missing(List.of("S3")));
    }

    @Test
    void measuredAloneIsNotCutFrom() {
        var sheet = Sheets.of(
                OrderForms.shipped().get("trousers-tailored-alone"),
                Wearer.USUAL,
                "P3=171 U1=100 U2=84 U2=84 S1=77 M1=26");
        assertThat(TrousersCut.of(Proof.of(sheet), USUAL)).isInstanceOf(TrousersCut.NotCut.class);
    }

    @Test
    void inputsThatFightAreNamed() {
        TrousersCut.Result loop = TrousersCut.of(Proof.of(Sheets.of(with("S3=90"))), USUAL);
        assertThat(((TrousersCut.Refused) loop).inputs().stream().map(TrousersCut.Input::step))
                .containsExactly("S3", "D1", "S1");
        TrousersCut.Result depth = TrousersCut.of(Proof.of(Sheets.of(with("D4=12"))), USUAL);
        assertThat(((TrousersCut.Refused) depth).inputs().stream().map(TrousersCut.Input::measure))
                .contains("waist-to-seat");
        TrousersCut.Result thigh = TrousersCut.of(Proof.of(Sheets.of(with("D9-left=88 D9-right=88"))), USUAL);
        assertThat(((TrousersCut.Refused) thigh).inputs().stream().map(TrousersCut.Input::step))
                .containsExactly("D9", "U1");
    }

    @Test
    void anOpenProofComesAlongAsACaution() {
        CutSpec spec = cut(with("S2=40"), USUAL);
        assertThat(spec.cautions()).anyMatch(c -> c.contains("step S2"));
    }

    @Test
    void anUnevenBodyIsDraftedApart() {
        CutSpec spec = cut(with("D9-left=57 D9-right=66"), USUAL);
        assertThat(spec.draft().pieces().stream().map(Piece::name))
                .containsExactly("front-left", "front-right", "back-left", "back-right", "waistband", "fly");
        assertThat(spec.draft().piece("front-left").side()).isEqualTo("left");
        assertThat(spec.draft().target("thigh-right").measured()).isGreaterThanOrEqualTo(730 - 0.5);
        assertThat(spec.draft().target("thigh-left").measured())
                .isLessThan(spec.draft().target("thigh-right").measured());
        assertThat(spec.draft().target("seat").of().levels()).hasSize(4);
        assertThat(spec.draft().target("waist").measured()).isEqualTo(875, within(0.5));
        assertThat(spec.draft().holds()).isTrue();
        CutSpec even = cut(with("D9-left=57 D9-right=59.5"), USUAL);
        assertThat(even.draft().pieces().get(0).name()).isEqualTo("front");
    }

    @Test
    void aNarrowHemIsHeldAgainstTheHeel() {
        TrousersChoices narrow = new TrousersChoices(
                FitChoice.CLOSE, TrousersInput.Front.FLAT, 300.0, 40, 0, 0, Cloth.STILL, 0, 0, 10, 40);
        assertThat(cut(Sheets.AVERAGE, narrow).cautions()).anyMatch(c -> c.contains("step D6 would tell"));
        var sheet = new app.misura.core.reading.Sheet(
                OrderForms.shipped().get("trousers-tailored"),
                Wearer.USUAL,
                Map.of("narrow-hem", "yes"),
                Sheets.of(Sheets.AVERAGE + " D5=22 D6=33").readings());
        CutSpec spec = ((TrousersCut.Cut) TrousersCut.of(Proof.of(sheet), narrow)).spec();
        Opening opening = spec.openings().get(0);
        assertThat(opening.holds()).isFalse();
        assertThat(opening.remedies())
                .hasSize(3)
                .anyMatch(r -> r.contains("33.0"))
                .anyMatch(r -> r.contains("3.0"))
                .anyMatch(r -> r.contains("10 %"));
    }

    @Test
    void roomToGrowIsForTheYoung() {
        var young = Sheets.of(
                OrderForms.shipped().get("trousers-tailored"), new Wearer(Side.RIGHT, AgeGroup.YOUNG), Sheets.AVERAGE);
        CutSpec spec = ((TrousersCut.Cut) TrousersCut.of(
                        Proof.of(young), choices(FitChoice.REGULAR, TrousersInput.Front.FLAT, Cloth.STILL, 0, 12)))
                .spec();
        assertThat(spec.line("seat").growth()).isEqualTo(30);
        assertThat(spec.line("inside-leg").growth()).isEqualTo(40);
        assertThat(spec.line("crotch-loop").growth()).isEqualTo(30);
        assertThat(spec.line("rise").growth()).isZero();
        CutSpec adult = cut(Sheets.AVERAGE, choices(FitChoice.REGULAR, TrousersInput.Front.FLAT, Cloth.STILL, 0, 12));
        assertThat(adult.line("seat").growth()).isZero();
        assertThat(adult.cautions()).anyMatch(c -> c.contains("for the young"));
    }

    @ParameterizedTest
    @EnumSource(TrousersInput.Front.class)
    void frontsFoldAsChosen(TrousersInput.Front front) {
        CutSpec spec = cut(Sheets.AVERAGE, choices(FitChoice.EASY, front, Cloth.STILL, 0, 0));
        List<Dart> darts = spec.draft().piece("front").darts();
        long pleats = darts.stream().filter(d -> d.kind() == Dart.Kind.PLEAT).count();
        assertThat(pleats).isEqualTo(front.ordinal());
        assertThat(spec.draft().holds()).isTrue();
    }

    @Test
    void aClosedDartLeavesASmoothWaist() {
        CutSpec spec = cut(
                with(
                        "U1=116 U2=84 D9-left=69 D9-right=69 D4=20 S3=76 S4=29 S5=47 D1=102 D2=57 S1=74.5 S2=29.5 M1=27.5 D8=42 M2=46"),
                USUAL);
        for (Dart dart : spec.draft().piece("back").darts()) {
            assertThat(dart.mouth1().distance(dart.tip()))
                    .isEqualTo(dart.mouth2().distance(dart.tip()), within(1e-6));
            List<Point> edge = spec.draft().piece("back").edge("waist").path().flatten();
            assertThat(angleAt(edge, dart.mouth1(), dart.tip(), true)).isEqualTo(90, within(1.0));
            assertThat(angleAt(edge, dart.mouth2(), dart.tip(), false)).isEqualTo(90, within(1.0));
        }
        assertThat(spec.draft().piece("back").darts()).hasSize(2);
    }

    /** Angle between the edge beside a mouth and the dart's leg there, degrees. */
    private static double angleAt(List<Point> edge, Point mouth, Point tip, boolean before) {
        int at = 0;
        for (int i = 0; i < edge.size(); i++) {
            at = edge.get(i).distance(mouth) < edge.get(at).distance(mouth) ? i : at;
        }
        Point along =
                before ? edge.get(at - 1).minus(edge.get(at)) : edge.get(at + 1).minus(edge.get(at));
        Point leg = tip.minus(mouth);
        return Math.toDegrees(Math.acos(along.unit().dot(leg.unit())));
    }

    @Test
    void theCutLineLiesOutsideByItsAllowance() {
        CutSpec spec = cut(Sheets.AVERAGE, USUAL);
        for (Piece piece : spec.draft().pieces()) {
            Polygon net = polygon(piece.outline());
            Polygon cut = polygon(spec.cutLine(piece));
            assertThat(net.isValid()).as(piece.name()).isTrue();
            assertThat(cut.isValid()).as(piece.name() + " cut").isTrue();
            assertThat(cut.buffer(0.01).contains(net)).as(piece.name()).isTrue();
            double band = cut.getArea() - net.getArea();
            double hem = piece.hasEdge("hem") ? piece.edge("hem").length() : 0;
            double around = polygon(piece.outline()).getLength() - hem;
            // four corners of a hundred square millimetres each, and the mitre at a fork
            assertThat(band).as(piece.name()).isBetween(around * 10 * 0.97, around * 10 + 700 + hem * 40 * 1.1);
            assertThat(cut.getExteriorRing().distance(net.getExteriorRing()))
                    .as(piece.name())
                    .isEqualTo(10, within(0.1));
        }
    }

    @Test
    void aHemTurnedUpLiesOnTheLeg() {
        CutSpec spec = cut(Sheets.AVERAGE, USUAL);
        Piece front = spec.draft().piece("front");
        double hem = front.edge("hem").path().start().y();
        List<Point> line = spec.cutLine(front);
        double[] above = Polyline.crossings(line, hem - 30);
        double[] below = Polyline.crossings(line, hem + 30);
        assertThat(below[0]).isEqualTo(above[0], within(0.1));
        assertThat(below[1]).isEqualTo(above[1], within(0.1));
        assertThat(line.stream().mapToDouble(Point::y).max().orElseThrow()).isEqualTo(hem + 40, within(1e-6));
    }

    @Test
    void aTargetThatIsNotKeptIsNotHeldToHold() {
        assertThat(new Target("seat", Target.Kind.EQUAL, "mm", 1000, 1000.6, 0.5, null).holds())
                .isFalse();
        assertThat(new Target("seat", Target.Kind.EQUAL, "mm", 1000, 1000.4, 0.5, null).holds())
                .isTrue();
        assertThat(new Target("thigh", Target.Kind.FLOOR, "mm", 650, 649, 0.5, null).holds())
                .isFalse();
        assertThat(new Target("drop", Target.Kind.CEILING, "mm", 35, 36, 0.5, null).holds())
                .isFalse();
    }

    private static Polygon polygon(List<Point> points) {
        Coordinate[] ring = new Coordinate[points.size() + 1];
        for (int i = 0; i <= points.size(); i++) {
            Point p = points.get(i % points.size());
            ring[i] = new Coordinate(p.x(), p.y());
        }
        return new GeometryFactory().createPolygon(ring);
    }
}
