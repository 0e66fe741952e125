package app.misura.web.account;

import java.util.Locale;

/** What a person may do. Each role may what the one after it may. */
public enum Role {
    /** Everything: house rules, staff. */
    OWNER,
    /** Orders, proof, cut, fittings. */
    CUTTER,
    /** Clients, orders, readings; sees and prints proof and cut. */
    MEASURER,
    /** Reads. */
    VIEWER;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
