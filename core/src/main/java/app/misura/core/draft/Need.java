package app.misura.core.draft;

/**
 * A name that a block is drawn from.
 *
 * @param kind what stands behind the name
 * @param optional whether the block can do without; it then draws what follows from the others
 */
public record Need(String name, Kind kind, boolean optional) {
    /** What stands behind a name. */
    public enum Kind {
        /** A finished length in cloth as it is cut, mm. */
        FINISHED,
        /** The body's own, without any ease, mm: for what is judged by the body. */
        NET,
        /** A word of choice. */
        WORD,
        /** An edge of another piece that this one is sewn to. */
        EDGE,
        /** Finished girths, each with the height it lies at: any name with, after it, this one; at least two. */
        RUNGS
    }

    public static Need finished(String name) {
        return new Need(name, Kind.FINISHED, false);
    }

    public static Need net(String name) {
        return new Need(name, Kind.NET, false);
    }

    public static Need word(String name) {
        return new Need(name, Kind.WORD, false);
    }

    /** @param suffix what a girth's name carries behind it in the name of its height */
    public static Need rungs(String suffix) {
        return new Need(suffix, Kind.RUNGS, false);
    }

    public Need ifThere() {
        return new Need(name, kind, true);
    }
}
