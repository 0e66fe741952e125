package app.misura.web.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** What never reaches a call: a wrong address, method or type. Pages get their page, programs their problem document. */
@ControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class ApiAddresses {
    private static boolean isApi(HttpServletRequest request) {
        return request.getRequestURI().startsWith(request.getContextPath() + "/api/");
    }

    @ExceptionHandler(NoResourceFoundException.class)
    @Nullable
    ResponseEntity<byte[]> notThere(HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (isApi(request)) {
            return Problem.of(404, "Not there", "There is nothing at this address.");
        }
        response.sendError(HttpStatus.NOT_FOUND.value());
        return null;
    }

    @ExceptionHandler(HttpMediaTypeNotAcceptableException.class)
    @Nullable
    ResponseEntity<byte[]> notAcceptable(HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (isApi(request)) {
            return Problem.of(406, "Not acceptable", "The answer is application/json.");
        }
        response.sendError(HttpStatus.NOT_ACCEPTABLE.value());
        return null;
    }

    @ExceptionHandler(HttpRequestMethodNotSupportedException.class)
    @Nullable
    ResponseEntity<byte[]> wrongMethod(
            HttpRequestMethodNotSupportedException wrong, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        String[] allowed = wrong.getSupportedMethods();
        if (allowed != null) {
            response.setHeader("Allow", String.join(", ", allowed));
        }
        if (isApi(request)) {
            return Problem.of(405, "Wrong method", wrong.getMethod() + " is not taken at this address.");
        }
        response.sendError(HttpStatus.METHOD_NOT_ALLOWED.value());
        return null;
    }
}
