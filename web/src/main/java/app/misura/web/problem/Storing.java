package app.misura.web.problem;

import java.io.IOException;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Why something could not be stored, for those who wait for the answer; and one line in the log, in which no value of the
 * house stands.
 *
 * @param status of the answer
 * @param head of what is said
 * @param sentence what is said
 */
public record Storing(int status, String head, String sentence) {
    private static final Logger LOG = LoggerFactory.getLogger(Storing.class);

    private static final Storing FULL = new Storing(
            507,
            "The disk is full",
            "The disk is full. Nothing was kept of this; what was kept before is there, and can be read. Whoever looks after"
                    + " the machine makes room; then keep it once more.");
    private static final Storing CLASH = new Storing(
            409,
            "Somebody was quicker",
            "This was stored or changed at the same moment by somebody else. Nothing of yours overwrote it: look at it anew,"
                    + " and change it again.");
    private static final Storing AWAY = new Storing(
            503,
            "The data cannot be reached",
            "The data of the house cannot be reached just now. Look whether what you did is there; if not, do it once more.");

    /**
     * What is to be said of a failure.
     *
     * @param clash whether two things that were stored contradict each other
     */
    public static Storing failed(Throwable failure, boolean clash) {
        Storing said = isFull(failure) ? FULL : clash ? CLASH : AWAY;
        LOG.error("{}: {}", said.head, line(failure));
        return said;
    }

    private static boolean isFull(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            String message = String.valueOf(cause.getMessage()).toLowerCase(Locale.ROOT);
            if (cause instanceof IOException
                    && (message.contains("no space") || message.contains("quota") || message.contains("too large"))) {
                return true;
            }
        }
        return false;
    }

    /** The kinds of a failure, from the outermost to its cause, and where it happened: without their messages. */
    public static String line(Throwable failure) {
        StringBuilder line = new StringBuilder();
        Throwable last = failure;
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            line.append(line.isEmpty() ? "" : " < ").append(cause.getClass().getSimpleName());
            last = cause;
        }
        for (StackTraceElement at : failure.getStackTrace()) {
            if (at.getClassName().startsWith("app.misura.")) {
                return line + " at " + at;
            }
        }
        return last.getStackTrace().length == 0 ? line.toString() : line + " at " + last.getStackTrace()[0];
    }
}
