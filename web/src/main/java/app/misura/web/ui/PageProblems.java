package app.misura.web.ui;

import app.misura.web.id.Ended;
import app.misura.web.id.NotThere;
import app.misura.web.problem.Storing;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.transaction.TransactionException;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;

/** What goes wrong on a page is said in a sentence, with a way to go on. */
@ControllerAdvice
@Order(100)
class PageProblems {
    @ExceptionHandler(NotThere.class)
    String notThere(NotThere gone, Model model, HttpServletResponse response) {
        response.setStatus(404);
        return said(model, "It is not here", String.valueOf(gone.getMessage()));
    }

    @ExceptionHandler(Ended.class)
    String ended(Ended over, Model model, HttpServletResponse response) {
        response.setStatus(409);
        return said(model, "This sheet is only read", String.valueOf(over.getMessage()));
    }

    @ExceptionHandler(OptimisticLockingFailureException.class)
    String changed(Model model, HttpServletResponse response) {
        response.setStatus(409);
        return said(
                model,
                "Somebody was quicker",
                "This was changed on another screen meanwhile. Nothing of yours overwrote it: go back, look at it anew, and"
                        + " change it again.");
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    String notStored(Exception failure, Model model, HttpServletResponse response) {
        Storing said = Storing.failed(failure, failure instanceof DataIntegrityViolationException);
        response.setStatus(said.status());
        return said(model, said.head(), said.sentence());
    }

    private static String said(Model model, String head, String sentence) {
        model.addAttribute("head", head);
        model.addAttribute("sentence", sentence);
        return "said";
    }
}
