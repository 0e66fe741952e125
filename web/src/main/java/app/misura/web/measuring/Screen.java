package app.misura.web.measuring;

import app.misura.web.ui.Fingers;
import java.security.Principal;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Where somebody looks at a sheet: one person may have it open on the bench and on a phone, and lets one follow the other.
 *
 * @param account whose it is
 * @param tag tells it from other screens of the same account; empty where it is not known
 * @param touch whether fingers work it
 */
record Screen(String account, String tag, boolean touch) {
    Screen(String account, String tag) {
        this(account, tag, false);
    }

    /** The screen that asks now. */
    static Screen of(Principal who) {
        RequestAttributes asked = RequestContextHolder.getRequestAttributes();
        return new Screen(
                who.getName(),
                asked == null ? "" : Integer.toHexString(asked.getSessionId().hashCode()),
                Fingers.work(asked));
    }

    /** The screen of a key. */
    static Screen parse(String key) {
        int at = key.lastIndexOf('/');
        return at < 0 ? new Screen(key, "") : new Screen(key.substring(0, at), key.substring(at + 1));
    }

    /** One text that tells it from every other screen. */
    String key() {
        return tag.isEmpty() ? account : account + "/" + tag;
    }

    boolean isOf(Screen other) {
        return account.equals(other.account);
    }
}
