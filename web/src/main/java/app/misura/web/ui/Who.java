package app.misura.web.ui;

import app.misura.web.account.Role;

/** The person a page is made for, as the templates see them. */
public record Who(String name, String called, Role role) {
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
