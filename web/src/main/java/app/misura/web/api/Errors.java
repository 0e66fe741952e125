package app.misura.web.api;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.Optional;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.ModelAndView;

/** What no controller answered: a problem document under the interface's addresses, a page elsewhere. */
@Controller
class Errors implements ErrorController {
    @RequestMapping("${server.error.path:${error.path:/error}}")
    Object error(HttpServletRequest request) {
        HttpStatus status = Optional.ofNullable(request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE))
                .map(code -> HttpStatus.resolve((Integer) code))
                .orElse(HttpStatus.NOT_FOUND);
        String address = String.valueOf(request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI))
                .substring(request.getContextPath().length());
        return address.startsWith("/api/") || address.startsWith("/v3/")
                ? Problem.of(status.value(), status.getReasonPhrase(), said(status))
                : new ModelAndView("error", Map.of("status", status.value()), status);
    }

    private static String said(HttpStatus status) {
        return switch (status) {
            case NOT_FOUND -> "There is nothing at this address.";
            case METHOD_NOT_ALLOWED -> "This address does not take this method.";
            case BAD_REQUEST -> "This address or its headers cannot be read.";
            default -> "The call failed here; look whether it was stored before you send it again.";
        };
    }
}
