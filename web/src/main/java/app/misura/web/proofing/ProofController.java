package app.misura.web.proofing;

import app.misura.core.course.Course;
import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Spoken;
import app.misura.core.form.ValueId;
import app.misura.core.format.ladder.Focus;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.format.sums.BodySums;
import app.misura.core.format.sums.Butterfly;
import app.misura.core.format.sums.FitLines;
import app.misura.core.proof.LeftRight;
import app.misura.core.proof.Proof;
import app.misura.core.proof.Retaken;
import app.misura.core.proof.Why;
import app.misura.web.account.Accounts;
import app.misura.web.known.KnownBody;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.photo.Photographs;
import app.misura.web.reading.Acceptable;
import app.misura.web.ui.Crumb;
import app.misura.web.ui.Fingers;
import app.misura.web.ui.LadderView;
import app.misura.web.ui.Say;
import app.misura.web.ui.Who;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
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

    /** @param stands whether it still does; a value of it has changed otherwise */
    record AcceptedView(String id, String rule, String sentence, String said, boolean stands) {}

    @GetMapping("/orders/{id}/proof")
    String proof(@PathVariable String id, @RequestParam(required = false) @Nullable String open, Model model) {
        GarmentOrder order = orders.get(id);
        Course course = order.course();
        Proof proof = course.proof();
        Who.onlyReading(order.stage().isEnded(), model);
        model.addAttribute("order", order);
        model.addAttribute("crumb", order.crumb(Crumb.At.PROOF));
        model.addAttribute("sentence", proof.sentence());
        model.addAttribute("wrong", proof.verdict() == Proof.Verdict.FAULTS);
        model.addAttribute("verdict", proof.verdict().word());
        model.addAttribute("complete", course.isComplete());
        model.addAttribute(
                "ladder",
                LadderView.of(course, Focus.on(ProofWords.suspect(proof)).peeking(open), metrics()));
        model.addAttribute("why", Why.of(proof));
        model.addAttribute(
                "suspects",
                proof.suspected().stream()
                        .map(ValueId::toString)
                        .map(Spoken::of)
                        .collect(Collectors.joining(", ")));
        model.addAttribute("line", ProofWords.line(proof));
        model.addAttribute("again", ProofWords.again(proof));
        model.addAttribute("then", proof.retake().then());
        model.addAttribute("lookAgain", course.lookAgain());
        model.addAttribute("walk", String.join(",", proof.retake().first()));
        Retaken.of(proof).ifPresent(retaken -> {
            model.addAttribute(
                    "takenAgain", retaken.again().stream().map(ProofWords::said).toList());
            model.addAttribute(
                    "retaken", ProofWords.retaken(retaken, proof.sheet().unit()));
            model.addAttribute("before", retaken.before().whole());
        });
        model.addAttribute("findings", ProofWords.findings(proof));
        model.addAttribute("judging", Acceptable.of(proof));
        model.addAttribute("asked", ProofWords.asked(proof));
        model.addAttribute("accepted", accepted(order));
        model.addAttribute("sides", ProofWords.sides(proof));
        model.addAttribute(
                "butterfly",
                Butterfly.svg(LeftRight.of(proof.settled()), proof.sheet().unit()));
        model.addAttribute("fits", FitLines.svg(proof));
        model.addAttribute("standsOut", ProofWords.standsOut(proof));
        Since since = new Since(known.changes(order), order, clock);
        model.addAttribute("changes", since.drawn());
        model.addAttribute("changed", since.said());
        model.addAttribute("slips", ProofWords.slips(proof));
        model.addAttribute("sums", BodySums.svg(proof));
        model.addAttribute("unchecked", ProofWords.unchecked(proof, true));
        model.addAttribute("waiting", ProofWords.unchecked(proof, false));
        model.addAttribute("unsteady", Unsteady.of(order));
        model.addAttribute("newer", newer(order));
        model.addAttribute("photographs", photographs.there(id));
        return "proof";
    }

    private static Metrics metrics() {
        return Fingers.work(RequestContextHolder.getRequestAttributes()) ? Metrics.PROOF.touch() : Metrics.PROOF;
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

    /** What another sheet has read since: "S1, 78.5 here, 79 in order 12". */
    private List<String> newer(GarmentOrder order) {
        return known.newerThan(order).stream()
                .map(n -> n.value() + ", " + n.here() + " here, " + n.there() + " in order "
                        + n.carried().source().sheet().number())
                .toList();
    }
}
