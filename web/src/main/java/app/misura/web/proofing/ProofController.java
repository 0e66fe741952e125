package app.misura.web.proofing;

import app.misura.core.adjust.Adjustment;
import app.misura.core.course.Course;
import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.format.ladder.Focus;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.format.sums.BodySums;
import app.misura.core.format.sums.Butterfly;
import app.misura.core.format.sums.ChangeLines;
import app.misura.core.format.sums.NumberLine;
import app.misura.core.known.Change;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.proof.LeftRight;
import app.misura.core.proof.Proof;
import app.misura.core.proof.Why;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Steadiness;
import app.misura.web.account.Accounts;
import app.misura.web.known.KnownBody;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.photo.Photographs;
import app.misura.web.reading.Acceptable;
import app.misura.web.reading.Origin;
import app.misura.web.ui.Crumb;
import app.misura.web.ui.Fingers;
import app.misura.web.ui.LadderView;
import app.misura.web.ui.Say;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.context.request.RequestContextHolder;

/** The proof of one sheet: the sentence, why, what to take again, the sums on the body, the whole sheet. */
@Controller
class ProofController {
    private static final String WRONG = "closure-wrong";

    private final Orders orders;
    private final Photographs photographs;
    private final KnownBody known;
    private final Accounts accounts;
    private final Clock clock;

    ProofController(Orders orders, Photographs photographs, KnownBody known, Accounts accounts, Clock clock) {
        this.accounts = accounts;
        this.clock = clock;
        this.orders = orders;
        this.photographs = photographs;
        this.known = known;
    }

    record Again(String label, String name, String how) {}

    /** @param stands whether it still does; a value of it has changed otherwise */
    record AcceptedView(String id, String rule, String sentence, String said, boolean stands) {}

    record Sides(String label, String said) {}

    /** @param hundredths likelihood of 100 @param said whether it is likelier than all others by far */
    record SlipView(String question, int hundredths, boolean said) {}

    @GetMapping("/orders/{id}/proof")
    String proof(@PathVariable String id, @RequestParam(required = false) @Nullable String open, Model model) {
        GarmentOrder order = orders.get(id);
        Course course = order.course();
        Proof proof = course.proof();
        model.addAttribute("order", order);
        model.addAttribute("crumb", order.crumb(Crumb.At.PROOF));
        model.addAttribute("sentence", proof.sentence());
        model.addAttribute("wrong", proof.verdict() == Proof.Verdict.FAULTS);
        model.addAttribute("verdict", proof.verdict().word());
        model.addAttribute("complete", course.isComplete());
        model.addAttribute(
                "ladder", LadderView.of(course, Focus.on(suspect(proof)).peeking(open), metrics()));
        model.addAttribute("why", Why.of(proof));
        model.addAttribute(
                "suspects", proof.suspected().stream().map(ValueId::toString).collect(Collectors.joining(", ")));
        model.addAttribute("line", line(proof));
        model.addAttribute("again", again(proof));
        model.addAttribute("findings", findings(proof));
        model.addAttribute("judging", Acceptable.of(proof));
        model.addAttribute("asked", asked(proof));
        model.addAttribute("accepted", accepted(order));
        model.addAttribute("sides", sides(proof));
        model.addAttribute(
                "butterfly",
                Butterfly.svg(LeftRight.of(proof.settled()), proof.sheet().unit()));
        List<Change<Origin>> changes = known.changes(order);
        model.addAttribute(
                "changes",
                ChangeLines.svg(
                        changes.stream()
                                .filter(c -> c.large()
                                        || c.by().abs()
                                                        .compareTo(order.form()
                                                                .increment()
                                                                .step())
                                                >= 0)
                                .toList(),
                        proof.sheet().unit()));
        model.addAttribute("changed", changed(changes, order));
        model.addAttribute("slips", slips(proof));
        model.addAttribute("sums", BodySums.svg(proof));
        model.addAttribute("unchecked", unchecked(proof, true));
        model.addAttribute("waiting", unchecked(proof, false));
        model.addAttribute("unsteady", unsteady(order));
        model.addAttribute("newer", newer(order));
        model.addAttribute("photographs", photographs.there(id));
        return "proof";
    }

    private static Metrics metrics() {
        return Fingers.work(RequestContextHolder.getRequestAttributes()) ? Metrics.PROOF.touch() : Metrics.PROOF;
    }

    /** The part of the first reading that is suspected; null where none is. */
    private static @Nullable String suspect(Proof proof) {
        return proof.suspected().stream()
                .findFirst()
                .map(id -> proof.sheet().form().step(id.step()).part())
                .orElse(null);
    }

    /** What was read against what the others say, where one reading is suspected. */
    private static String line(Proof proof) {
        Optional<Adjustment.Suspect> open = proof.suspect();
        if (open.isEmpty()) {
            return "";
        }
        Adjustment.Suspect suspect = open.get();
        String id = suspect.members().get(0);
        Optional<Length> read = proof.value(ValueId.parse(id));
        Unit unit = proof.sheet().unit();
        return read.isEmpty() || suspect.members().size() > 1
                ? ""
                : NumberLine.svg(
                        read.get().to(unit),
                        Objects.requireNonNull(suspect.corrections().get(id)),
                        unit);
    }

    private static List<Again> again(Proof proof) {
        return proof.retake().stream()
                .map(label -> {
                    Step step = proof.sheet().form().step(label);
                    return new Again(label, step.name(), step.prompt().how());
                })
                .toList();
    }

    /** Faults first; what the sentence and the brackets say already is not said again. */
    private static List<Finding> findings(Proof proof) {
        return proof.findings().stream()
                .filter(f -> !f.rule().equals(WRONG) && !f.isAccepted())
                .sorted((a, b) -> b.severity().compareTo(a.severity()))
                .toList();
    }

    /** What is asked for again because sums say so. */
    private static List<Finding> asked(Proof proof) {
        return proof.findings().stream()
                .filter(f -> f.rule().equals(WRONG) && f.isFault())
                .toList();
    }

    /** What people took as it is, whether it still stands or not. */
    private List<AcceptedView> accepted(GarmentOrder order) {
        List<Acceptance> standing = order.proof().findings().stream()
                .flatMap(f -> Optional.ofNullable(f.accepted()).stream())
                .toList();
        return order.taken().accepted().stream()
                .map(a -> new AcceptedView(
                        a.id(),
                        a.acceptance().rule(),
                        a.sentence(),
                        accounts.called(a.acceptance().by()) + ", "
                                + Say.when(a.acceptance().at(), clock.getZone(), LocalDate.now(clock)) + ": "
                                + a.acceptance().reason(),
                        standing.contains(a.acceptance())))
                .toList();
    }

    private static List<Sides> sides(Proof proof) {
        Unit unit = proof.sheet().unit();
        return LeftRight.of(proof.settled()).stream()
                .filter(pair -> !pair.isEven())
                .map(pair -> new Sides(
                        pair.step().label(),
                        LengthText.column(pair.apart(), unit)
                                + " apart: the cut drafts each side where an outline differs."))
                .toList();
    }

    /** What may have happened, where something is suspected and not accepted. */
    private static List<SlipView> slips(Proof proof) {
        return proof.suspect().isEmpty()
                ? List.of()
                : proof.slips().stream()
                        .map(s -> new SlipView(
                                s.question(proof.sheet().unit()), (int) Math.round(100 * s.likelihood()), s.isSaid()))
                        .toList();
    }

    /** What changed more than two honest tapes differ, in one sentence; that nothing did, where there is something to compare. */
    private String changed(List<Change<Origin>> changes, GarmentOrder order) {
        if (changes.isEmpty()) {
            return "";
        }
        Map<String, List<String>> large = new LinkedHashMap<>();
        changes.stream()
                .filter(Change::large)
                .forEach(c -> large.computeIfAbsent(then(c), t -> new ArrayList<>())
                        .add(c.value().toString()));
        String young = order.sheet().wearer().age() == AgeGroup.ADULT ? "" : " The young grow.";
        return large.isEmpty()
                ? "No value differs more than two honest tapes do."
                : large.entrySet().stream()
                        .map(e -> "More than two honest tapes differ, since " + e.getKey() + ": "
                                + String.join(", ", e.getValue()) + ".")
                        .collect(Collectors.joining(" ", "", young));
    }

    /** "3 May (order 12)". */
    private String then(Change<Origin> change) {
        LocalDate day = LocalDate.ofInstant(change.then(), clock.getZone());
        return Say.dated(day, LocalDate.now(clock)) + " (order "
                + change.sheet().number() + ")";
    }

    private static List<String> unchecked(Proof proof, boolean inNoSum) {
        return proof.unchecked().stream()
                .filter(u -> u.inNoSum() == inNoSum)
                .map(u -> inNoSum || u.wouldCheck().isEmpty()
                        ? u.id().toString()
                        : u.id() + " (" + String.join(", ", u.wouldCheck()) + " would)")
                .toList();
    }

    /** What another sheet has read since: "S1, 78.5 here, 79 in order 12". */
    private List<String> newer(GarmentOrder order) {
        return known.newerThan(order).stream()
                .map(n -> n.value() + ", " + n.here() + " here, " + n.there() + " in order "
                        + n.carried().source().sheet().number())
                .toList();
    }

    /** What a second pair of eyes should look at: "S2, a try struck, 8.5 apart, 4 minutes". */
    private static List<String> unsteady(GarmentOrder order) {
        return Steadiness.of(order.takenHere()).stream()
                .filter(Steadiness::isUnsteady)
                .map(s -> said(s, order.form().unit()))
                .toList();
    }

    private static String said(Steadiness steadiness, Unit unit) {
        List<String> words = new ArrayList<>(List.of(steadiness.value().toString()));
        if (steadiness.strikes() > 0) {
            words.add(steadiness.strikes() == 1 ? "a try struck" : steadiness.strikes() + " tries struck");
        }
        if (steadiness.spread().isPositive()) {
            words.add(LengthText.column(steadiness.spread(), unit) + " apart");
        }
        if (steadiness.took() != null && steadiness.took().toMinutes() > 0) {
            words.add(
                    steadiness.took().toMinutes() == 1
                            ? "1 minute"
                            : steadiness.took().toMinutes() + " minutes");
        }
        return String.join(", ", words);
    }
}
