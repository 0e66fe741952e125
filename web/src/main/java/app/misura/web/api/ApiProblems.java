package app.misura.web.api;

import app.misura.core.format.json.JsonFault;
import app.misura.core.format.json.JsonRefused;
import app.misura.web.id.Ended;
import app.misura.web.id.NotThere;
import app.misura.web.problem.Storing;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.TransactionException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** Answers whatever goes wrong in a call as a problem document. */
@ControllerAdvice(basePackageClasses = ApiProblems.class)
@Order(Ordered.HIGHEST_PRECEDENCE)
class ApiProblems {
    private static final Logger LOG = LoggerFactory.getLogger(ApiProblems.class);

    @ExceptionHandler(Exception.class)
    ResponseEntity<byte[]> problem(Exception wrong) {
        if (wrong instanceof JsonRefused refused) {
            return refused(refused);
        }
        if (wrong instanceof NotThere gone) {
            return Problem.of(404, "Not there", String.valueOf(gone.getMessage()));
        }
        if (wrong instanceof Ended over) {
            return Problem.of(409, "Only read", String.valueOf(over.getMessage()));
        }
        if (wrong instanceof HttpMediaTypeNotSupportedException) {
            return Problem.of(415, "Not JSON", "The body must be application/json.");
        }
        if (wrong instanceof MethodArgumentTypeMismatchException mismatch) {
            return Problem.of(
                    422,
                    "Wrong request",
                    mismatch.getName() + " must be a whole number.",
                    List.of(new JsonFault("/" + mismatch.getName(), "must be a whole number")));
        }
        if (wrong instanceof DataAccessException || wrong instanceof TransactionException) {
            Storing said = Storing.failed(wrong, wrong instanceof DataIntegrityViolationException);
            return Problem.of(said.status(), said.head(), said.sentence());
        }
        LOG.error("call failed: {}", Storing.line(wrong));
        return Problem.of(
                500,
                "Our fault",
                "The call failed here; look whether it was stored before you send it again. The house's log says why.");
    }

    private static ResponseEntity<byte[]> refused(JsonRefused refused) {
        String detail = refused.faults().size() == 1
                ? refused.faults().get(0).path() + " " + refused.faults().get(0).message()
                : refused.faults().size() + " things are wrong with this document.";
        return switch (refused.why()) {
            case UNREADABLE -> Problem.of(400, "Unreadable", detail.strip(), refused.faults());
            case WRONG -> Problem.of(422, "Wrong", detail.strip(), refused.faults());
            case TOO_LARGE -> Problem.of(413, "Too large", detail.strip(), refused.faults());
        };
    }
}
