package app.misura.core.format.json;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Opening;
import app.misura.core.draft.Dart;
import app.misura.core.draft.Edge;
import app.misura.core.draft.Level;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Seam;
import app.misura.core.draft.Target;
import app.misura.core.draft.Walk;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Source;
import app.misura.core.garment.Line;
import app.misura.core.geometry.Point;
import app.misura.core.length.TapeWords;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Document {@code cut/1}: lengths in mm, y down. */
public final class CutJson {
    private CutJson() {}

    public record Document(
            @OneOf("cut/1") String misura,
            String garment,
            int garmentVersion,
            int tablesVersion,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Double bandMm,

            List<Estimated> estimated,
            List<Chain> chain,
            List<PieceDoc> pieces,
            List<SeamDoc> seams,
            List<TargetDoc> targets,
            List<OpeningDoc> openings,
            boolean holds,
            List<String> cautions,
            List<String> notes,
            ClothDoc cloth) {}

    public record Estimated(
            String input,
            String rule,
            double valueMm,
            double sdMm,
            @Nullable String step) {}

    /** @param growth and {@code thickness}: absent where there is none */
    public record Chain(
            String line,
            @Nullable From from,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Boolean estimated,

            double net,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Double growth,

            double layers,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Double thickness,

            EaseDoc ease,
            double finished,
            double cut) {}

    /** @param over what was worn under the tape; absent where it was taken on the body */
    public record From(
            String step,
            @Nullable String measure,
            double cm,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            String over) {}

    public record EaseDoc(
            double value,
            @OneOf({"table", "movement", "stretch"}) String ruledBy) {}

    public record PieceDoc(
            String name,
            String title,
            int count,
            boolean mirrored,
            @Nullable String side,
            double[][] net,
            double[][] cut,
            List<EdgeDoc> edges,
            Map<String, double[]> points,
            List<LevelDoc> levels,
            double[][] grain,
            List<NotchDoc> notches,
            List<DartDoc> darts,
            List<double[][]> internal) {}

    public record EdgeDoc(String name, String finish, double[][] points, String path) {}

    public record LevelDoc(String name, double[] from, double[] to) {}

    public record NotchDoc(String edge, double[] at) {}

    public record DartDoc(String kind, String edge, double[][] mouth, double[] tip) {}

    public record SeamDoc(
            String name,
            List<EdgeName> a,
            List<EdgeName> b,
            Pair times,
            LessPair lessMm,
            double[] easeMm,
            List<double[][]> notches) {}

    public record EdgeName(String piece, String edge) {}

    public record LevelName(String piece, String level) {}

    public record Pair(int a, int b) {}

    public record LessPair(double a, double b) {}

    public record TargetDoc(
            String name,
            @OneOf({"equal", "floor", "ceiling"}) String kind,
            @OneOf({"mm", "deg", "share"}) String unit,
            double expected,
            double measured,
            double tolerance,
            boolean holds,
            @Nullable SumDoc of) {}

    public record SumDoc(
            int times,
            List<LevelName> levels,
            List<EdgeName> edges,
            List<EdgeName> minus,
            boolean lessDarts,
            double plus) {}

    public record OpeningDoc(
            String edge,
            double finishedMm,
            double slitMm,
            String over,
            double passingMm,
            String step,
            boolean proved,
            boolean holds,
            List<String> remedies) {}

    public record ClothDoc(double shrinkAcross, double shrinkAlong, double stretchAcross, double stretchAlong) {}

    public static Document of(CutSpec spec) {
        return new Document(
                "cut/1",
                spec.garment().id(),
                spec.garment().version(),
                spec.tables(),
                spec.choices().numbers().get("band"),
                spec.estimates().stream()
                        .map(e -> new Estimated(e.input(), e.rule(), e.valueMm(), e.sdMm(), e.step()))
                        .toList(),
                written(spec).stream().map(CutJson::chain).toList(),
                spec.draft().pieces().stream().map(p -> piece(p, spec)).toList(),
                spec.draft().seams().stream().map(CutJson::seam).toList(),
                spec.draft().targets().stream().map(CutJson::target).toList(),
                spec.openings().stream().map(o -> opening(o, spec.tape())).toList(),
                spec.holds(),
                spec.cautions(),
                spec.notes(),
                new ClothDoc(
                        spec.choices().numberOr0("shrink-across"),
                        spec.choices().numberOr0("shrink-along"),
                        spec.choices().numberOr0("stretch-across"),
                        spec.choices().numberOr0("stretch-along")));
    }

    /** The document as a text. */
    public static String write(CutSpec spec) {
        return JsonText.write(of(spec));
    }

    /** The lines that a document has: a place on a piece is no promise, and no line of it. */
    static List<CutSpec.Entry> written(CutSpec spec) {
        return spec.chain().stream()
                .filter(e -> e.line().line().bound() != Line.Bound.PLACE)
                .toList();
    }

    private static Chain chain(CutSpec.Entry entry) {
        ChainLine line = entry.line();
        return new Chain(
                entry.id(),
                from(line.source()),
                line.estimated() ? Boolean.TRUE : null,
                line.net(),
                line.growth() == 0 ? null : line.growth(),
                line.layers(),
                line.thickness() == 0 ? null : line.thickness(),
                new EaseDoc(line.ease().value(), line.ease().ruledBy().word()),
                line.finished(),
                line.cut());
    }

    private static @Nullable From from(Source source) {
        String step = source.step();
        return step == null ? null : new From(step, source.measure(), source.readMm() / 10, source.worn());
    }

    private static PieceDoc piece(Piece piece, CutSpec spec) {
        Map<String, double[]> points = new LinkedHashMap<>();
        piece.points().forEach((name, p) -> points.put(name, pair(p)));
        return new PieceDoc(
                piece.id().toString(),
                piece.title(),
                piece.cut().count(),
                piece.cut().isMirrored(),
                piece.id().sideWord(),
                pairs(piece.outline()),
                pairs(spec.cutLine(piece)),
                piece.edges().stream().map(CutJson::edge).toList(),
                points,
                piece.levels().stream().map(CutJson::level).toList(),
                pairs(piece.grain()),
                piece.notches().stream()
                        .map(n -> new NotchDoc(n.edge(), pair(n.at())))
                        .toList(),
                piece.darts().stream().map(CutJson::dart).toList(),
                piece.internal().stream().map(CutJson::pairs).toList());
    }

    private static EdgeDoc edge(Edge edge) {
        return new EdgeDoc(
                edge.name(),
                edge.finish().word(),
                pairs(edge.path().flatten()),
                edge.path().svg());
    }

    private static LevelDoc level(Level level) {
        return new LevelDoc(level.name(), pair(level.from()), pair(level.to()));
    }

    private static DartDoc dart(Dart dart) {
        return new DartDoc(
                dart.kind().word(),
                dart.edge(),
                new double[][] {pair(dart.mouth1()), pair(dart.mouth2())},
                pair(dart.tip()));
    }

    private static SeamDoc seam(Seam seam) {
        return new SeamDoc(
                seam.id(),
                edges(seam.a()),
                edges(seam.b()),
                new Pair(seam.a().times(), seam.b().times()),
                new LessPair(seam.a().lessMm(), seam.b().lessMm()),
                new double[] {seam.easeLow(), seam.easeHigh()},
                seam.notches().stream()
                        .map(m -> new double[][] {pair(m.onA()), pair(m.onB())})
                        .toList());
    }

    private static List<EdgeName> edges(Walk walk) {
        return edges(walk.edges());
    }

    private static List<EdgeName> edges(List<app.misura.core.draft.EdgeRef> edges) {
        return edges.stream()
                .map(e -> new EdgeName(e.piece().toString(), e.edge()))
                .toList();
    }

    private static TargetDoc target(Target target) {
        Target.Sum of = target.of();
        return new TargetDoc(
                target.id(),
                target.kind().word(),
                target.quantity().word(),
                target.expected(),
                Math.round(target.measured() * 1e6) / 1e6,
                target.tolerance(),
                target.holds(),
                of == null ? null : sum(of));
    }

    private static SumDoc sum(Target.Sum of) {
        return new SumDoc(
                of.times(),
                of.levels().stream()
                        .map(l -> new LevelName(l.piece().toString(), l.level()))
                        .toList(),
                edges(of.edges()),
                edges(of.minus()),
                of.lessDarts(),
                of.plus());
    }

    private static OpeningDoc opening(Opening o, TapeWords tape) {
        return new OpeningDoc(
                o.edge(),
                o.finished(),
                o.slit(),
                o.over(),
                o.passing(),
                o.step(),
                o.proved(),
                o.holds(),
                o.remedies(tape));
    }

    private static double[] pair(Point p) {
        return new double[] {round(p.x()), round(p.y())};
    }

    /** To a ten-thousandth of a millimetre: far under any tolerance, and short. */
    private static double round(double mm) {
        return Math.round(mm * 1e4) / 1e4;
    }

    private static double[][] pairs(List<Point> points) {
        return points.stream().map(CutJson::pair).toArray(double[][]::new);
    }
}
