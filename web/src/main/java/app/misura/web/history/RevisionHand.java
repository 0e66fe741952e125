package app.misura.web.history;

import org.hibernate.envers.RevisionListener;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** Says whose hand it was: who is signed in; nobody where the program itself changes something. */
public class RevisionHand implements RevisionListener {
    @Override
    public void newRevision(Object revision) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (revision instanceof RevisionEntity made && who != null) {
            made.madeBy = who.getName();
        }
    }
}
