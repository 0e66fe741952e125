package app.misura.web.id;

/** What was asked for is not stored (any more). */
public class NotThere extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** An order that is not there. */
    public static NotThere order() {
        return new NotThere("This order is not here any more. Its client may have been deleted.");
    }

    public NotThere(String what) {
        super(what);
    }
}
