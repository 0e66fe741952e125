package app.misura.web.store;

import java.sql.SQLException;
import org.h2.api.ErrorCode;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;
import org.springframework.boot.diagnostics.FailureAnalyzer;

/** Says why the house could not be opened: in sentences, without a trace. */
final class UnusableAnalyzer implements FailureAnalyzer {
    @Override
    public @Nullable FailureAnalysis analyze(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof Unusable unusable) {
                return new FailureAnalysis(unusable.sentence(), null, failure);
            }
            if (cause instanceof SQLException sql && sql.getErrorCode() == ErrorCode.FILE_CORRUPTED_1) {
                return new FailureAnalysis(
                        "The data file is damaged and cannot be opened. Bring a copy back with bin/restore into a new"
                                + " folder.",
                        null,
                        failure);
            }
        }
        return null;
    }

    /** One line to whoever started the program. */
    static final class Said implements FailureAnalysisReporter {
        @Override
        public void report(FailureAnalysis analysis) {
            String action = analysis.getAction();
            System.err.println("misura: " + analysis.getDescription().strip() + (action == null ? "" : " " + action));
        }
    }
}
