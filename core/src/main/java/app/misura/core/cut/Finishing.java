package app.misura.core.cut;

import app.misura.core.draft.Outcome;
import app.misura.core.draft.PieceId;
import app.misura.core.draft.Scope;
import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Fitted;
import app.misura.core.fit.Pull;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Doubt;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Line;
import app.misura.core.geometry.Point;
import app.misura.core.house.HouseTables;
import app.misura.core.length.TapeWords;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is said of a draft that was made: the chain, the openings, what to look at. */
record Finishing(
        Proof proof, Garment garment, Choices choices, HouseTables tables, Fitted fitted, Outcome.Drafted drafted) {
    private static final double DOUBTED_MM = 20;

    CutSpec spec(Map<PieceId, List<Point>> lines) {
        double stretch = choices.numberOr0("stretch-across") + choices.numberOr0("tested-across");
        List<Opening> openings =
                fitted.passages().stream().map(p -> Opening.of(p, stretch)).toList();
        return new CutSpec(
                garment,
                tape(),
                tables.version(),
                choices,
                drafted.draft(),
                lines,
                chain(),
                fitted.bodies().stream()
                        .flatMap(t -> t.estimates().stream())
                        .distinct()
                        .toList(),
                openings,
                cautions(openings),
                notes());
    }

    private TapeWords tape() {
        return new TapeWords(proof.sheet().unit());
    }

    private boolean isJoined() {
        return drafted.draft().pieces().stream().anyMatch(p -> p.id().side() != Scope.WHOLE);
    }

    /** Each line once; once for each side where the draft promises it for each. */
    private List<CutSpec.Entry> chain() {
        List<CutSpec.Entry> chain = new ArrayList<>();
        for (Line line : garment.lines()) {
            for (Scope scope : scopes(line.name())) {
                fitted.table(side(scope))
                        .line(line.name())
                        .filter(l -> l.line().shown())
                        .ifPresent(l -> chain.add(new CutSpec.Entry(l, scope)));
            }
        }
        return chain;
    }

    private static @Nullable Side side(Scope scope) {
        return switch (scope) {
            case LEFT -> Side.LEFT;
            case RIGHT -> Side.RIGHT;
            case WHOLE, EACH_SIDE -> null;
        };
    }

    /** Which sides a line is said of. */
    private List<Scope> scopes(String line) {
        boolean apart = fitted.isTwoBodies()
                || drafted.draft().targets().stream().anyMatch(t -> t.name().equals(line) && t.scope() == Scope.LEFT);
        return apart ? List.of(Scope.LEFT, Scope.RIGHT) : List.of(Scope.WHOLE);
    }

    /** What comes out wider than it was probably meant: by more than a seam's play. */
    private List<String> doubts() {
        List<String> doubts = new ArrayList<>();
        for (Doubt doubt : garment.doubts()) {
            fitted.bodies().stream()
                    .filter(t -> t.line(doubt.wider()).isPresent()
                            && t.line(doubt.than()).isPresent())
                    .filter(t -> t.line(doubt.wider()).get().finished()
                            > t.line(doubt.than()).get().finished() + DOUBTED_MM)
                    .findFirst()
                    .ifPresent(t -> doubts.add(doubt.said() + " "
                            + tape().said(t.line(doubt.wider()).get().finished()) + " against "
                            + tape().said(t.line(doubt.than()).get().finished()) + "."));
        }
        return doubts;
    }

    private List<String> cautions(List<Opening> openings) {
        List<String> cautions = new ArrayList<>();
        for (Finding finding : proof.findings()) {
            if (finding.severity() != Severity.NOTE) {
                Acceptance accepted = finding.accepted();
                cautions.add(
                        accepted == null
                                ? "Open on the proof: " + finding.sentence()
                                : "Accepted on the proof (" + accepted.by() + ": " + accepted.reason() + "): "
                                        + finding.sentence());
            }
        }
        cautions.addAll(drafted.cautions());
        openings.stream().filter(o -> !o.holds()).forEach(o -> cautions.add(said(o)));
        cautions.addAll(doubts());
        pressing().ifPresent(cautions::add);
        AgeGroup age = proof.sheet().wearer().age();
        boolean grows = choices.words().getOrDefault("growth", "0").equals("0");
        if (!grows && age == AgeGroup.ADULT) {
            cautions.add("Room to grow is for the young; none was added.");
        }
        if (age == AgeGroup.CHILD) {
            cautions.add("A child's garment: no cords, mind small parts, and a guardian agrees. Local rules stand above"
                    + " this sheet.");
        }
        garment.cautions().forEach(c -> cautions.add(tape().filled(c)));
        return cautions;
    }

    /** What presses enough to be said, and who decides where it must not. */
    private Optional<String> pressing() {
        String lines = chain().stream()
                .map(CutSpec.Entry::line)
                .filter(l -> l.ease().presses() >= tables.pressureSaidMmHg())
                .map(l -> String.format(
                        Locale.ROOT,
                        "%s %.0f mmHg",
                        l.line().title().toLowerCase(Locale.ROOT),
                        l.ease().presses()))
                .collect(Collectors.joining(", "));
        boolean hung = Pull.of(garment, choices).tested();
        return lines.isEmpty()
                ? Optional.empty()
                : Optional.of("It presses: " + lines + (hung ? ", as the cloth hung" : ", the cloth's pull assumed")
                        + ". Not on numb, wounded or newly scarred skin, nor at a socket's edge: there a clinician or a"
                        + " licensed fitter decides.");
    }

    private String said(Opening opening) {
        return opening.proved()
                ? opening.said(tape()) + " " + capital(String.join("; or ", opening.remedies(tape()))) + "."
                : opening.said(tape());
    }

    /** What was decided about two sides that differ. */
    private List<String> notes() {
        List<String> notes = new ArrayList<>();
        fitted.uneven().forEach((name, apart) -> {
            ChainLine line = fitted.table(null).line(name).orElseThrow();
            String what = line.line().title().toLowerCase(Locale.ROOT);
            String side = apart < 0 ? "left" : "right";
            String less = line.line().across() ? "thinner" : "shorter";
            String how = isJoined()
                    ? "each side is drafted"
                    : line.line().bound() == Line.Bound.FLOOR
                            ? "one draft serves both: it is wide enough for either"
                            : "one draft serves both";
            notes.add(capital(side) + " " + what + " " + tape().said(Math.abs(apart)) + " " + less + ": " + how + ".");
        });
        if (!garment.isDrawn()) {
            notes.add("No pieces are drawn for this garment yet: it is cut from these numbers.");
        }
        garment.notes().forEach(n -> notes.add(tape().filled(n)));
        return notes;
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
