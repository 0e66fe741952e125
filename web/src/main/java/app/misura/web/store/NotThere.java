package app.misura.web.store;

/** What was asked for is not stored (any more). */
public class NotThere extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NotThere(String what) {
        super(what);
    }
}
