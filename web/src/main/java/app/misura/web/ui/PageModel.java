package app.misura.web.ui;

import app.misura.web.account.Account;
import app.misura.web.account.Accounts;
import app.misura.web.house.House;
import java.security.Principal;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestHeader;

/** What every page knows: who looks at it, and whose house it is. */
@ControllerAdvice
class PageModel {
    private final Accounts accounts;
    private final House house;

    PageModel(Accounts accounts, House house) {
        this.accounts = accounts;
        this.house = house;
    }

    @ModelAttribute("who")
    @Nullable
    Who who(@Nullable Principal principal) {
        if (principal == null) {
            return null;
        }
        return accounts.find(principal.getName()).map(PageModel::who).orElse(null);
    }

    private static Who who(Account account) {
        return new Who(account.name(), account.displayName(), account.role());
    }

    /** What the page that asks has already; nothing where it is loaded anew. */
    @ModelAttribute("has")
    Has has(@RequestHeader(name = Has.HEADER, required = false) @Nullable String header) {
        return Has.of(header);
    }

    @ModelAttribute("house")
    String house() {
        return house.rules().name();
    }
}
