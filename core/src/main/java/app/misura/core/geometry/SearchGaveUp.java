package app.misura.core.geometry;

/** A search that neither found its root nor showed that there is none: its own failure, nobody's measure's. */
public final class SearchGaveUp extends RuntimeException {
    private static final long serialVersionUID = 1L;

    SearchGaveUp(String message) {
        super(message);
    }
}
