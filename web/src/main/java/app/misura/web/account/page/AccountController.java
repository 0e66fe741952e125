package app.misura.web.account.page;

import app.misura.web.account.Account;
import app.misura.web.account.Accounts;
import app.misura.web.account.Passwords;
import app.misura.web.door.Door;
import app.misura.web.id.NotThere;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One's own account: the password is changed here, and one is signed out everywhere. */
@Controller
class AccountController {
    private final Accounts accounts;
    private final Door door;

    AccountController(Accounts accounts, Door door) {
        this.accounts = accounts;
        this.door = door;
    }

    @GetMapping("/account")
    String account(Principal who, Model model) {
        Account account = accounts.find(who.getName()).orElseThrow(() -> new NotThere("This account is gone."));
        model.addAttribute("account", account);
        model.addAttribute("longest", Passwords.LONGEST_BYTES);
        return "account";
    }

    /** Changes the password; whoever changes it signs in with it at once, here and everywhere. */
    @PostMapping("/account")
    String change(
            @RequestParam(defaultValue = "") String old,
            @RequestParam(defaultValue = "") String wanted,
            @RequestParam(defaultValue = "") String again,
            Principal who,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        Optional<String> fault = wanted.equals(again)
                ? accounts.changePassword(who.getName(), old, wanted)
                : Optional.of("The two new passwords differ. Type both once more.");
        if (fault.isPresent()) {
            response.setStatus(422);
            model.addAttribute("fault", fault.get());
            return account(who, model);
        }
        door.note(Door.Kind.ACCOUNT, who.getName(), request.getRemoteAddr(), "changed the own password");
        return "redirect:/signin?changed";
    }

    @PostMapping("/account/end")
    String end(Principal who, HttpServletRequest request) {
        accounts.end(who.getName());
        door.note(Door.Kind.ACCOUNT, who.getName(), request.getRemoteAddr(), "signed out everywhere");
        return "redirect:/signin?out";
    }
}
