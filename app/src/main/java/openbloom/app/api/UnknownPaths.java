package openbloom.app.api;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Addresses below {@code /api} that nothing answers: a problem document; all others keep their page. */
@RestControllerAdvice
@Order(Ordered.LOWEST_PRECEDENCE)
class UnknownPaths {
    @ExceptionHandler
    ProblemDetail nothingHere(NoResourceFoundException unknown, HttpServletRequest request)
            throws NoResourceFoundException {
        if (!request.getRequestURI().startsWith("/api/")) {
            throw unknown;
        }
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, "There is nothing at this address.");
    }

    @ExceptionHandler
    ProblemDetail otherMethod(HttpRequestMethodNotSupportedException refused, HttpServletRequest request)
            throws HttpRequestMethodNotSupportedException {
        if (!request.getRequestURI().startsWith("/api/")) {
            throw refused;
        }
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.METHOD_NOT_ALLOWED, refused.getMethod() + " is not answered here.");
    }
}
