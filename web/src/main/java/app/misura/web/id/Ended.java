package app.misura.web.id;

/** What was to be written belongs on a sheet that is over. */
public class Ended extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** @param stage where the order stands, as it is said */
    public Ended(String stage) {
        super(
                "This order is " + stage
                        + ": nothing is written on its sheet any more. Somebody who may moves it back first, on the order's page.");
    }
}
