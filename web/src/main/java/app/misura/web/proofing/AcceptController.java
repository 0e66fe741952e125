package app.misura.web.proofing;

import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import app.misura.core.proof.Proof;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.Acceptances;
import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What the proof found and a person takes as it is: with a reason, in their name, until a value changes. */
@Controller
class AcceptController {
    private final Orders orders;
    private final Acceptances acceptances;

    AcceptController(Orders orders, Acceptances acceptances) {
        this.orders = orders;
        this.acceptances = acceptances;
    }

    /**
     * Accepts a finding. A fault is for whoever answers for the cut; a warning, such as sides that differ, for whoever measures.
     *
     * @param seen the values that were in sight: what rests on others by now is looked at again first
     */
    @PostMapping("/orders/{id}/accept")
    String accept(
            @PathVariable String id,
            @RequestParam String rule,
            @RequestParam String about,
            @RequestParam String seen,
            @RequestParam String reason,
            @RequestParam(defaultValue = "proof") String back,
            Principal who,
            HttpServletRequest request,
            RedirectAttributes said) {
        GarmentOrder order = orders.get(id);
        Proof proof = order.proof();
        Finding finding = proof.findings().stream()
                .filter(f ->
                        f.isAcceptable() && f.rule().equals(rule) && f.about().equals(about))
                .findFirst()
                .orElse(null);
        String why = reason.strip();
        if (finding == null || !Acceptances.resting(finding, proof).equals(seen)) {
            said.addFlashAttribute("refused", "The sheet has changed meanwhile; look at it once more.");
        } else if (finding.isFault() && !request.isUserInRole("OWNER") && !request.isUserInRole("CUTTER")) {
            throw new AccessDeniedException("a fault is accepted by a cutter");
        } else if (why.isEmpty() || why.length() > Acceptance.LONGEST_REASON) {
            said.addFlashAttribute(
                    "refused",
                    "Say why, in at most " + Acceptance.LONGEST_REASON + " characters: " + finding.sentence());
        } else {
            acceptances.accept(id, finding, proof, why, who.getName());
        }
        return "redirect:/orders/" + id + (back.equals("measure") ? "/measure" : "/proof");
    }

    @PostMapping("/orders/{id}/accept/back")
    String takeBack(@PathVariable String id, @RequestParam String acceptance, Principal who) {
        GarmentOrder order = orders.get(id);
        String rule = order.taken().accepted().stream()
                .filter(a -> a.id().equals(acceptance))
                .map(a -> a.acceptance().rule())
                .findFirst()
                .orElseThrow(() -> new NotThere("This is not accepted on this order."));
        acceptances.takeBack(id, acceptance, who.getName());
        return "redirect:/orders/" + id + "/proof#accepted-" + rule;
    }
}
