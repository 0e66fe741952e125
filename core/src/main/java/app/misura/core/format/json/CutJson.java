package app.misura.core.format.json;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Opening;
import app.misura.core.draft.Dart;
import app.misura.core.draft.Edge;
import app.misura.core.draft.EdgeRef;
import app.misura.core.draft.Level;
import app.misura.core.draft.LevelRef;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Seam;
import app.misura.core.draft.Target;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Cloth;
import app.misura.core.fit.Estimate;
import app.misura.core.geometry.Point;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Document {@code cut/1}: lengths in mm, y down. */
public final class CutJson {
    private CutJson() {}

    public static Map<String, @Nullable Object> write(CutSpec spec) {
        Cloth cloth = spec.choices().cloth();
        return JsonOut.document("cut/1")
                .put("bandMm", spec.choices().waistband())
                .put(
                        "estimated",
                        spec.estimates().stream().map(CutJson::estimate).toList())
                .put("chain", spec.chain().stream().map(CutJson::chain).toList())
                .put(
                        "pieces",
                        spec.draft().pieces().stream().map(p -> piece(p, spec)).toList())
                .put("seams", spec.draft().seams().stream().map(CutJson::seam).toList())
                .put(
                        "targets",
                        spec.draft().targets().stream().map(CutJson::target).toList())
                .put("openings", spec.openings().stream().map(CutJson::opening).toList())
                .put("cautions", spec.cautions())
                .put(
                        "cloth",
                        JsonOut.object()
                                .put("shrinkAcross", cloth.shrinkAcross())
                                .put("shrinkAlong", cloth.shrinkAlong())
                                .put("stretchAcross", cloth.stretchAcross())
                                .put("stretchAlong", cloth.stretchAlong()))
                .tree();
    }

    private static Map<String, @Nullable Object> estimate(Estimate estimate) {
        return JsonOut.object()
                .put("input", estimate.input())
                .put("rule", estimate.rule())
                .put("valueMm", estimate.valueMm())
                .put("sdMm", estimate.sdMm())
                .put("step", estimate.step())
                .tree();
    }

    private static Map<String, @Nullable Object> chain(ChainLine line) {
        return JsonOut.object()
                .put("line", line.line())
                .put(
                        "from",
                        JsonOut.object()
                                .put("step", line.step())
                                .put("measure", line.measure())
                                .put("cm", line.read()))
                .put("net", line.net())
                .put("growth", line.growth())
                .put("layers", line.layers())
                .put(
                        "ease",
                        JsonOut.object()
                                .put("value", line.ease().value())
                                .put("ruledBy", line.ease().ruledBy().word()))
                .put("finished", line.finished())
                .put("cut", line.cut())
                .tree();
    }

    private static Map<String, @Nullable Object> piece(Piece piece, CutSpec spec) {
        JsonOut points = JsonOut.object();
        piece.points().forEach((name, p) -> points.put(name, pair(p)));
        return JsonOut.object()
                .put("name", piece.name())
                .put("count", piece.count())
                .put("mirrored", piece.mirrored())
                .put("side", piece.side())
                .put("net", pairs(piece.outline()))
                .put("cut", pairs(spec.cutLine(piece)))
                .put("edges", piece.edges().stream().map(CutJson::edge).toList())
                .put("points", points)
                .put("levels", piece.levels().stream().map(CutJson::level).toList())
                .put("grain", pairs(piece.grain()))
                .put(
                        "notches",
                        piece.notches().stream()
                                .map(n -> JsonOut.object()
                                        .put("edge", n.edge())
                                        .put("at", pair(n.at()))
                                        .tree())
                                .toList())
                .put("darts", piece.darts().stream().map(CutJson::dart).toList())
                .put("internal", piece.internal().stream().map(CutJson::pairs).toList())
                .tree();
    }

    private static Map<String, @Nullable Object> edge(Edge edge) {
        return JsonOut.object()
                .put("name", edge.name())
                .put("points", pairs(edge.path().flatten()))
                .put("path", edge.path().svg())
                .tree();
    }

    private static Map<String, @Nullable Object> level(Level level) {
        return JsonOut.object()
                .put("name", level.name())
                .put("from", pair(level.from()))
                .put("to", pair(level.to()))
                .tree();
    }

    private static Map<String, @Nullable Object> dart(Dart dart) {
        return JsonOut.object()
                .put("kind", dart.kind().word())
                .put("edge", dart.edge())
                .put("mouth", List.of(pair(dart.mouth1()), pair(dart.mouth2())))
                .put("tip", pair(dart.tip()))
                .tree();
    }

    private static Map<String, @Nullable Object> seam(Seam seam) {
        return JsonOut.object()
                .put("name", seam.name())
                .put("a", edges(seam.a()))
                .put("b", edges(seam.b()))
                .put("easeMm", List.of(seam.easeLow(), seam.easeHigh()))
                .tree();
    }

    private static List<Map<String, @Nullable Object>> edges(List<EdgeRef> edges) {
        return edges.stream()
                .map(e -> JsonOut.object()
                        .put("piece", e.piece())
                        .put("edge", e.edge())
                        .tree())
                .toList();
    }

    private static List<Map<String, @Nullable Object>> levels(List<LevelRef> levels) {
        return levels.stream()
                .map(l -> JsonOut.object()
                        .put("piece", l.piece())
                        .put("level", l.level())
                        .tree())
                .toList();
    }

    private static Map<String, @Nullable Object> target(Target target) {
        Target.Sum of = target.of();
        return JsonOut.object()
                .put("name", target.name())
                .put("kind", target.kind().word())
                .put("unit", target.unit())
                .put("expected", target.expected())
                .put("measured", target.measured())
                .put("tolerance", target.tolerance())
                .put("holds", target.holds())
                .put(
                        "of",
                        of == null
                                ? null
                                : JsonOut.object()
                                        .put("times", of.times())
                                        .put("levels", levels(of.levels()))
                                        .put("edges", edges(of.edges()))
                                        .put("minus", edges(of.minus()))
                                        .put("lessDarts", of.lessDarts())
                                        .put("plus", of.plus()))
                .tree();
    }

    private static Map<String, @Nullable Object> opening(Opening opening) {
        return JsonOut.object()
                .put("edge", opening.edge())
                .put("finishedMm", opening.finished())
                .put("passingMm", opening.passing())
                .put("step", opening.step())
                .put("holds", opening.holds())
                .put("remedies", opening.remedies())
                .tree();
    }

    private static List<Double> pair(Point p) {
        return List.of(round(p.x()), round(p.y()));
    }

    /** To a ten-thousandth of a millimetre: far under any tolerance, and short. */
    private static double round(double mm) {
        return Math.round(mm * 1e4) / 1e4;
    }

    private static List<List<Double>> pairs(List<Point> points) {
        return points.stream().map(CutJson::pair).toList();
    }
}
