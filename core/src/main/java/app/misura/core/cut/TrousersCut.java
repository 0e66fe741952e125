package app.misura.core.cut;

import app.misura.core.draft.Draft;
import app.misura.core.draft.Piece;
import app.misura.core.draft.block.TrousersBlock;
import app.misura.core.draft.block.TrousersOutcome;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.fit.TrousersChoices;
import app.misura.core.fit.TrousersFit;
import app.misura.core.geometry.Point;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Cuts trousers from a proved sheet: fit, block, allowances, openings. */
public final class TrousersCut {
    /** A hem under this share of a usual heel-and-instep girth (house default 33 cm) asks for the heel to be read, mm. */
    private static final double NARROW_HEM = 330;

    private final Proof proof;
    private final TrousersChoices choices;

    private TrousersCut(Proof proof, TrousersChoices choices) {
        this.proof = proof;
        this.choices = choices;
    }

    /** What cutting comes to. */
    public sealed interface Result {}

    public record Cut(CutSpec spec) implements Result {}

    /** Readings without which nothing can be cut, by step label. */
    public record Missing(List<String> steps) implements Result {
        public String sentence() {
            return "Trousers cannot be cut without " + String.join(", ", steps) + ".";
        }
    }

    /** Two inputs that fight each other. */
    public record Refused(String sentence, List<Input> inputs) implements Result {}

    /** The form hardly checks itself; it is proved and not cut from. */
    public record NotCut(String sentence) implements Result {}

    /** An input by the step and measure it comes from. */
    public record Input(String step, String measure) {}

    /** Open findings of the proof do not stop the cut; they come along as cautions. */
    public static Result of(Proof proof, TrousersChoices choices) {
        return new TrousersCut(proof, choices).cut();
    }

    private Result cut() {
        if (!proof.sheet().form().cuts()) {
            return new NotCut("Measured alone, a sheet hardly checks itself: it is proved, and nothing is cut from it."
                    + " Let somebody take the whole form.");
        }
        TrousersFit.Result result = TrousersFit.of(proof, choices);
        if (result instanceof TrousersFit.Missing missing) {
            return new Missing(missing.steps());
        }
        TrousersFit.Fitted fitted = (TrousersFit.Fitted) result;
        TrousersOutcome left = TrousersBlock.draft(fitted.left());
        if (left instanceof TrousersOutcome.Refused refused) {
            return refused(refused);
        }
        TrousersOutcome.Drafted drafted = (TrousersOutcome.Drafted) left;
        Draft draft = drafted.draft();
        if (fitted.apart()) {
            TrousersOutcome right = TrousersBlock.draft(fitted.right());
            if (right instanceof TrousersOutcome.Refused refused) {
                return refused(refused);
            }
            draft = Apart.join(draft, ((TrousersOutcome.Drafted) right).draft());
        }
        return new Cut(spec(fitted, draft, drafted.cautions()));
    }

    private CutSpec spec(TrousersFit.Fitted fitted, Draft draft, List<String> drawn) {
        Map<String, List<Point>> lines = new LinkedHashMap<>();
        for (Piece piece : draft.pieces()) {
            lines.put(piece.name(), Allowance.outline(piece, choices.seamAllowance(), choices.hemAllowance()));
        }
        List<Opening> openings = openings(fitted);
        List<String> cautions = new ArrayList<>();
        for (Finding finding : proof.findings()) {
            if (finding.severity() != Severity.NOTE) {
                cautions.add("Open on the proof: " + finding.sentence());
            }
        }
        cautions.addAll(drawn);
        for (Opening opening : openings) {
            if (!opening.holds()) {
                cautions.add(
                        "The " + opening.edge() + " does not pass: " + String.join("; or ", opening.remedies()) + ".");
            }
        }
        double hem = fitted.left().hem() * (1 - choices.cloth().shrinkAcross());
        if (openings.isEmpty() && hem < NARROW_HEM && proof.sheet().wearer().age() != AgeGroup.CHILD) {
            cautions.add("A hem of " + cm(hem) + " cm may not pass the heel; step D6 would tell.");
        }
        if (choices.growthMonths() > 0 && proof.sheet().wearer().age() == AgeGroup.ADULT) {
            cautions.add("Room to grow is for the young; none was added.");
        }
        if (proof.sheet().wearer().age() == AgeGroup.CHILD) {
            cautions.add(
                    "A child's garment: no cords, mind small parts, and a guardian agrees. Local rules stand above this sheet.");
        }
        return new CutSpec(choices, draft, lines, fitted.chain(), fitted.estimates(), openings, cautions);
    }

    private List<Opening> openings(TrousersFit.Fitted fitted) {
        Double heel = fitted.heelGirth();
        if (heel == null) {
            return List.of();
        }
        double hem = fitted.left().hem() * (1 - choices.cloth().shrinkAcross());
        double stretch = choices.cloth().stretchAcross();
        boolean passes = hem * (1 + stretch) >= heel;
        List<String> remedies = passes
                ? List.of()
                : List.of(
                        "widen the hem to " + cm(heel / (1 + stretch)) + " cm",
                        "open it by at least " + cm(heel - hem * (1 + stretch)) + " cm (zip or slit)",
                        "take a cloth with at least " + Math.round(Math.ceil((heel / hem - 1) * 100 - 1e-6))
                                + " % stretch");
        return List.of(new Opening("hem", hem, heel, "D6", passes, remedies));
    }

    private static String cm(double mm) {
        return String.format(Locale.ROOT, "%.1f", mm / 10);
    }

    private Refused refused(TrousersOutcome.Refused refused) {
        List<Input> inputs = switch (refused.pair()) {
            case LOOP_RISE -> inputs("S3", "D1", "S1");
            case THIGH_SEAT -> inputs("D9", "U1");
            case SEAT_DEPTH_RISE -> inputs("D4", "D1", "S1");
            case WAIST_SEAT -> inputs("U2", "U1");
        };
        String names = switch (refused.pair()) {
            case LOOP_RISE -> "Trouser loop S3 and rise (D1 less S1)";
            case THIGH_SEAT -> "Thigh D9 and seat U1";
            case SEAT_DEPTH_RISE -> "Seat depth D4 and rise (D1 less S1)";
            case WAIST_SEAT -> "Trouser waist U2 and seat U1";
        };
        return new Refused(names + " fight each other: " + refused.why() + ". Take them again.", inputs);
    }

    private List<Input> inputs(String... labels) {
        Sheet sheet = proof.sheet();
        List<Input> inputs = new ArrayList<>();
        for (String label : labels) {
            @Nullable
            String code = sheet.form().find(label).map(s -> s.taken().code()).orElse(null);
            if (code != null) {
                inputs.add(new Input(label, code));
            }
        }
        return inputs;
    }
}
