package app.misura.web.client.page;

import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.security.Principal;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class ClientController {
    private static final int PAGE = 50;

    private final Clients clients;

    ClientController(Clients clients) {
        this.clients = clients;
    }

    @GetMapping("/clients")
    String list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "0") int page,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean partial,
            Model model) {
        String part = q.length() > 120 ? q.substring(0, 120) : q;
        int shown = Math.max(0, Math.min(page, 100_000));
        Clients.Found found = clients.search(part, shown, PAGE);
        model.addAttribute("q", part);
        model.addAttribute("clients", found.clients());
        model.addAttribute("total", found.total());
        model.addAttribute("page", shown);
        model.addAttribute("pages", (found.total() + PAGE - 1) / PAGE);
        return partial ? "clients :: list" : "clients";
    }

    @GetMapping("/clients/new")
    String form(Model model) {
        model.addAttribute("form", new ClientForm());
        return "client-form";
    }

    @PostMapping("/clients")
    String add(
            @Valid @ModelAttribute("form") ClientForm form,
            BindingResult faults,
            Principal who,
            HttpServletResponse response) {
        if (faults.hasErrors()) {
            response.setStatus(422);
            return "client-form";
        }
        Client client = clients.add(
                form.getName(),
                Side.valueOf(form.getHandedness()),
                AgeGroup.valueOf(form.getAgeGroup()),
                form.getNotes(),
                who.getName());
        return "redirect:/clients/" + client.id();
    }

    @GetMapping("/clients/{id}/edit")
    String edit(@PathVariable String id, Model model) {
        Client client = clients.get(id);
        model.addAttribute("client", client);
        model.addAttribute("form", ClientForm.of(client));
        return "client-form";
    }

    @PostMapping("/clients/{id}/edit")
    String change(
            @PathVariable String id,
            @Valid @ModelAttribute("form") ClientForm form,
            BindingResult faults,
            Model model,
            HttpServletResponse response) {
        Client before = clients.get(id);
        model.addAttribute("client", before);
        if (faults.hasErrors()) {
            response.setStatus(422);
            return "client-form";
        }
        try {
            clients.change(
                    id,
                    form.getVersion(),
                    form.getName(),
                    Side.valueOf(form.getHandedness()),
                    AgeGroup.valueOf(form.getAgeGroup()),
                    form.getNotes());
        } catch (OptimisticLockingFailureException e) {
            response.setStatus(409);
            faults.reject(
                    "changed",
                    "Somebody changed this client meanwhile: now \"" + before.name() + "\", notes \"" + before.notes()
                            + "\". What you typed stands below; keep it once more and it is taken.");
            form.setVersion(before.version());
            return "client-form";
        }
        return "redirect:/clients/" + id;
    }

    @PostMapping("/clients/{id}/delete")
    String delete(@PathVariable String id, @RequestParam String confirm, Model model, HttpServletResponse response) {
        Client client = clients.get(id);
        if (!confirm.strip().equals(client.name())) {
            response.setStatus(422);
            model.addAttribute("client", client);
            model.addAttribute("form", ClientForm.of(client));
            model.addAttribute("notDeleted", "Nothing was deleted: type the name exactly, " + client.name() + ".");
            return "client-form";
        }
        clients.delete(id);
        return "redirect:/clients";
    }
}
