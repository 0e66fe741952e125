package app.misura.web.house.page;

import app.misura.web.account.Account;
import app.misura.web.account.Accounts;
import app.misura.web.account.Role;
import app.misura.web.account.Tokens;
import app.misura.web.client.Clients;
import app.misura.web.door.Door;
import app.misura.web.house.House;
import app.misura.web.house.Tables;
import app.misura.web.store.Backups;
import app.misura.web.store.Compacting;
import app.misura.web.ui.Say;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.Principal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who works here, and what programs sign in with. The owner's. */
@Controller
class HouseController {
    private static final int LONGEST = 60;
    private static final int LATELY = 40;
    private static final int DUE = 50;

    private final Accounts accounts;
    private final Tokens tokens;
    private final House house;
    private final Door door;
    private final Tables tables;
    private final Backups backups;
    private final Compacting compacting;
    private final Clients clients;
    private final Clock clock;

    HouseController(
            Accounts accounts,
            Tokens tokens,
            House house,
            Door door,
            Tables tables,
            Backups backups,
            Compacting compacting,
            Clients clients,
            Clock clock) {
        this.accounts = accounts;
        this.tokens = tokens;
        this.house = house;
        this.door = door;
        this.tables = tables;
        this.backups = backups;
        this.compacting = compacting;
        this.clients = clients;
        this.clock = clock;
    }

    /** A token on the page: what it is for, as whom it works, since when. */
    record Line(String id, String name, String worksAs, String since, String until, boolean over, String used) {}

    /** Something that happened at the door. */
    record Happened(String when, String what, String who, String from, String detail) {}

    @GetMapping("/house")
    String house(Model model) {
        model.addAttribute("form", new PersonForm());
        return page(model);
    }

    private String page(Model model) {
        List<Account> people = accounts.all();
        model.addAttribute("people", people);
        model.addAttribute("roles", List.of(Role.values()));
        model.addAttribute(
                "tokens",
                tokens.all().stream()
                        .map(t -> new Line(
                                t.id(),
                                t.name(),
                                accounts.called(t.account()),
                                when(t.madeAt()),
                                Say.dated(LocalDate.ofInstant(t.endsAt(), clock.getZone()), LocalDate.now(clock)),
                                t.endsAt().isBefore(clock.instant()),
                                t.usedAt() == null ? "never used" : "last used " + when(t.usedAt())))
                        .toList());
        model.addAttribute("rules", house.rules());
        model.addAttribute("tables", tables.now().version());
        Backups.Copies copies = backups.copies();
        Instant last = copies.last();
        model.addAttribute("copies", copies);
        model.addAttribute("notDeleted", compacting.failure());
        model.addAttribute("lastCopy", last == null ? "none yet" : when(last));
        model.addAttribute(
                "due",
                clients.due(LocalDate.now(clock).minusMonths(house.rules().keepMonths()), DUE));
        model.addAttribute(
                "happened",
                door.last(LATELY).stream()
                        .map(e -> new Happened(when(e.at()), e.kind(), e.account(), e.address(), e.detail()))
                        .toList());
        return "house";
    }

    /** A backup of everything, by the button. */
    @GetMapping("/house/backup")
    void backup(Principal who, HttpServletRequest request, HttpServletResponse response) throws IOException {
        door.note(Door.Kind.BACKUP, who.getName(), request.getRemoteAddr(), "fetched a backup");
        response.setContentType("application/zip");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader(
                "Content-Disposition", "attachment; filename=\"misura-backup-" + LocalDate.now(clock) + ".zip\"");
        backups.write(response.getOutputStream());
    }

    private String when(Instant at) {
        return Say.when(at, clock.getZone(), LocalDate.now(clock));
    }

    @PostMapping("/house/people")
    String add(
            @ModelAttribute("form") PersonForm form,
            Principal who,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        Optional<Role> role = Stream.of(Role.values())
                .filter(r -> r.name().equals(form.getRole()))
                .findFirst();
        Optional<String> fault = accounts.fault(form.getName(), form.getCalled(), form.getPassword());
        if (fault.isPresent() || role.isEmpty()) {
            model.addAttribute("fault", fault.orElse("Say owner, cutter, measurer or viewer."));
            response.setStatus(422);
            return page(model);
        }
        accounts.addForFirst(form.getName().strip(), form.getCalled().strip(), form.getPassword(), role.get());
        door.note(
                Door.Kind.ACCOUNT,
                who.getName(),
                request.getRemoteAddr(),
                "added " + form.getName().strip() + " as " + role.get().word());
        return "redirect:/house";
    }

    /** Makes a token and shows its text, this once. */
    @PostMapping("/house/tokens")
    String make(
            @RequestParam(defaultValue = "") String purpose,
            @RequestParam(defaultValue = "") String account,
            @RequestParam(defaultValue = "366") int days,
            Principal who,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        model.addAttribute("form", new PersonForm());
        model.addAttribute("purpose", purpose);
        if (days < 1
                || days > Tokens.MOST_DAYS
                || purpose.isBlank()
                || purpose.length() > LONGEST
                || accounts.find(account).filter(Account::mayEnter).isEmpty()) {
            model.addAttribute(
                    "tokenFault",
                    "Say what the token is for, in at most " + LONGEST + " characters, as whom, and for how long.");
            response.setStatus(422);
            return page(model);
        }
        model.addAttribute("made", tokens.make(purpose.strip(), account, days, who.getName()));
        door.note(Door.Kind.TOKEN, who.getName(), request.getRemoteAddr(), "made a token for " + account);
        model.addAttribute("purpose", "");
        response.setHeader("Cache-Control", "no-store");
        return page(model);
    }

    @PostMapping("/house/tokens/{id}/withdraw")
    String withdraw(@PathVariable String id, Principal who, HttpServletRequest request) {
        tokens.withdraw(id);
        door.note(Door.Kind.TOKEN, who.getName(), request.getRemoteAddr(), "withdrew a token");
        return "redirect:/house";
    }
}
