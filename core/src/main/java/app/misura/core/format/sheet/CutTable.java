package app.misura.core.format.sheet;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Opening;
import app.misura.core.draft.Seam;
import app.misura.core.draft.Target;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Ease;
import app.misura.core.fit.Estimate;
import app.misura.core.form.OrderForm;
import app.misura.core.format.ladder.LadderSvg;
import app.misura.core.proof.Bracket;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A cut spec as screens and papers show it: the table, each number's chain, the proof of the cut. */
public record CutTable(
        List<Row> rows, List<Statement> proof, List<String> estimated, List<String> cautions, String difference) {

    /** @param second a second line where the drawn width is more than the floor */
    public record Row(
            String line,
            String name,
            String step,
            String body,
            String ease,
            String finished,
            String cut,
            boolean derived,
            @Nullable String second,
            List<Link> chain) {}

    /** One link of a chain. */
    public record Link(String label, String value, String reason) {}

    public record Statement(String text, String value, String sign, boolean holds) {}

    private static final Map<String, String> NAMES = Map.of(
            "waist",
            "Waist",
            "seat",
            "Seat",
            "thigh",
            "Thigh",
            "knee",
            "Knee",
            "hem",
            "Hem",
            "crotch-loop",
            "Loop",
            "inside-leg",
            "Inside leg",
            "outside-leg",
            "Outside leg",
            "rise",
            "Rise");
    private static final List<String> ORDER =
            List.of("waist", "seat", "thigh", "knee", "hem", "rise", "inside-leg", "outside-leg", "crotch-loop");

    public static CutTable of(CutSpec spec, OrderForm form) {
        List<Row> rows = new ArrayList<>();
        for (String line : ORDER) {
            rows.add(row(spec.line(line), spec, form));
        }
        List<String> estimated = new ArrayList<>();
        for (Estimate e : spec.estimates()) {
            estimated.add(e.input().replace('-', ' ') + " " + cm(e.valueMm()) + " ± " + cm(e.sdMm()) + ", " + e.rule()
                    + ". Step " + e.step() + " would replace it.");
        }
        return new CutTable(
                rows,
                statements(spec),
                estimated,
                spec.cautions(),
                String.format(java.util.Locale.ROOT, "%.2f mm", spec.largestDifference()));
    }

    private static Row row(ChainLine line, CutSpec spec, OrderForm form) {
        boolean floor = line.line().equals("thigh");
        boolean derived = line.line().equals("rise");
        boolean wish = line.line().equals("hem");
        String second = null;
        String finished = cm(line.finished());
        String cut = cm(line.cut());
        if (floor) {
            double drawn = drawn(spec, "thigh");
            second = "at least " + finished + ", drawn "
                    + cm(drawn * (1 - spec.choices().cloth().shrinkAcross()));
            finished = cm(drawn * (1 - spec.choices().cloth().shrinkAcross()));
            cut = cm(drawn);
        }
        return new Row(
                line.line(),
                NAMES.getOrDefault(line.line(), line.line()),
                derived ? "D1−S1" : line.step() == null ? "" : line.step(),
                wish ? "–" : cm(line.net()),
                wish
                        ? (line.step() == null ? "by knee" : "wish")
                        : (floor ? "≥ " : "") + signedCm(line.ease().value()),
                finished,
                cut,
                derived,
                second,
                chain(line, spec, form));
    }

    private static double drawn(CutSpec spec, String target) {
        return spec.draft().targets().stream()
                .filter(t -> t.name().startsWith(target))
                .mapToDouble(Target::measured)
                .min()
                .orElse(0);
    }

    private static List<Link> chain(ChainLine line, CutSpec spec, OrderForm form) {
        List<Link> links = new ArrayList<>();
        if (line.read() != null) {
            String step = line.step() == null ? "" : line.step();
            String how = form.find(step)
                    .map(s -> s.name().toLowerCase(java.util.Locale.ROOT))
                    .orElse("worked out");
            links.add(new Link(step.equals("rise") ? "D1 less S1" : step + " read", cm(line.read() * 10), how));
            if (line.play() != 0) {
                links.add(new Link("− play", cm(line.play()), "what the fingers added"));
            }
        }
        if (line.line().equals("hem") && line.step() != null) {
            links.add(new Link("× 2, round", cm(line.net()), "read flat"));
        } else {
            links.add(new Link("= net body", cm(line.net()), ""));
        }
        if (line.growth() != 0) {
            links.add(
                    new Link("+ room to grow", cm(line.growth()), spec.choices().growthMonths() + " months"));
        }
        if (line.layers() != 0) {
            links.add(new Link("+ beneath", cm(line.layers()), cm(spec.choices().layers()) + " thick"));
        }
        links.add(new Link("+ ease", signedCm(line.ease().value()), reason(line, spec)));
        links.add(new Link("= finished", cm(line.finished()), ""));
        double shrink = 1 - line.finished() / line.cut();
        if (shrink > 1e-9) {
            links.add(new Link(
                    String.format(java.util.Locale.ROOT, "÷ (1 − %.1f %%)", shrink * 100),
                    cm(line.cut()),
                    "the cloth shrinks"));
        }
        return links;
    }

    private static String reason(ChainLine line, CutSpec spec) {
        if (line.ease().ruledBy() == Ease.RuledBy.MOVEMENT) {
            return "what this body needs to move";
        }
        return switch (line.line()) {
            case "knee" -> "knee of a " + spec.choices().fit().word() + " leg";
            case "hem" -> "as wished";
            case "inside-leg" -> "the rise takes it";
            case "crotch-loop" -> "1.7 × the rise's";
            default -> "table, " + spec.choices().fit().word();
        };
    }

    private static List<Statement> statements(CutSpec spec) {
        List<Statement> list = new ArrayList<>();
        for (Target t : spec.draft().targets()) {
            if (t.of() != null) {
                list.add(new Statement(
                        text(t),
                        value(t),
                        LadderSvg.sign(t.holds() ? Bracket.State.CLOSED : Bracket.State.WRONG),
                        t.holds()));
            }
        }
        for (Seam s : spec.draft().seams()) {
            String name = s.name().startsWith("waistband")
                    ? "band less underlap = waist"
                    : (s.name().startsWith("inseam") ? "inside seam, front = back" : "outside seam, front = back")
                            + side(s.name());
            list.add(new Statement(
                    name,
                    cm(s.lengthA()) + " = " + cm(s.lengthB()),
                    LadderSvg.sign(s.holds() ? Bracket.State.CLOSED : Bracket.State.WRONG),
                    s.holds()));
        }
        for (Opening o : spec.openings()) {
            list.add(new Statement(
                    o.edge() + " passes " + o.step() + ", heel",
                    cm(o.finished()) + (o.holds() ? " ≥ " : " < ") + cm(o.passing()),
                    LadderSvg.sign(o.holds() ? Bracket.State.CLOSED : Bracket.State.WRONG),
                    o.holds()));
        }
        list.sort((a, b) -> Boolean.compare(a.holds(), b.holds()));
        return list;
    }

    /** Of which side it is said, where the sides are drafted apart. */
    private static String side(String name) {
        return name.endsWith("-left") ? ", left" : name.endsWith("-right") ? ", right" : "";
    }

    private static String text(Target t) {
        String name = t.name().replace('-', ' ');
        return switch (t.name().replaceFirst("-(left|right)$", "")) {
            case "waist" -> "waist, front + back less darts";
            case "seat" -> "seat, front + back";
            case "thigh" -> name + ", at least " + cm(t.expected());
            case "knee" -> name + ", at least " + cm(t.expected());
            case "hem" -> name + ", front + back";
            case "crotch-loop" -> "front crotch + back crotch + band, loop" + side(t.name());
            case "rise" -> "outside − inside, rise" + side(t.name());
            case "waistband" -> "band = waist + underlap";
            default -> name + " along the front";
        };
    }

    /** A twentieth of a millimetre from its promise, a length is shown as promised: no tape shows the difference. */
    private static String value(Target t) {
        boolean kept = t.kind() == Target.Kind.EQUAL && Math.abs(t.difference()) < 0.05;
        return cm(kept ? t.expected() : t.measured());
    }

    /** Millimetres as centimetres with one decimal. */
    private static String cm(double mm) {
        return String.format(java.util.Locale.ROOT, "%.1f", mm / 10);
    }

    private static String signedCm(double mm) {
        return Math.abs(mm) < 0.05 ? "0" : (mm > 0 ? "+" : "−") + cm(Math.abs(mm));
    }
}
