package app.misura.web.ui;

import app.misura.web.account.Role;
import org.springframework.ui.Model;

/** The person a page is made for, as the templates see them. */
public record Who(String name, String called, Role role) {
    /** The same person before a sheet that is only read. */
    public Who looking() {
        return new Who(name, called, Role.VIEWER);
    }

    /** Where a sheet is only read, nothing to write with stands on its page. */
    public static void onlyReading(boolean only, Model model) {
        if (only && model.getAttribute("who") instanceof Who who) {
            model.addAttribute("who", who.looking());
        }
    }

    public boolean canWrite() {
        return role != Role.VIEWER;
    }

    public boolean canCut() {
        return role == Role.OWNER || role == Role.CUTTER;
    }

    public boolean isOwner() {
        return role == Role.OWNER;
    }
}
